package wovenset.core.drawing;

import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/** Draws one part. All measures are natural ones, y runs down, angles are degrees clockwise from the right. */
final class Pen {
    /** Pieces of a curve that is drawn by its formula; at a metre's width they are off by less than a tenth of a millimetre. */
    private static final int PIECES = 64;

    private final Path2D path = new Path2D.Double(Path2D.WIND_NON_ZERO);

    Path2D path() {
        return path;
    }

    Pen add(Shape shape) {
        path.append(shape, false);
        return this;
    }

    Pen dot(double x, double y, double radius) {
        return add(new Ellipse2D.Double(x - radius, y - radius, 2 * radius, 2 * radius));
    }

    /** A line round a circle. */
    Pen circle(double x, double y, double radius, double width) {
        Area ring = new Area(new Ellipse2D.Double(
                x - radius - width / 2, y - radius - width / 2, 2 * radius + width, 2 * radius + width));
        ring.subtract(new Area(new Ellipse2D.Double(
                x - radius + width / 2, y - radius + width / 2, 2 * radius - width, 2 * radius - width)));
        return add(ring);
    }

    /** A pointed leaf that starts here and grows this way. */
    Pen leaf(double x, double y, double length, double width, double degrees) {
        Path2D leaf = new Path2D.Double();
        leaf.moveTo(0, 0);
        leaf.curveTo(length * 0.2, -width * 0.75, length * 0.7, -width * 0.6, length, 0);
        leaf.curveTo(length * 0.7, width * 0.6, length * 0.2, width * 0.75, 0, 0);
        leaf.closePath();
        return add(placed(leaf, x, y, degrees));
    }

    /** A closed polygon, x and y in turns. */
    Pen polygon(double... points) {
        path.moveTo(points[0], points[1]);
        for (int i = 2; i < points.length; i += 2) {
            path.lineTo(points[i], points[i + 1]);
        }
        path.closePath();
        return this;
    }

    /** A rounded line along a curve. */
    Pen line(Shape along, double width) {
        return add(solid(new BasicStroke((float) width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND)
                .createStrokedShape(along)));
    }

    /** Dashes along a curve. */
    Pen stitches(Shape along, double width, double dash, double gap) {
        return add(solid(new BasicStroke(
                        (float) width,
                        BasicStroke.CAP_ROUND,
                        BasicStroke.JOIN_ROUND,
                        10,
                        new float[] {(float) dash, (float) gap},
                        0)
                .createStrokedShape(along)));
    }

    /** Corners evenly round a circle, at two radii in turns. */
    Pen points(double x, double y, int count, double outer, double inner, double startDegrees) {
        double[] points = new double[4 * count];
        for (int i = 0; i < 2 * count; i++) {
            double radius = i % 2 == 0 ? outer : inner;
            double angle = Math.toRadians(startDegrees + 180.0 * i / count);
            points[2 * i] = x + radius * Math.cos(angle);
            points[2 * i + 1] = y + radius * Math.sin(angle);
        }
        return polygon(points);
    }

    /** A circle whose radius changes with the angle. */
    Pen round(double x, double y, DoubleUnaryOperator radiusAtDegrees) {
        int pieces = 12 * PIECES;
        double[] points = new double[2 * pieces];
        for (int i = 0; i < pieces; i++) {
            double degrees = 360.0 * i / pieces;
            double radius = radiusAtDegrees.applyAsDouble(degrees);
            points[2 * i] = x + radius * Math.cos(Math.toRadians(degrees));
            points[2 * i + 1] = y + radius * Math.sin(Math.toRadians(degrees));
        }
        return polygon(points);
    }

    /** A shape drawn at the origin, put here and turned. */
    static Shape placed(Shape shape, double x, double y, double degrees) {
        AffineTransform to = AffineTransform.getTranslateInstance(x, y);
        to.rotate(Math.toRadians(degrees));
        return to.createTransformedShape(shape);
    }

    /** An arc of a circle about this middle. */
    static Path2D arc(double x, double y, double radius, double fromDegrees, double toDegrees) {
        return curve(
                PIECES,
                t -> x + radius * Math.cos(Math.toRadians(fromDegrees + t * (toDegrees - fromDegrees))),
                t -> y + radius * Math.sin(Math.toRadians(fromDegrees + t * (toDegrees - fromDegrees))));
    }

    /** The curve whose points have these coordinates, from 0 to 1. */
    static Path2D curve(DoubleUnaryOperator x, DoubleUnaryOperator y) {
        return curve(PIECES, x, y);
    }

    private static Path2D curve(int pieces, DoubleUnaryOperator x, DoubleUnaryOperator y) {
        Path2D curve = new Path2D.Double();
        curve.moveTo(x.applyAsDouble(0), y.applyAsDouble(0));
        for (int i = 1; i <= pieces; i++) {
            double t = (double) i / pieces;
            curve.lineTo(x.applyAsDouble(t), y.applyAsDouble(t));
        }
        return curve;
    }

    static Path2D straight(double fromX, double fromY, double toX, double toY) {
        Path2D line = new Path2D.Double();
        line.moveTo(fromX, fromY);
        line.lineTo(toX, toY);
        return line;
    }

    /** The face between a curve moved up and the same moved down, across the curve. */
    static Path2D band(Path2D spine, double above, double below) {
        double[][] points = points(spine);
        Path2D band = new Path2D.Double();
        for (int i = 0; i < points.length; i++) {
            double[] at = beside(points, i, -above);
            if (i == 0) {
                band.moveTo(at[0], at[1]);
            } else {
                band.lineTo(at[0], at[1]);
            }
        }
        for (int i = points.length - 1; i >= 0; i--) {
            double[] at = beside(points, i, below);
            band.lineTo(at[0], at[1]);
        }
        band.closePath();
        return band;
    }

    private static double[] beside(double[][] points, int i, double by) {
        double[] before = points[Math.max(0, i - 1)];
        double[] after = points[Math.min(points.length - 1, i + 1)];
        double length = Math.hypot(after[0] - before[0], after[1] - before[1]);
        return new double[] {
            points[i][0] - by * (after[1] - before[1]) / length, points[i][1] + by * (after[0] - before[0]) / length
        };
    }

    /** The points of a curve that was drawn by its formula. */
    static double[][] points(Path2D line) {
        double[] at = new double[6];
        List<double[]> points = new ArrayList<>();
        for (PathIterator path = line.getPathIterator(null, 0.01); !path.isDone(); path.next()) {
            path.currentSegment(at);
            points.add(new double[] {at[0], at[1]});
        }
        return points.toArray(double[][]::new);
    }

    /** Without the overlaps of a stroke's outline, which would be counted twice. */
    private static Shape solid(Shape stroked) {
        return new Area(stroked);
    }
}
