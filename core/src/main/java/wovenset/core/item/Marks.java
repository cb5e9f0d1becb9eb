package wovenset.core.item;

import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * What a person wants of a photo when its page is arranged anew.
 *
 * @param larger about twice the area of the others
 * @param keepWhole cropped as little as can be
 * @param together photos with the same number above 0 want to be neighbours
 * @param pinned stays in its frame when photos are ordered by colour
 */
public record Marks(boolean larger, boolean keepWhole, Turn turn, int together, boolean pinned) {
    public static final Marks NONE = new Marks(false, false, Turn.ANY, 0, false);
    public static final int MOST_GROUPS = 9;

    public Marks {
        Checks.that(together >= 0 && together <= MOST_GROUPS, Reason.MARK_GROUP, MOST_GROUPS);
    }

    public Marks withPinned(boolean isPinned) {
        return new Marks(larger, keepWhole, turn, together, isPinned);
    }

    /** When it comes in reading order. */
    public enum Turn {
        ANY,
        FIRST,
        LAST
    }
}
