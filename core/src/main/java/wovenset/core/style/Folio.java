package wovenset.core.style;

import wovenset.core.ink.Rgb;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * The numbers of a piece's pages, and the words that run along with them. Odd pages lie on the right, so that the outer side is theirs at the right.
 *
 * @param sizePt 4 to 72 points
 * @param colour where that reads on the page's ground
 * @param edge from the trim to the letters, 0 to 100 mm; at an outer side at least the page's margin
 * @param first the number of the first page, -999 to 9999; pages before number 1 have none
 */
public record Folio(Place place, Running running, String typeface, double sizePt, Rgb colour, Length edge, int first) {
    public static final double LARGEST = 72;
    public static final Length WIDEST = Length.ofMm(100);
    private static final int LEAST_FIRST = -999;
    private static final int MOST_FIRST = 9999;

    public Folio {
        Checks.that(sizePt >= TextStyle.SMALLEST && sizePt <= LARGEST, Reason.TEXT_SIZE, (int) TextStyle.SMALLEST, (int)
                LARGEST);
        Checks.that(!edge.isNegative() && edge.compareTo(WIDEST) <= 0, Reason.FOLIO_EDGE);
        Checks.that(first >= LEAST_FIRST && first <= MOST_FIRST, Reason.FOLIO_FIRST, LEAST_FIRST, MOST_FIRST);
    }

    /** Where on the page. */
    public enum Place {
        FOOT_OUTER,
        FOOT_CENTRE,
        HEAD_OUTER,
        HEAD_CENTRE;

        public boolean isAtFoot() {
            return this == FOOT_OUTER || this == FOOT_CENTRE;
        }

        public boolean isOuter() {
            return this == FOOT_OUTER || this == HEAD_OUTER;
        }
    }

    /** What stands beside the number. */
    public enum Running {
        NONE,
        /** The piece's name. */
        PIECE,
        /** The title of the chapter that the page is in. */
        CHAPTER
    }
}
