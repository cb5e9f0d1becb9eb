package wovenset.core.photo;

import wovenset.core.photo.retouch.Retouching;

/**
 * The pixels that are drawn: those of a photo with what is done to them for one use. They name sprites and rasters.
 *
 * @param adjustments of light and colour
 * @param retouching by hand
 */
public record PhotoPixels(PhotoId photo, Adjustments adjustments, Retouching retouching) {
    /** The photo as it is. */
    public PhotoPixels(PhotoId photo) {
        this(photo, Adjustments.NONE);
    }

    /** With nothing done to it by hand. */
    public PhotoPixels(PhotoId photo, Adjustments adjustments) {
        this(photo, adjustments, Retouching.NONE);
    }

    public boolean arePlain() {
        return adjustments.areNone() && retouching.doesNothing();
    }

    /** The same photo as it is. */
    public PhotoPixels plain() {
        return arePlain() ? this : new PhotoPixels(photo);
    }
}
