package wovenset.core.words;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * The letters of a word as separate outlines, all of one height on one baseline, spaced as the eye wants them: between each two
 * lies the same area.
 *
 * <p>The area between two letters is summed over {@value #ROWS} rows from the one's right side to the other's left; what lies
 * deeper inside a letter than {@value #DEEP} of the height no longer counts as space between them (so that an L and a T do not
 * drift apart). Letters never come nearer than {@value #CLEAR}. Cost: linear in the letters' points and rows.
 */
public final class LetterRow {
    /** Of the height. */
    static final double AREA = 0.17;

    static final double DEEP = 0.3;
    static final double CLEAR = 0.05;
    private static final double WORD_SPACE = 0.35;
    private static final int ROWS = 80;
    private static final double FLATNESS = 0.002;

    private LetterRow() {}

    /**
     * A letter in heights: its outline's box begins at x and is one high.
     *
     * @param text the sign
     * @param width of its outline
     */
    public record Letter(String text, Shape outline, double x, double width) {}

    /** Signs of a word as they are set: capitals. */
    public static String set(String word) {
        return word.strip().toUpperCase(Locale.ROOT);
    }

    /** From left to right; signs that show nothing are spaces. */
    public static List<Letter> of(String face, String word) {
        List<Letter> letters = new ArrayList<>();
        double[] before = null;
        double x = 0;
        for (int sign : set(word).codePoints().toArray()) {
            String text = Character.toString(sign);
            Shape drawn = Typefaces.outline(Setting.plain(face), text);
            Rectangle2D own = drawn.getBounds2D();
            if (own.isEmpty()) {
                x += before == null ? 0 : WORD_SPACE;
                continue;
            }
            AffineTransform upright = new AffineTransform();
            // The same breadth for all; round letters, which reach a little over the line, end on it, too.
            upright.scale(1 / capital(face), 1 / own.getHeight());
            upright.translate(-own.getX(), -own.getY());
            Shape outline = upright.createTransformedShape(drawn);
            double width = own.getWidth() / capital(face);
            double[][] sides = sides(outline, width);
            if (before != null) {
                x += distance(before, sides[0]);
            }
            letters.add(new Letter(text, outline, x, width));
            x += width;
            before = sides[1];
        }
        return letters;
    }

    private static double capital(String face) {
        return Typefaces.outline(Setting.plain(face), "H").getBounds2D().getHeight();
    }

    /** How far apart two letters stand, each by how deep its side lies in each row. */
    private static double distance(double[] right, double[] left) {
        double touching = -Double.MAX_VALUE;
        for (int row = 0; row < ROWS; row++) {
            touching = Math.max(touching, -(right[row] + left[row]));
        }
        return Math.max(AREA - area(right, left), touching + CLEAR);
    }

    /** What lies between two letters whose boxes touch. */
    static double area(double[] right, double[] left) {
        double sum = 0;
        for (int row = 0; row < ROWS; row++) {
            sum += Math.min(DEEP, right[row]) + Math.min(DEEP, left[row]);
        }
        return sum / ROWS;
    }

    /** How deep within its box a letter's left and right sides lie in each row; all of its width where a row is empty. */
    static double[][] sides(Shape outline, double width) {
        double[] left = new double[ROWS];
        double[] right = new double[ROWS];
        Arrays.fill(left, width);
        Arrays.fill(right, width);
        double[] at = new double[6];
        double[] from = new double[2];
        double[] start = new double[2];
        for (PathIterator path = new FlatteningPathIterator(outline.getPathIterator(null), FLATNESS);
                !path.isDone();
                path.next()) {
            int segment = path.currentSegment(at);
            double[] to = segment == PathIterator.SEG_CLOSE ? start.clone() : new double[] {at[0], at[1]};
            if (segment == PathIterator.SEG_MOVETO) {
                start = to.clone();
            } else {
                cross(from, to, width, left, right);
            }
            from = to;
        }
        return new double[][] {left, right};
    }

    private static void cross(double[] from, double[] to, double width, double[] left, double[] right) {
        double top = Math.min(from[1], to[1]);
        double bottom = Math.max(from[1], to[1]);
        int first = Math.max(0, (int) Math.ceil(top * ROWS - 0.5));
        int last = Math.min(ROWS - 1, (int) Math.floor(bottom * ROWS - 0.5));
        for (int row = first; row <= last; row++) {
            double y = (row + 0.5) / ROWS;
            double share = to[1] == from[1] ? 0 : (y - from[1]) / (to[1] - from[1]);
            double x = from[0] + share * (to[0] - from[0]);
            left[row] = Math.min(left[row], x);
            right[row] = Math.min(right[row], width - x);
        }
    }
}
