package wovenset.core.style;

import wovenset.core.ink.Rgb;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * The words with photos.
 *
 * @param place where they stand; those of a print with a foot stand on it
 * @param typeface the name of a shipped typeface
 * @param sizePt 4 to 144 points
 * @param lines how many lines of room are kept below each photo, 1 to 4
 */
public record CaptionStyle(Show show, Place place, String typeface, double sizePt, Rgb colour, int lines) {
    /** Line height over type size; room enough for accents and descenders of the shipped faces. */
    public static final double LEADING = 1.25;

    public CaptionStyle {
        Checks.that(sizePt >= 4 && sizePt <= 144, Reason.CAPTION_SIZE);
        Checks.that(lines >= 1 && lines <= 4, Reason.CAPTION_LINES);
    }

    /** With the words below. */
    public CaptionStyle(Show show, String typeface, double sizePt, Rgb colour, int lines) {
        this(show, Place.BELOW, typeface, sizePt, colour, lines);
    }

    /** Where words stand, and where room is kept for them. */
    public enum Show {
        /** With photos that have words; in a grid or beside each other, a row keeps room once one of its photos has some. */
        WRITTEN,
        /** With all photos: room is kept for each one, written or not. */
        ALWAYS,
        /** Not at all. */
        NONE
    }

    /** Where a photo's words stand. */
    public enum Place {
        BELOW,
        ABOVE,
        /** At the photo's lower edge, on a ground that is seen through and keeps them legible. */
        ON_PICTURE
    }

    /** The height of the room below a photo, or above it, in whole micrometres: half a line of air, and the lines. */
    public Length strip() {
        return Length.ofMm((lines + 0.5) * LEADING * sizePt * 25.4 / 72);
    }

    /** In another face and colour, of the same size and in the same place. */
    public CaptionStyle withFace(String newTypeface, Rgb newColour) {
        return new CaptionStyle(show, place, newTypeface, sizePt, newColour, lines);
    }

    public CaptionStyle withSizePt(double newSize) {
        return new CaptionStyle(show, place, typeface, newSize, colour, lines);
    }

    public CaptionStyle withPlace(Place newPlace) {
        return new CaptionStyle(show, newPlace, typeface, sizePt, colour, lines);
    }

    public CaptionStyle withShow(Show newShow) {
        return new CaptionStyle(newShow, place, typeface, sizePt, colour, lines);
    }
}
