package wovenset.core.picture;

import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/**
 * What is known of a photo's file without decoding it.
 *
 * @param storedWidth in pixels, as the file holds them
 * @param inks whether the colours are four printing inks
 * @param takenAt by the camera's clock; null if the file does not say
 * @param caption embedded words; empty if none
 */
public record PhotoHeader(
        PictureFormat format,
        int storedWidth,
        int storedHeight,
        Orientation orientation,
        boolean inks,
        @Nullable LocalDateTime takenAt,
        String caption) {
    /** The upright width in pixels. */
    public int width() {
        return orientation.swapsSides() ? storedHeight : storedWidth;
    }

    /** The upright height in pixels. */
    public int height() {
        return orientation.swapsSides() ? storedWidth : storedHeight;
    }
}
