package wovenset.core.arrange.grid;

import java.util.List;
import wovenset.core.measure.Length;
import wovenset.core.said.Said;

/** What a grid's sum comes to: cells, or why there can be none. */
public sealed interface GridOutcome {
    /**
     * The cells in the grid's order, joined ones once.
     *
     * @param cellWidth of the widest cell; others may be less
     * @param leftOverX width between the margins that no cell or gap takes; zero when cells fill the page
     * @param leftOverY the same for the height
     * @param columns from the trim's left edge
     * @param rows from its top edge
     */
    record Fits(
            List<Cell> cells,
            Length cellWidth,
            Length cellHeight,
            Length leftOverX,
            Length leftOverY,
            List<Stretch> columns,
            List<Stretch> rows)
            implements GridOutcome {
        public Fits {
            cells = List.copyOf(cells);
            columns = List.copyOf(columns);
            rows = List.copyOf(rows);
        }
    }

    /**
     * No such grid on this page.
     *
     * @param field which number stands in the way: {@code margins}, {@code columnGap}, {@code rowGap}, {@code columns},
     *     {@code rows}, {@code cell}
     * @param reason what does not fit, and the nearest that does
     */
    record DoesNotFit(String field, Said reason) implements GridOutcome {}

    /** A row or column. */
    record Stretch(Length from, Length to) {}

    /** A cell's place from the trim's top left corner. */
    record Cell(Length x, Length y, Length width, Length height) {}
}
