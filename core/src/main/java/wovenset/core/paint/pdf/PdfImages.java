package wovenset.core.paint.pdf;

import java.io.IOException;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import wovenset.core.display.Op;
import wovenset.core.geometry.Affine;
import wovenset.core.photo.PhotoPixels;

/** Where the PDF backend's pictures come from: the same object for the same pixels. */
public interface PdfImages {
    /** @throws PhotoRasters.MissingPhotoException if the photo's file cannot be read */
    Picture picture(PhotoPixels pixels) throws IOException;

    /** The same for a softened photo, fine enough that nobody sees its pixels. */
    Picture picture(Op.SoftImage soft) throws IOException;

    /** What is seen at a slant as a picture that fills its {@link Op.Tilted#ink}. */
    Picture picture(Op.Tilted tilted) throws IOException;

    /**
     * @param toUpright maps the unit square of the picture as it is stored to that of the upright photo
     */
    record Picture(PDImageXObject object, Affine toUpright) {}
}
