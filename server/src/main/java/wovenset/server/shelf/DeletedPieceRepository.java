package wovenset.server.shelf;

import static wovenset.server.db.Tables.PIECE;

import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** Pieces that are off the shelf and can still be brought back. */
@Repository
public class DeletedPieceRepository {
    private final DSLContext sql;

    DeletedPieceRepository(DSLContext sql) {
        this.sql = sql;
    }

    /** @param at in UTC */
    public record Deleted(UUID id, String name, LocalDateTime at) {}

    /** Those deleted last come first. */
    public List<Deleted> all() {
        return sql.select(
                        PIECE.ID,
                        DSL.field("JSON_VALUE({0}, '$.body.name')", String.class, PIECE.HEAD),
                        PIECE.DELETED_AT)
                .from(PIECE)
                .where(PIECE.DELETED_AT.isNotNull())
                .orderBy(PIECE.DELETED_AT.desc())
                .fetch(row -> new Deleted(
                        UUID.fromString(row.value1()), row.value2() == null ? "" : row.value2(), row.value3()));
    }

    /** Takes a piece off the shelf at a time, or puts it back with null. */
    public void setDeleted(UUID id, @Nullable LocalDateTime at) {
        sql.update(PIECE)
                .set(PIECE.DELETED_AT, at)
                .where(PIECE.ID.eq(id.toString()))
                .execute();
    }

    /** Deletes for good, with pages, history and jobs. One that is on the shelf stays. */
    public boolean remove(UUID id) {
        return sql.deleteFrom(PIECE)
                        .where(PIECE.ID.eq(id.toString()), PIECE.DELETED_AT.isNotNull())
                        .execute()
                == 1;
    }

    /** Deletes for good what was deleted before a time. */
    public int removeBefore(LocalDateTime before) {
        return sql.deleteFrom(PIECE).where(PIECE.DELETED_AT.lt(before)).execute();
    }
}
