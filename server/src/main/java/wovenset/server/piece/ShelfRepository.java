package wovenset.server.piece;

import static org.jooq.impl.DSL.count;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.min;
import static org.jooq.impl.DSL.select;
import static wovenset.server.db.Tables.ENTRY;
import static wovenset.server.db.Tables.PAGE;
import static wovenset.server.db.Tables.PIECE;

import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import wovenset.core.delta.Head;
import wovenset.server.piece.PieceViews.ShelfItem;
import wovenset.server.stored.DocumentType;
import wovenset.server.stored.Documents;
import wovenset.server.stored.UnreadableDocumentException;

/** What stands on the shelf: heads, numbers, and which page is the cover. No page is read. */
@Repository
class ShelfRepository {
    private final DSLContext sql;
    private final Documents documents;

    ShelfRepository(DSLContext sql, Documents documents) {
        this.sql = sql;
        this.documents = documents;
    }

    /** Latest change first. */
    List<ShelfItem> all() {
        Field<Integer> pages = field(select(count()).from(PAGE).where(PAGE.PIECE_ID.eq(PIECE.ID)));
        Field<Integer> photos = field(select(count()).from(ENTRY).where(ENTRY.PIECE_ID.eq(PIECE.ID)));
        var cover = PAGE.as("cover");
        var first = PAGE.as("first");
        return sql.select(PIECE.ID, PIECE.REVISION, PIECE.HEAD, PIECE.CHANGED_AT, PIECE.LOOK_REVISION)
                .select(pages, photos, cover.ID, cover.REVISION)
                .from(PIECE)
                .leftJoin(cover)
                .on(cover.PIECE_ID.eq(PIECE.ID))
                .and(cover.POSITION.eq(select(min(first.POSITION)).from(first).where(first.PIECE_ID.eq(PIECE.ID))))
                .where(PIECE.DELETED_AT.isNull())
                .orderBy(PIECE.CHANGED_AT.desc())
                .fetch(row -> item(row, row.get(pages), row.get(photos), row.get(cover.ID), row.get(cover.REVISION)));
    }

    private ShelfItem item(Record row, int pages, int photos, @Nullable String cover, @Nullable Long coverRevision) {
        UUID id = UUID.fromString(row.get(PIECE.ID));
        String changedAt = row.get(PIECE.CHANGED_AT) + "Z";
        long revision = row.get(PIECE.REVISION);
        try {
            Head head = documents.read(DocumentType.HEAD, row.get(PIECE.HEAD), Head.class);
            long look = Math.max(row.get(PIECE.LOOK_REVISION), coverRevision == null ? 0 : coverRevision);
            return new ShelfItem(
                    id,
                    head.name(),
                    head.format(),
                    pages,
                    photos,
                    revision,
                    changedAt,
                    cover == null ? null : UUID.fromString(cover),
                    look,
                    null);
        } catch (UnreadableDocumentException e) {
            return new ShelfItem(
                    id, "Unreadable piece", null, pages, photos, revision, changedAt, null, 0, e.getMessage());
        }
    }
}
