package wovenset.server.storage;

import static wovenset.server.db.Tables.PIECE;

import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** How large the database is. */
@Repository
class StorageRepository {
    private final DSLContext sql;

    StorageRepository(DSLContext sql) {
        this.sql = sql;
    }

    /** All pieces, the deleted ones, too, and what they take with their history. */
    StorageView.Part pieces() {
        Long bytes = sql.select(DSL.field("SUM(data_length + index_length)", Long.class))
                .from("information_schema.tables")
                .where("table_schema = DATABASE()")
                .fetchOneInto(Long.class);
        return new StorageView.Part(sql.fetchCount(PIECE), bytes == null ? 0 : bytes);
    }
}
