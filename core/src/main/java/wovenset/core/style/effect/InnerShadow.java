package wovenset.core.style.effect;

import wovenset.core.ink.Rgb;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * The shadow that the window's edge throws on a picture that lies under it, as under a cut paper.
 *
 * @param height of the paper's upper side above the picture, 0 to {@link Shadow#HIGHEST}
 * @param softness over which width its edge fades to either side, 0 to {@link Shadow#SOFTEST}
 * @param strength 0 for none to 1 for the full colour
 */
public record InnerShadow(Length height, Length softness, double strength, Rgb colour) implements Effect {
    public InnerShadow {
        Checks.that(!height.isNegative() && height.compareTo(Shadow.HIGHEST) <= 0, Reason.SHADOW_HEIGHT);
        Checks.that(!softness.isNegative() && softness.compareTo(Shadow.SOFTEST) <= 0, Reason.SHADOW_SOFTNESS);
        Checks.that(strength >= 0 && strength <= 1, Reason.SHADOW_STRENGTH);
    }

    @Override
    public String kind() {
        return "innerShadow";
    }

    @Override
    public InnerShadow turnedDown() {
        return new InnerShadow(height, softness, 0, colour);
    }

    @Override
    public boolean isNone() {
        return strength == 0;
    }
}
