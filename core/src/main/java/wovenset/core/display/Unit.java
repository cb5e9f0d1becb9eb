package wovenset.core.display;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.ink.Blend;

/**
 * What is drawn as one picture on a screen: a frame, or a group that is to show as one thing.
 *
 * @param itemId whose it is
 * @param x where its own axes begin on the page
 * @param blend how it lies on what is behind it
 * @param ops in its own axes, so that they stay as they are when it is moved
 */
public record Unit(UUID itemId, double x, double y, Blend blend, List<Op> ops) {
    public Unit {
        ops = List.copyOf(ops);
    }

    /** One that covers what lies behind it. */
    public Unit(UUID itemId, double x, double y, List<Op> ops) {
        this(itemId, x, y, Blend.NORMAL, ops);
    }

    /** The box around all that it paints, in its own axes. */
    public BoxMm ownInk() {
        return Op.ink(ops);
    }

    /** The same on the page. */
    public BoxMm ink() {
        return ownInk().movedBy(x, y);
    }

    /** It as one operation on the page. */
    public Op.Group onPage() {
        return new Op.Group(Affine.shift(x, y), 1, blend, Optional.empty(), Optional.empty(), ops);
    }
}
