package wovenset.core.arrangement;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * How a rectangle is cut, straight from edge to edge, into a place for each frame (a slicing floorplan: Otten 1982; Wong and
 * Liu 1986). The leaves, read from first part to last, belong to the page's frames in their order.
 *
 * <p>As text, a place is {@code p}, or {@code p1.5} for one that keeps the proportion 1.5 whatever its photo's; parts side by
 * side stand in {@code ( )}, parts one below the other in {@code [ ]}: {@code (p[pp])} is one large place beside two.
 */
public sealed interface SlicingTree {
    /** No page is so finely cut that it needs more; keeps a hostile text from a deep recursion. */
    int MOST_DEPTH = 200;

    /** The number of places. */
    int leaves();

    /**
     * A place for one frame.
     *
     * @param proportion width by height that the picture is given; 0 for the photo's own
     */
    record Leaf(double proportion) implements SlicingTree {
        public static final Leaf OWN = new Leaf(0);

        public Leaf {
            Checks.that(proportion == 0 || proportion >= 0.02 && proportion <= 50, Reason.LEAF_PROPORTION);
        }

        @Override
        public int leaves() {
            return 1;
        }

        @Override
        public String toString() {
            return proportion == 0
                    ? "p"
                    : "p"
                            + String.format(Locale.ROOT, "%.4f", proportion)
                                    .replaceAll("0+$", "")
                                    .replaceAll("\\.$", "");
        }
    }

    /** Parts side by side or one below the other, at least two. */
    record Cut(Way way, List<SlicingTree> parts) implements SlicingTree {
        public Cut {
            parts = List.copyOf(parts);
            Checks.that(parts.size() >= 2, Reason.CUT_OF_ONE);
        }

        /** The same cut with parts that are cut the same way opened into it. */
        public static SlicingTree of(Way way, List<SlicingTree> parts) {
            List<SlicingTree> flat = new ArrayList<>();
            for (SlicingTree part : parts) {
                if (part instanceof Cut cut && cut.way == way) {
                    flat.addAll(cut.parts);
                } else {
                    flat.add(part);
                }
            }
            return flat.size() == 1 ? flat.get(0) : new Cut(way, flat);
        }

        @Override
        public int leaves() {
            return parts.stream().mapToInt(SlicingTree::leaves).sum();
        }

        @Override
        public String toString() {
            String inner = parts.stream().map(Object::toString).collect(Collectors.joining());
            return way == Way.ACROSS ? "(" + inner + ")" : "[" + inner + "]";
        }
    }

    /** Which way the parts follow each other. */
    enum Way {
        ACROSS,
        DOWN
    }

    /** The tree without one of its places; nothing if it was the only one. Places are counted from 0. */
    default Optional<SlicingTree> without(int place) {
        if (place < 0 || place >= leaves()) {
            throw new IndexOutOfBoundsException(place);
        }
        if (!(this instanceof Cut cut)) {
            return Optional.empty();
        }
        List<SlicingTree> kept = new ArrayList<>();
        int before = 0;
        for (SlicingTree part : cut.parts) {
            boolean here = place >= before && place < before + part.leaves();
            (here ? part.without(place - before) : Optional.of(part)).ifPresent(kept::add);
            before += part.leaves();
        }
        return Optional.of(Cut.of(cut.way, kept));
    }

    /** @throws IllegalArgumentException saying where the text is no tree */
    static SlicingTree parse(String text) {
        return new SlicingText(text).tree();
    }
}
