package wovenset.core.style;

import wovenset.core.ink.Rgb;
import wovenset.core.measure.Format;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * How words look that stand in a frame of their own.
 *
 * @param typeface the name of a shipped typeface
 * @param sizePt 4 to 800 points
 * @param leading from baseline to baseline, in type sizes, 0.8 to 3
 * @param tracking by how much letters stand further apart than their face has them, in type sizes, -0.1 to 1
 * @param stand where words that need less than the frame's height stand in it
 */
public record TextStyle(
        String typeface,
        Weight weight,
        Slant slant,
        double sizePt,
        double leading,
        double tracking,
        Align align,
        Stand stand,
        Rgb colour,
        TextFinish finish) {
    public static final double SMALLEST = 4;
    public static final double LARGEST = 800;
    /** A point is a 72nd of an inch. */
    public static final double MM_PER_PT = 25.4 / 72;

    public TextStyle {
        Checks.that(sizePt >= SMALLEST && sizePt <= LARGEST, Reason.TEXT_SIZE, (int) SMALLEST, (int) LARGEST);
        Checks.that(leading >= 0.8 && leading <= 3, Reason.TEXT_LEADING);
        Checks.that(tracking >= -0.1 && tracking <= 1, Reason.TEXT_TRACKING);
    }

    /** Strength of the strokes. */
    public enum Weight {
        REGULAR,
        BOLD
    }

    /** Whether letters lean. */
    public enum Slant {
        UPRIGHT,
        ITALIC
    }

    /** Where lines end that are narrower than the frame. */
    public enum Align {
        LEFT,
        CENTRE,
        RIGHT
    }

    public enum Stand {
        TOP,
        MIDDLE,
        BOTTOM
    }

    /** A title that suits a page of this size: a fourteenth of its shorter side high. */
    public static TextStyle title(Format format) {
        return new TextStyle(
                "Alegreya",
                Weight.BOLD,
                Slant.UPRIGHT,
                share(format, 14),
                1.15,
                0,
                Align.CENTRE,
                Stand.MIDDLE,
                Rgb.INK,
                TextFinish.PLAIN);
    }

    /** Words to read that suit a page of this size. */
    public static TextStyle reading(Format format) {
        double size = share(format, 45);
        return new TextStyle(
                "Alegreya",
                Weight.REGULAR,
                Slant.UPRIGHT,
                Math.max(9, size),
                1.35,
                0,
                Align.LEFT,
                Stand.MIDDLE,
                Rgb.INK,
                TextFinish.PLAIN);
    }

    private static double share(Format format, int part) {
        double shorter = Math.min(format.width().mm(), format.height().mm());
        return Math.min(LARGEST, Math.max(8, (double) Math.round(shorter / part / MM_PER_PT)));
    }

    public double sizeMm() {
        return sizePt * MM_PER_PT;
    }

    /** The height of a line, from baseline to baseline. */
    public double lineMm() {
        return leading * sizeMm();
    }

    /** In other letters and another colour, of the same measures. */
    public TextStyle withFace(String newTypeface, Weight newWeight, Slant newSlant, Rgb newColour) {
        return new TextStyle(
                newTypeface, newWeight, newSlant, sizePt, leading, tracking, align, stand, newColour, finish);
    }

    /** What becomes of it when the style that it follows changes: all in which it did not differ. */
    public TextStyle following(TextStyle before, TextStyle after) {
        return new TextStyle(
                typeface.equals(before.typeface) ? after.typeface : typeface,
                weight == before.weight ? after.weight : weight,
                slant == before.slant ? after.slant : slant,
                sizePt == before.sizePt ? after.sizePt : sizePt,
                leading == before.leading ? after.leading : leading,
                tracking == before.tracking ? after.tracking : tracking,
                align == before.align ? after.align : align,
                stand == before.stand ? after.stand : stand,
                colour.equals(before.colour) ? after.colour : colour,
                finish.following(before.finish, after.finish));
    }

    /** In another size, as near as there is. */
    public TextStyle scaled(double by) {
        double size = Math.round(sizePt * by * 10) / 10.0;
        return new TextStyle(
                typeface,
                weight,
                slant,
                Math.min(LARGEST, Math.max(SMALLEST, size)),
                leading,
                tracking,
                align,
                stand,
                colour,
                finish);
    }
}
