package wovenset.core.photo;

/** Width and height in pixels, upright; each at least 1. */
public record PixelSize(int width, int height) {
    public double proportion() {
        return (double) width / height;
    }
}
