package wovenset.server.piece;

import java.time.LocalDateTime;
import java.util.Map;
import java.util.UUID;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;

/**
 * A piece as it is stored.
 *
 * @param revision grows by one with each change, undo and redo included
 * @param journalAt the last row of the journal that is in force; 0 before the first
 * @param changedAt in UTC
 * @param lookRevision at which something last changed that all pages share
 * @param pageRevisions at which each page last changed its look by itself
 * @param pagePositions of the pages' rows, in reading order
 * @param entryPositions of the entries' rows
 * @param damaged why pages that stand for unreadable ones cannot be read
 */
public record StoredPiece(
        Piece piece,
        long revision,
        long journalAt,
        LocalDateTime changedAt,
        long lookRevision,
        Map<UUID, Long> pageRevisions,
        Map<UUID, Long> pagePositions,
        Map<UUID, Long> entryPositions,
        Map<UUID, String> damaged) {
    public StoredPiece {
        pageRevisions = Map.copyOf(pageRevisions);
        pagePositions = Map.copyOf(pagePositions);
        entryPositions = Map.copyOf(entryPositions);
        damaged = Map.copyOf(damaged);
    }

    /** Names the present look of a page: it grows whenever the page looks different. */
    public long lookOf(Page page) {
        return Math.max(lookRevision, pageRevisions.getOrDefault(page.id(), 0L));
    }
}
