package wovenset.core.ink;

import java.awt.Color;
import java.util.Locale;
import java.util.regex.Pattern;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/** An opaque sRGB colour, written {@code #rrggbb} in lower case. */
public record Rgb(String hex) {
    private static final Pattern FORM = Pattern.compile("#[0-9a-f]{6}");
    /** Of words that nobody has given another colour. */
    public static final Rgb INK = new Rgb("#22293a");
    /** The same where what they stand on is dark. */
    public static final Rgb PAPER = new Rgb("#fffdf8");

    /** On a ground of this luminance black and white words have the same contrast. */
    private static final double MIDDLE = 0.179;
    /** The contrast that words of a text are to have at least (WCAG 2.2). */
    private static final double LEGIBLE = 4.5;

    public Rgb {
        hex = hex.toLowerCase(Locale.ROOT);
        Checks.that(FORM.matcher(hex).matches(), Reason.COLOUR);
    }

    /** Whether light words read better on it than dark ones: its relative luminance (WCAG 2.2) is below that of the middle. */
    public boolean isDark() {
        return luminance() < MIDDLE;
    }

    /** The relative luminance, 0 black to 1 white (WCAG 2.2). */
    public double luminance() {
        Color colour = awt();
        return luminance(colour.getRed(), colour.getGreen(), colour.getBlue());
    }

    /** The same of the levels 0 to 255 of sRGB. */
    public static double luminance(int red, int green, int blue) {
        return 0.2126 * Srgb.linear(red / 255.0)
                + 0.7152 * Srgb.linear(green / 255.0)
                + 0.0722 * Srgb.linear(blue / 255.0);
    }

    /** The contrast with another colour, 1 none to 21 (WCAG 2.2). */
    public double contrast(Rgb other) {
        return contrast(luminance(), other.luminance());
    }

    /** The contrast of two relative luminances, whichever comes first. */
    public static double contrast(double one, double other) {
        return (Math.max(one, other) + 0.05) / (Math.min(one, other) + 0.05);
    }

    /** Of ink and paper the one that reads better on it. */
    public Rgb wordsOn() {
        return isDark() ? PAPER : INK;
    }

    /** Itself where it reads as words of a text on a ground, else ink or paper. */
    public Rgb legibleOn(Rgb ground) {
        return contrast(ground) >= LEGIBLE ? this : ground.wordsOn();
    }

    /**
     * Between here and there in the steps of sRGB, as paint that is seen through comes to.
     *
     * @param share 0 here to 1 there
     */
    public Rgb mixed(Rgb there, double share) {
        Color from = awt();
        Color to = there.awt();
        return of(
                from.getRed() + share * (to.getRed() - from.getRed()),
                from.getGreen() + share * (to.getGreen() - from.getGreen()),
                from.getBlue() + share * (to.getBlue() - from.getBlue()));
    }

    /** @param red 0 to 255, as the others; what is beyond is cut off */
    public static Rgb of(double red, double green, double blue) {
        return new Rgb(String.format(Locale.ROOT, "#%02x%02x%02x", level(red), level(green), level(blue)));
    }

    private static int level(double value) {
        return (int) Math.round(Math.max(0, Math.min(255, value)));
    }

    public Color awt() {
        return Color.decode(hex);
    }
}
