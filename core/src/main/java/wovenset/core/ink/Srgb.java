package wovenset.core.ink;

/** Between light and its levels as sRGB encodes them (IEC 61966-2-1); both are 0 to 1. */
public final class Srgb {
    private Srgb() {}

    /** The light of an encoded level. */
    public static double linear(double level) {
        return level <= 0.04045 ? level / 12.92 : Math.pow((level + 0.055) / 1.055, 2.4);
    }

    /** The level that encodes a light. */
    public static double encoded(double light) {
        return light <= 0.0031308 ? light * 12.92 : 1.055 * Math.pow(light, 1 / 2.4) - 0.055;
    }
}
