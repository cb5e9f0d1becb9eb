package wovenset.core.arrange.slicing;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import wovenset.core.arrange.space.Space;
import wovenset.core.arrangement.Slicing;
import wovenset.core.arrangement.SlicingTree;
import wovenset.core.arrangement.SlicingTree.Cut;
import wovenset.core.arrangement.SlicingTree.Leaf;
import wovenset.core.arrangement.SlicingTree.Way;

/**
 * One place more in a page that is cut. The new place is tried after the whole and after the last part at each depth, beside it
 * and below it; that which covers most of the space is taken. Cost: linear in the places for each depth of the last part.
 */
public final class SlicingGrowth {
    private SlicingGrowth() {}

    /**
     * The tree with one more place, the last.
     *
     * @param proportions of the photos as they will be, the new one last
     */
    public static SlicingTree withOneMore(Slicing slicing, List<Double> proportions, Space space) {
        SlicingTree best = null;
        double most = -1;
        for (SlicingTree tree : grown(slicing.tree())) {
            double covered = SlicingSums.places(tree, proportions, space, slicing.whole())
                    .map(all -> all.stream()
                            .mapToDouble(place -> place.width() * place.height())
                            .sum())
                    .orElse(0.0);
            if (covered > most) {
                most = covered;
                best = tree;
            }
        }
        return Objects.requireNonNull(best, "a tree grows in two ways at least");
    }

    private static List<SlicingTree> grown(SlicingTree tree) {
        List<SlicingTree> all = new ArrayList<>();
        for (Way way : Way.values()) {
            all.add(Cut.of(way, List.of(tree, Leaf.OWN)));
        }
        if (tree instanceof Cut cut) {
            List<SlicingTree> before = cut.parts().subList(0, cut.parts().size() - 1);
            for (SlicingTree last : grown(cut.parts().get(cut.parts().size() - 1))) {
                List<SlicingTree> parts = new ArrayList<>(before);
                parts.add(last);
                all.add(Cut.of(cut.way(), parts));
            }
        }
        return all;
    }
}
