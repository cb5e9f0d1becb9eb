package wovenset.core.style;

import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * A band of one colour around a photo: a border or a mat.
 *
 * @param width zero to {@link #WIDEST}; zero for none
 */
public record Band(Length width, Rgb colour, Side side) {
    public static final Length WIDEST = Length.ofMm(100);

    public Band {
        boolean within = !width.isNegative() && width.compareTo(WIDEST) <= 0;
        Checks.that(within, Reason.BAND_WIDTH);
    }

    public Band withWidth(Length newWidth) {
        return new Band(newWidth, colour, side);
    }

    public Band withColour(Rgb newColour) {
        return new Band(width, newColour, side);
    }

    public Band withSide(Side newSide) {
        return new Band(width, colour, newSide);
    }

    /** Which side of the frame's edge a band lies on. */
    public enum Side {
        /** It covers the photo's edge; the frame keeps its size. */
        INSIDE,
        /** It is added around the frame. */
        OUTSIDE
    }
}
