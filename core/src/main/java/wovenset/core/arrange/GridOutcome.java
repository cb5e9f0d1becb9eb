package wovenset.core.arrange;

import java.util.List;
import wovenset.core.measure.Length;

/** What a grid's sum comes to: cells, or why there can be none. */
public sealed interface GridOutcome {
    /**
     * The cells in reading order.
     *
     * @param cellWidth of the widest cell; without a fixed size others may be one micrometre less
     * @param leftOverX width between the margins that no cell or gap takes; zero when cells fill the page
     * @param leftOverY the same for the height
     */
    record Fits(List<Cell> cells, Length cellWidth, Length cellHeight, Length leftOverX, Length leftOverY)
            implements GridOutcome {
        public Fits {
            cells = List.copyOf(cells);
        }
    }

    /**
     * No such grid on this page.
     *
     * @param field which number stands in the way: {@code margins}, {@code columnGap}, {@code rowGap}, {@code columns},
     *     {@code rows}, {@code cell}
     * @param reason what does not fit, and the nearest that does
     */
    record DoesNotFit(String field, String reason) implements GridOutcome {}

    /** A cell's place from the trim's top left corner. */
    record Cell(Length x, Length y, Length width, Length height) {}
}
