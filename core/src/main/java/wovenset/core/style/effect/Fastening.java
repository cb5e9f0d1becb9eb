package wovenset.core.style.effect;

import wovenset.core.ink.Rgb;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * What holds a print on its page. It lies on the print and changes no measures.
 *
 * @param size of a strip of tape across, or of a photo corner's leg; 0 to {@link #LARGEST}
 */
public record Fastening(Means means, Length size, Rgb colour) implements Effect {
    public static final Length LARGEST = Length.ofMm(100);

    public Fastening {
        Checks.that(!size.isNegative() && size.compareTo(LARGEST) <= 0, Reason.FASTENING_SIZE);
    }

    /** With what. */
    public enum Means {
        /** One strip across the middle of the upper edge. */
        TAPE_ABOVE,
        /** A strip across each upper corner. */
        TAPE_UPPER_CORNERS,
        /** A strip across each corner. */
        TAPE_CORNERS,
        /** A folded paper triangle over each corner. */
        PHOTO_CORNERS
    }

    @Override
    public String kind() {
        return "fastening";
    }

    @Override
    public Fastening turnedDown() {
        return new Fastening(means, Length.ZERO, colour);
    }

    @Override
    public boolean isNone() {
        return size.equals(Length.ZERO);
    }
}
