package wovenset.core.arrange.slicing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import wovenset.core.arrange.space.FrameTrim;
import wovenset.core.arrange.space.Space;
import wovenset.core.arrangement.Slicing;
import wovenset.core.arrangement.SlicingTree;
import wovenset.core.arrangement.SlicingTree.Cut;
import wovenset.core.arrangement.SlicingTree.Leaf;
import wovenset.core.arrangement.SlicingTree.Way;
import wovenset.core.geometry.BoxMm;

/**
 * From a slicing tree to the places of its frames. Every gap is exactly the asked width, and the block never leaves the room
 * that it is given. Cost: linear in the places.
 *
 * <p><b>Whole</b>: every picture keeps its proportion ({@link LinearSize}); the block is the largest that fits the room, in
 * its middle. <b>Filling</b>: the block fills the room; at each cut the parts share what the gaps leave in the ratio of the
 * sizes that they would have whole, so that all pictures of a block are cut by about the same share.
 */
public final class SlicingSums {
    /** A picture smaller than this shows nothing that anyone could see. Millimetres. */
    public static final double SMALLEST_MM = 1;

    private final List<Double> proportions;
    private final Space space;
    private final double gap;
    private final FrameTrim widest;
    private final List<BoxMm> cells = new ArrayList<>();
    private int next;

    private SlicingSums(List<Double> proportions, Space space) {
        this.proportions = proportions;
        this.space = space;
        this.gap = space.gap();
        this.widest = space.widestTrim();
    }

    /** A block that knows its size and its parts. */
    private record Block(LinearSize size, Way way, List<Block> parts) {}

    /**
     * @param tree with a leaf for each proportion
     * @param proportions of the frames' photos, width by height, in the order of the leaves
     * @param space for frames in that order
     * @return the places in the order of the leaves, or nothing if gaps and trim leave no room for the pictures
     */
    public static Optional<List<BoxMm>> places(SlicingTree tree, List<Double> proportions, Space space, boolean whole) {
        if (tree.leaves() != proportions.size()) {
            throw new IllegalArgumentException(
                    "A tree of " + tree.leaves() + " places for " + proportions.size() + " frames");
        }
        SlicingSums sums = new SlicingSums(proportions, space);
        BoxMm room = space.box();
        Block block = sums.block(tree);
        if (whole) {
            double height = Math.min(room.height(), block.size.height(room.width()));
            double width = Math.min(room.width(), block.size.width(height));
            if (!(height > 0 && width > 0)) {
                return Optional.empty();
            }
            sums.whole(block, room.centreX() - width / 2, room.centreY() - height / 2, width, height);
        } else {
            sums.fill(block, room.x(), room.y(), room.width(), room.height());
        }
        boolean shown = IntStream.range(0, proportions.size())
                .allMatch(i -> sums.cells.get(i).width() - space.trim(i).across() >= SMALLEST_MM
                        && sums.cells.get(i).height() - space.trim(i).down() >= SMALLEST_MM);
        return shown ? Optional.of(List.copyOf(sums.cells)) : Optional.empty();
    }

    private Block block(SlicingTree tree) {
        if (tree instanceof Leaf leaf) {
            int frame = next++;
            double proportion = leaf.proportion() == 0 ? proportions.get(frame) : leaf.proportion();
            return new Block(LinearSize.picture(proportion, space.trim(frame)), Way.ACROSS, List.of());
        }
        Cut cut = (Cut) tree;
        List<Block> parts = new ArrayList<>();
        cut.parts().forEach(part -> parts.add(block(part)));
        List<LinearSize> sizes = parts.stream().map(Block::size).toList();
        return new Block(
                cut.way() == Way.ACROSS ? LinearSize.across(sizes, gap) : LinearSize.down(sizes, gap),
                cut.way(),
                parts);
    }

    private void whole(Block block, double x, double y, double width, double height) {
        if (block.parts.isEmpty()) {
            cells.add(new BoxMm(x, y, Math.max(0, width), Math.max(0, height)));
            return;
        }
        double at = block.way == Way.ACROSS ? x : y;
        for (Block part : block.parts) {
            if (block.way == Way.ACROSS) {
                double partWidth = part.size.width(height);
                whole(part, at, y, partWidth, height);
                at += partWidth + gap;
            } else {
                double partHeight = part.size.height(width);
                whole(part, x, at, width, partHeight);
                at += partHeight + gap;
            }
        }
    }

    private void fill(Block block, double x, double y, double width, double height) {
        if (block.parts.isEmpty()) {
            cells.add(new BoxMm(x, y, Math.max(0, width), Math.max(0, height)));
            return;
        }
        boolean across = block.way == Way.ACROSS;
        double extent = across ? width : height;
        double room = extent - gap * (block.parts.size() - 1);
        double[] wishes = wishes(block, across ? height : width);
        double all = Arrays.stream(wishes).sum();
        double taken = 0;
        for (int i = 0; i < wishes.length; i++) {
            double start = room * (taken / all) + gap * i;
            taken += wishes[i];
            double end = i == wishes.length - 1 ? extent : room * (taken / all) + gap * i;
            if (across) {
                fill(block.parts.get(i), x + start, y, end - start, height);
            } else {
                fill(block.parts.get(i), x, y + start, width, end - start);
            }
        }
    }

    /** What each part would take whole; never nothing, for a tight block may have no room by that sum. */
    private double[] wishes(Block block, double cross) {
        boolean across = block.way == Way.ACROSS;
        double least = SMALLEST_MM + (across ? widest.across() : widest.down());
        return block.parts.stream()
                .mapToDouble(part -> Math.max(least, across ? part.size.width(cross) : part.size.height(cross)))
                .toArray();
    }

    /** The widest gap, in millimetres, with which the tree can be solved, by halving; less than nothing if there is none. */
    public static double mostGap(Slicing slicing, List<Double> proportions, Space space) {
        double most = -1;
        double fits = 0;
        double wide = space.gap();
        for (int step = 0; step < 40; step++) {
            if (places(slicing.tree(), proportions, space.withGap(fits), slicing.whole())
                    .isPresent()) {
                most = fits;
            } else if (step == 0) {
                return -1;
            } else {
                wide = fits;
            }
            fits = (most + wide) / 2;
        }
        return most;
    }
}
