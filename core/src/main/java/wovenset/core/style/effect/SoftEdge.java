package wovenset.core.style.effect;

import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * A print that fades away towards its edge.
 *
 * @param width from the edge to where it is solid, 0 to {@link #WIDEST}
 */
public record SoftEdge(Length width) implements Effect {
    public static final Length WIDEST = Length.ofMm(200);

    public SoftEdge {
        Checks.that(!width.isNegative() && width.compareTo(WIDEST) <= 0, Reason.SOFT_EDGE);
    }

    @Override
    public String kind() {
        return "softEdge";
    }

    @Override
    public SoftEdge turnedDown() {
        return new SoftEdge(Length.ZERO);
    }

    @Override
    public boolean isNone() {
        return width.equals(Length.ZERO);
    }
}
