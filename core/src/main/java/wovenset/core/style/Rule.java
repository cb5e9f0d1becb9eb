package wovenset.core.style;

import wovenset.core.ink.Rgb;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * A printer's rule: a line along the middle of its frame, the longer way.
 *
 * @param thickness {@link #FINEST} to {@link #THICKEST}
 */
public record Rule(Rgb colour, Length thickness, Stroke stroke) {
    public static final Length FINEST = Length.ofMm(0.1);
    public static final Length THICKEST = Length.ofMm(50);

    public Rule {
        boolean within = thickness.compareTo(FINEST) >= 0 && thickness.compareTo(THICKEST) <= 0;
        Checks.that(within, Reason.RULE_THICKNESS);
    }

    /** What the line is made of. */
    public enum Stroke {
        PLAIN,
        /** Two lines with one between them left out, each a third as thick. */
        DOUBLE,
        /** A thick line over a fine one. */
        THICK_AND_FINE,
        DASHES,
        DOTS
    }
}
