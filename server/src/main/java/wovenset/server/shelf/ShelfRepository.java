package wovenset.server.shelf;

import static wovenset.server.db.Tables.PAGE;
import static wovenset.server.db.Tables.PIECE;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Repository;
import wovenset.core.delta.Head;
import wovenset.server.stored.DocumentType;
import wovenset.server.stored.Documents;
import wovenset.server.stored.UnreadableDocumentException;

/** What stands on the shelf: heads, numbers, and which page is the cover. No page is read. */
@Repository
public class ShelfRepository {
    private static final Logger LOG = LoggerFactory.getLogger(ShelfRepository.class);

    private final DSLContext sql;
    private final Documents documents;

    ShelfRepository(DSLContext sql, Documents documents) {
        this.sql = sql;
        this.documents = documents;
    }

    /** Latest change first. Cost: a row of each piece and of its cover. */
    List<ShelfItem> all() {
        return sql.select(PIECE.ID, PIECE.REVISION, PIECE.HEAD, PIECE.CHANGED_AT, PIECE.LOOK_REVISION)
                .select(PIECE.PAGE_COUNT, PIECE.ENTRY_COUNT, PIECE.COVER_ID, PIECE.KIND, PAGE.REVISION)
                .from(PIECE)
                .leftJoin(PAGE)
                .on(PAGE.ID.eq(PIECE.COVER_ID))
                .where(PIECE.DELETED_AT.isNull())
                .orderBy(PIECE.CHANGED_AT.desc())
                .fetch(this::item);
    }

    /** Says what a piece is meant to be. */
    public void setKind(UUID piece, PieceKind kind) {
        sql.update(PIECE)
                .set(PIECE.KIND, kind.name())
                .where(PIECE.ID.eq(piece.toString()))
                .execute();
    }

    /** What a piece is meant to be; nothing if nobody has said so. */
    public Optional<PieceKind> kind(UUID piece) {
        return sql.select(PIECE.KIND)
                .from(PIECE)
                .where(PIECE.ID.eq(piece.toString()))
                .fetchOptional(PIECE.KIND)
                .map(PieceKind::valueOf);
    }

    private ShelfItem item(Record row) {
        int pages = row.get(PIECE.PAGE_COUNT);
        int photos = row.get(PIECE.ENTRY_COUNT);
        String cover = row.get(PIECE.COVER_ID);
        Long coverRevision = row.get(PAGE.REVISION);
        UUID id = UUID.fromString(row.get(PIECE.ID));
        String changedAt = row.get(PIECE.CHANGED_AT) + "Z";
        long revision = row.get(PIECE.REVISION);
        String said = row.get(PIECE.KIND);
        PieceKind kind = said == null ? null : PieceKind.valueOf(said);
        try {
            Head head = documents.read(DocumentType.HEAD, row.get(PIECE.HEAD), Head.class);
            long look = Math.max(row.get(PIECE.LOOK_REVISION), coverRevision == null ? 0 : coverRevision);
            return new ShelfItem(
                    id,
                    head.name(),
                    head.format(),
                    kind,
                    pages,
                    photos,
                    revision,
                    changedAt,
                    cover == null ? null : UUID.fromString(cover),
                    look,
                    null);
        } catch (UnreadableDocumentException e) {
            LOG.warn("A piece cannot be read", e);
            return new ShelfItem(
                    id, "Unreadable piece", null, kind, pages, photos, revision, changedAt, null, 0, e.getMessage());
        }
    }
}
