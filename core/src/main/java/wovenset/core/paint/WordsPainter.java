package wovenset.core.paint;

import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.geom.AffineTransform;
import wovenset.core.scene.PageScene;
import wovenset.core.scene.PageScene.WordsScene;
import wovenset.core.words.Typefaces;

/**
 * Draws lines of words. On pixels they are filled outlines, which stand exactly where they do in print at any scale; on
 * a page format that keeps words they are text. Such a format advances by each glyph's own width, so a kerned line is
 * handed over in runs between its kerned pairs, each placed by itself.
 */
final class WordsPainter {
    private static final double MM_PER_PT = 25.4 / 72;
    /** Unhinted and unrounded, as everything here is measured. */
    private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);
    /** Points; far below what an eye or a printer can tell. */
    private static final double KERNED = 0.005;

    private WordsPainter() {}

    /** Words are drawn in a space of points: a PDF's fonts expect sizes of about ten. */
    static void draw(Graphics2D graphics, WordsScene words) {
        AffineTransform before = graphics.getTransform();
        graphics.scale(MM_PER_PT, MM_PER_PT);
        graphics.setColor(words.colour().awt());
        boolean pixels = SoftClip.applies(graphics);
        Font font = Typefaces.font(words.typeface()).deriveFont((float) words.sizePt());
        graphics.setFont(font);
        for (PageScene.LineScene line : words.lines()) {
            double x = line.xMm() / MM_PER_PT;
            double y = line.yMm() / MM_PER_PT;
            if (pixels) {
                AffineTransform place = AffineTransform.getTranslateInstance(x, y);
                place.scale(words.sizePt(), words.sizePt());
                graphics.fill(place.createTransformedShape(Typefaces.outline(words.typeface(), line.text())));
            } else {
                text(graphics, font, line.text(), x, y);
            }
        }
        graphics.setTransform(before);
    }

    private static void text(Graphics2D graphics, Font font, String text, double x, double y) {
        char[] signs = text.toCharArray();
        GlyphVector glyphs = font.layoutGlyphVector(EXACT, signs, 0, signs.length, Font.LAYOUT_LEFT_TO_RIGHT);
        if (glyphs.getNumGlyphs() != signs.length) {
            // Ligatures and scripts that reorder their signs: the format's own advances have to do.
            graphics.drawString(text, (float) x, (float) y);
            return;
        }
        int start = 0;
        for (int i = 0; i < signs.length; i++) {
            double advance = glyphs.getGlyphPosition(i + 1).getX()
                    - glyphs.getGlyphPosition(i).getX();
            double own = font.getStringBounds(signs, i, i + 1, EXACT).getWidth();
            if (i + 1 == signs.length || Math.abs(advance - own) > KERNED) {
                graphics.drawString(
                        new String(signs, start, i + 1 - start),
                        (float) (x + glyphs.getGlyphPosition(start).getX()),
                        (float) y);
                start = i + 1;
            }
        }
    }
}
