package wovenset.core.output;

import java.awt.image.BufferedImage;
import wovenset.core.piece.PhotoId;

/** Stands for a JPEG original that goes into a PDF as it is; its one pixel is stretched to the photo's place. */
final class UntouchedJpeg extends BufferedImage {
    final PhotoId photo;

    UntouchedJpeg(PhotoId photo) {
        super(1, 1, TYPE_INT_RGB);
        this.photo = photo;
    }
}
