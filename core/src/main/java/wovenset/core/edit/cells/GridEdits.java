package wovenset.core.edit.cells;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.grid.CellSurround;
import wovenset.core.arrange.grid.GridSums;
import wovenset.core.arrange.space.Heads;
import wovenset.core.arrange.space.Strips;
import wovenset.core.arrangement.CellSpan;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.Margins;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.pages.PieceEdits;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.edit.slots.Reflowing;
import wovenset.core.item.Frame;
import wovenset.core.item.Item;
import wovenset.core.item.Items;
import wovenset.core.item.Placement;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;

/** Edits of grids and their cells. */
public final class GridEdits {
    private final Supplier<UUID> ids;

    public GridEdits(Supplier<UUID> ids) {
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(
                ArrangeEdit.SetGrid.class,
                (piece, edit) ->
                        Outcome.of(regridded(piece, edit.pageId(), edit.grid(), edit.reflow()), Doing.SET_GRID));
        handlers.on(
                ArrangeEdit.SetGridOfAll.class,
                (piece, edit) -> Outcome.of(new Reflowing(piece, edit.reflow(), ids).all(edit.grid()), Doing.SET_GRID));
        handlers.on(ArrangeEdit.SizeFromCells.class, this::sizeFromCells);
        handlers.on(ArrangeEdit.FillWithCells.class, this::fillWithCells);
        handlers.on(ArrangeEdit.JoinCells.class, this::join);
        handlers.on(ArrangeEdit.PartCells.class, this::part);
    }

    private Piece regridded(Piece piece, UUID pageId, Grid grid, ArrangeEdit.Reflow reflow) {
        return new Reflowing(piece, reflow, ids).page(Named.page(piece, pageId), grid);
    }

    private Outcome sizeFromCells(Piece piece, ArrangeEdit.SizeFromCells edit) {
        checkCell(edit.grid());
        Piece changed = regridded(piece, edit.pageId(), edit.grid(), edit.reflow());
        Page page = Named.page(changed, edit.pageId());
        GridSums.PageSize size = Places.pageFor(changed, page, edit.grid());
        return Outcome.of(
                PieceEdits.withFormat(changed, changed.format().withSize(size.width(), size.height())),
                Doing.SIZE_FROM_CELLS);
    }

    private Outcome fillWithCells(Piece piece, ArrangeEdit.FillWithCells edit) {
        checkCell(edit.grid());
        Page page = Named.page(piece, edit.pageId());
        CellSurround around = Strips.of(piece, page).aroundAny();
        Margins own = edit.grid().margins();
        Grid inner = edit.grid().withMargins(Heads.of(piece, page, own).margins());
        Grid grid = GridSums.most(piece.format(), inner, edit.mayTurn(), around).withMargins(own);
        return Outcome.of(regridded(piece, page.id(), grid, edit.reflow()), Doing.FILL_WITH_CELLS);
    }

    private static void checkCell(Grid grid) {
        if (grid.cell() == null) {
            throw EditRefusedException.of("cell", Reason.CELL_FIRST);
        }
    }

    private Outcome join(Piece piece, ArrangeEdit.JoinCells edit) {
        Page page = Named.page(piece, edit.pageId());
        Grid grid = gridOf(page);
        List<Grid.Slot> cells = grid.cells();
        List<Frame> slotted = page.slotted();
        List<Grid.Slot> joined = new ArrayList<>();
        Optional<Frame> kept = Optional.empty();
        for (int slot = 0; slot < cells.size(); slot++) {
            Frame frame = slotted.get(slot);
            if (edit.frameIds().contains(frame.id())) {
                joined.add(cells.get(slot));
                kept = kept.filter(one -> !one.isEmpty() || frame.isEmpty()).or(() -> Optional.of(frame));
            }
        }
        if (joined.size() < 2
                || joined.size() != edit.frameIds().stream().distinct().count()) {
            throw EditRefusedException.of("frameIds", Reason.JOIN_TWO);
        }
        CellSpan span = around(joined);
        int covered =
                joined.stream().mapToInt(cell -> cell.rows() * cell.columns()).sum();
        if (span.rows() * span.columns() != covered) {
            throw EditRefusedException.of("frameIds", Reason.JOIN_RECTANGLE);
        }
        List<CellSpan> spans = new ArrayList<>(grid.spans());
        spans.removeIf(span::meets);
        spans.add(span);
        Map<Integer, Frame> wanted = new HashMap<>();
        kept.ifPresent(frame -> wanted.put(at(span.row(), span.column()), frame));
        return Outcome.of(piece, moved(piece, page, grid.withSpans(spans), wanted), Doing.JOIN);
    }

    private Outcome part(Piece piece, ArrangeEdit.PartCells edit) {
        Page page = Named.page(piece, edit.pageId());
        Grid grid = gridOf(page);
        int slot = page.slotted().stream().map(Frame::id).toList().indexOf(edit.frameId());
        List<CellSpan> spans = new ArrayList<>(grid.spans());
        if (slot < 0
                || !spans.removeIf(span -> span.covers(
                        grid.cells().get(slot).row(), grid.cells().get(slot).column()))) {
            throw EditRefusedException.of("frameId", Reason.NOT_JOINED);
        }
        return Outcome.of(piece, moved(piece, page, grid.withSpans(spans), Map.of()), Doing.PART);
    }

    /** The page with another grid of the same rows and columns: each frame stays in the cell where its own began. */
    private Page moved(Piece piece, Page page, Grid grid, Map<Integer, Frame> wanted) {
        Map<Integer, Frame> byCell = new HashMap<>();
        List<Grid.Slot> before = gridOf(page).cells();
        List<Frame> slotted = page.slotted();
        for (int slot = 0; slot < before.size(); slot++) {
            byCell.put(at(before.get(slot).row(), before.get(slot).column()), slotted.get(slot));
        }
        byCell.putAll(wanted);
        Map<UUID, Integer> slots = new HashMap<>();
        List<Frame> added = new ArrayList<>();
        List<Grid.Slot> cells = grid.cells();
        for (int slot = 0; slot < cells.size(); slot++) {
            Frame frame = byCell.get(at(cells.get(slot).row(), cells.get(slot).column()));
            if (frame != null) {
                slots.put(frame.id(), slot);
            } else {
                added.add(Frame.empty(
                        ids.get(),
                        new Placement.InSlot(slot),
                        piece.styles().usual().id()));
            }
        }
        List<Item> items = new ArrayList<>(Items.mapFrames(page.items(), frame -> {
            Integer slot = slots.get(frame.id());
            return slot != null
                    ? Optional.of(frame.inSlot(slot))
                    : Optional.of(frame).filter(Frame::hasOwnPlace);
        }));
        items.addAll(added);
        return page.with(grid, items);
    }

    private static int at(int row, int column) {
        return row * Grid.MOST + column;
    }

    private static Grid gridOf(Page page) {
        if (page.arrangement() instanceof Grid grid) {
            return grid;
        }
        throw EditRefusedException.of("arrangement", Reason.ONLY_GRIDS_JOIN);
    }

    private static CellSpan around(List<Grid.Slot> cells) {
        int row = cells.stream().mapToInt(Grid.Slot::row).min().orElseThrow();
        int column = cells.stream().mapToInt(Grid.Slot::column).min().orElseThrow();
        int bottom =
                cells.stream().mapToInt(cell -> cell.row() + cell.rows()).max().orElseThrow();
        int right = cells.stream()
                .mapToInt(cell -> cell.column() + cell.columns())
                .max()
                .orElseThrow();
        return new CellSpan(row, column, bottom - row, right - column);
    }
}
