package wovenset.core.arrangement;

import wovenset.core.measure.Length;

/**
 * Places cut from the page inside its margins by straight cuts.
 *
 * @param gap between neighbours
 * @param whole whether every picture keeps its proportion and the block is as large as fits, or the block fills the margins
 *     and pictures are cropped a little
 * @param tree with a place for each frame, in their order
 */
public record Slicing(Margins margins, Length gap, boolean whole, SlicingTree tree) implements Arrangement {
    @Override
    public int slots() {
        return tree.leaves();
    }

    @Override
    public Slicing withMargins(Margins newMargins) {
        return new Slicing(newMargins, gap, whole, tree);
    }

    public Slicing withTree(SlicingTree newTree) {
        return new Slicing(margins, gap, whole, newTree);
    }

    @Override
    public boolean mayBeVacant() {
        return false;
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
        return visitor.slicing(this);
    }
}
