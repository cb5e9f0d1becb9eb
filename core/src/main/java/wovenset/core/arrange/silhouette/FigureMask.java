package wovenset.core.arrange.silhouette;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.function.IntPredicate;
import wovenset.core.arrangement.Figure;
import wovenset.core.geometry.PathData;

/**
 * A figure as squares, with sums over rectangles of them: S(x, y) counts those above and left of a corner, so that any rectangle's count
 * takes four sums.
 */
final class FigureMask {
    private static final double SQUARES = 60_000;

    /** Squares across a figure's height. */
    private final double perUnit;

    private final int width;
    private final int height;
    private final int[][] sums;

    /** A rectangle of squares; the ends are not part of it. */
    record Span(int left, int top, int right, int bottom) {
        int width() {
            return right - left;
        }

        int height() {
            return bottom - top;
        }
    }

    FigureMask(Figure figure) {
        perUnit = Math.sqrt(SQUARES / figure.proportion());
        width = Math.max(1, (int) Math.round(perUnit * figure.proportion()));
        height = Math.max(1, (int) Math.round(perUnit));
        BufferedImage drawn = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D graphics = drawn.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fill(PathData.parse(figure.data())
                .orElseThrow()
                .createTransformedShape(AffineTransform.getScaleInstance(width, height)));
        graphics.dispose();
        sums = new int[height + 1][width + 1];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int own = drawn.getRaster().getSample(x, y, 0) > 127 ? 1 : 0;
                sums[y + 1][x + 1] = own + sums[y][x + 1] + sums[y + 1][x] - sums[y][x];
            }
        }
    }

    Span all() {
        return new Span(0, 0, width, height);
    }

    double perUnit() {
        return perUnit;
    }

    boolean isIn(int x, int y) {
        return count(new Span(x, y, x + 1, y + 1)) == 1;
    }

    int count(Span span) {
        return sums[span.bottom()][span.right()]
                - sums[span.top()][span.right()]
                - sums[span.bottom()][span.left()]
                + sums[span.top()][span.left()];
    }

    /** The least span within one that has as much of the figure. */
    Span envelope(Span span) {
        int whole = count(span);
        if (whole == 0) {
            return span;
        }
        int left = last(
                span.left(), span.right(), x -> count(new Span(x, span.top(), span.right(), span.bottom())) == whole);
        int right = first(left, span.right(), x -> count(new Span(left, span.top(), x, span.bottom())) == whole);
        int top = last(span.top(), span.bottom(), y -> count(new Span(left, y, right, span.bottom())) == whole);
        int bottom = first(top, span.bottom(), y -> count(new Span(left, top, right, y)) == whole);
        return new Span(left, top, right, bottom);
    }

    /** The first place from which on something holds; to if nowhere before. */
    static int first(int from, int to, IntPredicate holds) {
        int low = from;
        int high = to;
        while (low < high) {
            int middle = (low + high) / 2;
            if (holds.test(middle)) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return low;
    }

    /** The last place up to which something holds. */
    private static int last(int from, int to, IntPredicate holds) {
        return first(from + 1, to, at -> !holds.test(at)) - 1;
    }
}
