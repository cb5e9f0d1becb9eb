package wovenset.core.piece;

import org.jspecify.annotations.Nullable;
import wovenset.core.measure.Length;

/**
 * Rows and columns of equal cells inside margins.
 *
 * @param rows 1 to {@value #MOST}
 * @param columns 1 to {@value #MOST}
 * @param columnGap between columns
 * @param rowGap between rows
 * @param cell a fixed cell size, the block then lies centred between the margins; null if the cells fill the page
 */
public record Grid(int rows, int columns, Margins margins, Length columnGap, Length rowGap, @Nullable CellSize cell)
        implements Arrangement {
    public static final int MOST = 40;

    public Grid {
        if (rows < 1 || rows > MOST || columns < 1 || columns > MOST) {
            throw new IllegalArgumentException("A grid has 1 to " + MOST + " rows and columns");
        }
    }

    /** The size of each cell. */
    public record CellSize(Length width, Length height) {}

    @Override
    public int places() {
        return rows * columns;
    }

    @Override
    public Grid withMargins(Margins newMargins) {
        return new Grid(rows, columns, newMargins, columnGap, rowGap, cell);
    }

    public Grid withCell(@Nullable CellSize size) {
        return new Grid(rows, columns, margins, columnGap, rowGap, size);
    }
}
