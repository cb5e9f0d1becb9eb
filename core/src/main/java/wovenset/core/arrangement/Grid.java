package wovenset.core.arrangement;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * Rows and columns of cells inside margins.
 *
 * @param rows 1 to {@value #MOST}
 * @param columns 1 to {@value #MOST}
 * @param columnGap between columns
 * @param rowGap between rows
 * @param cell a fixed size of all cells, the block then lies centred between the margins; null if tracks decide
 * @param columnTracks one for each column; null for equal columns
 * @param rowTracks one for each row; null for equal rows
 * @param spans cells joined to one, none meeting another
 * @param order in which cells follow each other
 */
public record Grid(
        int rows,
        int columns,
        Margins margins,
        Length columnGap,
        Length rowGap,
        @Nullable CellSize cell,
        @Nullable List<Track> columnTracks,
        @Nullable List<Track> rowTracks,
        List<CellSpan> spans,
        Order order)
        implements Arrangement {
    public static final int MOST = 40;

    public Grid(
            int rows,
            int columns,
            Margins margins,
            Length columnGap,
            Length rowGap,
            @Nullable CellSize cell,
            @Nullable List<Track> columnTracks,
            @Nullable List<Track> rowTracks,
            @Nullable List<CellSpan> spans,
            @Nullable Order order) {
        Checks.that(rows >= 1 && rows <= MOST && columns >= 1 && columns <= MOST, Reason.GRID_COUNTS, MOST);
        this.rows = rows;
        this.columns = columns;
        this.margins = margins;
        this.columnGap = columnGap;
        this.rowGap = rowGap;
        this.cell = cell;
        this.columnTracks = checked(columnTracks, columns);
        this.rowTracks = checked(rowTracks, rows);
        this.spans = spans == null ? List.of() : List.copyOf(spans);
        this.order = order == null ? Order.ROWS : order;
        checkSpans();
    }

    /** Equal rows and columns in reading order. */
    public Grid(int rows, int columns, Margins margins, Length columnGap, Length rowGap, @Nullable CellSize cell) {
        this(rows, columns, margins, columnGap, rowGap, cell, null, null, List.of(), Order.ROWS);
    }

    private static @Nullable List<Track> checked(@Nullable List<Track> tracks, int count) {
        Checks.that(tracks == null || tracks.size() == count, Reason.GRID_TRACKS);
        return tracks == null ? null : List.copyOf(tracks);
    }

    private void checkSpans() {
        for (int i = 0; i < spans.size(); i++) {
            CellSpan span = spans.get(i);
            Checks.that(
                    span.row() + span.rows() <= rows && span.column() + span.columns() <= columns, Reason.SPAN_OUTSIDE);
            Checks.that(spans.subList(0, i).stream().noneMatch(span::meets), Reason.SPANS_MEET);
        }
    }

    /** The size of each cell. */
    public record CellSize(Length width, Length height) {}

    /** A cell, or several joined. */
    public record Slot(int row, int column, int rows, int columns) {}

    /** How photos follow each other over the cells. */
    public enum Order {
        /** Along each row, one row after the other. */
        ROWS,
        /** Down each column. */
        COLUMNS,
        /** Along the rows, to and fro. */
        SNAKING
    }

    /** The cells, joined ones once, in their order; a joined one comes where its first cell does. */
    public List<Slot> cells() {
        List<Slot> cells = new ArrayList<>();
        boolean down = order == Order.COLUMNS;
        for (int line = 0; line < (down ? columns : rows); line++) {
            List<Slot> inLine = new ArrayList<>();
            for (int at = 0; at < (down ? rows : columns); at++) {
                int row = down ? at : line;
                int column = down ? line : at;
                CellSpan span = spans.stream()
                        .filter(one -> one.covers(row, column))
                        .findFirst()
                        .orElse(null);
                if (span == null) {
                    inLine.add(new Slot(row, column, 1, 1));
                } else if (span.row() == row && span.column() == column) {
                    inLine.add(new Slot(row, column, span.rows(), span.columns()));
                }
            }
            if (order == Order.SNAKING && line % 2 == 1) {
                Collections.reverse(inLine);
            }
            cells.addAll(inLine);
        }
        return cells;
    }

    @Override
    public int slots() {
        return rows * columns
                - spans.stream()
                        .mapToInt(span -> span.rows() * span.columns() - 1)
                        .sum();
    }

    @Override
    public Grid withMargins(Margins newMargins) {
        return new Grid(rows, columns, newMargins, columnGap, rowGap, cell, columnTracks, rowTracks, spans, order);
    }

    public Grid withCell(@Nullable CellSize size) {
        return new Grid(rows, columns, margins, columnGap, rowGap, size, columnTracks, rowTracks, spans, order);
    }

    public Grid withSpans(List<CellSpan> newSpans) {
        return new Grid(rows, columns, margins, columnGap, rowGap, cell, columnTracks, rowTracks, newSpans, order);
    }

    /** So many equal cells, none joined. */
    public Grid withCounts(int newRows, int newColumns) {
        return new Grid(newRows, newColumns, margins, columnGap, rowGap, cell, null, null, List.of(), order);
    }

    @Override
    public boolean mayBeVacant() {
        return false;
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
        return visitor.grid(this);
    }
}
