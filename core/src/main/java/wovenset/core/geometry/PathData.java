package wovenset.core.geometry;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.IllegalPathStateException;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.Locale;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Scanner;

/**
 * Outlines as text: the absolute commands M, L, Q, C and Z of SVG 1.1's path data, numbers apart by spaces. What holds others, or
 * starts without M, or has too many numbers is none.
 */
public final class PathData {
    public static final int MOST_CHARACTERS = 20_000;
    private static final int PLACES = 4;
    private static final int EXACT_PLACES = 6;
    /** From the unit square's corner; no outline drawn into it goes beyond. */
    private static final double FARTHEST = 2;

    private PathData() {}

    /** The outline, drawn into its box: its own bounds become the unit square, to four places. */
    public static String ofUnit(Shape shape) {
        BoxMm own = BoxMm.of(shape.getBounds2D());
        AffineTransform toUnit = AffineTransform.getScaleInstance(1 / own.width(), 1 / own.height());
        toUnit.translate(-own.x(), -own.y());
        return text(shape, toUnit, PLACES);
    }

    /** An outline that is in the unit square already, to four places. */
    public static String of(Shape shape) {
        return text(shape, new AffineTransform(), PLACES);
    }

    /** The same, to six places: for outlines that others touch. */
    public static String exactly(Shape shape) {
        return text(shape, new AffineTransform(), EXACT_PLACES);
    }

    private static String text(Shape shape, AffineTransform toUnit, int places) {
        String number = "%." + places + "f";
        StringBuilder text = new StringBuilder();
        double[] at = new double[6];
        for (PathIterator path = shape.getPathIterator(toUnit); !path.isDone(); path.next()) {
            int segment = path.currentSegment(at);
            text.append(text.isEmpty() ? "" : " ").append("MLQCZ".charAt(segment));
            for (int i = 0; i < numbers(segment); i++) {
                text.append(' ').append(String.format(Locale.ROOT, number, at[i]));
            }
        }
        return text.toString();
    }

    private static int numbers(int segment) {
        return switch (segment) {
            case PathIterator.SEG_MOVETO, PathIterator.SEG_LINETO -> 2;
            case PathIterator.SEG_QUADTO -> 4;
            case PathIterator.SEG_CUBICTO -> 6;
            default -> 0;
        };
    }

    /** The outline that a text says, if it says one. */
    public static Optional<Path2D> parse(String text) {
        if (text.length() > MOST_CHARACTERS) {
            return Optional.empty();
        }
        Path2D path = new Path2D.Double(Path2D.WIND_NON_ZERO);
        try (Scanner scanner = new Scanner(text).useLocale(Locale.ROOT)) {
            while (scanner.hasNext()) {
                int segment = "MLQCZ".indexOf(scanner.next("[MLQCZ]"));
                double[] at = new double[6];
                for (int i = 0; i < numbers(segment); i++) {
                    at[i] = scanner.nextDouble();
                    if (!(Math.abs(at[i]) <= FARTHEST)) {
                        return Optional.empty();
                    }
                }
                append(path, segment, at);
            }
            return path.getCurrentPoint() == null ? Optional.empty() : Optional.of(path);
        } catch (NoSuchElementException | IllegalPathStateException none) {
            return Optional.empty();
        }
    }

    private static void append(Path2D path, int segment, double[] at) {
        switch (segment) {
            case PathIterator.SEG_MOVETO -> path.moveTo(at[0], at[1]);
            case PathIterator.SEG_LINETO -> path.lineTo(at[0], at[1]);
            case PathIterator.SEG_QUADTO -> path.quadTo(at[0], at[1], at[2], at[3]);
            case PathIterator.SEG_CUBICTO -> path.curveTo(at[0], at[1], at[2], at[3], at[4], at[5]);
            default -> path.closePath();
        }
    }
}
