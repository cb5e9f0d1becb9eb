package wovenset.core.arrange.space;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import wovenset.core.arrange.grid.CellSurround;
import wovenset.core.arrangement.Arrangement;
import wovenset.core.arrangement.ByHand;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.Scattered;
import wovenset.core.arrangement.Silhouette;
import wovenset.core.arrangement.Slicing;
import wovenset.core.arrangement.SlicingTree;
import wovenset.core.item.Frame;
import wovenset.core.measure.Length;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.style.Band;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.Outline;
import wovenset.core.style.StyleSheet;

/**
 * With which frames of a page room is kept for words, below them, above or beside. Where it is kept only for what is written, frames of one row keep it
 * together, so that one typed word does not set the row askew: those that end in one row of a grid, and those side by side in
 * one cut. A print with a foot has its words there and always keeps its room. Cost: linear in the frames.
 */
public final class Strips {
    private final Length strip;
    private final StyleSheet styles;
    private final List<Frame> frames;
    private final Set<UUID> kept = new HashSet<>();

    private Strips(Piece piece, Page page) {
        styles = piece.styles();
        CaptionStyle captions = styles.captions();
        strip = captions.show() == CaptionStyle.Show.NONE ? Length.ZERO : captions.strip();
        frames = page.frames();
        for (Frame frame : frames) {
            boolean written = !piece.wordsOf(page, frame).isBlank();
            if (written || captions.show() == CaptionStyle.Show.ALWAYS) {
                kept.add(frame.id());
            }
        }
        if (captions.show() == CaptionStyle.Show.WRITTEN) {
            List<Frame> slotted = page.slotted();
            together(page.arrangement(), captions.place().isBeside()).forEach(line -> keepTogether(line, slotted));
        }
    }

    public static Strips of(Piece piece, Page page) {
        return new Strips(piece, page);
    }

    /** What surrounds a frame's picture, the room for words with it. */
    public FrameTrim trim(Frame frame) {
        return FrameTrim.of(frame.style().in(styles), of(frame), side(frame));
    }

    /** The same, as if it kept room for words if any frame does. */
    public FrameTrim trimIfAny(Frame frame) {
        return FrameTrim.of(frame.style().in(styles), most(), side(frame));
    }

    /** Where a frame's words have their room. */
    public FrameTrim.Side side(Frame frame) {
        return hasFoot(frame) ? FrameTrim.Side.BELOW : usualSide();
    }

    private FrameTrim.Side usualSide() {
        return switch (styles.captions().place()) {
            case BELOW, ON_PICTURE -> FrameTrim.Side.BELOW;
            case ABOVE -> FrameTrim.Side.ABOVE;
            case LEFT -> FrameTrim.Side.LEFT;
            case RIGHT -> FrameTrim.Side.RIGHT;
        };
    }

    /** What lies around a cell of a fixed size whose frame wears the usual style and has words if any frame has. */
    public CellSurround aroundAny() {
        Length outside = styles.usual().width(Band.Side.OUTSIDE);
        List<Length> strips = List.of(most());
        return usualSide().isBeside()
                ? new CellSurround(outside, List.of(), strips)
                : new CellSurround(outside, strips, List.of());
    }

    /** The room for a frame's words, as high as it is below or above a picture, as wide as it is beside one; zero for none. */
    public Length of(Frame frame) {
        if (hasFoot(frame)) {
            return frame.style().in(styles).foot();
        }
        return kept.contains(frame.id()) ? strip : Length.ZERO;
    }

    private boolean hasFoot(Frame frame) {
        return frame.outline() instanceof Outline.Rect
                && frame.style().in(styles).foot().isPositive();
    }

    /** The largest room that any frame keeps. */
    private Length most() {
        return frames.stream().map(this::of).max(Comparator.naturalOrder()).orElse(Length.ZERO);
    }

    private void keepTogether(List<Integer> line, List<Frame> slotted) {
        List<UUID> ids = line.stream()
                .filter(slot -> slot < slotted.size())
                .map(slot -> slotted.get(slot).id())
                .toList();
        if (ids.stream().anyMatch(kept::contains)) {
            kept.addAll(ids);
        }
    }

    /** The slots that keep room together: those of a row, or of a column where words stand beside photos. */
    private static List<List<Integer>> together(Arrangement arrangement, boolean beside) {
        return arrangement.accept(new Arrangement.Visitor<>() {
            @Override
            public List<List<Integer>> grid(Grid grid) {
                Map<Integer, List<Integer>> lines = new HashMap<>();
                List<Grid.Slot> cells = grid.cells();
                for (int slot = 0; slot < cells.size(); slot++) {
                    Grid.Slot cell = cells.get(slot);
                    int last = beside ? cell.column() + cell.columns() : cell.row() + cell.rows();
                    lines.computeIfAbsent(last, end -> new ArrayList<>()).add(slot);
                }
                return List.copyOf(lines.values());
            }

            @Override
            public List<List<Integer>> slicing(Slicing slicing) {
                List<List<Integer>> lines = new ArrayList<>();
                inOneCut(slicing.tree(), 0, beside ? SlicingTree.Way.DOWN : SlicingTree.Way.ACROSS, lines);
                return lines;
            }

            @Override
            public List<List<Integer>> scattered(Scattered scattered) {
                return List.of();
            }

            @Override
            public List<List<Integer>> silhouette(Silhouette silhouette) {
                return List.of();
            }

            @Override
            public List<List<Integer>> byHand(ByHand byHand) {
                return List.of();
            }
        });
    }

    private static void inOneCut(SlicingTree tree, int first, SlicingTree.Way way, List<List<Integer>> lines) {
        if (!(tree instanceof SlicingTree.Cut cut)) {
            return;
        }
        List<Integer> line = new ArrayList<>();
        int at = first;
        for (SlicingTree part : cut.parts()) {
            if (part instanceof SlicingTree.Leaf) {
                line.add(at);
            }
            inOneCut(part, at, way, lines);
            at += part.leaves();
        }
        if (cut.way() == way) {
            lines.add(line);
        }
    }
}
