package wovenset.core.arrange.space;

import java.util.Optional;
import wovenset.core.geometry.Box;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Frame;
import wovenset.core.item.Placement;
import wovenset.core.style.Outline;

/**
 * Where a frame lies.
 *
 * @param box the picture and the inner bands, unturned
 * @param turnDegrees clockwise about the box's middle
 * @param form that the place gives it; nothing if it keeps its own
 */
public record Place(BoxMm box, double turnDegrees, Optional<Form> form) {
    public Place(BoxMm box, double turnDegrees) {
        this(box, turnDegrees, Optional.empty());
    }

    /**
     * A form that a frame has by its place.
     *
     * @param middleX where in the box a subject is best seen: shares of its width and height
     */
    public record Form(Outline.Traced outline, double middleX, double middleY) {}

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

    /** The outline of a frame that lies here. */
    public Outline outline(Frame frame) {
        return form.<Outline>map(Form::outline).orElse(frame.outline());
    }

    /** A frame that takes this place along as its own. */
    public Frame taken(Frame frame) {
        return frame.withPlacement(free()).withOutline(outline(frame));
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
