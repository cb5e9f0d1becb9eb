package wovenset.core.paint;

import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import wovenset.core.display.Op;
import wovenset.core.words.Typefaces;

/** The outlines of lines of words where they stand. */
public final class LetterShapes {
    private static final double MM_PER_PT = 25.4 / 72;

    private LetterShapes() {}

    /** The letters themselves. */
    public static Shape of(Op.Glyphs line) {
        double size = line.sizePt() * MM_PER_PT;
        AffineTransform place = AffineTransform.getTranslateInstance(line.x(), line.y());
        place.scale(size, size);
        return place.createTransformedShape(Typefaces.outline(line.setting(), line.text()));
    }

    /** All that lies as near to the letters' outlines as the edge is wide, on both sides of them. */
    public static Shape of(Op.LetterEdge edge) {
        return new BasicStroke((float) (2 * edge.widthMm()), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND)
                .createStrokedShape(of(edge.line()));
    }
}
