package wovenset.server.piece;

import static wovenset.server.db.Tables.PIECE;

import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** Which pieces were changed lately, by whatever process. */
@Repository
class TouchedPieceRepository {
    private final DSLContext sql;

    TouchedPieceRepository(DSLContext sql) {
        this.sql = sql;
    }

    /** A piece's last change. */
    record Touched(UUID id, long revision, @Nullable String window) {}

    /**
     * Nobody has to hear of a piece that is as it was started.
     *
     * @param time in UTC
     */
    List<Touched> since(LocalDateTime time) {
        return sql.select(PIECE.ID, PIECE.REVISION, PIECE.CHANGED_BY)
                .from(PIECE)
                .where(PIECE.CHANGED_AT.gt(time), PIECE.REVISION.gt(1L))
                .fetch(row -> new Touched(UUID.fromString(row.value1()), row.value2(), row.value3()));
    }
}
