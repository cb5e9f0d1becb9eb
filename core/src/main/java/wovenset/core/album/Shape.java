package wovenset.core.album;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import wovenset.core.arrangement.SlicingTree;
import wovenset.core.arrangement.SlicingTree.Cut;
import wovenset.core.arrangement.SlicingTree.Leaf;
import wovenset.core.arrangement.SlicingTree.Way;

/**
 * A slicing tree as a program for sums: which proportion the block has when every picture keeps its own, and which share of it each takes,
 * both without gaps. Side by side, proportions add up; one below the other, their reciprocals do. Cost: linear in the photos.
 */
final class Shape {
    final SlicingTree tree;
    private final int[] partsOf;
    private final boolean[] across;
    private final int photos;

    /** The cuts in the order in which they can be worked out, leaves among them as cuts of no part. */
    Shape(SlicingTree tree) {
        this.tree = tree;
        this.photos = tree.leaves();
        List<SlicingTree> order = new ArrayList<>();
        collect(tree, order);
        partsOf = new int[order.size()];
        across = new boolean[order.size()];
        for (int i = 0; i < partsOf.length; i++) {
            if (order.get(i) instanceof Cut cut) {
                partsOf[i] = cut.parts().size();
                across[i] = cut.way() == Way.ACROSS;
            }
        }
    }

    private static void collect(SlicingTree tree, List<SlicingTree> order) {
        if (tree instanceof Cut cut) {
            cut.parts().forEach(part -> collect(part, order));
        }
        order.add(tree);
    }

    /** Room for the sums of shapes of so many photos. */
    static final class Sums {
        private final double[] stack;
        private final int[] begin;
        final double[] share;

        Sums(int photos) {
            stack = new double[photos + 1];
            begin = new int[photos + 1];
            share = new double[photos];
        }
    }

    /**
     * @param proportions of all photos, those of the page from a place on
     * @param sums gets each photo's share of the block
     * @return the block's proportion, width by height
     */
    double proportion(double[] proportions, int from, Sums sums) {
        int top = 0;
        int leaf = 0;
        for (int i = 0; i < partsOf.length; i++) {
            if (partsOf[i] == 0) {
                sums.share[leaf] = 1;
                sums.begin[top] = leaf;
                sums.stack[top++] = proportions[from + leaf++];
                continue;
            }
            int first = top - partsOf[i];
            double sum = 0;
            for (int part = first; part < top; part++) {
                sum += across[i] ? sums.stack[part] : 1 / sums.stack[part];
            }
            for (int part = first; part < top; part++) {
                double share = (across[i] ? sums.stack[part] : 1 / sums.stack[part]) / sum;
                int end = part + 1 < top ? sums.begin[part + 1] : leaf;
                for (int photo = sums.begin[part]; photo < end; photo++) {
                    sums.share[photo] *= share;
                }
            }
            top = first + 1;
            sums.stack[first] = across[i] ? sum : 1 / sum;
        }
        return sums.stack[0];
    }

    int photos() {
        return photos;
    }

    /** All ways to cut for so few photos; for more, rows and columns, of which a part of three may be one beside two. */
    static List<Shape> of(int photos) {
        List<SlicingTree> trees = new ArrayList<>();
        if (photos == 1) {
            trees.add(Leaf.OWN);
        } else {
            for (Way way : Way.values()) {
                trees.addAll(photos <= MOST_FULLY_CUT ? cuts(photos, way) : lines(photos, way));
            }
        }
        return trees.stream().map(Shape::new).toList();
    }

    private static final int MOST_FULLY_CUT = 5;
    private static final int MOST_PARTS = 4;

    private static Way other(Way way) {
        return way == Way.ACROSS ? Way.DOWN : Way.ACROSS;
    }

    /** Every tree over photos in their order whose first cut goes this way. */
    private static List<SlicingTree> cuts(int photos, Way way) {
        if (photos == 1) {
            return List.of(Leaf.OWN);
        }
        List<SlicingTree> found = new ArrayList<>();
        parts(photos, photos, photos, List.of())
                .forEach(sizes -> combine(sizes, size -> cuts(size, other(way)), List.of())
                        .forEach(parts -> found.add(new Cut(way, parts))));
        return found;
    }

    private static List<SlicingTree> lines(int photos, Way way) {
        List<SlicingTree> found = new ArrayList<>();
        parts(photos, MOST_PARTS, MOST_PARTS, List.of())
                .forEach(sizes -> combine(sizes, size -> line(size, other(way)), List.of())
                        .forEach(parts -> found.add(new Cut(way, parts))));
        return found;
    }

    private static List<SlicingTree> line(int photos, Way way) {
        if (photos == 1) {
            return List.of(Leaf.OWN);
        }
        SlicingTree straight = new Cut(way, Collections.nCopies(photos, Leaf.OWN));
        if (photos != 3) {
            return List.of(straight);
        }
        SlicingTree two = new Cut(other(way), List.of(Leaf.OWN, Leaf.OWN));
        return List.of(straight, new Cut(way, List.of(Leaf.OWN, two)), new Cut(way, List.of(two, Leaf.OWN)));
    }

    /** The ways to part a number in their order: two parts at least, none larger than allowed. */
    private static List<List<Integer>> parts(int photos, int largest, int most, List<Integer> before) {
        if (photos == 0) {
            return before.size() >= 2 ? List.of(before) : List.of();
        }
        List<List<Integer>> found = new ArrayList<>();
        for (int size = 1; size <= Math.min(largest, photos) && before.size() < most; size++) {
            if (before.isEmpty() && size == photos) {
                break;
            }
            List<Integer> with = new ArrayList<>(before);
            with.add(size);
            found.addAll(parts(photos - size, largest, most, with));
        }
        return found;
    }

    private interface Cutter {
        List<SlicingTree> of(int size);
    }

    private static List<List<SlicingTree>> combine(List<Integer> sizes, Cutter cutter, List<SlicingTree> before) {
        if (sizes.isEmpty()) {
            return List.of(before);
        }
        List<List<SlicingTree>> found = new ArrayList<>();
        for (SlicingTree part : cutter.of(sizes.get(0))) {
            List<SlicingTree> with = new ArrayList<>(before);
            with.add(part);
            found.addAll(combine(sizes.subList(1, sizes.size()), cutter, with));
        }
        return found;
    }
}
