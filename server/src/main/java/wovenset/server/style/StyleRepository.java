package wovenset.server.style;

import static wovenset.server.db.Tables.FRAME_STYLE;

import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The styles of the library, as their files' text. */
@Repository
class StyleRepository {
    private final DSLContext sql;

    StyleRepository(DSLContext sql) {
        this.sql = sql;
    }

    /** Oldest first. */
    List<String> all() {
        return sql.select(FRAME_STYLE.CONTENT)
                .from(FRAME_STYLE)
                .orderBy(FRAME_STYLE.CREATED_AT, FRAME_STYLE.ID)
                .fetch(FRAME_STYLE.CONTENT);
    }

    /** In the place of the one of the same identity, if there is one. */
    void put(UUID id, String content, LocalDateTime now) {
        sql.insertInto(FRAME_STYLE)
                .set(FRAME_STYLE.ID, id.toString())
                .set(FRAME_STYLE.CONTENT, content)
                .set(FRAME_STYLE.CREATED_AT, now)
                .onDuplicateKeyUpdate()
                .set(FRAME_STYLE.CONTENT, content)
                .execute();
    }

    /** Whether there was one to delete. */
    boolean delete(UUID id) {
        return sql.deleteFrom(FRAME_STYLE)
                        .where(FRAME_STYLE.ID.eq(id.toString()))
                        .execute()
                > 0;
    }
}
