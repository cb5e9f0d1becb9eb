package wovenset.core.frame;

import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import wovenset.core.display.Op;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.ink.Rgb;

/**
 * The slanted edge of a mat's window: a strip of the board's white core, each stretch as bright as it faces the light.
 *
 * <p>The edge is flattened; each stretch between two corners becomes a facet, mitred at both, and the brightness follows
 * Lambert's cosine law in the plane. Below the facets lies a ring of the middle tone, so that no seam shows between them.
 */
final class Bevel {
    private static final double FLATNESS_MM = 0.02;
    private static final int HALVINGS = 8;
    /** Stretches whose tones differ by less are one facet. */
    private static final int TONES = 16;
    /** A corner sharper than this is cut, not drawn out: the reach of its mitre in widths. */
    private static final double LONGEST_MITRE = 3;

    private static final int LIT = 255;
    private static final int SHADED = 176;
    private static final double TINY = 1e-9;

    private Bevel() {}

    /**
     * @param edge of the window
     * @param widthMm outwards of it
     */
    static List<Op> of(ShapeMm edge, double widthMm, FrameLook.Fall fall) {
        List<Op> ops = new ArrayList<>();
        ops.add(new Op.Fill(new ShapeMm.Ring(new ShapeMm.Offset(edge, widthMm), edge), tone(0.5)));
        for (List<double[]> line : lines(edge)) {
            facets(line, widthMm, fall, ops);
        }
        return ops;
    }

    private static Rgb tone(double brightness) {
        int level = (int) Math.round(SHADED + brightness * (LIT - SHADED));
        return new Rgb(String.format("#%02x%02x%02x", level, level, Math.max(0, level - 4)));
    }

    private static void facets(List<double[]> points, double width, FrameLook.Fall fall, List<Op> ops) {
        int count = points.size();
        double outward = Math.signum(area(points));
        int start = 0;
        while (start < count) {
            int tone = tone(points, start, outward, fall);
            int end = start + 1;
            while (end < count && tone(points, end, outward, fall) == tone) {
                end++;
            }
            List<Double> facet = new ArrayList<>();
            for (int i = start; i <= end; i++) {
                double[] at = points.get(i % count);
                facet.add(at[0]);
                facet.add(at[1]);
            }
            for (int i = end; i >= start; i--) {
                double[] at = mitre(points, i % count, outward, width);
                facet.add(at[0]);
                facet.add(at[1]);
            }
            ops.add(new Op.Fill(new ShapeMm.Polygon(facet), tone((double) tone / TONES)));
            start = end;
        }
    }

    /** Twice the area, positive where the points run clockwise as seen on the page. */
    private static double area(List<double[]> points) {
        double sum = 0;
        for (int i = 0; i < points.size(); i++) {
            double[] a = points.get(i);
            double[] b = points.get((i + 1) % points.size());
            sum += a[0] * b[1] - b[0] * a[1];
        }
        return sum;
    }

    /** Away from the window, of the stretch after this point. */
    private static double[] normal(List<double[]> points, int i, double outward) {
        double[] a = points.get(i % points.size());
        double[] b = points.get((i + 1) % points.size());
        double length = Math.hypot(b[0] - a[0], b[1] - a[1]);
        return new double[] {outward * (b[1] - a[1]) / length, -outward * (b[0] - a[0]) / length};
    }

    /** 0 in the shade to {@link #TONES} in the light. A slope faces into the window. */
    private static int tone(List<double[]> points, int i, double outward, FrameLook.Fall fall) {
        double[] normal = normal(points, i, outward);
        double facing = normal[0] * fall.right() + normal[1] * fall.down();
        return (int) Math.round(TONES * (0.5 + 0.5 * Math.max(-1, Math.min(1, facing))));
    }

    private static double[] mitre(List<double[]> points, int i, double outward, double width) {
        double[] before = normal(points, i + points.size() - 1, outward);
        double[] after = normal(points, i, outward);
        double x = before[0] + after[0];
        double y = before[1] + after[1];
        double reach = 2 * width / Math.max(TINY, x * x + y * y);
        double longest = LONGEST_MITRE * width / Math.max(TINY, Math.hypot(x, y));
        double by = Math.min(reach, longest);
        double[] at = points.get(i);
        return new double[] {at[0] + x * by, at[1] + y * by};
    }

    /** The edge's closed lines, without points that fall together. */
    private static List<List<double[]>> lines(ShapeMm edge) {
        List<List<double[]>> lines = new ArrayList<>();
        List<double[]> line = new ArrayList<>();
        double[] at = new double[6];
        PathIterator path = new FlatteningPathIterator(edge.path().getPathIterator(null), FLATNESS_MM, HALVINGS);
        for (; !path.isDone(); path.next()) {
            int segment = path.currentSegment(at);
            if (segment == PathIterator.SEG_MOVETO) {
                line = new ArrayList<>();
                lines.add(line);
            }
            if (segment != PathIterator.SEG_CLOSE && (line.isEmpty() || apart(line.get(line.size() - 1), at))) {
                line.add(new double[] {at[0], at[1]});
            }
        }
        lines.forEach(one -> {
            if (one.size() > 1 && !apart(one.get(0), one.get(one.size() - 1))) {
                one.remove(one.size() - 1);
            }
        });
        lines.removeIf(one -> one.size() < 3);
        return lines;
    }

    private static boolean apart(double[] a, double[] b) {
        return Math.hypot(a[0] - b[0], a[1] - b[1]) > TINY;
    }
}
