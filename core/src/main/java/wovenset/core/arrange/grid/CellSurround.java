package wovenset.core.arrange.grid;

import java.util.List;
import wovenset.core.measure.Length;

/**
 * What lies around photos in cells of a fixed size. Such a cell is the photo with its inner bands; what is around it is added
 * to rows and columns.
 *
 * @param outside bands on each side of every cell
 * @param strips room for words below each row, or above; none for rows that are not in the list
 * @param besides room for words beside each column
 */
public record CellSurround(Length outside, List<Length> strips, List<Length> besides) {
    /** For grids that divide the page, whose cells are the outer bounds of what lies in them. */
    public static final CellSurround NONE = new CellSurround(Length.ZERO, List.of(), List.of());

    public CellSurround {
        strips = List.copyOf(strips);
        besides = List.copyOf(besides);
    }

    Length strip(int row) {
        return row < strips.size() ? strips.get(row) : Length.ZERO;
    }

    Length beside(int column) {
        return column < besides.size() ? besides.get(column) : Length.ZERO;
    }
}
