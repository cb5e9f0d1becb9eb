package wovenset.core.piece;

import wovenset.core.measure.Length;

/**
 * The edge of a frame.
 *
 * @param width inside the frame; zero for none
 * @param radius of the frame's outer corners
 */
public record Border(Rgb colour, Length width, Length radius) {
    public static final Length WIDEST = Length.ofMm(100);
}
