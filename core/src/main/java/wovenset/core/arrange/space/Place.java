package wovenset.core.arrange.space;

import wovenset.core.geometry.Box;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Placement;

/**
 * Where a frame lies.
 *
 * @param box the picture and the inner bands, unturned
 * @param turnDegrees clockwise about the box's middle
 */
public record Place(BoxMm box, double turnDegrees) {
    /** The place of what lies in a slot. */
    public static Place inSlot(BoxMm slot, FrameTrim trim) {
        double out = trim.outsideMm();
        return new Place(
                new BoxMm(
                        slot.x() + out + trim.strip(FrameTrim.Side.LEFT),
                        slot.y() + out + trim.strip(FrameTrim.Side.ABOVE),
                        Math.max(0, slot.width() - (trim.across() - 2 * trim.insideMm())),
                        Math.max(0, slot.height() - (trim.down() - 2 * trim.insideMm()))),
                0);
    }

    public static Place of(Placement.Free free) {
        return new Place(free.box().mm(), free.turnDegrees());
    }

    /** The same place as a frame's own, to the micrometre. */
    public Placement.Free free() {
        return new Placement.Free(Box.of(box), turnDegrees);
    }

    /** The upright box around the turned frame. */
    public BoxMm bounds() {
        return box.turned(turnDegrees);
    }
}
