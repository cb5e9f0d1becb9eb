package wovenset.core.arrange;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wovenset.core.measure.Length;
import wovenset.core.piece.Format;
import wovenset.core.piece.Grid;

/**
 * Both sums of a grid: from page to cells, and from cells to page.
 *
 * <p>With n cells, margins a and b, gap g and page length L, the room for cells is R = L − a − b − (n − 1)·g. Cell i runs
 * from a + ⌊i·R/n⌋ + i·g to a + ⌊(i+1)·R/n⌋ + i·g, so that gaps are exact, the last edge meets the margin exactly, and
 * cells differ by at most 1 µm. The way back is L = a + b + n·c + (n − 1)·g. Cost: linear in the cells.
 */
public final class GridSums {
    /** A cell smaller than this holds no picture that anyone could see. */
    public static final Length SMALLEST_CELL = Length.ofMm(2);

    private GridSums() {}

    /** The places of a grid's cells on a page of this format. */
    public static GridOutcome cells(Format format, Grid grid) {
        Track columns = new Track(format.width(), grid.margins().left(), grid.margins().right(), grid.columns(),
                grid.columnGap(), grid.cell() == null ? null : grid.cell().width(), Axis.ACROSS);
        Track rows = new Track(format.height(), grid.margins().top(), grid.margins().bottom(), grid.rows(),
                grid.rowGap(), grid.cell() == null ? null : grid.cell().height(), Axis.DOWN);
        for (Track track : List.of(columns, rows)) {
            GridOutcome.DoesNotFit problem = track.problem(format);
            if (problem != null) {
                return problem;
            }
        }
        List<GridOutcome.Cell> cells = new ArrayList<>();
        for (int row = 0; row < grid.rows(); row++) {
            for (int column = 0; column < grid.columns(); column++) {
                Length x = columns.start(column);
                Length y = rows.start(row);
                cells.add(new GridOutcome.Cell(x, y, columns.end(column).minus(x), rows.end(row).minus(y)));
            }
        }
        return new GridOutcome.Fits(cells, columns.widest(), rows.widest(), columns.leftOver(), rows.leftOver());
    }

    /** The page on which a grid of cells of a fixed size lies with nothing left over. */
    public static PageSize page(Grid grid) {
        Grid.CellSize cell = java.util.Objects.requireNonNull(grid.cell(), "a page follows from a fixed cell size");
        return new PageSize(
                grid.margins().left().plus(grid.margins().right())
                        .plus(cell.width().times(grid.columns())).plus(grid.columnGap().times(grid.columns() - 1)),
                grid.margins().top().plus(grid.margins().bottom())
                        .plus(cell.height().times(grid.rows())).plus(grid.rowGap().times(grid.rows() - 1)));
    }

    /** The size of a page. */
    public record PageSize(Length width, Length height) {}

    private enum Axis {
        ACROSS("columns", "columnGap", "across", "wide"),
        DOWN("rows", "rowGap", "down", "high");

        final String countField;
        final String gapField;
        final String way;
        final String extent;

        Axis(String countField, String gapField, String way, String extent) {
            this.countField = countField;
            this.gapField = gapField;
            this.way = way;
            this.extent = extent;
        }
    }

    /** The cells along one axis. */
    private record Track(Length page, Length before, Length after, int count, Length gap, @Nullable Length fixed, Axis axis) {

        Length room() {
            return page.minus(before).minus(after).minus(gap.times(count - 1));
        }

        Length leftOver() {
            return fixed == null ? Length.ZERO : room().minus(fixed.times(count));
        }

        Length widest() {
            return fixed != null ? fixed : new Length((room().micrometres() + count - 1) / count);
        }

        Length start(int index) {
            return offset(index).plus(gap.times(index));
        }

        Length end(int index) {
            return offset(index + 1).plus(gap.times(index));
        }

        private Length offset(int cellsBefore) {
            if (fixed != null) {
                return before.plus(new Length(leftOver().micrometres() / 2)).plus(fixed.times(cellsBefore));
            }
            return before.plus(new Length(Math.floorDiv(room().micrometres() * cellsBefore, (long) count)));
        }

        GridOutcome.@Nullable DoesNotFit problem(Format format) {
            if (before.isNegative() || after.isNegative()) {
                return new GridOutcome.DoesNotFit("margins", "A margin cannot be less than nothing.");
            }
            if (gap.isNegative()) {
                return new GridOutcome.DoesNotFit(axis.gapField, "A gap cannot be less than nothing.");
            }
            Length between = page.minus(before).minus(after);
            if (between.compareTo(SMALLEST_CELL) < 0) {
                return new GridOutcome.DoesNotFit("margins", "The margins take " + format.say(before.plus(after)) + " of a page "
                        + format.say(page) + " " + axis.extent + "; nothing is left for photos.");
            }
            return fixed == null ? sharedProblem(format, between) : fixedProblem(format, between);
        }

        private GridOutcome.@Nullable DoesNotFit sharedProblem(Format format, Length between) {
            if (room().compareTo(SMALLEST_CELL.times(count)) >= 0) {
                return null;
            }
            if (count > 1) {
                long most = (between.micrometres() - SMALLEST_CELL.micrometres() * count) / (count - 1);
                if (most >= 0) {
                    return new GridOutcome.DoesNotFit(axis.gapField, "With " + count + " cells " + axis.way + ", gaps of "
                            + format.say(gap) + " leave no room; at most " + format.say(new Length(most)) + " fits.");
                }
            }
            long fit = (between.micrometres() + gap.micrometres()) / (SMALLEST_CELL.micrometres() + gap.micrometres());
            return new GridOutcome.DoesNotFit(axis.countField, count + " cells " + axis.way + " do not fit in "
                    + format.say(between) + "; at most " + fit + " do.");
        }

        private GridOutcome.@Nullable DoesNotFit fixedProblem(Format format, Length between) {
            Length size = java.util.Objects.requireNonNull(fixed);
            if (size.compareTo(SMALLEST_CELL) < 0) {
                return new GridOutcome.DoesNotFit("cell", "A cell is at least " + format.say(SMALLEST_CELL) + " " + axis.extent + ".");
            }
            if (!leftOver().isNegative()) {
                return null;
            }
            long fit = (between.micrometres() + gap.micrometres()) / (size.micrometres() + gap.micrometres());
            return new GridOutcome.DoesNotFit("cell", count + " cells of " + format.say(size) + " " + axis.way + " need "
                    + format.say(size.times(count).plus(gap.times(count - 1))) + "; between the margins there are "
                    + format.say(between) + ", room for " + fit + ".");
        }
    }
}
