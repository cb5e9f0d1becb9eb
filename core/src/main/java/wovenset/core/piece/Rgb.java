package wovenset.core.piece;

import java.util.Locale;
import java.util.regex.Pattern;

/** An opaque sRGB colour, written {@code #rrggbb} in lower case. */
public record Rgb(String hex) {
    private static final Pattern FORM = Pattern.compile("#[0-9a-f]{6}");

    public Rgb {
        hex = hex.toLowerCase(Locale.ROOT);
        if (!FORM.matcher(hex).matches()) {
            throw new IllegalArgumentException("A colour is written as # and six hexadecimal digits, such as #f5f1e8");
        }
    }

    public java.awt.Color awt() {
        return java.awt.Color.decode(hex);
    }
}
