package wovenset.core.item;

import java.util.Optional;
import wovenset.core.geometry.Box;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/** What an item's place follows from. */
public sealed interface Placement {
    /**
     * It lies where the page's arrangement has this slot.
     *
     * @param slot counted from 0
     * @param proportion width by height that what has none of its own, words, is to have where places follow proportions
     */
    record InSlot(int slot, Optional<Double> proportion) implements Placement {
        private static final double MOST = 20;

        public InSlot {
            Checks.that(slot >= 0, Reason.SLOT);
            Checks.that(
                    proportion.filter(one -> !(one >= 1 / MOST && one <= MOST)).isEmpty(),
                    Reason.SLOT_PROPORTION,
                    MOST);
        }

        public InSlot(int slot) {
            this(slot, Optional.empty());
        }
    }

    /**
     * It lies across the page between the side margins, as high as its words need; the arrangement has the rest of the page.
     * Several on one side follow each other from the page's edge as they do from back to front.
     */
    record Across(Side side) implements Placement {
        public enum Side {
            TOP,
            BOTTOM
        }
    }

    /**
     * It lies where it was put, whatever arranges the others.
     *
     * @param box of the frame with its inner bands, unturned; sides of {@link #SMALLEST} to {@link Format#LARGEST}
     * @param turnDegrees clockwise about the box's middle, -180 to 180
     */
    record Free(Box box, double turnDegrees) implements Placement {
        public static final Length SMALLEST = Length.ofMm(2);

        public Free {
            Checks.that(isSide(box.width()) && isSide(box.height()), Reason.FRAME_SIZE);
            Checks.that(isNear(box.x()) && isNear(box.y()), Reason.FRAME_FAR);
            Checks.that(turnDegrees >= -180 && turnDegrees <= 180, Reason.TURN);
        }

        private static boolean isSide(Length side) {
            return side.compareTo(SMALLEST) >= 0 && side.compareTo(Format.LARGEST) <= 0;
        }

        private static boolean isNear(Length at) {
            return Math.abs(at.micrometres()) <= Length.LIMIT.micrometres();
        }

        public Free withBox(Box newBox) {
            return new Free(newBox, turnDegrees);
        }
    }
}
