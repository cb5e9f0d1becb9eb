package wovenset.core.arrangement;

import java.util.List;
import wovenset.core.geometry.PathData;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * A figure, as large as the margins let it be, that is cut into pieces. How it was cut is kept: photos that come and go move no cut. The
 * cutting says how it was done, to do it again.
 *
 * @param gap between any two pieces; the figure's own edge is not moved by it
 * @param cells the slots: what each piece is of, in the figure's unit square; within the figure they have no common points but on
 *     their edges
 */
public record Silhouette(Margins margins, Length gap, Figure figure, Cutting cutting, List<String> cells)
        implements Arrangement {
    public Silhouette {
        cells = List.copyOf(cells);
        Checks.that(
                !cells.isEmpty() && cells.size() <= Cutting.MOST_PIECES, Reason.CUTTING_PIECES, Cutting.MOST_PIECES);
        Checks.that(cells.stream().allMatch(cell -> PathData.parse(cell).isPresent()), Reason.OUTLINE_DATA);
    }

    @Override
    public int slots() {
        return cells.size();
    }

    @Override
    public Silhouette withMargins(Margins newMargins) {
        return new Silhouette(newMargins, gap, figure, cutting, cells);
    }

    public Silhouette withGap(Length newGap) {
        return new Silhouette(margins, newGap, figure, cutting, cells);
    }

    @Override
    public boolean mayBeVacant() {
        return false;
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
        return visitor.silhouette(this);
    }
}
