package wovenset.core.photo;

import wovenset.core.ink.Rgb;

/**
 * A colour in CIELAB, where distances are about as large as they look.
 *
 * @param lightness 0 black to 100 white
 * @param green to red
 * @param blue to yellow
 */
public record LabColour(double lightness, double green, double blue) {
    /** D65, as sRGB's white is. */
    private static final double[] WHITE = {0.95047, 1, 1.08883};

    /** As sRGB (IEC 61966-2-1), cut off where it has no such colour. */
    public Rgb rgb() {
        double y = (lightness + 16) / 116;
        double[] xyz = {WHITE[0] * unbent(y + green / 500), WHITE[1] * unbent(y), WHITE[2] * unbent(y - blue / 200)};
        return Rgb.of(
                255 * bent(3.2406 * xyz[0] - 1.5372 * xyz[1] - 0.4986 * xyz[2]),
                255 * bent(-0.9689 * xyz[0] + 1.8758 * xyz[1] + 0.0415 * xyz[2]),
                255 * bent(0.0557 * xyz[0] - 0.2040 * xyz[1] + 1.0570 * xyz[2]));
    }

    private static double unbent(double root) {
        return root > 6.0 / 29 ? root * root * root : 3 * (6.0 / 29) * (6.0 / 29) * (root - 4.0 / 29);
    }

    private static double bent(double light) {
        return light <= 0.0031308 ? 12.92 * light : 1.055 * Math.pow(light, 1 / 2.4) - 0.055;
    }

    /**
     * How different another colour looks: CIEDE2000 (G. Sharma, W. Wu, E. N. Dalal, The CIEDE2000 color-difference formula, 2005), with all
     * weights 1. About 1 is just seen.
     */
    public double difference(LabColour other) {
        double chroma = (Math.hypot(green, blue) + Math.hypot(other.green, other.blue)) / 2;
        double grey = 1 + 0.5 * (1 - Math.sqrt(seventh(chroma)));
        double c1 = Math.hypot(grey * green, blue);
        double c2 = Math.hypot(grey * other.green, other.blue);
        double h1 = hue(grey * green, blue);
        double h2 = hue(grey * other.green, other.blue);
        double turn = h2 - h1;
        double step = c1 * c2 == 0 ? 0 : turn > 180 ? turn - 360 : turn < -180 ? turn + 360 : turn;
        double sum = h1 + h2;
        double mean =
                c1 * c2 == 0 ? sum : Math.abs(turn) <= 180 ? sum / 2 : sum < 360 ? (sum + 360) / 2 : (sum - 360) / 2;
        double c = (c1 + c2) / 2;
        double t =
                1 - 0.17 * cos(mean - 30) + 0.24 * cos(2 * mean) + 0.32 * cos(3 * mean + 6) - 0.20 * cos(4 * mean - 63);
        double light = (lightness + other.lightness) / 2 - 50;
        double l = (other.lightness - lightness) / (1 + 0.015 * light * light / Math.sqrt(20 + light * light));
        double s = (c2 - c1) / (1 + 0.045 * c);
        double h = 2 * Math.sqrt(c1 * c2) * Math.sin(Math.toRadians(step / 2)) / (1 + 0.015 * c * t);
        double far = (mean - 275) / 25;
        double rotated = -Math.sin(Math.toRadians(60 * Math.exp(-far * far))) * 2 * Math.sqrt(seventh(c));
        return Math.sqrt(l * l + s * s + h * h + rotated * s * h);
    }

    private static double seventh(double chroma) {
        double power = Math.pow(chroma, 7);
        return power / (power + Math.pow(25, 7));
    }

    private static double hue(double green, double blue) {
        double degrees = Math.toDegrees(Math.atan2(blue, green));
        return degrees < 0 ? degrees + 360 : degrees;
    }

    private static double cos(double degrees) {
        return Math.cos(Math.toRadians(degrees));
    }

    public double[] values() {
        return new double[] {lightness, green, blue};
    }
}
