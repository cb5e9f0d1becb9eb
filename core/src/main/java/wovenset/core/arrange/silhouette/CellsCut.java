package wovenset.core.arrange.silhouette;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import wovenset.core.arrange.silhouette.FigureMask.Span;

/**
 * Cells about points that are spread evenly over a figure: Lloyd's method (S. P. Lloyd, Least squares quantization in PCM, 1982) moves each
 * point to the middle of what is nearest to it, {@value #ROUNDS} times; a cell is what is nearer to its point than to any other (Voronoi),
 * a rectangle less the half planes beyond the lines midway. Cost: rounds · squares · n, then n².
 */
final class CellsCut {
    private static final int ROUNDS = 24;
    private static final int MOST_POINTS = 6000;

    private CellsCut() {}

    /** A point, or a corner. */
    record At(double x, double y) {}

    /**
     * @param wide how much wider than high cells are to be
     * @param margin about the figure that cells reach into
     * @return the corners of each
     */
    static List<List<At>> cells(FigureMask mask, int pieces, double wide, double margin, long seed) {
        // What is narrower by this much has cells as wide as high.
        List<At> squares = new ArrayList<>();
        Span all = mask.all();
        int step = Math.max(1, (int) Math.ceil(Math.sqrt((double) mask.count(all) / MOST_POINTS)));
        for (int y = step / 2; y < all.bottom(); y += step) {
            for (int x = step / 2; x < all.right(); x += step) {
                if (mask.isIn(x, y)) {
                    squares.add(new At((x + 0.5) / mask.perUnit() / wide, (y + 0.5) / mask.perUnit()));
                }
            }
        }
        double right = all.right() / mask.perUnit();
        double bottom = all.bottom() / mask.perUnit();
        List<At> whole = List.of(
                new At(-margin / wide, -margin),
                new At((right + margin) / wide, -margin),
                new At((right + margin) / wide, bottom + margin),
                new At(-margin / wide, bottom + margin));
        List<At> points = spread(squares, pieces, new Random(seed));
        List<List<At>> cells = new ArrayList<>();
        for (At point : points) {
            List<At> cell = whole;
            for (At other : points) {
                cell = other.equals(point) ? cell : nearer(cell, point, other);
            }
            cells.add(cell.stream().map(at -> new At(at.x() * wide, at.y())).toList());
        }
        return cells.stream().filter(cell -> cell.size() >= 3).toList();
    }

    private static List<At> spread(List<At> squares, int pieces, Random random) {
        List<At> points = new ArrayList<>();
        for (int i = 0; i < Math.min(pieces, squares.size()); i++) {
            points.add(squares.get(random.nextInt(squares.size())));
        }
        for (int round = 0; round < ROUNDS; round++) {
            double[][] sums = new double[points.size()][3];
            for (At square : squares) {
                double[] sum = sums[nearest(points, square)];
                sum[0] += square.x();
                sum[1] += square.y();
                sum[2]++;
            }
            for (int i = 0; i < sums.length; i++) {
                points.set(
                        i,
                        sums[i][2] == 0
                                ? squares.get(random.nextInt(squares.size()))
                                : new At(sums[i][0] / sums[i][2], sums[i][1] / sums[i][2]));
            }
        }
        return points;
    }

    private static int nearest(List<At> points, At to) {
        int best = 0;
        double least = Double.MAX_VALUE;
        for (int i = 0; i < points.size(); i++) {
            double x = points.get(i).x() - to.x();
            double y = points.get(i).y() - to.y();
            double distance = x * x + y * y;
            if (distance < least) {
                least = distance;
                best = i;
            }
        }
        return best;
    }

    /** What of a convex cell is nearer to one point than to another. */
    private static List<At> nearer(List<At> cell, At one, At other) {
        List<At> left = new ArrayList<>();
        for (int i = 0; i < cell.size(); i++) {
            At from = cell.get(i);
            At to = cell.get((i + 1) % cell.size());
            double here = beyond(from, one, other);
            double there = beyond(to, one, other);
            if (here <= 0) {
                left.add(from);
            }
            if (here < 0 != there < 0 && here != 0 && there != 0) {
                double share = here / (here - there);
                left.add(new At(from.x() + share * (to.x() - from.x()), from.y() + share * (to.y() - from.y())));
            }
        }
        return left;
    }

    /** How far a point lies beyond the line midway, towards the other. */
    private static double beyond(At at, At one, At other) {
        double x = other.x() - one.x();
        double y = other.y() - one.y();
        return (at.x() - (one.x() + other.x()) / 2) * x + (at.y() - (one.y() + other.y()) / 2) * y;
    }
}
