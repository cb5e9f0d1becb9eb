package wovenset.server.piece;

import java.time.LocalDateTime;
import wovenset.core.piece.Piece;

/**
 * A piece as it is stored.
 *
 * @param revision grows by one with each change, undo and redo included
 * @param journalAt the journal entry that was applied last; 0 before the first
 * @param changedAt in UTC
 */
public record StoredPiece(Piece piece, long revision, long journalAt, LocalDateTime changedAt) {}
