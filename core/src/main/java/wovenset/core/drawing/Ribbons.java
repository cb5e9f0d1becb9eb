package wovenset.core.drawing;

import java.awt.geom.Path2D;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;

/** Ribbons and banners: a face along a curve, on which words stand, and what of it is folded behind. */
final class Ribbons {
    /** Half of the face's height. */
    private static final double HALF = 22;

    private Ribbons() {}

    private static Picture ribbon(Path2D spine, double half, Part... parts) {
        return Picture.of(List.of(parts), Optional.empty(), Optional.of(new Spine(spine, 2 * half)));
    }

    /** Two ends with a notch behind the face. */
    static Picture straight() {
        Path2D face = Pen.straight(40, 0, 260, 0);
        return ribbon(
                Pen.straight(48, 0, 252, 0),
                HALF,
                new Part(
                        "Ends",
                        Hues.MADDER,
                        new Pen()
                                .polygon(0, -10, 60, -10, 60, 34, 0, 34, 16, 12)
                                .polygon(300, -10, 240, -10, 240, 34, 300, 34, 284, 12)
                                .path()),
                new Part(
                        "Folds",
                        Hues.ROSE,
                        new Pen()
                                .polygon(40, HALF, 60, 34, 60, HALF)
                                .polygon(260, HALF, 240, 34, 240, HALF)
                                .path()),
                new Part(
                        "Face",
                        Hues.MADDER,
                        new Pen().add(Pen.band(face, HALF, HALF)).path()));
    }

    /** Bent upwards as over a gate. */
    static Picture arched() {
        Path2D face = Pen.arc(150, 250, 250, -116, -64);
        return ribbon(
                Pen.arc(150, 250, 250, -114, -66),
                HALF,
                new Part("Ends", Hues.WOAD, ends(face, 1)),
                new Part("Folds", Hues.INK, folds(face, 1)),
                new Part(
                        "Face",
                        Hues.WOAD,
                        new Pen().add(Pen.band(face, HALF, HALF)).path()));
    }

    /** Bent downwards as a bowl. */
    static Picture hanging() {
        Path2D face = Pen.arc(150, -250, 250, 116, 64);
        return ribbon(
                Pen.arc(150, -250, 250, 114, 66),
                HALF,
                new Part("Ends", Hues.LEAF, ends(face, -1)),
                new Part("Folds", Hues.STEM, folds(face, -1)),
                new Part(
                        "Face",
                        Hues.LEAF,
                        new Pen().add(Pen.band(face, HALF, HALF)).path()));
    }

    /** As a flag in the wind. */
    static Picture wave() {
        DoubleUnaryOperator y = t -> -16 * Math.sin(2 * Math.PI * t);
        Path2D face = Pen.curve(t -> 300 * t, y);
        Path2D stripe = Pen.band(face, HALF - 3, -(HALF - 5));
        Path2D lower = Pen.band(face, -(HALF - 5), HALF - 3);
        return ribbon(
                Pen.curve(t -> 12 + 276 * t, t -> y.applyAsDouble(0.04 + 0.92 * t)),
                HALF - 6,
                new Part(
                        "Face",
                        Hues.STRAW,
                        new Pen().add(Pen.band(face, HALF, HALF)).path()),
                new Part("Stripes", Hues.BARK, new Pen().add(stripe).add(lower).path()));
    }

    /** A pennant with a swallow's tail and a pole's seam. */
    static Picture pennant() {
        return ribbon(
                Pen.straight(18, 0, 240, 0),
                HALF,
                new Part(
                        "Cloth",
                        Hues.CLAY,
                        new Pen()
                                .polygon(0, -30, 300, -30, 258, 0, 300, 30, 0, 30)
                                .path()),
                new Part(
                        "Seam",
                        Hues.BARK,
                        new Pen().polygon(0, -30, 9, -30, 9, 30, 0, 30).path()));
    }

    /** A label on a string. */
    static Picture label() {
        Path2D hole = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        hole.append(new Pen().polygon(0, 0, 26, -30, 230, -30, 230, 30, 26, 30).path(), false);
        hole.append(new Pen().dot(24, 0, 6).path(), false);
        Path2D string = Pen.curve(t -> 24 - 60 * t, t -> -34 * Math.sin(Math.PI * t * 0.75));
        return ribbon(
                Pen.straight(40, 0, 222, 0),
                HALF,
                new Part("Card", Hues.LINEN, hole),
                new Part("String", Hues.BARK, new Pen().line(string, 2.2).path()));
    }

    /** Both tails of a ribbon, behind its face: further from the circle's middle, or nearer. */
    private static Path2D ends(Path2D spine, int way) {
        return new Pen()
                .polygon(tail(End.left(spine), -1, way))
                .polygon(tail(End.right(spine), 1, way))
                .path();
    }

    /** A tail that goes on along the ribbon's end, a little lower or higher. */
    private static double[] tail(End end, int side, int way) {
        double[][] points = {{-18, -HALF}, {44, -HALF}, {30, 0}, {44, HALF}, {-18, HALF}};
        return turned(end, side, way, points);
    }

    private static Path2D folds(Path2D spine, int way) {
        double[][] fold = {{0, way * (HALF - 12)}, {-18, way * (HALF - 12)}, {-18, way * HALF}};
        return new Pen()
                .polygon(turned(End.left(spine), -1, way, fold))
                .polygon(turned(End.right(spine), 1, way, fold))
                .path();
    }

    /** Points along and across the end's direction, shifted across by a fold's depth. */
    private static double[] turned(End end, int side, int way, double[][] points) {
        double[] all = new double[2 * points.length];
        double cos = Math.cos(end.radians());
        double sin = Math.sin(end.radians());
        for (int i = 0; i < points.length; i++) {
            double along = side * points[i][0];
            double across = points[i][1] + way * 12;
            all[2 * i] = end.x() + along * cos - across * sin;
            all[2 * i + 1] = end.y() + along * sin + across * cos;
        }
        return all;
    }

    /** Where a curve ends, and its direction to the right there. */
    private record End(double x, double y, double radians) {
        static End left(Path2D spine) {
            double[][] points = Pen.points(spine);
            return between(points[0], points[1], points[0]);
        }

        static End right(Path2D spine) {
            double[][] points = Pen.points(spine);
            double[] last = points[points.length - 1];
            return between(points[points.length - 2], last, last);
        }

        private static End between(double[] from, double[] to, double[] at) {
            return new End(at[0], at[1], Math.atan2(to[1] - from[1], to[0] - from[0]));
        }
    }
}
