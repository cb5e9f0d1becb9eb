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

    public Rgb {
        hex = hex.toLowerCase(Locale.ROOT);
        Checks.that(FORM.matcher(hex).matches(), Reason.COLOUR);
    }

    public Color awt() {
        return Color.decode(hex);
    }
}
