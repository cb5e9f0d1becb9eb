package wovenset.core.arrange.grid;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.Margins;
import wovenset.core.arrangement.Track;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;

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

    /** The slots of a grid that divides a page of this format. */
    public static GridOutcome cells(Format format, Grid grid) {
        return cells(format, grid, CellSurround.NONE);
    }

    /**
     * The slots of a grid on a page of this format, with what lies around their photos.
     *
     * @param surround counts only where cells have a fixed size
     */
    public static GridOutcome cells(Format format, Grid grid, CellSurround surround) {
        TrackLine columns = columns(format, grid, surround);
        TrackLine rows = rows(format, grid, surround);
        for (TrackLine line : List.of(columns, rows)) {
            GridOutcome.DoesNotFit problem = line.problem(format);
            if (problem != null) {
                return problem;
            }
        }
        List<GridOutcome.Stretch> across = stretches(columns, grid.columns());
        List<GridOutcome.Stretch> down = stretches(rows, grid.rows());
        List<GridOutcome.Cell> cells = new ArrayList<>();
        for (Grid.Slot slot : grid.cells()) {
            Length x = across.get(slot.column()).from();
            Length y = down.get(slot.row()).from();
            cells.add(new GridOutcome.Cell(
                    x,
                    y,
                    across.get(slot.column() + slot.columns() - 1).to().minus(x),
                    down.get(slot.row() + slot.rows() - 1).to().minus(y)));
        }
        return new GridOutcome.Fits(
                cells, columns.widest(), rows.widest(), columns.leftOver(), rows.leftOver(), across, down);
    }

    private static List<GridOutcome.Stretch> stretches(TrackLine line, int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> new GridOutcome.Stretch(line.start(i), line.end(i)))
                .toList();
    }

    private static TrackLine columns(Format format, Grid grid, CellSurround surround) {
        Margins margins = grid.margins();
        return new TrackLine(
                format.width(),
                margins.left(),
                margins.right(),
                grid.columnGap(),
                grid.cell() == null
                        ? tracks(grid.columnTracks(), grid.columns())
                        : fixed(grid.cell().width(), grid.columns(), surround.outside(), surround::beside),
                grid.cell() == null ? null : grid.cell().width(),
                TrackLine.Axis.ACROSS);
    }

    private static TrackLine rows(Format format, Grid grid, CellSurround surround) {
        Margins margins = grid.margins();
        return new TrackLine(
                format.height(),
                margins.top(),
                margins.bottom(),
                grid.rowGap(),
                grid.cell() == null
                        ? tracks(grid.rowTracks(), grid.rows())
                        : fixed(grid.cell().height(), grid.rows(), surround.outside(), surround::strip),
                grid.cell() == null ? null : grid.cell().height(),
                TrackLine.Axis.DOWN);
    }

    private static List<Track> tracks(@Nullable List<Track> tracks, int count) {
        return tracks == null ? Collections.nCopies(count, Track.EQUAL) : tracks;
    }

    private static List<Track> fixed(Length cell, int count, Length outside, IntFunction<Length> strip) {
        return IntStream.range(0, count)
                .mapToObj(i -> Track.fixed(cell.plus(outside.times(2)).plus(strip.apply(i))))
                .toList();
    }

    /** The page on which a grid of cells of a fixed size lies with nothing left over. */
    public static PageSize page(Grid grid, CellSurround surround) {
        Grid.CellSize cell = Objects.requireNonNull(grid.cell(), "a page follows from a fixed cell size");
        Length out = surround.outside().times(2);
        Length height = grid.margins()
                .top()
                .plus(grid.margins().bottom())
                .plus(cell.height().plus(out).times(grid.rows()))
                .plus(grid.rowGap().times(grid.rows() - 1));
        for (int row = 0; row < grid.rows(); row++) {
            height = height.plus(surround.strip(row));
        }
        Length width = grid.margins()
                .left()
                .plus(grid.margins().right())
                .plus(cell.width().plus(out).times(grid.columns()))
                .plus(grid.columnGap().times(grid.columns() - 1));
        for (int column = 0; column < grid.columns(); column++) {
            width = width.plus(surround.beside(column));
        }
        return new PageSize(width, height);
    }

    /**
     * As many cells of the grid's fixed size as fit between its margins.
     *
     * @param mayTurn whether cells may lie the other way round; they do so only if more fit
     * @param around of a single cell: bands on each side of it, and room for words below or beside it
     * @return the grid with these cells; the given one if not even one fits, which {@link #cells} then says
     */
    public static Grid most(Format format, Grid grid, boolean mayTurn, CellSurround around) {
        Grid.CellSize cell = Objects.requireNonNull(grid.cell(), "as many as fit of a fixed cell size");
        Grid.CellSize turned = new Grid.CellSize(/* width= */ cell.height(), /* height= */ cell.width());
        Grid upright = filled(format, grid, cell, around);
        if (!mayTurn) {
            return upright;
        }
        Grid onSide = filled(format, grid, turned, around);
        boolean onlyOnSide = !(cells(format, upright, around) instanceof GridOutcome.Fits)
                && cells(format, onSide, around) instanceof GridOutcome.Fits;
        return onSide.rows() * onSide.columns() > upright.rows() * upright.columns() || onlyOnSide ? onSide : upright;
    }

    private static Grid filled(Format format, Grid grid, Grid.CellSize cell, CellSurround around) {
        Margins margins = grid.margins();
        Length out = around.outside().times(2);
        int columns = TrackLine.most(
                format.width().minus(margins.left()).minus(margins.right()),
                cell.width().plus(out).plus(around.beside(0)),
                grid.columnGap());
        int rows = TrackLine.most(
                format.height().minus(margins.top()).minus(margins.bottom()),
                cell.height().plus(out).plus(around.strip(0)),
                grid.rowGap());
        return grid.withCell(cell).withCounts(within(rows), within(columns));
    }

    private static int within(int count) {
        return Math.min(Grid.MOST, Math.max(1, count));
    }

    /** The size of a page. */
    public record PageSize(Length width, Length height) {}
}
