package wovenset.core.piece;

/**
 * The words below the photos.
 *
 * @param typeface the name of a shipped typeface
 * @param sizePt 4 to 144 points
 * @param lines how many lines of room are kept below each photo, 1 to 4
 */
public record CaptionStyle(Show show, String typeface, double sizePt, Rgb colour, int lines) {
    /** Line height over type size; room enough for accents and descenders of the shipped faces. */
    public static final double LEADING = 1.25;

    public CaptionStyle {
        if (!(sizePt >= 4 && sizePt <= 144)) {
            throw new IllegalArgumentException("A caption is set in 4 to 144 pt");
        }
        if (lines < 1 || lines > 4) {
            throw new IllegalArgumentException("A caption has room for 1 to 4 lines");
        }
    }

    /** Whether room is kept for captions: below each photo, or not at all. */
    public enum Show {
        BELOW,
        NONE
    }

    /** The height kept free below each photo, in millimetres: half a line of air and the lines; none if not shown. */
    public double bandMm() {
        return show == Show.NONE ? 0 : (lines + 0.5) * LEADING * sizePt * 25.4 / 72;
    }
}
