package wovenset.core.arrange;

import java.util.OptionalDouble;
import wovenset.core.piece.Frame;
import wovenset.core.piece.PhotoId;

/** How wide stored photos are by their height. */
public interface PhotoProportions {
    /** Width by height of the upright photo; nothing if it is not stored. */
    OptionalDouble proportion(PhotoId photo);

    /** The proportion in which a frame shows its photo whole: the other way round if it is turned by a quarter; 1 without a photo. */
    default double shown(Frame frame) {
        double own = frame.photo() == null ? 1 : proportion(frame.photo()).orElse(1);
        double turn = Math.abs(frame.crop().turnDegrees());
        return turn > 45 && turn < 135 ? 1 / own : own;
    }
}
