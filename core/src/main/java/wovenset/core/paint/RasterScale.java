package wovenset.core.paint;

/** How large a photo is decoded to be drawn at a scale: the same rule for screen and print, so that both agree. */
public final class RasterScale {
    private RasterScale() {}

    /**
     * Sizes come in steps of the fourth root of two, so that a slightly larger frame uses the pixels that are there. The
     * rest, less than a fifth, is left to the drawing's own interpolation, which needs no more than that to be free of
     * shimmer.
     */
    private static final double STEP = Math.pow(2, 0.25);

    /**
     * The longer side to decode, at least 1 and never more than the photo has: the smallest step at or above the size
     * that is drawn.
     *
     * @param wantedScale device pixels for each pixel of the photo
     */
    public static int longEdge(int width, int height, double wantedScale) {
        int edge = Math.max(width, height);
        double wanted = Math.max(1, edge * wantedScale);
        double step = Math.ceil(Math.log(wanted) / Math.log(STEP) - 1e-9);
        return (int) Math.min(edge, Math.ceil(Math.pow(STEP, step) - 1e-9));
    }
}
