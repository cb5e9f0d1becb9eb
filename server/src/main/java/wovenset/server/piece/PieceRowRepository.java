package wovenset.server.piece;

import static wovenset.server.db.Tables.ENTRY;
import static wovenset.server.db.Tables.PAGE;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Query;
import org.jooq.Record;
import org.jooq.TableField;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import wovenset.core.delta.PageDelta;
import wovenset.core.delta.PieceDelta;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.server.stored.DocumentType;
import wovenset.server.stored.Documents;

/** Writes the rows of a piece's pages and entries: those that a step touched, and no others. */
@Repository
class PieceRowRepository {
    private final DSLContext sql;
    private final Documents documents;

    PieceRowRepository(DSLContext sql, Documents documents) {
        this.sql = sql;
        this.documents = documents;
    }

    /** All rows of a new piece. */
    void insert(Piece piece) {
        long position = 0;
        List<Query> rows = new ArrayList<>();
        for (Page page : piece.pages()) {
            rows.add(putPage(piece.id(), page, position += Positions.STEP, 1));
        }
        position = 0;
        for (Entry entry : piece.entries()) {
            rows.add(putEntry(piece.id(), entry, position += Positions.STEP));
        }
        sql.batch(rows).execute();
    }

    /** @return where the rows of all pages lie now; {@code revisions} gets that of those that were written */
    Map<UUID, Long> pages(StoredPiece before, Piece after, PieceDelta delta, Map<UUID, Long> revisions, long revision) {
        if (delta.pages().isEmpty() && delta.pageOrder().isEmpty()) {
            return before.pagePositions();
        }
        Map<UUID, Long> positions = new HashMap<>(before.pagePositions());
        List<String> gone = new ArrayList<>();
        Set<UUID> written = new HashSet<>();
        for (PageDelta change : delta.pages()) {
            if (change instanceof PageDelta.Removed) {
                gone.add(change.pageId().toString());
                positions.remove(change.pageId());
                revisions.remove(change.pageId());
            } else {
                written.add(change.pageId());
                revisions.put(change.pageId(), revision);
            }
        }
        Map<UUID, Long> moved = Positions.changed(
                positions, after.pages().stream().map(Page::id).toList());
        positions.putAll(moved);
        List<Query> rows = new ArrayList<>();
        for (Page page : after.pages()) {
            if (written.contains(page.id())) {
                rows.add(putPage(after.id(), page, positions.getOrDefault(page.id(), 0L), revision));
            } else if (moved.containsKey(page.id())) {
                rows.add(sql.update(PAGE)
                        .set(PAGE.POSITION, positions.getOrDefault(page.id(), 0L))
                        .where(PAGE.ID.eq(page.id().toString())));
            }
        }
        if (!gone.isEmpty()) {
            rows.add(sql.deleteFrom(PAGE).where(PAGE.ID.in(gone)));
        }
        execute(rows);
        return positions;
    }

    /** @return where the rows of all entries lie now */
    Map<UUID, Long> entries(StoredPiece before, Piece after, PieceDelta delta) {
        if (delta.entries().isEmpty() && delta.entryOrder().isEmpty()) {
            return before.entryPositions();
        }
        Map<UUID, Long> positions = new HashMap<>(before.entryPositions());
        List<String> gone = new ArrayList<>();
        Map<UUID, Entry> written = new HashMap<>();
        delta.entries().forEach(change -> {
            change.after().ifPresent(entry -> written.put(entry.id(), entry));
            change.before().filter(entry -> change.after().isEmpty()).ifPresent(entry -> {
                gone.add(entry.id().toString());
                positions.remove(entry.id());
            });
        });
        Map<UUID, Long> moved = delta.entryOrder().isEmpty()
                ? Map.of()
                : Positions.changed(
                        positions,
                        after.entries().list().stream().map(Entry::id).toList());
        positions.putAll(moved);
        List<Query> rows = new ArrayList<>();
        written.forEach((id, entry) -> rows.add(putEntry(after.id(), entry, positions.getOrDefault(id, 0L))));
        moved.forEach((id, position) -> {
            if (!written.containsKey(id)) {
                rows.add(sql.update(ENTRY).set(ENTRY.POSITION, position).where(ENTRY.ID.eq(id.toString())));
            }
        });
        if (!gone.isEmpty()) {
            rows.add(sql.deleteFrom(ENTRY).where(ENTRY.ID.in(gone)));
        }
        execute(rows);
        return positions;
    }

    /** One row by itself is quicker without a batch around it. */
    private void execute(List<Query> rows) {
        if (rows.size() == 1) {
            rows.get(0).execute();
        } else if (!rows.isEmpty()) {
            sql.batch(rows).execute();
        }
    }

    private Query putPage(UUID piece, Page page, long position, long revision) {
        String content = documents.write(DocumentType.PAGE, page);
        return sql.insertInto(PAGE)
                .set(PAGE.ID, page.id().toString())
                .set(PAGE.PIECE_ID, piece.toString())
                .set(PAGE.POSITION, position)
                .set(PAGE.REVISION, revision)
                .set(PAGE.CONTENT, content)
                .onDuplicateKeyUpdate()
                .set(PAGE.POSITION, sent(PAGE.POSITION))
                .set(PAGE.REVISION, sent(PAGE.REVISION))
                .set(PAGE.CONTENT, sent(PAGE.CONTENT));
    }

    private Query putEntry(UUID piece, Entry entry, long position) {
        String content = documents.write(DocumentType.ENTRY, entry);
        return sql.insertInto(ENTRY)
                .set(ENTRY.ID, entry.id().toString())
                .set(ENTRY.PIECE_ID, piece.toString())
                .set(ENTRY.POSITION, position)
                .set(ENTRY.CONTENT, content)
                .onDuplicateKeyUpdate()
                .set(ENTRY.POSITION, sent(ENTRY.POSITION))
                .set(ENTRY.CONTENT, sent(ENTRY.CONTENT));
    }

    /** The value that the statement brings for a column, so that a page's content is sent once. */
    private static <T> Field<T> sent(TableField<? extends Record, T> column) {
        return DSL.field("VALUES({0})", column.getDataType(), column);
    }
}
