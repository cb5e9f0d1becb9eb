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

    public double[] values() {
        return new double[] {lightness, green, blue};
    }
}
