package wovenset.core.style.effect;

import wovenset.core.ink.Rgb;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * A colour that spreads evenly round a print, as of a lamp behind it.
 *
 * @param spread how far it reaches, 0 to {@link #WIDEST}
 * @param strength 0 for none to 1 for the full colour at the print's edge
 */
public record Glow(Length spread, double strength, Rgb colour) implements Effect {
    public static final Length WIDEST = Length.ofMm(100);

    public Glow {
        Checks.that(!spread.isNegative() && spread.compareTo(WIDEST) <= 0, Reason.GLOW_SPREAD);
        Checks.that(strength >= 0 && strength <= 1, Reason.SHADOW_STRENGTH);
    }

    @Override
    public String kind() {
        return "glow";
    }

    @Override
    public Glow turnedDown() {
        return new Glow(spread, 0, colour);
    }

    @Override
    public boolean isNone() {
        return strength == 0 || spread.equals(Length.ZERO);
    }
}
