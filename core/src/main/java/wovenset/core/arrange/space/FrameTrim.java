package wovenset.core.arrange.space;

import wovenset.core.measure.Length;
import wovenset.core.style.Band;
import wovenset.core.style.FrameStyle;

/**
 * What surrounds a picture, in millimetres.
 *
 * @param insideMm on each side, the bands that cover the frame's edge
 * @param outsideMm on each side, the bands around the frame
 * @param stripMm below all, or above, for words
 * @param stripAbove whether that is above
 */
public record FrameTrim(double insideMm, double outsideMm, double stripMm, boolean stripAbove) {
    public static final FrameTrim NONE = new FrameTrim(0, 0, 0);

    public static FrameTrim of(FrameStyle style, Length strip, boolean stripAbove) {
        return new FrameTrim(
                style.width(Band.Side.INSIDE).mm(),
                style.width(Band.Side.OUTSIDE).mm(),
                strip.mm(),
                stripAbove);
    }

    /** With the words below. */
    public FrameTrim(double insideMm, double outsideMm, double stripMm) {
        this(insideMm, outsideMm, stripMm, false);
    }

    /** With other bands around the frame. */
    public FrameTrim withOutside(double mm) {
        return new FrameTrim(insideMm, mm, stripMm, stripAbove);
    }

    /** What a slot is wider than the picture. */
    public double across() {
        return 2 * (insideMm + outsideMm);
    }

    /** What a slot is higher than the picture. */
    public double down() {
        return across() + stripMm;
    }
}
