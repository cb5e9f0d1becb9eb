package wovenset.core.words;

import wovenset.core.style.TextStyle;

/** The face that words in frames of their own are set in. */
public final class TextFace {
    private TextFace() {}

    /** The name of the face. */
    public static String of(TextStyle style) {
        return Typefaces.face(
                style.typeface(), style.weight() == TextStyle.Weight.BOLD, style.slant() == TextStyle.Slant.ITALIC);
    }
}
