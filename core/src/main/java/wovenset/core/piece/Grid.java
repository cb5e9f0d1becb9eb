package wovenset.core.piece;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wovenset.core.measure.Length;

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
        if (rows < 1 || rows > MOST || columns < 1 || columns > MOST) {
            throw new IllegalArgumentException("A grid has 1 to " + MOST + " rows and columns");
        }
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
        if (tracks != null && tracks.size() != count) {
            throw new IllegalArgumentException("There is a track for each row and column, or none is told");
        }
        return tracks == null ? null : List.copyOf(tracks);
    }

    private void checkSpans() {
        for (int i = 0; i < spans.size(); i++) {
            CellSpan span = spans.get(i);
            if (span.row() + span.rows() > rows || span.column() + span.columns() > columns) {
                throw new IllegalArgumentException("Joined cells lie within the grid");
            }
            if (spans.subList(0, i).stream().anyMatch(span::meets)) {
                throw new IllegalArgumentException("A cell is joined once only");
            }
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
    public List<Slot> slots() {
        List<Slot> slots = new ArrayList<>();
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
            slots.addAll(inLine);
        }
        return slots;
    }

    @Override
    public int places() {
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
}
