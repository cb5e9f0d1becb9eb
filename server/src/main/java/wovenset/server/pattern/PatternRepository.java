package wovenset.server.pattern;

import static wovenset.server.db.Tables.PATTERN;

import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The patterns that were kept or brought in, as their files' text. */
@Repository
class PatternRepository {
    private final DSLContext sql;

    PatternRepository(DSLContext sql) {
        this.sql = sql;
    }

    record Row(UUID id, String content) {}

    /** Oldest first. */
    List<Row> all() {
        return sql.selectFrom(PATTERN)
                .orderBy(PATTERN.CREATED_AT, PATTERN.ID)
                .fetch(row -> new Row(UUID.fromString(row.getId()), row.getContent()));
    }

    int count() {
        return sql.fetchCount(PATTERN);
    }

    void insert(UUID id, String name, String content, LocalDateTime now) {
        sql.insertInto(PATTERN)
                .set(PATTERN.ID, id.toString())
                .set(PATTERN.NAME, name)
                .set(PATTERN.CONTENT, content)
                .set(PATTERN.CREATED_AT, now)
                .execute();
    }

    /** Whether there was one to delete. */
    boolean delete(UUID id) {
        return sql.deleteFrom(PATTERN).where(PATTERN.ID.eq(id.toString())).execute() > 0;
    }
}
