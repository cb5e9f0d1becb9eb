package wovenset.core.adjust;

/**
 * Strokes of a brush: each pixel takes the mean of that one of four squares touching it whose light varies least, so edges stay and what is
 * between them becomes plain (Kuwahara, Hachimura, Eiho and Kinoshita, 1976). Cost: linear in the pixels times the width of a stroke.
 */
final class Strokes {
    /** In pixels. */
    private static final double EDGE = 1.2;

    private Strokes() {}

    /**
     * The painted picture.
     *
     * @param picture in red, green and blue
     * @param side of the squares in pixels
     */
    static Samples painted(Samples picture, int side) {
        int reach = Math.max(1, side / 2);
        Samples means = averaged(picture, reach);
        Samples variances = variances(picture, reach);
        Samples painted = Samples.of(3, picture.height, row -> painted(row, reach, means, variances, picture.height));
        // Where the choice of a square changes, an edge is a stair.
        return painted.blurred(new Gaussian(EDGE));
    }

    private static float[] painted(int row, int reach, Samples means, Samples variances, int height) {
        int upper = Math.max(0, row - reach);
        int lower = Math.min(height - 1, row + reach);
        float[] above = variances.row(upper);
        float[] below = variances.row(lower);
        float[] colours = new float[3 * above.length];
        for (int x = 0; x < above.length; x++) {
            int left = Math.max(0, x - reach);
            int right = Math.min(above.length - 1, x + reach);
            boolean lowerLeft = below[left] < above[left];
            boolean lowerRight = below[right] < above[right];
            float least = lowerLeft ? below[left] : above[left];
            boolean atRight = (lowerRight ? below[right] : above[right]) < least;
            int from = (atRight ? lowerRight : lowerLeft) ? lower : upper;
            System.arraycopy(means.row(from), 3 * (atRight ? right : left), colours, 3 * x, 3);
        }
        return colours;
    }

    /** How much light varies in the square around each pixel. */
    private static Samples variances(Samples picture, int reach) {
        Samples both = averaged(
                Samples.of(3, picture.height, row -> {
                    float[] colours = picture.row(row);
                    float[] light = new float[colours.length];
                    for (int x = 0; x < colours.length; x += 3) {
                        float luma = Toned.luma(colours[x], colours[x + 1], colours[x + 2]);
                        light[x] = luma;
                        light[x + 1] = luma * luma;
                    }
                    return light;
                }),
                reach);
        return Samples.of(1, picture.height, row -> {
            float[] means = both.row(row);
            float[] variances = new float[picture.width];
            for (int x = 0; x < variances.length; x++) {
                variances[x] = means[3 * x + 1] - means[3 * x] * means[3 * x];
            }
            return variances;
        });
    }

    /** The mean of the square around each pixel, of as much of it as lies within. */
    private static Samples averaged(Samples picture, int reach) {
        return Samples.of(3, picture.height, row -> {
            int first = Math.max(0, row - reach);
            int last = Math.min(picture.height - 1, row + reach);
            float[] down = new float[3 * picture.width];
            for (int y = first; y <= last; y++) {
                float[] values = picture.row(y);
                for (int x = 0; x < down.length; x++) {
                    down[x] += values[x];
                }
            }
            return across(down, reach, last - first + 1);
        });
    }

    private static float[] across(float[] down, int reach, int rows) {
        int width = down.length / 3;
        double[] before = new double[down.length + 3];
        for (int i = 0; i < down.length; i++) {
            before[i + 3] = before[i] + down[i];
        }
        float[] means = new float[down.length];
        for (int x = 0; x < width; x++) {
            int first = Math.max(0, x - reach);
            int end = Math.min(width, x + reach + 1);
            double share = 1.0 / (rows * (end - first));
            means[3 * x] = (float) ((before[3 * end] - before[3 * first]) * share);
            means[3 * x + 1] = (float) ((before[3 * end + 1] - before[3 * first + 1]) * share);
            means[3 * x + 2] = (float) ((before[3 * end + 2] - before[3 * first + 2]) * share);
        }
        return means;
    }
}
