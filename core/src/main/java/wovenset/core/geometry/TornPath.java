package wovenset.core.geometry;

import java.awt.Shape;
import java.awt.geom.Path2D;

/**
 * The outline of a torn sheet, clockwise from its upper left. A torn side wavers by value noise of three periods (6, 1.5 and 0.4
 * times the roughness); the picture's edge lies deeper by a noise of its own that is never negative, so that it stays on its paper.
 * Cost: linear in the points, at most {@value #MOST_STEPS} a side.
 */
final class TornPath {
    private static final int MOST_STEPS = 400;
    private static final int LEAST_STEPS = 8;
    private static final double STEPS_PER_ROUGH = 5;
    /** Of the shorter side: what is torn away on one side at most, paper and picture. */
    private static final double DEEPEST = 0.2;

    private final BoxMm box;
    private final Tear tear;
    private final Tear.Layer layer;
    private final double rough;
    private final Path2D path = new Path2D.Double();

    private TornPath(BoxMm box, Tear tear, Tear.Layer layer) {
        this.box = box;
        this.tear = tear;
        this.layer = layer;
        this.rough = Math.min(tear.roughMm(), DEEPEST / 2 * Math.min(box.width(), box.height()));
    }

    static Shape of(BoxMm box, Tear tear, Tear.Layer layer) {
        TornPath torn = new TornPath(box, tear, layer);
        torn.draw();
        return torn.path;
    }

    private void draw() {
        double width = box.width();
        double height = box.height();
        boolean[] torn = {tear.top(), tear.right(), tear.bottom(), tear.left()};
        double[] lengths = {width, height, width, height};
        for (int side = 0; side < 4; side++) {
            int before = (side + 3) % 4;
            int after = (side + 1) % 4;
            double from = depth(torn[before], before, lengths[before], lengths[before]);
            double to = lengths[side] - depth(torn[after], after, 0, lengths[after]);
            side(side, torn[side], from, to, lengths[side]);
        }
        path.closePath();
    }

    private void side(int side, boolean torn, double from, double to, double length) {
        int steps = torn && rough > 0
                ? (int) Math.max(LEAST_STEPS, Math.min(MOST_STEPS, STEPS_PER_ROUGH * (to - from) / rough))
                : 1;
        for (int i = 0; i <= steps; i++) {
            double along = from + (to - from) * i / steps;
            add(side, along, depth(torn, side, along, length));
        }
    }

    private void add(int side, double along, double deep) {
        double x =
                switch (side) {
                    case 0 -> box.x() + along;
                    case 1 -> box.right() - deep;
                    case 2 -> box.right() - along;
                    default -> box.x() + deep;
                };
        double y =
                switch (side) {
                    case 0 -> box.y() + deep;
                    case 1 -> box.y() + along;
                    case 2 -> box.bottom() - deep;
                    default -> box.bottom() - along;
                };
        if (path.getCurrentPoint() == null) {
            path.moveTo(x, y);
        } else {
            path.lineTo(x, y);
        }
    }

    /** Even near both ends, as far as the neighbours reach in: so sides meet in one point and never cross. */
    private double depth(boolean torn, int side, double along, double length) {
        if (!torn || rough == 0) {
            return 0;
        }
        double t = Math.max(2 * rough, Math.min(length - 2 * rough, along)) / rough;
        double paper = 0.55 * noise(t / 6, 4 * side)
                + 0.3 * noise(t / 1.5, 4 * side + 1)
                + 0.15 * noise(t / 0.4, 4 * side + 2);
        double printed = layer == Tear.Layer.CORE ? 0 : 0.2 + 0.8 * noise(t / 3, 4 * side + 3);
        return rough * (paper + printed);
    }

    private double noise(double at, int course) {
        return ValueNoise.at(at, course + 16L * tear.seed());
    }
}
