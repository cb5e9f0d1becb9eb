package wovenset.core.output;

import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2DFontTextDrawer;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Calendar;
import java.util.List;
import java.util.TimeZone;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import wovenset.core.measure.Resolution;
import wovenset.core.paint.Painter;
import wovenset.core.scene.PageScene;
import wovenset.core.words.Typefaces;

/**
 * Writes pages as a PDF: media and bleed box hold trim and bleed, the trim box is the finished page. Words stay words
 * with embedded subsets of their typefaces, crops are clipping paths, JPEG photos go in as they are.
 */
final class PdfWriter {
    private static final double PT_PER_MM = 72 / 25.4;

    private final PhotoFiles files;
    private final Resolution resolution;

    PdfWriter(PhotoFiles files, Resolution resolution) {
        this.files = files;
        this.resolution = resolution;
    }

    void write(String title, List<PageScene> pages, java.time.Instant now, Path target, MakeProgress progress)
            throws IOException {
        try (PDDocument document = new PDDocument(IOUtils.createTempFileOnlyStreamCache());
                PdfBoxGraphics2DFontTextDrawer words = new PdfBoxGraphics2DFontTextDrawer()) {
            registerTypefaces(words);
            PdfPhotos photos = new PdfPhotos(document, files, resolution);
            for (int i = 0; i < pages.size(); i++) {
                progress.checkpoint();
                page(document, words, photos, pages.get(i));
                progress.done(0.8 * (i + 1) / pages.size(), "Page " + (i + 1) + " of " + pages.size());
            }
            document.getDocumentInformation().setTitle(title);
            document.getDocumentInformation().setProducer("Wovenset");
            Calendar time = Calendar.getInstance(TimeZone.getTimeZone("UTC"));
            time.setTimeInMillis(now.toEpochMilli());
            document.getDocumentInformation().setCreationDate(time);
            progress.checkpoint();
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(target), 1 << 18)) {
                document.save(out, org.apache.pdfbox.pdfwriter.compress.CompressParameters.DEFAULT_COMPRESSION);
            }
            progress.done(1, "Written");
        }
    }

    private static void registerTypefaces(PdfBoxGraphics2DFontTextDrawer words) throws IOException {
        for (String name : Typefaces.names()) {
            // The drawer finds a font by its full name and otherwise draws shapes without a word of warning.
            try (InputStream file = Typefaces.file(name)) {
                words.registerFont(Typefaces.font(name).getFontName(), file);
            }
        }
    }

    private static void page(
            PDDocument document, PdfBoxGraphics2DFontTextDrawer words, PdfPhotos photos, PageScene scene)
            throws IOException {
        float bleed = (float) (scene.bleedMm() * PT_PER_MM);
        float width = (float) ((scene.widthMm() + 2 * scene.bleedMm()) * PT_PER_MM);
        float height = (float) ((scene.heightMm() + 2 * scene.bleedMm()) * PT_PER_MM);
        PDPage page = new PDPage(new PDRectangle(width, height));
        page.setBleedBox(new PDRectangle(width, height));
        page.setTrimBox(new PDRectangle(
                bleed, bleed, (float) (scene.widthMm() * PT_PER_MM), (float) (scene.heightMm() * PT_PER_MM)));
        document.addPage(page);
        PdfBoxGraphics2D graphics = new PdfBoxGraphics2D(document, width, height);
        graphics.setFontTextDrawer(words);
        graphics.setImageEncoder((doc, stream, image, environment) -> photos.object(image));
        graphics.scale(PT_PER_MM, PT_PER_MM);
        graphics.translate(scene.bleedMm(), scene.bleedMm());
        Painter painter = new Painter(photos);
        painter.paintGround(graphics, scene);
        scene.frames().forEach(frame -> painter.paintFrame(graphics, frame));
        graphics.dispose();
        try (PDPageContentStream content = new PDPageContentStream(document, page)) {
            content.drawForm(graphics.getXFormObject());
        }
    }
}
