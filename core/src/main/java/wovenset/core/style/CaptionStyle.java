package wovenset.core.style;

import wovenset.core.ink.Rgb;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * The words below photos.
 *
 * @param typeface the name of a shipped typeface
 * @param sizePt 4 to 144 points
 * @param lines how many lines of room are kept below each photo, 1 to 4
 */
public record CaptionStyle(Show show, String typeface, double sizePt, Rgb colour, int lines) {
    /** Line height over type size; room enough for accents and descenders of the shipped faces. */
    public static final double LEADING = 1.25;

    public CaptionStyle {
        Checks.that(sizePt >= 4 && sizePt <= 144, Reason.CAPTION_SIZE);
        Checks.that(lines >= 1 && lines <= 4, Reason.CAPTION_LINES);
    }

    /** Where words stand, and where room is kept for them. */
    public enum Show {
        /** Below photos that have words; in a grid or beside each other, a row keeps room once one of its photos has some. */
        WRITTEN,
        /** Below photos, and room is kept below each one, written or not. */
        ALWAYS,
        /** Not at all. */
        NONE
    }

    /** The height of the room below a photo in whole micrometres: half a line of air, and the lines. */
    public Length strip() {
        return Length.ofMm((lines + 0.5) * LEADING * sizePt * 25.4 / 72);
    }

    public CaptionStyle withSizePt(double newSize) {
        return new CaptionStyle(show, typeface, newSize, colour, lines);
    }

    public CaptionStyle withShow(Show newShow) {
        return new CaptionStyle(newShow, typeface, sizePt, colour, lines);
    }
}
