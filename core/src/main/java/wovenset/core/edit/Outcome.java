package wovenset.core.edit;

import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Said;

/**
 * What an edit made of a piece.
 *
 * @param name what was done, for undo, redo and the history
 */
public record Outcome(Piece piece, Said name) {
    public static Outcome of(Piece piece, Doing doing, Object... args) {
        return new Outcome(piece, Said.of(doing, args));
    }

    /** The piece with this page in the place of the one of its name. */
    public static Outcome of(Piece piece, Page page, Doing doing, Object... args) {
        return of(piece.mapPage(page.id(), old -> page), doing, args);
    }
}
