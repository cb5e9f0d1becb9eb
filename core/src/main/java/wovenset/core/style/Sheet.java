package wovenset.core.style;

import wovenset.core.ink.Paint;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * A paper that pictures are mounted on.
 *
 * @param width by how much it is seen beyond what lies on it, on all sides; zero to {@link #WIDEST}
 */
public record Sheet(Length width, Paint paint) {
    public static final Length WIDEST = Length.ofMm(200);

    public Sheet {
        Checks.that(!width.isNegative() && width.compareTo(WIDEST) <= 0, Reason.SHEET_WIDTH);
    }
}
