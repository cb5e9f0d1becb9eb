package wovenset.core.arrange;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import wovenset.core.measure.Length;
import wovenset.core.piece.Format;
import wovenset.core.piece.Grid;
import wovenset.core.piece.Margins;
import wovenset.core.piece.Track;

/**
 * Both sums of a grid: from page to cells, and from cells to page.
 *
 * <p>With n tracks, margins a and b, gap g and page length L, the room is R = L − a − b − (n − 1)·g, and F of it is taken by
 * tracks of a fixed length. A track with share s of all shares S gets (R − F)·s/S: track i begins at a + fixed lengths before it +
 * ⌊(R − F)·(shares before it)/S⌋ + i·g, so that gaps are exact, the last edge meets the margin exactly, and equal tracks differ by
 * at most 1 µm. Where all are fixed, the block lies centred. The way back, for cells of one size c, is L = a + b + n·c + (n − 1)·g.
 * Cost: linear in the cells, times the joined ones.
 */
public final class GridSums {
    /** A cell smaller than this holds no picture that anyone could see. */
    public static final Length SMALLEST_CELL = Length.ofMm(2);

    private GridSums() {}

    /** The places of a grid's cells on a page of this format. */
    public static GridOutcome cells(Format format, Grid grid) {
        TrackLine columns = columns(format, grid);
        TrackLine rows = rows(format, grid);
        for (TrackLine line : List.of(columns, rows)) {
            GridOutcome.DoesNotFit problem = line.problem(format);
            if (problem != null) {
                return problem;
            }
        }
        List<GridOutcome.Cell> cells = new ArrayList<>();
        for (Grid.Slot slot : grid.slots()) {
            Length x = columns.start(slot.column());
            Length y = rows.start(slot.row());
            cells.add(new GridOutcome.Cell(
                    x,
                    y,
                    columns.end(slot.column() + slot.columns() - 1).minus(x),
                    rows.end(slot.row() + slot.rows() - 1).minus(y)));
        }
        return new GridOutcome.Fits(
                cells,
                columns.widest(),
                rows.widest(),
                columns.leftOver(),
                rows.leftOver(),
                stretches(columns, grid.columns()),
                stretches(rows, grid.rows()));
    }

    private static List<GridOutcome.Stretch> stretches(TrackLine line, int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> new GridOutcome.Stretch(line.start(i), line.end(i)))
                .toList();
    }

    private static TrackLine columns(Format format, Grid grid) {
        Margins margins = grid.margins();
        return new TrackLine(
                format.width(),
                margins.left(),
                margins.right(),
                grid.columnGap(),
                tracks(grid.cell() == null ? null : grid.cell().width(), grid.columnTracks(), grid.columns()),
                grid.cell() != null,
                TrackLine.Axis.ACROSS);
    }

    private static TrackLine rows(Format format, Grid grid) {
        Margins margins = grid.margins();
        return new TrackLine(
                format.height(),
                margins.top(),
                margins.bottom(),
                grid.rowGap(),
                tracks(grid.cell() == null ? null : grid.cell().height(), grid.rowTracks(), grid.rows()),
                grid.cell() != null,
                TrackLine.Axis.DOWN);
    }

    private static List<Track> tracks(@Nullable Length cell, @Nullable List<Track> tracks, int count) {
        if (cell != null) {
            return Collections.nCopies(count, Track.fixed(cell));
        }
        return tracks == null ? Collections.nCopies(count, Track.EQUAL) : tracks;
    }

    /** The page on which a grid of cells of a fixed size lies with nothing left over. */
    public static PageSize page(Grid grid) {
        Grid.CellSize cell = java.util.Objects.requireNonNull(grid.cell(), "a page follows from a fixed cell size");
        return new PageSize(
                grid.margins()
                        .left()
                        .plus(grid.margins().right())
                        .plus(cell.width().times(grid.columns()))
                        .plus(grid.columnGap().times(grid.columns() - 1)),
                grid.margins()
                        .top()
                        .plus(grid.margins().bottom())
                        .plus(cell.height().times(grid.rows()))
                        .plus(grid.rowGap().times(grid.rows() - 1)));
    }

    /**
     * As many cells of the grid's fixed size as fit between its margins.
     *
     * @param mayTurn whether cells may lie the other way round; they do so only if more fit
     * @return the grid with these cells; the given one if not even one fits, which {@link #cells} then says
     */
    public static Grid most(Format format, Grid grid, boolean mayTurn) {
        Grid.CellSize cell = java.util.Objects.requireNonNull(grid.cell(), "as many as fit of a fixed cell size");
        Grid.CellSize turned = new Grid.CellSize(/* width= */ cell.height(), /* height= */ cell.width());
        Grid upright = filled(format, grid, cell);
        Grid onSide = mayTurn ? filled(format, grid, turned) : upright;
        return onSide.rows() * onSide.columns() > upright.rows() * upright.columns()
                        || !(cells(format, upright) instanceof GridOutcome.Fits)
                                && cells(format, onSide) instanceof GridOutcome.Fits
                ? onSide
                : upright;
    }

    private static Grid filled(Format format, Grid grid, Grid.CellSize cell) {
        Margins margins = grid.margins();
        int columns = TrackLine.most(
                format.width().minus(margins.left()).minus(margins.right()), cell.width(), grid.columnGap());
        int rows = TrackLine.most(
                format.height().minus(margins.top()).minus(margins.bottom()), cell.height(), grid.rowGap());
        return grid.withCell(cell).withCounts(within(rows), within(columns));
    }

    private static int within(int count) {
        return Math.min(Grid.MOST, Math.max(1, count));
    }

    /** The size of a page. */
    public record PageSize(Length width, Length height) {}
}
