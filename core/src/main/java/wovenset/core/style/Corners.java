package wovenset.core.style;

import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * How a rectangular print's corners and edges are cut.
 *
 * @param size see {@link Cut}; zero leaves them square and straight
 */
public record Corners(Cut cut, Length size) {
    public static final Corners SQUARE = new Corners(Cut.ROUND, Length.ZERO);

    public Corners {
        Checks.that(!size.isNegative() && size.compareTo(Length.LIMIT) <= 0, Reason.CORNER_RADIUS);
    }

    public static Corners round(Length radius) {
        return new Corners(Cut.ROUND, radius);
    }

    /** Whether the four sides are straight to their ends. */
    public boolean areSquare() {
        return size.equals(Length.ZERO);
    }

    /** The first three are of the frame's edge, and all bands follow them; the others are of the print's outermost edge alone. */
    public enum Cut {
        /** Quarter circles of this radius. */
        ROUND,
        /** Cut off at half a right angle, so far from the corner along both sides. */
        CUT,
        /** Quarter circles of this radius taken out. */
        SCALLOPED,
        /** Half holes of this diameter along all sides, as between stamps. */
        STAMP,
        /** Torn along a ruler: the paper's edge wavers by as much as this. */
        DECKLE;

        public boolean ofOutermostEdge() {
            return this == STAMP || this == DECKLE;
        }
    }
}
