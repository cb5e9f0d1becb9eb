package wovenset.core.piece;

/**
 * How a photo lies in its frame. It holds no lengths, so it keeps its meaning when the frame changes size.
 *
 * @param focusX the point of the upright photo that lies at the frame's centre, 0 left to 1 right
 * @param focusY the same, 0 top to 1 bottom
 * @param zoom how much larger than just filling the frame, 1 to {@value #MOST_ZOOM}
 * @param turnDegrees clockwise, -180 to 180
 * @param flipped mirrored left to right before it is turned
 */
public record Crop(double focusX, double focusY, double zoom, double turnDegrees, boolean flipped, Fit fit) {
    public static final double MOST_ZOOM = 20;
    public static final Crop CENTRED = new Crop(0.5, 0.5, 1, 0, false, Fit.FILL);

    public Crop {
        check(focusX >= 0 && focusX <= 1 && focusY >= 0 && focusY <= 1, "The crop's focus lies within the photo");
        check(zoom >= 1 && zoom <= MOST_ZOOM, "A crop's zoom lies between 1 and " + MOST_ZOOM);
        check(turnDegrees >= -180 && turnDegrees <= 180, "A photo is turned by -180 to 180 degrees");
    }

    private static void check(boolean holds, String message) {
        if (!holds) {
            throw new IllegalArgumentException(message);
        }
    }

    /** Whether the photo fills its frame and is cut, or is shown whole with space beside it. */
    public enum Fit {
        FILL,
        WHOLE
    }
}
