package wovenset.core.retouch;

import wovenset.core.photo.retouch.EdgeSources;

/** A picture as seen from one of its edges: places along it, and inwards from it. */
public final class EdgeView {
    private final EdgeSources.Edge edge;
    private final int width;
    private final int height;

    public EdgeView(EdgeSources.Edge edge, int width, int height) {
        this.edge = edge;
        this.width = width;
        this.height = height;
    }

    private boolean upright() {
        return edge == EdgeSources.Edge.LEFT || edge == EdgeSources.Edge.RIGHT;
    }

    /** Pixels along the edge. */
    public int length() {
        return upright() ? height : width;
    }

    /** Pixels from the edge to the one across. */
    public int depth() {
        return upright() ? width : height;
    }

    /**
     * Where a pixel is, row by row in the picture.
     *
     * @param along from the left or from above; mirrored over the picture's edges if it lies beyond them, as is the other
     * @param inward 0 at the edge
     */
    public int at(int along, int inward) {
        int u = mirrored(along, length());
        int d = mirrored(inward, depth());
        return switch (edge) {
            case LEFT -> u * width + d;
            case RIGHT -> u * width + width - 1 - d;
            case ABOVE -> d * width + u;
            case BELOW -> (height - 1 - d) * width + u;
        };
    }

    private static int mirrored(int place, int count) {
        int within = Math.floorMod(place, 2 * count);
        return within < count ? within : 2 * count - 1 - within;
    }

    /** How far along the edge a source is, in pixels. */
    public int along(EdgeSources.Source source) {
        return (int) Math.round(upright() ? source.y() * height : source.x() * width);
    }

    /** How far inwards a source is, in pixels. */
    public int inward(EdgeSources.Source source) {
        return (int) Math.round(Math.abs(upright() ? source.x() * width : source.y() * height));
    }

    /** @param inward more than 0 */
    public EdgeSources.Source source(int along, int inward) {
        return switch (edge) {
            case LEFT -> new EdgeSources.Source((double) inward / width, (double) along / height);
            case RIGHT -> new EdgeSources.Source((double) -inward / width, (double) along / height);
            case ABOVE -> new EdgeSources.Source((double) along / width, (double) inward / height);
            case BELOW -> new EdgeSources.Source((double) along / width, (double) -inward / height);
        };
    }
}
