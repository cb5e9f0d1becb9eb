package wovenset.core.arrange.space;

import wovenset.core.measure.Length;
import wovenset.core.style.Band;
import wovenset.core.style.FrameStyle;

/**
 * What surrounds a picture, in millimetres.
 *
 * @param insideMm on each side, the bands that cover the frame's edge
 * @param outsideMm on each side, the bands around the frame
 * @param stripMm beyond the bands on one side, for words
 * @param side where that is
 */
public record FrameTrim(double insideMm, double outsideMm, double stripMm, Side side) {
    public static final FrameTrim NONE = new FrameTrim(0, 0, 0);

    /** The side of a picture on which its words have their room. */
    public enum Side {
        BELOW,
        ABOVE,
        LEFT,
        RIGHT;

        public boolean isBeside() {
            return this == LEFT || this == RIGHT;
        }
    }

    public static FrameTrim of(FrameStyle style, Length strip, Side side) {
        return new FrameTrim(
                style.width(Band.Side.INSIDE).mm(),
                style.width(Band.Side.OUTSIDE).mm(),
                strip.mm(),
                side);
    }

    /** With the words below. */
    public FrameTrim(double insideMm, double outsideMm, double stripMm) {
        this(insideMm, outsideMm, stripMm, Side.BELOW);
    }

    /** With other bands around the frame. */
    public FrameTrim withOutside(double mm) {
        return new FrameTrim(insideMm, mm, stripMm, side);
    }

    /** The room for words on this side; zero on all others than theirs. */
    public double strip(Side at) {
        return at == side ? stripMm : 0;
    }

    /** What a slot is wider than the picture. */
    public double across() {
        return bands() + strip(Side.LEFT) + strip(Side.RIGHT);
    }

    /** What a slot is higher than the picture. */
    public double down() {
        return bands() + strip(Side.ABOVE) + strip(Side.BELOW);
    }

    /** What the bands of both sides take together. */
    public double bands() {
        return 2 * (insideMm + outsideMm);
    }
}
