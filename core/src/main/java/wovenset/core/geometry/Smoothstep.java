package wovenset.core.geometry;

/** A way from 0 to 1 without a bend at either end: 3t² − 2t³ (the cubic of Hermite with level ends). */
public final class Smoothstep {
    private Smoothstep() {}

    /** @param share below 0 as 0, above 1 as 1 */
    public static double of(double share) {
        double t = Math.min(1, Math.max(0, share));
        return t * t * (3 - 2 * t);
    }
}
