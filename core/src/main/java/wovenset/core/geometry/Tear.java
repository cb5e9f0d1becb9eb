package wovenset.core.geometry;

/**
 * Which sides of a sheet are torn, and how.
 *
 * @param roughMm how far the torn edge wavers; the picture ends up to as much again before the paper does
 * @param seed of its course: the same box and tear are torn in the same way
 */
public record Tear(boolean top, boolean right, boolean bottom, boolean left, double roughMm, int seed) {
    /** What is left when a print is torn. */
    public enum Layer {
        /** The paper, to its very edge. */
        CORE,
        /** What is printed on it, which tears off sooner. */
        PICTURE
    }
}
