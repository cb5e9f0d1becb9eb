package wovenset.core.output;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Calendar;
import java.util.List;
import java.util.TimeZone;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.util.Matrix;
import wovenset.core.paint.pdf.PdfBackend;
import wovenset.core.paint.pdf.PdfFonts;
import wovenset.core.paint.pdf.PdfForms;
import wovenset.core.scene.PageScene;
import wovenset.core.style.Language;

/**
 * Writes pages as a PDF: media and bleed box hold trim and bleed, the trim box is the finished page. Words stay words
 * with embedded subsets of their typefaces, crops are clipping paths, JPEG photos go in as they are where that serves.
 */
final class PdfWriter {
    private static final double PT_PER_MM = 72 / 25.4;

    private final PhotoFiles files;
    private final MakeRequest request;

    PdfWriter(PhotoFiles files, MakeRequest request) {
        this.files = files;
        this.request = request;
    }

    void write(String title, Language language, List<PageScene> pages, Instant now, Path target, MakeProgress progress)
            throws IOException {
        try (PDDocument document = new PDDocument(IOUtils.createTempFileOnlyStreamCache())) {
            PdfPhotos photos = new PdfPhotos(document, files, request, pages);
            PdfFonts fonts = new PdfFonts(document);
            for (int i = 0; i < pages.size(); i++) {
                progress.checkpoint();
                page(document, photos, fonts, pages.get(i));
                progress.done(0.8 * (i + 1) / pages.size(), "Page " + (i + 1) + " of " + pages.size());
            }
            document.getDocumentInformation().setTitle(title);
            document.getDocumentInformation().setProducer("Wovenset");
            document.getDocumentCatalog().setLanguage(language.tag());
            Calendar time = Calendar.getInstance(TimeZone.getTimeZone("UTC"));
            time.setTimeInMillis(now.toEpochMilli());
            document.getDocumentInformation().setCreationDate(time);
            progress.checkpoint();
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(target), 1 << 18)) {
                document.save(out, CompressParameters.DEFAULT_COMPRESSION);
            }
            progress.done(1, "Written");
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
    }

    private static void page(PDDocument document, PdfPhotos photos, PdfFonts fonts, PageScene scene)
            throws IOException {
        float bleed = (float) (scene.bleedMm() * PT_PER_MM);
        float width = (float) ((scene.widthMm() + 2 * scene.bleedMm()) * PT_PER_MM);
        float height = (float) ((scene.heightMm() + 2 * scene.bleedMm()) * PT_PER_MM);
        PDPage page = new PDPage(new PDRectangle(width, height));
        page.setBleedBox(new PDRectangle(width, height));
        page.setTrimBox(new PDRectangle(
                bleed, bleed, (float) (scene.widthMm() * PT_PER_MM), (float) (scene.heightMm() * PT_PER_MM)));
        document.addPage(page);
        PDFormXObject form = PdfForms.form(document, new PDRectangle(width, height));
        try (PDPageContentStream content = PdfForms.into(document, form)) {
            // From points upwards to millimetres downwards, from the trim's corner.
            content.transform(new Matrix((float) PT_PER_MM, 0, 0, (float) -PT_PER_MM, bleed, height - bleed));
            PdfBackend backend = new PdfBackend(document, content, photos, fonts);
            backend.draw(scene.groundOps(0));
            scene.units().forEach(unit -> backend.group(unit.onPage()));
        }
        try (PDPageContentStream content = new PDPageContentStream(document, page)) {
            content.drawForm(form);
        }
    }
}
