package wovenset.core.style;

import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * The one light that falls on all of a piece, so that all shadows fall the same way, however a print is turned.
 *
 * @param fromDegrees whence it comes: 0 from above, clockwise, -180 to 180
 */
public record Light(double fromDegrees) {
    /** Over the left shoulder of who reads. */
    public static final Light USUAL = new Light(-30);

    public Light {
        Checks.that(fromDegrees >= -180 && fromDegrees <= 180, Reason.TURN);
    }

    /** How far right a shadow of this height falls, where what casts it was turned clockwise. */
    public double right(double height, double turnDegrees) {
        return -height * Math.sin(Math.toRadians(fromDegrees - turnDegrees));
    }

    /** The same downward. */
    public double down(double height, double turnDegrees) {
        return height * Math.cos(Math.toRadians(fromDegrees - turnDegrees));
    }
}
