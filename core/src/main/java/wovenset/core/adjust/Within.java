package wovenset.core.adjust;

/** Values kept to a range. As comparisons: they are run through for each channel of each pixel, where the platform's own are slower. */
final class Within {
    private Within() {}

    static float one(float value) {
        return value < 0 ? 0 : value > 1 ? 1 : value;
    }

    /** A level of a channel. */
    static float level(float value) {
        return value < 0 ? 0 : value > 255 ? 255 : value;
    }

    /** From 0 to 1 without a bend at either end: t²·(3 − 2·t). */
    static float smooth(float value) {
        return bend(one(value));
    }

    /** The same of what is within already. */
    static float bend(float t) {
        return t * t * (3 - 2 * t);
    }
}
