package wovenset.core.style;

import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/** The line that words in a frame of their own run along. */
public sealed interface Course {
    Course STRAIGHT = new Straight();

    /** Upright lines below each other. */
    record Straight() implements Course {}

    /**
     * One line along a part of a circle as wide as the frame.
     *
     * @param degrees what part of a circle it is: up to {@link #MOST} bent upwards as a gate, as far down to bent as a bowl
     */
    record Arc(double degrees) implements Course {
        public static final double LEAST = 5;
        public static final double MOST = 300;

        public Arc {
            Checks.that(Math.abs(degrees) >= LEAST && Math.abs(degrees) <= MOST, Reason.TEXT_ARC);
        }
    }

    /**
     * One line round the circle that fits the frame: outside it from the top, or inside it through the bottom, so that both read
     * from left to right.
     */
    record Circle(boolean inside) implements Course {}

    /**
     * One line along a wave as wide as the frame.
     *
     * @param height from its lowest to its highest place, in shares of the frame's height; negative falls first
     */
    record Wave(double height) implements Course {
        public Wave {
            Checks.that(Math.abs(height) <= 1, Reason.TEXT_WAVE);
        }
    }
}
