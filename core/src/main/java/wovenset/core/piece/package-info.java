/**
 * The document: a piece has entries and pages, a page has items in one order from back to front.
 *
 * <p>Immutable records: all that a person may call by a name is a value of its own, and nothing is told by a null. Each checks
 * what must hold in itself; what must hold against photos or page sizes is checked where edits are applied. Nothing here knows
 * how it is stored, sent, arranged or drawn. Start at {@link wovenset.core.piece.Piece} and {@link wovenset.core.piece.Page};
 * what lies on a page is in {@code item}.
 */
@NullMarked
package wovenset.core.piece;

import org.jspecify.annotations.NullMarked;
