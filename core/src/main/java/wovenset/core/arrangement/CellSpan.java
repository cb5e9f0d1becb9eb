package wovenset.core.arrangement;

import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * Cells joined to one.
 *
 * @param row of the first one, from 0
 * @param column of the first one, from 0
 * @param rows at least 1, and with columns more than one cell
 */
public record CellSpan(int row, int column, int rows, int columns) {
    public CellSpan {
        Checks.that(row >= 0 && column >= 0 && rows >= 1 && columns >= 1 && rows * columns >= 2, Reason.SPAN_OF_ONE);
    }

    public boolean covers(int atRow, int atColumn) {
        return atRow >= row && atRow < row + rows && atColumn >= column && atColumn < column + columns;
    }

    public boolean meets(CellSpan other) {
        return row < other.row + other.rows
                && other.row < row + rows
                && column < other.column + other.columns
                && other.column < column + columns;
    }
}
