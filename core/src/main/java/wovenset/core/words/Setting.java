package wovenset.core.words;

import wovenset.core.style.TextStyle;

/**
 * What letters words are set in, and how far apart.
 *
 * @param face the name of a face
 * @param tracking by how much they stand further apart than the face has them, in type sizes; letters that join are set as they are
 */
public record Setting(String face, double tracking) {
    /** As the face has them. */
    public static Setting plain(String face) {
        return new Setting(face, 0);
    }

    /** That of words in frames of their own. */
    public static Setting of(TextStyle style) {
        boolean bold = style.weight() == TextStyle.Weight.BOLD;
        boolean italic = style.slant() == TextStyle.Slant.ITALIC;
        return new Setting(Typefaces.face(style.typeface(), bold, italic), style.tracking());
    }

    /** The advance of a line at a size of one unit, shaped and kerned; nothing is added behind its last letter. */
    double width(String line) {
        double gaps =
                tracking == 0 || Typefaces.joins(line) ? 0 : tracking * (line.codePointCount(0, line.length()) - 1);
        return line.isEmpty() ? 0 : Typefaces.width(face, line) + gaps;
    }
}
