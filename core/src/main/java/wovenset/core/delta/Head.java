package wovenset.core.delta;

import wovenset.core.measure.Format;
import wovenset.core.piece.Piece;
import wovenset.core.style.StyleSheet;

/** What of a piece is neither an entry nor a page. */
public record Head(String name, Format format, StyleSheet styles) {
    public static Head of(Piece piece) {
        return new Head(piece.name(), piece.format(), piece.styles());
    }
}
