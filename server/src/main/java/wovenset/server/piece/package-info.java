/**
 * Pieces over HTTP: the shelf, edits with undo and redo, and word of changes to other windows.
 *
 * <p>{@code PieceService} owns the transaction: an edit and its journal entry are stored together, or neither is.
 * Revisions grow by one with each change; a stale one is refused with the current one. jOOQ's types stop at
 * {@code PieceRepository}.
 */
@NullMarked
package wovenset.server.piece;

import org.jspecify.annotations.NullMarked;
