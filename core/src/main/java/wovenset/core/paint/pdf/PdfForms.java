package wovenset.core.paint.pdf;

import java.io.IOException;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.form.PDTransparencyGroupAttributes;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAppearanceStream;
import wovenset.core.geometry.BoxMm;

/** Forms of a PDF: what a page's content, or a part of it, is written into. */
public final class PdfForms {
    private PdfForms() {}

    /**
     * A form's content. PDFBox cuts a font to the signs that are used only where the stream knows its document, and of the
     * streams of forms only that of an appearance does; the form is the same object either way.
     */
    public static PDPageContentStream into(PDDocument document, PDFormXObject form) throws IOException {
        return new PDPageContentStream(
                document,
                new PDAppearanceStream(form.getCOSObject()),
                form.getContentStream().createOutputStream(COSName.FLATE_DECODE));
    }

    /** An empty form, to be filled by a backend. */
    public static PDFormXObject form(PDDocument document, PDRectangle box) {
        PDFormXObject form = new PDFormXObject(document);
        form.setResources(new PDResources());
        form.setBBox(box);
        return form;
    }

    /** An empty form whose content is laid on as one thing. */
    static PDFormXObject transparencyGroup(PDDocument document, BoxMm box) {
        PDFormXObject form = form(
                document, new PDRectangle((float) box.x(), (float) box.y(), (float) box.width(), (float) box.height()));
        COSDictionary attributes = new COSDictionary();
        attributes.setItem(COSName.TYPE, COSName.GROUP);
        attributes.setItem(COSName.S, COSName.TRANSPARENCY);
        form.getCOSObject().setItem(COSName.GROUP, new PDTransparencyGroupAttributes(attributes).getCOSObject());
        return form;
    }
}
