package wovenset.core.paint;

import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import wovenset.core.piece.PhotoId;

/** Where the painter's pixels come from. */
public interface PhotoRasters {
    /**
     * Pixels of a whole photo in sRGB.
     *
     * @param wantedScale device pixels for each pixel of the photo, as it will be drawn; rasters about this large draw
     *     both fast and without shimmer
     * @throws MissingPhotoException if the photo's file cannot be read
     */
    Raster raster(PhotoId photo, double wantedScale);

    /**
     * @param image the pixels, perhaps as the camera held them
     * @param toUpright maps the image's unit square to the upright photo's unit square
     */
    record Raster(BufferedImage image, AffineTransform toUpright) {
        public static Raster upright(BufferedImage image) {
            return new Raster(image, new AffineTransform());
        }
    }

    /** A photo's file is gone or damaged. */
    final class MissingPhotoException extends RuntimeException {
        public MissingPhotoException(String message, @org.jspecify.annotations.Nullable Throwable cause) {
            super(message, cause);
        }
    }
}
