package wovenset.core.style.effect;

import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * A print that is seen at a slant, with its shadow and its reflection.
 *
 * @param sideDegrees turned about its upright middle line, its right side away, -60 to 60
 * @param backDegrees turned about its level middle line, its upper side away, -60 to 60
 */
public record Tilt(double sideDegrees, double backDegrees) implements Effect {
    public static final double MOST = 60;

    public Tilt {
        Checks.that(Math.abs(sideDegrees) <= MOST && Math.abs(backDegrees) <= MOST, Reason.TILT, (int) MOST);
    }

    @Override
    public String kind() {
        return "tilt";
    }

    @Override
    public Tilt turnedDown() {
        return new Tilt(0, 0);
    }

    @Override
    public boolean isNone() {
        return sideDegrees == 0 && backDegrees == 0;
    }
}
