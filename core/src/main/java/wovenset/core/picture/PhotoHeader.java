package wovenset.core.picture;

import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;
import wovenset.core.picture.file.PictureFormat;

/**
 * What is known of a photo's file without decoding it.
 *
 * @param storedWidth in pixels, as the file holds them
 * @param inks whether the colours are four printing inks
 * @param takenAt by the camera's clock, to parts of a second; null if the file does not say
 * @param zoneMinutes by which that clock was ahead of universal time; null if the file does not say
 * @param place where it was taken; null if the file does not say
 * @param caption embedded words; empty if none
 */
public record PhotoHeader(
        PictureFormat format,
        int storedWidth,
        int storedHeight,
        Orientation orientation,
        boolean inks,
        @Nullable LocalDateTime takenAt,
        @Nullable Integer zoneMinutes,
        @Nullable Position place,
        String caption) {
    /** In degrees, north and east. */
    public record Position(double latitude, double longitude) {}

    /** The upright width in pixels. */
    public int width() {
        return orientation.swapsSides() ? storedHeight : storedWidth;
    }

    /** The upright height in pixels. */
    public int height() {
        return orientation.swapsSides() ? storedWidth : storedHeight;
    }
}
