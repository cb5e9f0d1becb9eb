package wovenset.core.paint;

/** How large a photo is decoded to be drawn at a scale: the same rule for screen and print, so that both agree. */
public final class RasterScale {
    private RasterScale() {}

    /**
     * The longer side to decode, at least 1 and never more than the photo has.
     *
     * @param wantedScale device pixels for each pixel of the photo
     */
    public static int longEdge(int width, int height, double wantedScale) {
        int edge = Math.max(width, height);
        return (int) Math.max(1, Math.min(edge, Math.ceil(edge * wantedScale)));
    }
}
