/**
 * The document: a piece holds pages, a page holds frames, a frame may hold a photo.
 *
 * <p>Immutable records. Each checks what must hold in itself; what must hold against photos or page sizes is checked
 * where edits are applied. Lists are copied. Nothing here knows how it is stored, sent, arranged or drawn. Start at
 * {@link wovenset.core.piece.Piece}.
 */
@NullMarked
package wovenset.core.piece;

import org.jspecify.annotations.NullMarked;
