package wovenset.core.piece;

/**
 * Cells joined to one.
 *
 * @param row of the first one, from 0
 * @param column of the first one, from 0
 * @param rows at least 1, and with columns more than one cell
 */
public record CellSpan(int row, int column, int rows, int columns) {
    public CellSpan {
        if (row < 0 || column < 0 || rows < 1 || columns < 1 || rows * columns < 2) {
            throw new IllegalArgumentException("A span joins two cells or more");
        }
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
