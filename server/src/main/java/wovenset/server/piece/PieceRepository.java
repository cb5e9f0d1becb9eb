package wovenset.server.piece;

import static wovenset.server.db.Tables.JOURNAL_ENTRY;
import static wovenset.server.db.Tables.PAGE;
import static wovenset.server.db.Tables.PIECE;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;

/** Pieces, their pages and their journals in the database. Called inside the service's transaction. */
@Repository
class PieceRepository {
    private final DSLContext sql;
    private final PieceDocuments documents;

    PieceRepository(DSLContext sql, PieceDocuments documents) {
        this.sql = sql;
        this.documents = documents;
    }

    /** A journal entry: what an edit changed, in both directions. */
    record Entry(long seq, String name, @Nullable String batch, String before, String after) {}

    List<UUID> shelf() {
        return sql.select(PIECE.ID)
                .from(PIECE)
                .where(PIECE.DELETED_AT.isNull())
                .orderBy(PIECE.CHANGED_AT.desc())
                .fetch(row -> UUID.fromString(row.value1()));
    }

    Optional<StoredPiece> find(UUID id) {
        return sql.selectFrom(PIECE)
                .where(PIECE.ID.eq(id.toString()), PIECE.DELETED_AT.isNull())
                .fetchOptional()
                .map(this::assemble);
    }

    /** As {@link #find}, and no other transaction changes the piece until this one ends. */
    Optional<StoredPiece> lock(UUID id) {
        return sql.selectFrom(PIECE)
                .where(PIECE.ID.eq(id.toString()), PIECE.DELETED_AT.isNull())
                .forUpdate()
                .fetchOptional()
                .map(this::assemble);
    }

    private StoredPiece assemble(Record row) {
        String id = row.get(PIECE.ID);
        PieceDocuments.Head head = documents.readHead(row.get(PIECE.HEAD));
        Map<UUID, Page> pages = sql
                .select(PAGE.CONTENT)
                .from(PAGE)
                .where(PAGE.PIECE_ID.eq(id))
                .fetch(page -> documents.readPage(page.value1()))
                .stream()
                .collect(Collectors.toMap(Page::id, page -> page));
        Piece piece = new Piece(
                UUID.fromString(id),
                head.name(),
                head.format(),
                head.dress(),
                head.photos(),
                head.pages().stream()
                        .map(page -> Objects.requireNonNull(pages.get(page), "page of the head"))
                        .toList(),
                head.subjects());
        return new StoredPiece(piece, row.get(PIECE.REVISION), row.get(PIECE.JOURNAL_AT), row.get(PIECE.CHANGED_AT));
    }

    void insert(Piece piece, LocalDateTime now) {
        sql.insertInto(PIECE)
                .set(PIECE.ID, piece.id().toString())
                .set(PIECE.REVISION, 1L)
                .set(PIECE.JOURNAL_AT, 0L)
                .set(PIECE.HEAD, documents.write(PieceDocuments.headOf(piece)))
                .set(PIECE.CREATED_AT, now)
                .set(PIECE.CHANGED_AT, now)
                .execute();
        piece.pages().forEach(page -> putPage(piece.id(), page));
    }

    /** Stores what differs between two states of a piece, under the next revision. */
    void update(StoredPiece before, Piece after, long journalAt, LocalDateTime now) {
        sql.update(PIECE)
                .set(PIECE.REVISION, before.revision() + 1)
                .set(PIECE.JOURNAL_AT, journalAt)
                .set(PIECE.CHANGED_AT, now)
                .set(PIECE.HEAD, documents.write(PieceDocuments.headOf(after)))
                .where(PIECE.ID.eq(after.id().toString()))
                .execute();
        for (Page page : after.pages()) {
            if (!before.piece().page(page.id()).equals(Optional.of(page))) {
                putPage(after.id(), page);
            }
        }
        List<String> gone = before.piece().pages().stream()
                .map(Page::id)
                .filter(id -> after.page(id).isEmpty())
                .map(UUID::toString)
                .toList();
        if (!gone.isEmpty()) {
            sql.deleteFrom(PAGE).where(PAGE.ID.in(gone)).execute();
        }
    }

    private void putPage(UUID piece, Page page) {
        String content = documents.writePage(page);
        sql.insertInto(PAGE)
                .set(PAGE.ID, page.id().toString())
                .set(PAGE.PIECE_ID, piece.toString())
                .set(PAGE.CONTENT, content)
                .onDuplicateKeyUpdate()
                .set(PAGE.CONTENT, content)
                .execute();
    }

    void setDeleted(UUID id, @Nullable LocalDateTime at) {
        sql.update(PIECE)
                .set(PIECE.DELETED_AT, at)
                .where(PIECE.ID.eq(id.toString()))
                .execute();
    }

    Optional<Entry> entry(UUID piece, long seq) {
        return sql.selectFrom(JOURNAL_ENTRY)
                .where(JOURNAL_ENTRY.PIECE_ID.eq(piece.toString()), JOURNAL_ENTRY.SEQ.eq(seq))
                .fetchOptional(row -> new Entry(
                        row.get(JOURNAL_ENTRY.SEQ),
                        row.get(JOURNAL_ENTRY.NAME),
                        row.get(JOURNAL_ENTRY.BATCH),
                        row.get(JOURNAL_ENTRY.BEFORE_DOC),
                        row.get(JOURNAL_ENTRY.AFTER_DOC)));
    }

    Optional<String> entryName(UUID piece, long seq) {
        return sql.select(JOURNAL_ENTRY.NAME)
                .from(JOURNAL_ENTRY)
                .where(JOURNAL_ENTRY.PIECE_ID.eq(piece.toString()), JOURNAL_ENTRY.SEQ.eq(seq))
                .fetchOptional(row -> row.value1());
    }

    /** Names of all entries, oldest first. */
    List<PieceViews.HistoryEntry> history(UUID piece) {
        return sql.select(JOURNAL_ENTRY.SEQ, JOURNAL_ENTRY.NAME, JOURNAL_ENTRY.CREATED_AT)
                .from(JOURNAL_ENTRY)
                .where(JOURNAL_ENTRY.PIECE_ID.eq(piece.toString()))
                .orderBy(JOURNAL_ENTRY.SEQ)
                .fetch(row -> new PieceViews.HistoryEntry(row.value1(), row.value2(), row.value3() + "Z"));
    }

    /** Puts an entry at its place, over an earlier state of it; what was undone before can no longer be redone. */
    void append(UUID piece, Entry entry, String edit, LocalDateTime now) {
        sql.deleteFrom(JOURNAL_ENTRY)
                .where(JOURNAL_ENTRY.PIECE_ID.eq(piece.toString()), JOURNAL_ENTRY.SEQ.ge(entry.seq()))
                .execute();
        sql.insertInto(JOURNAL_ENTRY)
                .set(JOURNAL_ENTRY.PIECE_ID, piece.toString())
                .set(JOURNAL_ENTRY.SEQ, entry.seq())
                .set(JOURNAL_ENTRY.NAME, entry.name())
                .set(JOURNAL_ENTRY.BATCH, entry.batch())
                .set(JOURNAL_ENTRY.EDIT, edit)
                .set(JOURNAL_ENTRY.BEFORE_DOC, entry.before())
                .set(JOURNAL_ENTRY.AFTER_DOC, entry.after())
                .set(JOURNAL_ENTRY.CREATED_AT, now)
                .execute();
    }
}
