package wovenset.core.item;

import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * How an item grows faint: solid up to one line, gone beyond another, and in between along a curve that has no visible ends.
 *
 * @param towardsDegrees to which side it fades, clockwise from its own upper one; without meaning for the other form
 * @param start where it begins, in shares of the way, 0 to {@value #LONGEST}: across the item's box, or from its middle to its sides
 * @param end where nothing is left; beyond 1 something is left at the box's corners
 */
public record Fading(Form form, double towardsDegrees, double start, double end) {
    private static final double LONGEST = 1.5;
    private static final double SHORTEST = 0.01;

    public Fading {
        Checks.that(towardsDegrees >= -360 && towardsDegrees <= 360, Reason.FADING);
        Checks.that(start >= 0 && end <= LONGEST && end - start >= SHORTEST - 1e-9, Reason.FADING);
    }

    public enum Form {
        /** From one side to the opposite one. */
        SIDE,
        /** From the middle outwards, as an oval. */
        MIDDLE
    }
}
