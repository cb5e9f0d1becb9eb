package wovenset.core.arrange.space;

import wovenset.core.measure.Length;
import wovenset.core.style.Band;
import wovenset.core.style.FrameStyle;

/**
 * What surrounds a picture, in millimetres.
 *
 * @param insideMm on each side, the bands that cover the frame's edge
 * @param outsideMm on each side, the bands around the frame
 * @param stripMm below all, for words
 */
public record FrameTrim(double insideMm, double outsideMm, double stripMm) {
    public static final FrameTrim NONE = new FrameTrim(0, 0, 0);

    public static FrameTrim of(FrameStyle style, Length strip) {
        return new FrameTrim(
                style.width(Band.Side.INSIDE).mm(),
                style.width(Band.Side.OUTSIDE).mm(),
                strip.mm());
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
