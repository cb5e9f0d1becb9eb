package wovenset.core.picture;

/**
 * The colours of four printing inks where a file embeds no profile: Neugebauer's equations (1937) with the correction of
 * Yule and Nielsen (1951, n = 2) over the sixteen colours that solid inks make on coated paper. The single inks and
 * their overprints are those of ISO 12647-2:2004, table 2, paper type 1; over black an ink is taken to let through the
 * share of light that it lets through on paper. Paper is white. Cost: sixteen products a pixel.
 */
final class InkColours {
    /** CIELAB (D50) of paper, cyan, magenta, cyan and magenta, yellow, cyan and yellow, magenta and yellow, all three. */
    private static final double[][] SOLID = {
        {95, 0, -2}, {55, -37, -50}, {48, 74, -3}, {24, 22, -46}, {91, -5, 93}, {50, -65, 27}, {47, 68, 48}, {23, 0, 0}
    };

    private static final double[] BLACK = {16, 0, 0};
    /** The illuminant D50, and the way from it to linear sRGB by Bradford's adaptation (ICC.1:2010, annex E; IEC 61966-2-1). */
    private static final double[] D50 = {0.9642, 1, 0.8249};

    private static final double[][] TO_RGB = {
        {3.1338561, -1.6168667, -0.4906146}, {-0.9787684, 1.9161415, 0.0334540}, {0.0719453, -0.2289914, 1.4052427}
    };

    /** Square roots of linear red, green and blue: the mixture's space for n = 2. */
    private static final double[][] ROOTS = roots();

    private InkColours() {}

    private static double[][] roots() {
        double[] paper = xyz(SOLID[0]);
        double[] black = xyz(BLACK);
        double[][] roots = new double[16][];
        for (int i = 0; i < 16; i++) {
            double[] solid = xyz(SOLID[i & 7]);
            double[] light = new double[3];
            for (int axis = 0; axis < 3; axis++) {
                double share = solid[axis] / paper[axis] * ((i & 8) == 0 ? 1 : black[axis] / paper[axis]);
                light[axis] = share * D50[axis];
            }
            roots[i] = new double[3];
            for (int channel = 0; channel < 3; channel++) {
                double linear =
                        TO_RGB[channel][0] * light[0] + TO_RGB[channel][1] * light[1] + TO_RGB[channel][2] * light[2];
                roots[i][channel] = Math.sqrt(Math.min(1, Math.max(0, linear)));
            }
        }
        return roots;
    }

    private static double[] xyz(double[] lab) {
        double y = (lab[0] + 16) / 116;
        return new double[] {D50[0] * cube(y + lab[1] / 500), D50[1] * cube(y), D50[2] * cube(y - lab[2] / 200)};
    }

    private static double cube(double f) {
        return f > 6.0 / 29 ? f * f * f : 3 * Math.pow(6.0 / 29, 2) * (f - 4.0 / 29);
    }

    /**
     * @param inks cyan, magenta, yellow and black of each pixel, 0 for no ink to 255 for solid
     * @return blue, green and red of each pixel, sRGB
     */
    static byte[] blueGreenRed(byte[] inks) {
        byte[] colours = new byte[inks.length / 4 * 3];
        double[] sum = new double[3];
        for (int from = 0, to = 0; from + 3 < inks.length; from += 4, to += 3) {
            mix(inks, from, sum);
            for (int channel = 0; channel < 3; channel++) {
                colours[to + 2 - channel] = encoded(sum[channel] * sum[channel]);
            }
        }
        return colours;
    }

    /** Demichel's weights: the share of the paper that each combination of dots covers. */
    private static void mix(byte[] inks, int at, double[] sum) {
        sum[0] = 0;
        sum[1] = 0;
        sum[2] = 0;
        for (int i = 0; i < 16; i++) {
            double weight = 1;
            for (int ink = 0; ink < 4; ink++) {
                double share = (inks[at + ink] & 255) / 255.0;
                weight *= (i >> ink & 1) == 1 ? share : 1 - share;
            }
            if (weight > 0) {
                sum[0] += weight * ROOTS[i][0];
                sum[1] += weight * ROOTS[i][1];
                sum[2] += weight * ROOTS[i][2];
            }
        }
    }

    private static byte encoded(double linear) {
        double value = linear <= 0.0031308 ? 12.92 * linear : 1.055 * Math.pow(linear, 1 / 2.4) - 0.055;
        return (byte) Math.round(255 * Math.min(1, Math.max(0, value)));
    }
}
