package wovenset.server.make;

import static wovenset.server.db.Tables.MAKE_JOB;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Repository;
import wovenset.core.output.MakeRequest;
import wovenset.server.stored.DocumentType;
import wovenset.server.stored.Documents;
import wovenset.server.stored.UnreadableDocumentException;

/** Jobs that make files. */
@Repository
class MakeRepository {
    private static final Logger LOG = LoggerFactory.getLogger(MakeRepository.class);
    private static final int RECENT = 20;

    private final DSLContext sql;
    private final Documents documents;

    MakeRepository(DSLContext sql, Documents documents) {
        this.sql = sql;
        this.documents = documents;
    }

    void insert(UUID id, UUID piece, MakeRequest request, LocalDateTime now) {
        sql.insertInto(MAKE_JOB)
                .set(MAKE_JOB.ID, id.toString())
                .set(MAKE_JOB.PIECE_ID, piece.toString())
                .set(MAKE_JOB.STATE, MakeView.State.WAITING.name())
                .set(MAKE_JOB.REQUEST, documents.write(DocumentType.MAKE, request))
                .set(MAKE_JOB.SHARE_DONE, 0.0)
                .set(MAKE_JOB.DOING, "Waiting")
                .set(MAKE_JOB.CANCEL_ASKED, false)
                .set(MAKE_JOB.CREATED_AT, now)
                .execute();
    }

    Optional<MakeView> find(UUID id) {
        return sql.selectFrom(MAKE_JOB).where(MAKE_JOB.ID.eq(id.toString())).fetchOptional(this::view);
    }

    List<MakeView> recent(UUID piece) {
        return sql
                .selectFrom(MAKE_JOB)
                .where(MAKE_JOB.PIECE_ID.eq(piece.toString()))
                .orderBy(MAKE_JOB.CREATED_AT.desc())
                .limit(RECENT)
                .fetch(this::readable)
                .stream()
                .flatMap(Optional::stream)
                .toList();
    }

    /** Those that wait or were being made when a process ended. */
    List<UUID> unfinished() {
        return sql.select(MAKE_JOB.ID)
                .from(MAKE_JOB)
                .where(MAKE_JOB.STATE.in(MakeView.State.WAITING.name(), MakeView.State.MAKING.name()))
                .fetch(row -> UUID.fromString(row.value1()));
    }

    /** Notes that a job is begun, and tells how often it was begun before. */
    int begin(UUID id) {
        int before = sql.select(MAKE_JOB.ATTEMPTS)
                .from(MAKE_JOB)
                .where(MAKE_JOB.ID.eq(id.toString()))
                .fetchOptional(MAKE_JOB.ATTEMPTS)
                .orElse(0);
        sql.update(MAKE_JOB)
                .set(MAKE_JOB.ATTEMPTS, before + 1)
                .where(MAKE_JOB.ID.eq(id.toString()))
                .execute();
        return before;
    }

    /** A job whose process is stopped in good order has not ended the application. */
    void letGo(UUID id) {
        sql.update(MAKE_JOB)
                .set(MAKE_JOB.ATTEMPTS, MAKE_JOB.ATTEMPTS.minus(1))
                .where(MAKE_JOB.ID.eq(id.toString()))
                .execute();
    }

    /** Notes the progress, and tells whether the person wants it stopped. */
    boolean progress(UUID id, double share, String doing) {
        sql.update(MAKE_JOB)
                .set(MAKE_JOB.STATE, MakeView.State.MAKING.name())
                .set(MAKE_JOB.SHARE_DONE, share)
                .set(MAKE_JOB.DOING, doing)
                .where(MAKE_JOB.ID.eq(id.toString()))
                .execute();
        return sql.select(MAKE_JOB.CANCEL_ASKED)
                .from(MAKE_JOB)
                .where(MAKE_JOB.ID.eq(id.toString()))
                .fetchOptional()
                .map(row -> Boolean.TRUE.equals(row.value1()))
                .orElse(true);
    }

    /** Notes the revision of the piece that the file shows. */
    void shows(UUID id, long revision) {
        sql.update(MAKE_JOB)
                .set(MAKE_JOB.REVISION, revision)
                .where(MAKE_JOB.ID.eq(id.toString()))
                .execute();
    }

    void askCancel(UUID id) {
        sql.update(MAKE_JOB)
                .set(MAKE_JOB.CANCEL_ASKED, true)
                .where(MAKE_JOB.ID.eq(id.toString()))
                .execute();
    }

    void end(UUID id, MakeView.State state, @Nullable String fileName, @Nullable String message, LocalDateTime now) {
        sql.update(MAKE_JOB)
                .set(MAKE_JOB.STATE, state.name())
                .set(MAKE_JOB.FILE_NAME, fileName)
                .set(MAKE_JOB.MESSAGE, message)
                .set(MAKE_JOB.SHARE_DONE, state == MakeView.State.DONE ? 1.0 : 0.0)
                .set(MAKE_JOB.ENDED_AT, now)
                .where(MAKE_JOB.ID.eq(id.toString()))
                .execute();
    }

    void delete(UUID id) {
        sql.deleteFrom(MAKE_JOB).where(MAKE_JOB.ID.eq(id.toString())).execute();
    }

    /** All that have ended. */
    List<UUID> ended() {
        return sql.select(MAKE_JOB.ID)
                .from(MAKE_JOB)
                .where(MAKE_JOB.ENDED_AT.isNotNull())
                .fetch(row -> UUID.fromString(row.value1()));
    }

    Set<String> ids() {
        return sql.select(MAKE_JOB.ID).from(MAKE_JOB).fetchSet(MAKE_JOB.ID);
    }

    private Optional<MakeView> readable(Record row) {
        try {
            return Optional.of(view(row));
        } catch (UnreadableDocumentException e) {
            LOG.warn("What a job should make cannot be read", e);
            return Optional.empty();
        }
    }

    private MakeView view(Record row) {
        return new MakeView(
                UUID.fromString(row.get(MAKE_JOB.ID)),
                UUID.fromString(row.get(MAKE_JOB.PIECE_ID)),
                MakeView.State.valueOf(row.get(MAKE_JOB.STATE)),
                documents.read(DocumentType.MAKE, row.get(MAKE_JOB.REQUEST), MakeRequest.class),
                row.get(MAKE_JOB.SHARE_DONE),
                row.get(MAKE_JOB.DOING),
                row.get(MAKE_JOB.FILE_NAME),
                row.get(MAKE_JOB.MESSAGE),
                row.get(MAKE_JOB.CREATED_AT) + "Z",
                null,
                row.get(MAKE_JOB.REVISION));
    }
}
