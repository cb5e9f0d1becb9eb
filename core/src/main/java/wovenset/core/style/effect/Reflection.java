package wovenset.core.style.effect;

import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * The print's mirror image in a polished table below it, which fades downwards to nothing.
 *
 * @param height of what shows of it, as a share of the print's height, 0 to 1
 * @param distance from the print's lower edge to the image, 0 to {@link #FARTHEST}
 * @param strength at its upper edge, 0 for none to 1 for as solid as the print
 */
public record Reflection(double height, Length distance, double strength) implements Effect {
    public static final Length FARTHEST = Length.ofMm(50);

    public Reflection {
        Checks.that(height >= 0 && height <= 1, Reason.REFLECTION_HEIGHT);
        Checks.that(!distance.isNegative() && distance.compareTo(FARTHEST) <= 0, Reason.REFLECTION_DISTANCE);
        Checks.that(strength >= 0 && strength <= 1, Reason.SHADOW_STRENGTH);
    }

    @Override
    public String kind() {
        return "reflection";
    }

    @Override
    public Reflection turnedDown() {
        return new Reflection(height, distance, 0);
    }

    @Override
    public boolean isNone() {
        return strength == 0 || height == 0;
    }
}
