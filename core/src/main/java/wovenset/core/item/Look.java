package wovenset.core.item;

import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * How any item shows, whatever its kind. How a frame is dressed is its {@link Frame#style()}: other kinds have other
 * styles.
 *
 * @param opacity 0 not to be seen to 1 solid
 * @param hidden neither shown nor printed
 * @param locked not to be moved by hand, nor by a change of the page
 */
public record Look(double opacity, boolean hidden, boolean locked) {
    public static final Look PLAIN = new Look(1, false, false);

    public Look {
        Checks.that(opacity >= 0 && opacity <= 1, Reason.OPACITY);
    }

    public Look withOpacity(double newOpacity) {
        return new Look(newOpacity, hidden, locked);
    }

    public Look withHidden(boolean isHidden) {
        return new Look(opacity, isHidden, locked);
    }

    public Look withLocked(boolean isLocked) {
        return new Look(opacity, hidden, isLocked);
    }
}
