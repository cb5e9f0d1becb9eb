package wovenset.server.piece;

import static wovenset.server.db.Tables.ENTRY;
import static wovenset.server.db.Tables.PAGE;
import static wovenset.server.db.Tables.PIECE;

import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Repository;
import wovenset.core.arrangement.ByHand;
import wovenset.core.arrangement.Margins;
import wovenset.core.delta.Head;
import wovenset.core.delta.PieceDelta;
import wovenset.core.measure.Length;
import wovenset.core.piece.Entries;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.server.stored.DocumentType;
import wovenset.server.stored.Documents;
import wovenset.server.stored.UnreadableDocumentException;

/** Pieces, their pages and their entries in the database. Called inside the service's transaction. */
@Repository
class PieceRepository {
    private static final Logger LOG = LoggerFactory.getLogger(PieceRepository.class);

    private final DSLContext sql;
    private final Documents documents;
    private final PieceRowRepository rows;

    PieceRepository(DSLContext sql, Documents documents, PieceRowRepository rows) {
        this.sql = sql;
        this.documents = documents;
        this.rows = rows;
    }

    /** What tells whether a piece that is in memory is still the one in the database. */
    record Version(long revision, long journalAt) {}

    boolean isEmpty() {
        return !sql.fetchExists(PIECE, PIECE.DELETED_AT.isNull());
    }

    Optional<Version> version(UUID id) {
        return sql.select(PIECE.REVISION, PIECE.JOURNAL_AT)
                .from(PIECE)
                .where(PIECE.ID.eq(id.toString()), PIECE.DELETED_AT.isNull())
                .fetchOptional(row -> new Version(row.value1(), row.value2()));
    }

    /** As {@link #version}, and no other transaction changes the piece until this one ends. */
    Optional<Version> lock(UUID id) {
        return sql.select(PIECE.REVISION, PIECE.JOURNAL_AT)
                .from(PIECE)
                .where(PIECE.ID.eq(id.toString()), PIECE.DELETED_AT.isNull())
                .forUpdate()
                .fetchOptional(row -> new Version(row.value1(), row.value2()));
    }

    /** @throws UnreadableDocumentException if its head or an entry cannot be read; damaged pages are told */
    Optional<StoredPiece> find(UUID id) {
        return sql.selectFrom(PIECE)
                .where(PIECE.ID.eq(id.toString()), PIECE.DELETED_AT.isNull())
                .fetchOptional()
                .map(this::assemble);
    }

    private StoredPiece assemble(Record row) {
        String id = row.get(PIECE.ID);
        Head head = documents.read(DocumentType.HEAD, row.get(PIECE.HEAD), Head.class);
        Map<UUID, Long> pagePositions = new LinkedHashMap<>();
        Map<UUID, Long> revisions = new HashMap<>();
        Map<UUID, String> damaged = new HashMap<>();
        List<Page> pages = sql.select(PAGE.ID, PAGE.POSITION, PAGE.REVISION, PAGE.CONTENT)
                .from(PAGE)
                .where(PAGE.PIECE_ID.eq(id))
                .orderBy(PAGE.POSITION)
                .fetch(page -> {
                    UUID pageId = UUID.fromString(page.value1());
                    pagePositions.put(pageId, page.value2());
                    revisions.put(pageId, page.value3());
                    return page(pageId, page.value4(), damaged);
                });
        Map<UUID, Long> entryPositions = new LinkedHashMap<>();
        List<Entry> entries = sql.select(ENTRY.ID, ENTRY.POSITION, ENTRY.CONTENT)
                .from(ENTRY)
                .where(ENTRY.PIECE_ID.eq(id))
                .orderBy(ENTRY.POSITION)
                .fetch(entry -> {
                    entryPositions.put(UUID.fromString(entry.value1()), entry.value2());
                    return documents.read(DocumentType.ENTRY, entry.value3(), Entry.class);
                });
        Piece piece = new Piece(
                UUID.fromString(id),
                head.name(),
                head.format(),
                head.styles(),
                head.table(),
                head.album(),
                head.cover(),
                Entries.of(entries),
                pages);
        return new StoredPiece(
                piece,
                row.get(PIECE.REVISION),
                row.get(PIECE.JOURNAL_AT),
                row.get(PIECE.CHANGED_AT),
                row.get(PIECE.LOOK_REVISION),
                revisions,
                pagePositions,
                entryPositions,
                damaged);
    }

    /** An unreadable page is shown as an empty one, and its row is left as it is. */
    private Page page(UUID id, String content, Map<UUID, String> damaged) {
        try {
            return documents.read(DocumentType.PAGE, content, Page.class);
        } catch (UnreadableDocumentException e) {
            LOG.warn("A page cannot be read", e);
            damaged.put(id, e.getMessage());
            return Page.of(id, new ByHand(Margins.all(Length.ZERO)), List.of());
        }
    }

    void insert(Piece piece, LocalDateTime now) {
        sql.insertInto(PIECE)
                .set(PIECE.ID, piece.id().toString())
                .set(PIECE.REVISION, 1L)
                .set(PIECE.JOURNAL_AT, 0L)
                .set(PIECE.LOOK_REVISION, 1L)
                .set(PIECE.HEAD, documents.write(DocumentType.HEAD, Head.of(piece)))
                .set(onTheShelf(piece))
                .set(PIECE.CREATED_AT, now)
                .set(PIECE.CHANGED_AT, now)
                .execute();
        rows.insert(piece);
    }

    /** Where the journal stands after a step, and which window made it, when. */
    record Signed(long journalAt, @Nullable String window, LocalDateTime at) {
        private static final int LONGEST = 100;

        Signed {
            window = window == null || window.length() <= LONGEST ? window : window.substring(0, LONGEST);
        }
    }

    /**
     * Stores what a step changed, and nothing else.
     *
     * @param stale pages that look different although they are the same
     * @return the piece as it is stored now
     */
    StoredPiece update(StoredPiece before, Piece after, PieceDelta delta, Set<UUID> stale, Signed signed) {
        long revision = before.revision() + 1;
        boolean allLookDifferent = delta.head()
                .filter(change -> looksDifferent(
                        change.before().orElseThrow(), change.after().orElseThrow()))
                .isPresent();
        long lookRevision = allLookDifferent ? revision : before.lookRevision();
        var update = sql.update(PIECE)
                .set(PIECE.REVISION, revision)
                .set(PIECE.JOURNAL_AT, signed.journalAt())
                .set(PIECE.CHANGED_AT, signed.at())
                .set(PIECE.CHANGED_BY, signed.window())
                .set(PIECE.LOOK_REVISION, lookRevision)
                .set(onTheShelf(after));
        (delta.head().isPresent() ? update.set(PIECE.HEAD, documents.write(DocumentType.HEAD, Head.of(after))) : update)
                .where(PIECE.ID.eq(after.id().toString()))
                .execute();
        Map<UUID, Long> revisions = new HashMap<>(before.pageRevisions());
        Map<UUID, Long> pagePositions = rows.pages(before, after, delta, revisions, revision);
        stale.forEach(id -> revisions.put(id, revision));
        if (!stale.isEmpty()) {
            sql.update(PAGE)
                    .set(PAGE.REVISION, revision)
                    .where(PAGE.ID.in(stale.stream().map(UUID::toString).toList()))
                    .execute();
        }
        Map<UUID, String> damaged = new HashMap<>(before.damaged());
        damaged.keySet().retainAll(pagePositions.keySet());
        return new StoredPiece(
                after,
                revision,
                signed.journalAt(),
                signed.at(),
                lookRevision,
                revisions,
                pagePositions,
                rows.entries(before, after, delta),
                damaged);
    }

    /** What the shelf tells of a piece. */
    private static Map<Field<?>, Object> onTheShelf(Piece piece) {
        return Map.of(
                PIECE.PAGE_COUNT,
                piece.pages().size(),
                PIECE.ENTRY_COUNT,
                piece.entries().size(),
                PIECE.COVER_ID,
                piece.pages().get(0).id().toString());
    }

    private static boolean looksDifferent(Head one, Head other) {
        return !one.format().equals(other.format()) || !one.styles().equals(other.styles());
    }
}
