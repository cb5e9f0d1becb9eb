package wovenset.core.delta;

import java.util.Optional;
import wovenset.core.caption.OwnTable;
import wovenset.core.measure.Format;
import wovenset.core.piece.Album;
import wovenset.core.piece.Cover;
import wovenset.core.piece.Piece;
import wovenset.core.style.StyleSheet;

/** What of a piece is neither an entry nor a page. */
public record Head(
        String name,
        Format format,
        StyleSheet styles,
        Optional<OwnTable> table,
        Optional<Album> album,
        Optional<Cover> cover) {
    public static Head of(Piece piece) {
        return new Head(piece.name(), piece.format(), piece.styles(), piece.table(), piece.album(), piece.cover());
    }
}
