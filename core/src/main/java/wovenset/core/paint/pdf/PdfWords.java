package wovenset.core.paint.pdf;

import java.awt.Font;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.util.Matrix;
import wovenset.core.display.Op;
import wovenset.core.paint.LetterShapes;
import wovenset.core.style.TextStyle;
import wovenset.core.words.Typefaces;

/**
 * Writes lines of words as text with embedded fonts. A PDF advances by each sign's own width, so kerning is written between the
 * signs. Scripts whose signs change with their neighbours, and signs that the typeface lacks, are drawn as outlines that carry
 * their text.
 */
final class PdfWords {
    private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);
    /** Thousandths of the type size; less than anyone could see. */
    private static final double KERNED = 0.5;

    private final PDPageContentStream content;
    private final PdfFonts fonts;

    PdfWords(PDPageContentStream content, PdfFonts fonts) {
        this.content = content;
        this.fonts = fonts;
    }

    void write(Op.Glyphs line) throws IOException {
        char[] signs = line.text().toCharArray();
        Font font = Typefaces.font(line.setting().face());
        boolean plain = !Typefaces.joins(line.text()) && font.canDisplayUpTo(line.text()) < 0;
        if (plain) {
            text(line, font.deriveFont(1000f), signs);
        } else {
            outlined(line);
        }
    }

    private void text(Op.Glyphs line, Font font, char[] signs) throws IOException {
        PDType0Font embedded = fonts.font(line.setting().face());
        double tracking = line.setting().tracking();
        if (tracking != 0) {
            // Readers would take wide gaps for spaces.
            says(content, line.text());
        }
        content.beginText();
        content.setFont(embedded, (float) line.sizePt());
        content.setTextMatrix(new Matrix(
                (float) TextStyle.MM_PER_PT, 0, 0, (float) -TextStyle.MM_PER_PT, (float) line.x(), (float) line.y()));
        if (tracking == 0) {
            content.showTextWithPositioning(kerned(font, signs).toArray());
            content.endText();
            return;
        }
        // Beside the kerning; it would go on for the words that follow (ISO 32000-1, 9.3.2).
        content.setCharacterSpacing((float) (tracking * line.sizePt()));
        content.showTextWithPositioning(kerned(font, signs).toArray());
        content.setCharacterSpacing(0);
        content.endText();
        content.endMarkedContent();
    }

    /** Runs of signs, and between them by how many thousandths of the type size the next one is drawn nearer. */
    private static List<Object> kerned(Font font, char[] signs) {
        GlyphVector glyphs = font.layoutGlyphVector(EXACT, signs, 0, signs.length, Font.LAYOUT_LEFT_TO_RIGHT);
        if (glyphs.getNumGlyphs() != signs.length) {
            return List.of(new String(signs));
        }
        List<Object> runs = new ArrayList<>();
        int start = 0;
        for (int i = 0; i + 1 < signs.length; i++) {
            double advance = glyphs.getGlyphPosition(i + 1).getX()
                    - glyphs.getGlyphPosition(i).getX();
            double nearer = font.getStringBounds(signs, i, i + 1, EXACT).getWidth() - advance;
            if (Math.abs(nearer) > KERNED) {
                runs.add(new String(signs, start, i + 1 - start));
                runs.add((float) nearer);
                start = i + 1;
            }
        }
        runs.add(new String(signs, start, signs.length - start));
        return runs;
    }

    /**
     * Begins marked content that stands for these words (ISO 32000-1, 14.9.4). Its dictionary is written in place: some readers do not
     * look for it among the resources, where the library's own method would put it.
     */
    @SuppressWarnings("deprecation") // There is no other way to write it in place.
    static void says(PDPageContentStream content, String words) throws IOException {
        String hex = HexFormat.of().withUpperCase().formatHex(words.getBytes(StandardCharsets.UTF_16BE));
        content.appendRawCommands("/Span <</ActualText <FEFF" + hex + ">>> BDC\n");
    }

    private void outlined(Op.Glyphs line) throws IOException {
        says(content, line.text());
        PdfPaths.fill(content, LetterShapes.of(line));
        content.endMarkedContent();
    }
}
