package wovenset.core.item;

import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * How a photo lies in its frame. It holds no lengths, so it keeps its meaning when the frame changes size.
 *
 * @param focusX the point of the upright photo that lies at the frame's centre, 0 left to 1 right; it counts where the crop
 *     is aimed by hand
 * @param focusY the same, 0 top to 1 bottom
 * @param zoom how much larger than just filling the frame, 1 to {@value #MOST_ZOOM}
 * @param turnDegrees clockwise, -180 to 180
 * @param flipped mirrored left to right before it is turned
 */
public record Crop(double focusX, double focusY, double zoom, double turnDegrees, boolean flipped, Fit fit, Aim aim) {
    public static final double MOST_ZOOM = 20;
    /** As a photo comes into a frame. */
    public static final Crop CENTRED = new Crop(0.5, 0.5, 1, 0, false, Fit.FILL, Aim.SUBJECT);

    public Crop {
        Checks.that(focusX >= 0 && focusX <= 1 && focusY >= 0 && focusY <= 1, Reason.CROP_FOCUS);
        Checks.that(zoom >= 1 && zoom <= MOST_ZOOM, Reason.CROP_ZOOM, (int) MOST_ZOOM);
        Checks.that(turnDegrees >= -180 && turnDegrees <= 180, Reason.TURN);
    }

    /** Whether the photo lies on its side, turned by about a quarter. */
    public boolean onItsSide() {
        double turn = Math.abs(turnDegrees);
        return turn > 45 && turn < 135;
    }

    public Crop withFocus(double x, double y) {
        return new Crop(x, y, zoom, turnDegrees, flipped, fit, aim);
    }

    /** Whether the photo fills its frame and is cut, or is shown whole with space beside it. */
    public enum Fit {
        FILL,
        WHOLE
    }

    /** What the crop keeps to when the frame changes. */
    public enum Aim {
        /** The photo's subject lies in the middle, as far as the photo reaches. */
        SUBJECT,
        /** The photo's subject lies on a line that parts the frame in thirds. */
        THIRDS,
        /** The focus that was set by hand. */
        HAND
    }
}
