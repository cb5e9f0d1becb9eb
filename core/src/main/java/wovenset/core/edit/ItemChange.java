package wovenset.core.edit;

import java.util.Optional;
import java.util.UUID;
import wovenset.core.ink.Blend;
import wovenset.core.ink.Paint;
import wovenset.core.item.Crop;
import wovenset.core.item.Fading;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.FrameWords;
import wovenset.core.item.Group;
import wovenset.core.item.Item;
import wovenset.core.item.Marks;
import wovenset.core.photo.Adjustment;
import wovenset.core.photo.Adjustments;
import wovenset.core.photo.Treatment;
import wovenset.core.said.Doing;
import wovenset.core.style.Outline;
import wovenset.core.style.Rule;
import wovenset.core.style.StyleDifference;
import wovenset.core.style.StyleUse;

/** One thing to be changed about items; what a kind of item does not have is left alone. */
public sealed interface ItemChange {
    /** The item after the change. */
    Item in(Item item);

    /** What it is called in the history; its one argument is the number of items. */
    Doing doing();

    /** How an own photo lies in its frame. */
    record SetCrop(Crop crop) implements OfFrame {
        @Override
        public Frame in(Frame frame) {
            return frame.withCrop(crop);
        }

        @Override
        public Doing doing() {
            return Doing.CROP;
        }
    }

    /** One thing about the light or colour of what it shows. */
    record SetAdjustment(Adjustment which, double amount) implements OfFrame {
        @Override
        public Frame in(Frame frame) {
            return frame.withAdjustments(frame.adjustments().with(which, amount));
        }

        @Override
        public Doing doing() {
            return Doing.ADJUST;
        }
    }

    /** The look that what it shows takes on as a whole; nothing for its own. */
    record SetTreatment(Optional<Treatment> treatment) implements OfFrame {
        @Override
        public Frame in(Frame frame) {
            return frame.withAdjustments(frame.adjustments().withTreatment(treatment));
        }

        @Override
        public Doing doing() {
            return treatment.isPresent() ? Doing.TREAT : Doing.TREAT_NOTHING;
        }
    }

    /** All about the light and colour of what it shows. */
    record SetAdjustments(Adjustments adjustments) implements OfFrame {
        @Override
        public Frame in(Frame frame) {
            return frame.withAdjustments(adjustments);
        }

        @Override
        public Doing doing() {
            return adjustments.areNone() ? Doing.ADJUST_NOTHING : Doing.ADJUST;
        }
    }

    /** The words below. */
    record SetWords(FrameWords words) implements OfFrame {
        @Override
        public Frame in(Frame frame) {
            return frame.withWords(
                    words instanceof FrameWords.Own own
                            ? new FrameWords.Own(own.text().strip())
                            : words);
        }

        @Override
        public Doing doing() {
            return Doing.CAPTION;
        }
    }

    /** What is wanted of photos when the page is arranged anew. */
    record SetMarks(Marks marks) implements OfFrame {
        @Override
        public Frame in(Frame frame) {
            return frame.withMarks(marks);
        }

        @Override
        public Doing doing() {
            return Doing.MARK;
        }
    }

    /** Pins photos to the frames that show them, or lets them go. */
    record SetPinned(boolean pinned) implements OfFrame {
        @Override
        public Frame in(Frame frame) {
            return frame.isEmpty() ? frame : frame.withMarks(frame.marks().withPinned(pinned));
        }

        @Override
        public Doing doing() {
            return pinned ? Doing.PIN : Doing.UNPIN;
        }
    }

    /** The form of the edge. */
    record SetOutline(Outline outline) implements OfFrame {
        @Override
        public Frame in(Frame frame) {
            return frame.withOutline(outline);
        }

        @Override
        public Doing doing() {
            return Doing.OUTLINE;
        }
    }

    /** A property in which the look differs from the style. */
    record Differ(StyleDifference difference) implements OfFrame {
        @Override
        public Frame in(Frame frame) {
            return frame.withStyle(frame.style().with(difference));
        }

        @Override
        public Doing doing() {
            return Doing.DIFFER;
        }
    }

    /** A property that is put back to what the style has; an empty name means all. */
    record PutBack(String property) implements OfFrame {
        @Override
        public Frame in(Frame frame) {
            return frame.withStyle(
                    property.isEmpty()
                            ? StyleUse.of(frame.style().style())
                            : frame.style().without(property));
        }

        @Override
        public Doing doing() {
            return Doing.PUT_BACK;
        }
    }

    /** The whole look of another frame: its style, what differs from it, and its form. */
    record Wear(StyleUse style, Outline outline) implements OfFrame {
        @Override
        public Frame in(Frame frame) {
            return frame.isDressed() ? frame.withStyle(style).withOutline(outline) : frame;
        }

        @Override
        public Doing doing() {
            return Doing.WEAR;
        }
    }

    /** A style as it is, without what differed from the one before. */
    record WearStyle(UUID style) implements OfFrame {
        @Override
        public Frame in(Frame frame) {
            return frame.isDressed() ? frame.withStyle(StyleUse.of(style)) : frame;
        }

        @Override
        public Doing doing() {
            return Doing.WEAR;
        }
    }

    /** What covers a box. */
    record PaintBox(Paint paint) implements OfFrame {
        @Override
        public Frame in(Frame frame) {
            return frame.fill() instanceof Fill.Painted ? frame.withFill(new Fill.Painted(paint)) : frame;
        }

        @Override
        public Doing doing() {
            return Doing.PAINT_BOX;
        }
    }

    /** What a line is like. */
    record SetRule(Rule rule) implements OfFrame {
        @Override
        public Frame in(Frame frame) {
            return frame.fill() instanceof Fill.Ruled ? frame.withFill(new Fill.Ruled(rule)) : frame;
        }

        @Override
        public Doing doing() {
            return Doing.CHANGE_RULE;
        }
    }

    /** How solid it is. */
    record SetOpacity(double opacity) implements ItemChange {
        @Override
        public Item in(Item item) {
            return item.withLook(item.look().withOpacity(opacity));
        }

        @Override
        public Doing doing() {
            return Doing.OPACITY;
        }
    }

    /** How it lies on what is behind it. */
    record SetBlend(Blend blend) implements ItemChange {
        @Override
        public Item in(Item item) {
            return item.withLook(item.look().withBlend(blend));
        }

        @Override
        public Doing doing() {
            return Doing.BLEND;
        }
    }

    /** How it grows faint towards a side or outwards; nothing to have it solid again. */
    record SetFading(Optional<Fading> fading) implements ItemChange {
        @Override
        public Item in(Item item) {
            return item.withLook(item.look().withFading(fading));
        }

        @Override
        public Doing doing() {
            return Doing.FADING;
        }
    }

    /** Whether it shows at all. */
    record SetHidden(boolean hidden) implements ItemChange {
        @Override
        public Item in(Item item) {
            return item.withLook(item.look().withHidden(hidden));
        }

        @Override
        public Doing doing() {
            return hidden ? Doing.HIDE : Doing.UNHIDE;
        }
    }

    /** Whether it may be moved by hand. */
    record SetLocked(boolean locked) implements ItemChange {
        @Override
        public Item in(Item item) {
            return item.withLook(item.look().withLocked(locked));
        }

        @Override
        public Doing doing() {
            return locked ? Doing.LOCK : Doing.UNLOCK;
        }
    }

    /** A change that only frames for photos know. */
    sealed interface OfFrame extends ItemChange {
        Frame in(Frame frame);

        @Override
        default Item in(Item item) {
            return item.accept(new Item.Visitor<>() {
                @Override
                public Item frame(Frame frame) {
                    return in(frame);
                }

                @Override
                public Item group(Group group) {
                    return group;
                }
            });
        }
    }
}
