package wovenset.core.style;

import java.util.UUID;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/** What lies below all else on a page and in its bleed. */
public sealed interface Ground {
    /** That of all pages, as the style sheet has it. */
    record Common() implements Ground {}

    /** A paint of the page's own. */
    record Covered(Paint paint) implements Ground {}

    /**
     * A photo that covers the page and its bleed, quiet enough for others to lie on it.
     *
     * @param entry the photo's, of the piece
     * @param softness how far its details run into each other, zero to {@link #SOFTEST}
     * @param veil what lies over it
     * @param strength of the veil, 0 none to 1 nothing else seen
     */
    record Pictured(UUID entry, Length softness, Rgb veil, double strength) implements Ground {
        public static final Length SOFTEST = Length.ofMm(50);

        public Pictured {
            boolean within = !softness.isNegative() && softness.compareTo(SOFTEST) <= 0;
            Checks.that(within, Reason.GROUND_SOFTNESS);
            Checks.that(strength >= 0 && strength <= 1, Reason.SHADOW_STRENGTH);
        }

        public Pictured withEntry(UUID newEntry) {
            return new Pictured(newEntry, softness, veil, strength);
        }
    }
}
