package wovenset.core.arrange.space;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import wovenset.core.arrangement.Arrangement;
import wovenset.core.arrangement.ByHand;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.Scattered;
import wovenset.core.arrangement.Slicing;
import wovenset.core.arrangement.SlicingTree;
import wovenset.core.item.Frame;
import wovenset.core.measure.Length;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.Outline;
import wovenset.core.style.StyleSheet;

/**
 * With which frames of a page room is kept for words, below them or above. Where it is kept only for what is written, frames of one row keep it
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
        boolean beside = captions.show() != CaptionStyle.Show.NONE && captions.place() != CaptionStyle.Place.ON_PICTURE;
        strip = beside ? captions.strip() : Length.ZERO;
        frames = page.frames();
        for (Frame frame : frames) {
            boolean written = !piece.wordsOf(page, frame).isBlank();
            if (written || captions.show() == CaptionStyle.Show.ALWAYS) {
                kept.add(frame.id());
            }
        }
        if (captions.show() == CaptionStyle.Show.WRITTEN) {
            List<Frame> slotted = page.slotted();
            rows(page.arrangement()).forEach(row -> keepTogether(row, slotted));
        }
    }

    public static Strips of(Piece piece, Page page) {
        return new Strips(piece, page);
    }

    /** What surrounds a frame's picture, the room for words with it. */
    public FrameTrim trim(Frame frame) {
        boolean above = styles.captions().place() == CaptionStyle.Place.ABOVE && !hasFoot(frame);
        return FrameTrim.of(frame.style().in(styles), of(frame), above);
    }

    /** The height of the room for a frame's words; zero for none. */
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

    /** The height of the widest room that any frame keeps. */
    public Length most() {
        return frames.stream().map(this::of).max(Comparator.naturalOrder()).orElse(Length.ZERO);
    }

    private void keepTogether(List<Integer> row, List<Frame> slotted) {
        List<UUID> ids = row.stream()
                .filter(slot -> slot < slotted.size())
                .map(slot -> slotted.get(slot).id())
                .toList();
        if (ids.stream().anyMatch(kept::contains)) {
            kept.addAll(ids);
        }
    }

    /** The slots that keep room together. */
    private static List<List<Integer>> rows(Arrangement arrangement) {
        return arrangement.accept(new Arrangement.Visitor<>() {
            @Override
            public List<List<Integer>> grid(Grid grid) {
                Map<Integer, List<Integer>> rows = new HashMap<>();
                List<Grid.Slot> cells = grid.cells();
                for (int slot = 0; slot < cells.size(); slot++) {
                    Grid.Slot cell = cells.get(slot);
                    rows.computeIfAbsent(cell.row() + cell.rows(), end -> new ArrayList<>())
                            .add(slot);
                }
                return List.copyOf(rows.values());
            }

            @Override
            public List<List<Integer>> slicing(Slicing slicing) {
                List<List<Integer>> rows = new ArrayList<>();
                sideBySide(slicing.tree(), 0, rows);
                return rows;
            }

            @Override
            public List<List<Integer>> scattered(Scattered scattered) {
                return List.of();
            }

            @Override
            public List<List<Integer>> byHand(ByHand byHand) {
                return List.of();
            }
        });
    }

    private static void sideBySide(SlicingTree tree, int first, List<List<Integer>> rows) {
        if (!(tree instanceof SlicingTree.Cut cut)) {
            return;
        }
        List<Integer> row = new ArrayList<>();
        int at = first;
        for (SlicingTree part : cut.parts()) {
            if (part instanceof SlicingTree.Leaf) {
                row.add(at);
            }
            sideBySide(part, at, rows);
            at += part.leaves();
        }
        if (cut.way() == SlicingTree.Way.ACROSS) {
            rows.add(row);
        }
    }
}
