package wovenset.core.paint;

import java.awt.image.BufferedImage;
import org.jspecify.annotations.Nullable;
import wovenset.core.photo.PhotoPixels;

/** Where the raster backend's pixels come from. */
public interface PhotoRasters {
    /**
     * Pixels of a whole upright photo in sRGB, with clear parts if it has some.
     *
     * @param wantedScale device pixels for each pixel of the photo, as it will be drawn; rasters about this large draw
     *     both fast and without shimmer
     * @throws MissingPhotoException if the photo's file cannot be read
     */
    BufferedImage raster(PhotoPixels pixels, double wantedScale);

    /** A photo's file is gone or damaged. */
    final class MissingPhotoException extends RuntimeException {
        public MissingPhotoException(String message, @Nullable Throwable cause) {
            super(message, cause);
        }
    }
}
