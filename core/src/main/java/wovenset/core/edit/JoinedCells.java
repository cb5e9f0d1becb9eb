package wovenset.core.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.piece.CellSpan;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Grid;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;

/** Joins cells of a grid to one, and parts them. Every other frame stays in its cell. */
final class JoinedCells {
    private final Supplier<UUID> ids;

    JoinedCells(Supplier<UUID> ids) {
        this.ids = ids;
    }

    Outcome join(Piece piece, Edit.JoinCells edit) {
        Page page = Edits.checkedPage(piece, edit.pageId());
        Grid grid = gridOf(page);
        List<Grid.Slot> slots = grid.slots();
        List<Frame> governed = page.governed();
        List<Grid.Slot> joined = new ArrayList<>();
        for (int i = 0; i < slots.size(); i++) {
            if (edit.frameIds().contains(governed.get(i).id())) {
                joined.add(slots.get(i));
            }
        }
        if (joined.size() < 2
                || joined.size() != edit.frameIds().stream().distinct().count()) {
            throw new EditRefusedException("frameIds", "Select two cells of the grid or more to join them.");
        }
        CellSpan span = around(joined);
        if (span.rows() * span.columns()
                != joined.stream()
                        .mapToInt(slot -> slot.rows() * slot.columns())
                        .sum()) {
            throw new EditRefusedException("frameIds", "Only cells that make up a rectangle can be joined.");
        }
        List<CellSpan> spans = new ArrayList<>(grid.spans());
        spans.removeIf(span::meets);
        spans.add(span);
        Frame kept = governed.stream()
                .filter(frame -> edit.frameIds().contains(frame.id()) && frame.photo() != null)
                .findFirst()
                .orElseGet(() -> governed.stream()
                        .filter(frame -> edit.frameIds().contains(frame.id()))
                        .findFirst()
                        .orElseThrow());
        return new Outcome(
                piece.mapPage(
                        page.id(),
                        old -> moved(old, grid.withSpans(spans), Map.of(at(span.row(), span.column()), kept))),
                "Join cells");
    }

    Outcome part(Piece piece, Edit.PartCells edit) {
        Page page = Edits.checkedPage(piece, edit.pageId());
        Grid grid = gridOf(page);
        int index = page.governed().stream().map(Frame::id).toList().indexOf(edit.frameId());
        List<CellSpan> spans = new ArrayList<>(grid.spans());
        if (index < 0
                || !spans.removeIf(span -> span.covers(
                        grid.slots().get(index).row(), grid.slots().get(index).column()))) {
            throw new EditRefusedException("frameId", "This cell is not joined.");
        }
        return new Outcome(
                piece.mapPage(page.id(), old -> moved(old, grid.withSpans(spans), Map.of())), "Part joined cells");
    }

    /** The page with another grid of the same rows and columns: each frame stays in the cell where its own began. */
    private Page moved(Page page, Grid grid, Map<Integer, Frame> wanted) {
        Map<Integer, Frame> byCell = new HashMap<>();
        List<Grid.Slot> before = gridOf(page).slots();
        List<Frame> governed = page.governed();
        for (int i = 0; i < before.size(); i++) {
            byCell.put(at(before.get(i).row(), before.get(i).column()), governed.get(i));
        }
        byCell.putAll(wanted);
        List<Frame> frames = new ArrayList<>();
        for (Grid.Slot slot : grid.slots()) {
            Frame frame = byCell.get(at(slot.row(), slot.column()));
            frames.add(frame == null ? Frame.empty(ids.get()) : frame);
        }
        page.frames().stream().filter(frame -> frame.spot() != null).forEach(frames::add);
        return page.with(grid, frames);
    }

    private static int at(int row, int column) {
        return row * Grid.MOST + column;
    }

    private static Grid gridOf(Page page) {
        if (page.arrangement() instanceof Grid grid) {
            return grid;
        }
        throw new EditRefusedException("arrangement", "Only a grid's cells can be joined and parted.");
    }

    private static CellSpan around(List<Grid.Slot> slots) {
        int row = slots.stream().mapToInt(Grid.Slot::row).min().orElseThrow();
        int column = slots.stream().mapToInt(Grid.Slot::column).min().orElseThrow();
        int bottom =
                slots.stream().mapToInt(slot -> slot.row() + slot.rows()).max().orElseThrow();
        int right = slots.stream()
                .mapToInt(slot -> slot.column() + slot.columns())
                .max()
                .orElseThrow();
        return new CellSpan(row, column, bottom - row, right - column);
    }
}
