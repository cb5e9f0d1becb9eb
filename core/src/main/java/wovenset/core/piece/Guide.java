package wovenset.core.piece;

import wovenset.core.measure.Length;

/**
 * A line to which frames are set; never printed.
 *
 * @param at its distance from the trim's left edge if it stands upright, from the top edge if it lies level
 */
public record Guide(Direction direction, Length at) {
    /** Which way a guide runs. */
    public enum Direction {
        UPRIGHT,
        LEVEL
    }
}
