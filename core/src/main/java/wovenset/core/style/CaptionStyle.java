package wovenset.core.style;

import java.util.Optional;
import wovenset.core.ink.Rgb;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;
import wovenset.core.style.effect.Shadow;

/**
 * The words with photos.
 *
 * @param place where they stand; those of a print with a foot stand on it
 * @param typeface the name of a shipped typeface
 * @param sizePt 4 to 144 points
 * @param tracking by how much letters stand further apart than their face has them, in type sizes, -0.1 to 1
 * @param lines how many lines of room are kept below each photo or above it, 1 to 4; beside one there are as many as its height has room for
 * @param beside how wide the room is that is kept beside a photo, {@value #NARROWEST_MM} to {@value #WIDEST_MM} mm
 */
public record CaptionStyle(
        Show show,
        Place place,
        String typeface,
        double sizePt,
        double tracking,
        Rgb colour,
        Optional<TextFinish.Edge> edge,
        Optional<Shadow> shadow,
        int lines,
        Length beside) {
    /** Line height over type size; room enough for accents and descenders of the shipped faces. */
    public static final double LEADING = 1.25;

    private static final int NARROWEST_MM = 8;
    private static final int WIDEST_MM = 300;
    private static final Length USUAL_BESIDE = Length.ofMm(40);

    public CaptionStyle {
        Checks.that(sizePt >= 4 && sizePt <= 144, Reason.CAPTION_SIZE);
        Checks.that(tracking >= -0.1 && tracking <= 1, Reason.TEXT_TRACKING);
        Checks.that(lines >= 1 && lines <= 4, Reason.CAPTION_LINES);
        Checks.that(
                beside.compareTo(Length.ofMm(NARROWEST_MM)) >= 0 && beside.compareTo(Length.ofMm(WIDEST_MM)) <= 0,
                Reason.CAPTION_BESIDE,
                NARROWEST_MM,
                WIDEST_MM);
    }

    /** With the words below, and nothing around their letters. */
    public CaptionStyle(Show show, String typeface, double sizePt, Rgb colour, int lines) {
        this(show, Place.BELOW, typeface, sizePt, 0, colour, Optional.empty(), Optional.empty(), lines, USUAL_BESIDE);
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
        /** At the photo's left side, ending at it, the last line at its foot. */
        LEFT,
        /** At the photo's right side, beginning at it, the last line at its foot. */
        RIGHT,
        /** At the photo's lower edge, on a ground that is seen through and keeps them legible. */
        ON_PICTURE;

        /** Whether words stand at one of the photo's sides, so that they take of its width and not of its height. */
        public boolean isBeside() {
            return this == LEFT || this == RIGHT;
        }
    }

    /** The room that is kept at the side of a photo where its words stand, in whole micrometres: half a line of air, and the words. */
    public Length strip() {
        return switch (place) {
            case BELOW, ABOVE -> Length.ofMm((lines + 0.5) * LEADING * sizeMm());
            case LEFT, RIGHT -> beside;
            case ON_PICTURE -> Length.ZERO;
        };
    }

    public double sizeMm() {
        return sizePt * TextStyle.MM_PER_PT;
    }

    /** What lies around their letters. */
    public TextFinish finish() {
        return new TextFinish(edge, shadow, Optional.empty(), Optional.empty(), false);
    }

    /** In another face and colour, of the same size and in the same place. */
    public CaptionStyle withFace(String newTypeface, Rgb newColour) {
        return new CaptionStyle(show, place, newTypeface, sizePt, tracking, newColour, edge, shadow, lines, beside);
    }

    public CaptionStyle withSizePt(double newSize) {
        return new CaptionStyle(show, place, typeface, newSize, tracking, colour, edge, shadow, lines, beside);
    }

    public CaptionStyle withPlace(Place newPlace) {
        return new CaptionStyle(show, newPlace, typeface, sizePt, tracking, colour, edge, shadow, lines, beside);
    }

    public CaptionStyle withShow(Show newShow) {
        return new CaptionStyle(newShow, place, typeface, sizePt, tracking, colour, edge, shadow, lines, beside);
    }

    public CaptionStyle withBeside(Length newBeside) {
        return new CaptionStyle(show, place, typeface, sizePt, tracking, colour, edge, shadow, lines, newBeside);
    }

    /** With letters that stand so far apart, an edge around them and a shadow that they throw. */
    public CaptionStyle withLetters(double newTracking, Optional<TextFinish.Edge> newEdge, Optional<Shadow> newShadow) {
        return new CaptionStyle(show, place, typeface, sizePt, newTracking, colour, newEdge, newShadow, lines, beside);
    }
}
