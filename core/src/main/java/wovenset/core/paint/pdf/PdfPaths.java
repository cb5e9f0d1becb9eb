package wovenset.core.paint.pdf;

import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** Outlines as paths, filled or clipped to by the rule that each of them has. */
final class PdfPaths {
    private PdfPaths() {}

    static void fill(PDPageContentStream content, Shape shape) throws IOException {
        if (append(content, shape)) {
            content.fillEvenOdd();
        } else {
            content.fill();
        }
    }

    static void clip(PDPageContentStream content, Shape shape) throws IOException {
        if (append(content, shape)) {
            content.clipEvenOdd();
        } else {
            content.clip();
        }
    }

    /** Writes a path and tells whether it is filled by the even-odd rule. */
    private static boolean append(PDPageContentStream content, Shape shape) throws IOException {
        PathIterator iterator = shape.getPathIterator(null);
        float[] at = new float[6];
        float x = 0;
        float y = 0;
        for (; !iterator.isDone(); iterator.next()) {
            switch (iterator.currentSegment(at)) {
                case PathIterator.SEG_MOVETO -> {
                    content.moveTo(at[0], at[1]);
                    x = at[0];
                    y = at[1];
                }
                case PathIterator.SEG_LINETO -> {
                    content.lineTo(at[0], at[1]);
                    x = at[0];
                    y = at[1];
                }
                case PathIterator.SEG_QUADTO -> {
                    // The same curve with two controls, each two thirds of the way to the one.
                    content.curveTo(
                            x + 2 * (at[0] - x) / 3,
                            y + 2 * (at[1] - y) / 3,
                            at[2] + 2 * (at[0] - at[2]) / 3,
                            at[3] + 2 * (at[1] - at[3]) / 3,
                            at[2],
                            at[3]);
                    x = at[2];
                    y = at[3];
                }
                case PathIterator.SEG_CUBICTO -> {
                    content.curveTo(at[0], at[1], at[2], at[3], at[4], at[5]);
                    x = at[4];
                    y = at[5];
                }
                default -> content.closePath();
            }
        }
        return iterator.getWindingRule() == PathIterator.WIND_EVEN_ODD;
    }
}
