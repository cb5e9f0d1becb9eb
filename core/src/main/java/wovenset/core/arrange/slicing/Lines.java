package wovenset.core.arrange.slicing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wovenset.core.arrange.space.FrameTrim;
import wovenset.core.arrange.space.Space;
import wovenset.core.arrangement.SlicingTree;
import wovenset.core.arrangement.SlicingTree.Cut;
import wovenset.core.arrangement.SlicingTree.Leaf;
import wovenset.core.arrangement.SlicingTree.Way;
import wovenset.core.geometry.BoxMm;

/**
 * Photos in their order in rows as high as each other as can be, or in columns as wide as each other. A row that just fills the
 * width has the height h = (width − offset) / slope ({@link LinearSize}). For each number of rows the breaks are chosen that
 * make Σ (h/H − 1)² least, H the height that rows should have, over all breaks at once as a paragraph is broken into lines
 * (Knuth and Plass 1981), not row by row; of the numbers of rows, the one is taken whose block covers most of the room. Cost:
 * rows · photos².
 */
public final class Lines {
    private final List<Double> proportions;
    private final Space space;
    private final boolean rows;

    private Lines(List<Double> proportions, Space space, boolean rows) {
        this.proportions = proportions;
        this.space = space;
        this.rows = rows;
    }

    /**
     * The tree to be solved whole, its leaves in the photos' order; nothing if there is no room.
     *
     * @param proportions width by height, at least one
     * @param rows whether rows are wanted, or columns
     */
    public static Optional<SlicingTree> tree(List<Double> proportions, Space space, boolean rows) {
        return new Lines(proportions, space, rows).best();
    }

    private Optional<SlicingTree> best() {
        SlicingTree best = null;
        double mostCovered = 0;
        for (int lines = 1; lines <= proportions.size(); lines++) {
            SlicingTree tree = broken(lines);
            Optional<List<BoxMm>> places =
                    tree == null ? Optional.empty() : SlicingSums.places(tree, proportions, space, true);
            double covered = places.map(all -> all.stream()
                            .mapToDouble(place -> place.width() * place.height())
                            .sum())
                    .orElse(0.0);
            if (covered > mostCovered) {
                mostCovered = covered;
                best = tree;
            }
        }
        return Optional.ofNullable(best);
    }

    /** The least ragged way to break the photos into so many lines; null if a line would have no room. */
    private @Nullable SlicingTree broken(int lines) {
        int n = proportions.size();
        double gap = space.gap();
        double across = rows ? space.box().height() : space.box().width();
        double along = rows ? space.box().width() : space.box().height();
        double wanted = (across - gap * (lines - 1)) / lines;
        if (wanted <= 0) {
            return null;
        }
        double[][] least = new double[lines + 1][n + 1];
        int[][] from = new int[lines + 1][n + 1];
        for (double[] row : least) {
            Arrays.fill(row, Double.POSITIVE_INFINITY);
        }
        least[0][0] = 0;
        for (int line = 1; line <= lines; line++) {
            for (int end = line; end <= n - (lines - line); end++) {
                double slope = 0;
                double offset = -gap;
                for (int start = end - 1; start >= line - 1; start--) {
                    LinearSize one = along(start);
                    slope += one.slope();
                    offset += one.offset() + gap;
                    double thick = (along - offset) / slope;
                    double ragged = least[line - 1][start] + Math.pow(thick / wanted - 1, 2);
                    if (thick > 0 && ragged < least[line][end]) {
                        least[line][end] = ragged;
                        from[line][end] = start;
                    }
                }
            }
        }
        return Double.isInfinite(least[lines][n]) ? null : tree(from, lines, n);
    }

    /** A picture's length along the line at a thickness of the line, for rows and for columns. */
    private LinearSize along(int frame) {
        double proportion = proportions.get(frame);
        FrameTrim trim = space.trim(frame);
        return rows
                ? LinearSize.picture(proportion, trim)
                : new LinearSize(1 / proportion, trim.down() - trim.across() / proportion);
    }

    private SlicingTree tree(int[][] from, int lines, int n) {
        List<SlicingTree> parts = new ArrayList<>();
        int end = n;
        for (int line = lines; line > 0; line--) {
            int start = from[line][end];
            parts.add(0, Cut.of(rows ? Way.ACROSS : Way.DOWN, Collections.nCopies(end - start, Leaf.OWN)));
            end = start;
        }
        return Cut.of(rows ? Way.DOWN : Way.ACROSS, parts);
    }
}
