package wovenset.core.paint.pdf;

import java.awt.Rectangle;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.zip.DeflaterOutputStream;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceGray;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import wovenset.core.display.Fade;
import wovenset.core.geometry.BoxMm;
import wovenset.core.paint.FadeMask;

/** Fades as soft masks. */
final class PdfSoftMask {
    private PdfSoftMask() {}

    /** A soft mask by luminosity (ISO 32000-1, 11.6.5.2): a grey picture that covers the box. */
    static COSDictionary of(PDDocument document, Fade fade, BoxMm box) throws IOException {
        BoxPicture picture = fade.accept(new Fade.Visitor<>() {
            @Override
            public BoxPicture softShape(Fade.SoftShape soft) {
                return BoxPicture.soft(box, soft.sigmaMm());
            }

            @Override
            public BoxPicture downwards(Fade.Downwards down) {
                return BoxPicture.fading(box);
            }

            @Override
            public BoxPicture along(Fade.Along along) {
                return BoxPicture.fading(box);
            }

            @Override
            public BoxPicture around(Fade.Around around) {
                return BoxPicture.fading(box);
            }
        });
        PDImageXObject grey = grey(document, FadeMask.of(fade, picture.toPixels(), picture.pixels()), picture.pixels());
        PDFormXObject form = PdfForms.transparencyGroup(document, box);
        ((COSDictionary) form.getCOSObject().getDictionaryObject(COSName.GROUP))
                .setItem(COSName.CS, COSName.DEVICEGRAY);
        try (PDPageContentStream inside = PdfForms.into(document, form)) {
            inside.drawImage(grey, picture.place());
        }
        COSDictionary mask = new COSDictionary();
        mask.setItem(COSName.TYPE, COSName.MASK);
        mask.setItem(COSName.S, COSName.getPDFName("Luminosity"));
        mask.setItem(COSName.G, form);
        return mask;
    }

    /** Written by hand: PDFBox would take a grey picture's levels as light and not as they are. */
    private static PDImageXObject grey(PDDocument document, FadeMask mask, Rectangle pixels) throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (OutputStream out = new DeflaterOutputStream(packed)) {
            out.write(mask.grey(pixels.width, pixels.height));
        }
        return new PDImageXObject(
                document,
                new ByteArrayInputStream(packed.toByteArray()),
                COSName.FLATE_DECODE,
                pixels.width,
                pixels.height,
                8,
                PDDeviceGray.INSTANCE);
    }
}
