package wovenset.core.item;

import java.util.Optional;
import wovenset.core.ink.Blend;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * How any item shows, whatever its kind. How a frame is dressed is its {@link Frame#style()}: other kinds have other
 * styles.
 *
 * @param opacity 0 not to be seen to 1 solid
 * @param blend how it lies on what is behind it
 * @param fading how it grows faint towards a side or outwards, if it does
 * @param hidden neither shown nor printed
 * @param locked not to be moved by hand, nor by a change of the page
 */
public record Look(double opacity, Blend blend, Optional<Fading> fading, boolean hidden, boolean locked) {
    public static final Look PLAIN = new Look(1, Blend.NORMAL, Optional.empty(), false, false);

    public Look {
        Checks.that(opacity >= 0 && opacity <= 1, Reason.OPACITY);
    }

    public Look withOpacity(double newOpacity) {
        return new Look(newOpacity, blend, fading, hidden, locked);
    }

    public Look withBlend(Blend newBlend) {
        return new Look(opacity, newBlend, fading, hidden, locked);
    }

    public Look withFading(Optional<Fading> newFading) {
        return new Look(opacity, blend, newFading, hidden, locked);
    }

    /** Whether its parts show as if there were no whole: solid, covering what is behind, and nowhere faint. */
    public boolean isPlain() {
        return opacity == 1 && blend == Blend.NORMAL && fading.isEmpty();
    }

    public Look withHidden(boolean isHidden) {
        return new Look(opacity, blend, fading, isHidden, locked);
    }

    public Look withLocked(boolean isLocked) {
        return new Look(opacity, blend, fading, hidden, isLocked);
    }
}
