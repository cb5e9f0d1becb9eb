package wovenset.core.geometry;

import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;

/** A curve by the way along it. Curved pieces are taken as straight ones that are off by at most {@value #FLATNESS} of its units. */
public final class CurveLength {
    private static final double FLATNESS = 0.005;

    private final List<double[]> points = new ArrayList<>();
    /** The way from the start to each point. */
    private final List<Double> ways = new ArrayList<>();

    /** @param path one open line; what comes after a second start is left out */
    public CurveLength(Shape path) {
        double[] at = new double[6];
        double way = 0;
        for (PathIterator pieces = path.getPathIterator(null, FLATNESS); !pieces.isDone(); pieces.next()) {
            int kind = pieces.currentSegment(at);
            boolean goesOn = kind == PathIterator.SEG_LINETO;
            if (!goesOn && !points.isEmpty()) {
                break;
            }
            if (goesOn) {
                double[] before = points.get(points.size() - 1);
                way += Math.hypot(at[0] - before[0], at[1] - before[1]);
            }
            points.add(new double[] {at[0], at[1]});
            ways.add(way);
        }
    }

    public double length() {
        return ways.get(ways.size() - 1);
    }

    /**
     * Maps the origin to the curve's place so far along it, and the right to its direction there.
     *
     * @param way beyond the ends the curve goes on straight
     */
    public Affine at(double way) {
        int next = 1;
        while (next < points.size() - 1 && ways.get(next) < way) {
            next++;
        }
        double[] from = points.get(next - 1);
        double[] to = points.get(next);
        double piece = ways.get(next) - ways.get(next - 1);
        double cos = (to[0] - from[0]) / piece;
        double sin = (to[1] - from[1]) / piece;
        double on = way - ways.get(next - 1);
        return new Affine(cos, sin, -sin, cos, from[0] + on * cos, from[1] + on * sin);
    }
}
