package wovenset.core.piece;

import wovenset.core.measure.Length;

/**
 * How all pages and frames of a piece look.
 *
 * @param pageColour fills the page and its bleed
 * @param borderWidth of each frame's border, inside the frame; zero for none. A frame may have a {@link Border} of its own
 * @param cornerRadius of each frame's outer corners
 */
public record Dress(Rgb pageColour, Rgb borderColour, Length borderWidth, Length cornerRadius, CaptionStyle captions) {
    public static final Dress PLAIN = new Dress(
            new Rgb("#ffffff"),
            new Rgb("#22293a"),
            Length.ZERO,
            Length.ZERO,
            new CaptionStyle(CaptionStyle.Show.BELOW, "Alegreya", 11, new Rgb("#22293a"), 1));

    /** The border of frames that have none of their own. */
    public Border border() {
        return new Border(borderColour, borderWidth, cornerRadius);
    }
}
