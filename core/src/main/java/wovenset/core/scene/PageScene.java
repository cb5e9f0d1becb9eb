package wovenset.core.scene;

import java.util.List;
import java.util.UUID;
import wovenset.core.geometry.BoxMm;
import wovenset.core.ink.Rgb;

/**
 * A page ready to be drawn. All lengths are page millimetres.
 *
 * @param widthMm of the trim
 * @param heightMm of the trim
 * @param bleedMm beyond the trim on each side
 * @param colour of the ground
 * @param units what is drawn, from back to front
 * @param frames all frames from back to front, hidden ones, too
 */
public record PageScene(
        UUID pageId,
        double widthMm,
        double heightMm,
        double bleedMm,
        Rgb colour,
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
        return own.isEmpty() ? this : new PageScene(pageId, widthMm, heightMm, bleedMm, colour, own, frames);
    }

    public BoxMm trim() {
        return new BoxMm(0, 0, widthMm, heightMm);
    }

    /** The trim and its bleed. */
    public BoxMm bleedBox() {
        return trim().outset(bleedMm);
    }
}
