package wovenset.core.paint.pdf;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.Map;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import wovenset.core.words.Typefaces;

/** The typefaces of one PDF, each embedded once, with the signs that are used. */
public final class PdfFonts {
    private final PDDocument document;
    private final Map<String, PDType0Font> fonts = new HashMap<>();

    public PdfFonts(PDDocument document) {
        this.document = document;
    }

    PDType0Font font(String typeface) {
        return fonts.computeIfAbsent(typeface, this::load);
    }

    private PDType0Font load(String typeface) {
        try (InputStream file = Typefaces.file(typeface)) {
            TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(file.readAllBytes()));
            // Signs that the font itself joins to one would be lost from copied text.
            font.setEnableGsub(false);
            return PDType0Font.load(document, font, true);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
