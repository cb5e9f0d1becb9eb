package wovenset.core.style;

import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * A band around a photo: a border or a mat.
 *
 * @param width zero to {@link #WIDEST}; zero for none
 * @param bevel of its inner edge, which is cut at a slant and shows the board's white core, lit from where the light is; part of
 *     the width, zero for none
 */
public record Band(Length width, Paint paint, Side side, Length bevel) {
    public static final Length WIDEST = Length.ofMm(100);

    public Band {
        boolean within = !width.isNegative() && width.compareTo(WIDEST) <= 0;
        Checks.that(within, Reason.BAND_WIDTH);
        Checks.that(!bevel.isNegative() && bevel.compareTo(WIDEST) <= 0, Reason.BAND_BEVEL);
    }

    /** A band of one colour. */
    public static Band of(Length width, Rgb colour, Side side) {
        return new Band(width, new Paint.Solid(colour), side, Length.ZERO);
    }

    public Band withWidth(Length newWidth) {
        return new Band(newWidth, paint, side, bevel);
    }

    public Band withPaint(Paint newPaint) {
        return new Band(width, newPaint, side, bevel);
    }

    public Band withSide(Side newSide) {
        return new Band(width, paint, newSide, bevel);
    }

    public Band withBevel(Length newBevel) {
        return new Band(width, paint, side, newBevel);
    }

    /** Which side of the frame's edge a band lies on. */
    public enum Side {
        /** It covers the photo's edge; the frame keeps its size. */
        INSIDE,
        /** It is added around the frame. */
        OUTSIDE
    }
}
