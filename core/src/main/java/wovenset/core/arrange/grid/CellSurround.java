package wovenset.core.arrange.grid;

import java.util.List;
import wovenset.core.measure.Length;

/**
 * What lies around photos in cells of a fixed size. Such a cell is the photo with its inner bands; what is around it is added
 * to rows and columns.
 *
 * @param outside bands on each side of every cell
 * @param strips room for words below each row; none for rows that are not in the list
 */
public record CellSurround(Length outside, List<Length> strips) {
    /** For grids that divide the page, whose cells are the outer bounds of what lies in them. */
    public static final CellSurround NONE = new CellSurround(Length.ZERO, List.of());

    public CellSurround {
        strips = List.copyOf(strips);
    }

    Length strip(int row) {
        return row < strips.size() ? strips.get(row) : Length.ZERO;
    }
}
