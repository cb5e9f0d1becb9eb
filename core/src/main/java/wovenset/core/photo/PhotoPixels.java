package wovenset.core.photo;

/**
 * The pixels that are drawn: those of a photo with what is done to them for one use. They name sprites and rasters.
 *
 * @param adjustments of light and colour
 */
public record PhotoPixels(PhotoId photo, Adjustments adjustments) {
    /** The photo as it is. */
    public PhotoPixels(PhotoId photo) {
        this(photo, Adjustments.NONE);
    }

    /** The same photo as it is. */
    public PhotoPixels plain() {
        return adjustments.areNone() ? this : new PhotoPixels(photo);
    }
}
