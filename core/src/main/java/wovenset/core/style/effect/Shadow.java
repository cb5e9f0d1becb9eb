package wovenset.core.style.effect;

import wovenset.core.ink.Rgb;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * The shadow of a print that lies a little above its page. Where it falls follows from the {@link Light}.
 *
 * @param height by how much it is displaced, 0 to {@link #HIGHEST}
 * @param softness over which width its edge fades to either side, 0 to {@link #SOFTEST}
 * @param strength 0 for none to 1 for the full colour
 */
public record Shadow(Length height, Length softness, double strength, Rgb colour) implements Effect {
    public static final Length HIGHEST = Length.ofMm(50);
    public static final Length SOFTEST = Length.ofMm(100);

    public Shadow {
        Checks.that(!height.isNegative() && height.compareTo(HIGHEST) <= 0, Reason.SHADOW_HEIGHT);
        Checks.that(!softness.isNegative() && softness.compareTo(SOFTEST) <= 0, Reason.SHADOW_SOFTNESS);
        Checks.that(strength >= 0 && strength <= 1, Reason.SHADOW_STRENGTH);
    }

    @Override
    public String kind() {
        return "shadow";
    }

    @Override
    public Shadow turnedDown() {
        return new Shadow(height, softness, 0, colour);
    }

    @Override
    public boolean isNone() {
        return strength == 0;
    }
}
