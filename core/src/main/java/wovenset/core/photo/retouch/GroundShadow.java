package wovenset.core.photo.retouch;

import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * The shadow that a thing cut out throws on the ground where it stands, away from the piece's light.
 *
 * @param strength 0 to 1
 * @param length of its height, so far it lies on the ground: 0 to 1
 */
public record GroundShadow(double strength, double length) {
    public GroundShadow {
        Checks.that(strength >= 0 && strength <= 1 && length >= 0 && length <= 1, Reason.GROUND_SHADOW);
    }
}
