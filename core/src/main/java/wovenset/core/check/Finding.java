package wovenset.core.check;

import java.util.UUID;
import wovenset.core.said.Said;

/**
 * Something to look at.
 *
 * @param frame its place on the page from back to front, counted from 1
 */
public record Finding(Gravity gravity, UUID pageId, UUID frameId, int frame, Said what) {
    /** Whether it will go wrong, or should be looked at. */
    public enum Gravity {
        GRAVE,
        LIGHT
    }
}
