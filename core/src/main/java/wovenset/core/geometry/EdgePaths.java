package wovenset.core.geometry;

import java.awt.Shape;
import java.awt.geom.Arc2D;
import java.awt.geom.Path2D;
import java.util.Random;

/** Outlines of rectangles whose corners or sides are cut. All run clockwise from the upper left. */
final class EdgePaths {
    /** From the middle of one hole to the next, in diameters. */
    private static final double PITCH = 1.6;
    /** Points of a torn side for each depth along it, and the least of a side. */
    private static final double DECKLE_STEP = 0.7;

    private static final int LEAST_STEPS = 4;
    /** Of a side: holes, or points. */
    private static final int MOST_STEPS = 400;

    private static final long DECKLE_SEED = 7;

    private EdgePaths() {}

    private static double atMost(BoxMm box, double size) {
        return Math.min(size, Math.min(box.width(), box.height()) / 2);
    }

    static Shape cut(BoxMm box, double leg) {
        double cut = atMost(box, leg);
        Path2D path = new Path2D.Double();
        path.moveTo(box.x() + cut, box.y());
        path.lineTo(box.right() - cut, box.y());
        path.lineTo(box.right(), box.y() + cut);
        path.lineTo(box.right(), box.bottom() - cut);
        path.lineTo(box.right() - cut, box.bottom());
        path.lineTo(box.x() + cut, box.bottom());
        path.lineTo(box.x(), box.bottom() - cut);
        path.lineTo(box.x(), box.y() + cut);
        path.closePath();
        return path;
    }

    static Shape scalloped(BoxMm box, double size) {
        double radius = atMost(box, size);
        Path2D path = new Path2D.Double();
        bite(path, box.right(), box.y(), radius, 180);
        bite(path, box.right(), box.bottom(), radius, 90);
        bite(path, box.x(), box.bottom(), radius, 0);
        bite(path, box.x(), box.y(), radius, 270);
        path.closePath();
        return path;
    }

    /** A quarter of a circle about a corner, against the clock as seen on the page. */
    private static void bite(Path2D path, double x, double y, double radius, double startDegrees) {
        path.append(
                new Arc2D.Double(x - radius, y - radius, 2 * radius, 2 * radius, startDegrees, 90, Arc2D.OPEN), true);
    }

    static Shape perforated(BoxMm box, double diameter) {
        double hole = Math.min(diameter, Math.min(box.width(), box.height()) / 3);
        Path2D path = new Path2D.Double();
        path.moveTo(box.x(), box.y());
        holes(path, box.x(), box.y(), box.width(), 1, 0, hole);
        holes(path, box.right(), box.y(), box.height(), 0, 1, hole);
        holes(path, box.right(), box.bottom(), box.width(), -1, 0, hole);
        holes(path, box.x(), box.bottom(), box.height(), 0, -1, hole);
        path.closePath();
        return path;
    }

    /** Along one side from its start in a direction; the inner side is at the right hand. */
    private static void holes(Path2D path, double x, double y, double length, int dx, int dy, double hole) {
        // Where there would be more of them than anybody sees, they stand farther apart.
        int count = (int) Math.max(1, Math.min(MOST_STEPS, Math.round(length / (hole * PITCH))));
        double pitch = length / count;
        double radius = hole / 2;
        double from = dx == 1 ? 180 : dx == -1 ? 0 : dy == 1 ? 90 : 270;
        for (int i = 0; i < count; i++) {
            double at = (i + 0.5) * pitch;
            path.append(
                    new Arc2D.Double(x + dx * at - radius, y + dy * at - radius, hole, hole, from, 180, Arc2D.OPEN),
                    true);
        }
        path.lineTo(x + dx * length, y + dy * length);
    }

    static Shape deckled(BoxMm box, double size) {
        double depth = Math.min(size, Math.min(box.width(), box.height()) / 4);
        Random random = new Random(DECKLE_SEED);
        Path2D path = new Path2D.Double();
        path.moveTo(box.x() + depth / 2, box.y() + depth / 2);
        torn(path, new double[] {box.x(), box.y(), box.width(), 1, 0}, depth, random);
        torn(path, new double[] {box.right(), box.y(), box.height(), 0, 1}, depth, random);
        torn(path, new double[] {box.right(), box.bottom(), box.width(), -1, 0}, depth, random);
        torn(path, new double[] {box.x(), box.bottom(), box.height(), 0, -1}, depth, random);
        path.closePath();
        return path;
    }

    /** A walk along one side that is drawn back to its middle, between the edge and the depth. */
    private static void torn(Path2D path, double[] side, double depth, Random random) {
        double length = side[2];
        int steps = (int) Math.min(MOST_STEPS, Math.max(LEAST_STEPS, length / (depth * DECKLE_STEP)));
        double in = depth / 2;
        for (int i = 1; i < steps; i++) {
            in = Math.min(
                    depth, Math.max(0, in + 0.35 * (depth / 2 - in) + 0.45 * depth * (random.nextDouble() - 0.5)));
            double along = length * (i + 0.3 * (random.nextDouble() - 0.5)) / steps;
            path.lineTo(side[0] + side[3] * along - side[4] * in, side[1] + side[4] * along + side[3] * in);
        }
    }
}
