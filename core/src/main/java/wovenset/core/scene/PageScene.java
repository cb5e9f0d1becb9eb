package wovenset.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import wovenset.core.display.Op;
import wovenset.core.display.Unit;
import wovenset.core.geometry.BoxMm;

/**
 * A page ready to be drawn. All lengths are page millimetres.
 *
 * @param widthMm of the trim
 * @param heightMm of the trim
 * @param bleedMm beyond the trim on each side
 * @param ground what the page and its bleed are covered with
 * @param units what is drawn, from back to front
 * @param frames all frames from back to front, hidden ones, too
 */
public record PageScene(
        UUID pageId,
        double widthMm,
        double heightMm,
        double bleedMm,
        PageGround ground,
        List<Unit> units,
        List<FrameScene> frames) {
    public PageScene {
        units = List.copyOf(units);
        frames = List.copyOf(frames);
    }

    /** With nothing but this item on its ground; as it is if the item is drawn together with others. */
    public PageScene alone(UUID item) {
        List<Unit> own =
                units.stream().filter(unit -> unit.itemId().equals(item)).toList();
        return own.isEmpty() ? this : withUnits(own);
    }

    /** With these drawn in place of its own. */
    public PageScene withUnits(List<Unit> drawn) {
        return new PageScene(pageId, widthMm, heightMm, bleedMm, ground, drawn, frames);
    }

    /** What a screen shows as pictures, from back to front: a ground of more than one colour, and then the units. */
    public List<Unit> pictures() {
        if (ground.isSolid()) {
            return units;
        }
        // Known apart from what is drawn in front of all as the page's own.
        UUID groundId = new UUID(pageId.getMostSignificantBits(), ~pageId.getLeastSignificantBits());
        List<Unit> pictures = new ArrayList<>(List.of(new Unit(groundId, 0, 0, groundOps(0))));
        pictures.addAll(units);
        return pictures;
    }

    /** @param beyondMm how far it is drawn beyond the bleed */
    public List<Op> groundOps(double beyondMm) {
        return ground.ops(bleedBox().outset(beyondMm));
    }

    public BoxMm trim() {
        return new BoxMm(0, 0, widthMm, heightMm);
    }

    /** The trim and its bleed. */
    public BoxMm bleedBox() {
        return trim().outset(bleedMm);
    }
}
