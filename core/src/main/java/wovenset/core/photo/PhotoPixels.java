package wovenset.core.photo;

import java.util.Optional;
import wovenset.core.photo.retouch.Retouching;

/**
 * The pixels that are drawn: those of a photo with what is done to them for one use. They name sprites and rasters.
 *
 * @param adjustments of light and colour
 * @param retouching by hand
 * @param beyond which edge they are, of the photo going on there; nothing for the photo itself
 */
public record PhotoPixels(PhotoId photo, Adjustments adjustments, Retouching retouching, Optional<Beyond> beyond) {
    /** The photo itself. */
    public PhotoPixels(PhotoId photo, Adjustments adjustments, Retouching retouching) {
        this(photo, adjustments, retouching, Optional.empty());
    }

    /** The photo as it is. */
    public PhotoPixels(PhotoId photo) {
        this(photo, Adjustments.NONE);
    }

    /** With nothing done to it by hand. */
    public PhotoPixels(PhotoId photo, Adjustments adjustments) {
        this(photo, adjustments, Retouching.NONE);
    }

    public boolean arePlain() {
        return adjustments.areNone() && retouching.doesNothing() && beyond.isEmpty();
    }

    public PhotoPixels withBeyond(Optional<Beyond> newBeyond) {
        return new PhotoPixels(photo, adjustments, retouching, newBeyond);
    }

    /** The same photo as it is. */
    public PhotoPixels plain() {
        return arePlain() ? this : new PhotoPixels(photo);
    }
}
