package wovenset.server.stored;

import static wovenset.server.db.Tables.FRAME_STYLE;
import static wovenset.server.db.Tables.THEME;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Table;
import org.springframework.stereotype.Repository;

/** What a person kept for all pieces, as its files' texts. */
@Repository
public class KeptRepository {
    private final DSLContext sql;
    private final Clock clock;

    KeptRepository(DSLContext sql, Clock clock) {
        this.sql = sql;
        this.clock = clock;
    }

    /** What is kept. */
    public enum Library {
        FRAME_STYLES,
        THEMES
    }

    private record Columns(Table<?> table, Field<String> id, Field<String> content, Field<LocalDateTime> createdAt) {
        static Columns of(Library library) {
            return switch (library) {
                case FRAME_STYLES ->
                    new Columns(FRAME_STYLE, FRAME_STYLE.ID, FRAME_STYLE.CONTENT, FRAME_STYLE.CREATED_AT);
                case THEMES -> new Columns(THEME, THEME.ID, THEME.CONTENT, THEME.CREATED_AT);
            };
        }
    }

    /** Oldest first. */
    public List<String> all(Library library) {
        Columns kept = Columns.of(library);
        return sql.select(kept.content)
                .from(kept.table)
                .orderBy(kept.createdAt, kept.id)
                .fetch(kept.content);
    }

    /** In the place of the one of the same identity, if there is one. */
    public void put(Library library, UUID id, String content) {
        Columns kept = Columns.of(library);
        sql.insertInto(kept.table)
                .set(kept.id, id.toString())
                .set(kept.content, content)
                .set(kept.createdAt, LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC))
                .onDuplicateKeyUpdate()
                .set(kept.content, content)
                .execute();
    }

    /** Whether there was one to delete. */
    public boolean delete(Library library, UUID id) {
        Columns kept = Columns.of(library);
        return sql.deleteFrom(kept.table).where(kept.id.eq(id.toString())).execute() > 0;
    }
}
