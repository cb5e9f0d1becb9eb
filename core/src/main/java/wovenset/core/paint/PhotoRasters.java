package wovenset.core.paint;

import java.awt.image.BufferedImage;
import org.jspecify.annotations.Nullable;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.said.Reason;
import wovenset.core.said.Said;

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
        private final transient Said said;

        public MissingPhotoException(Said said, @Nullable Throwable cause) {
            super(said.toString(), cause);
            this.said = said;
        }

        /** That the original of this name is damaged. */
        public static MissingPhotoException damaged(String fileName, @Nullable Throwable cause) {
            return new MissingPhotoException(Said.of(Reason.PHOTO_DAMAGED, fileName), cause);
        }

        public Said said() {
            return said;
        }
    }
}
