package wovenset.server.piece;

import static wovenset.server.db.Tables.JOURNAL_ENTRY;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import wovenset.core.delta.PieceDelta;
import wovenset.core.said.Doing;
import wovenset.core.said.Said;
import wovenset.server.said.Words;
import wovenset.server.stored.DocumentType;
import wovenset.server.stored.Documents;

/**
 * The history of pieces: a row for each change, with what it touched in both directions. Rows that follow each other and name
 * the same batch are one step for whoever undoes; each row is written once and never grows, and the last row's name is that of
 * the whole step.
 */
@Repository
class JournalRepository {
    private final DSLContext sql;
    private final Documents documents;

    JournalRepository(DSLContext sql, Documents documents) {
        this.sql = sql;
        this.documents = documents;
    }

    /** One change. */
    record Row(long seq, Said name, @Nullable String batch, PieceDelta delta) {}

    /** A name and where the step that bears it ends. */
    record Label(long seq, Said name, @Nullable String batch) {}

    Optional<Label> label(UUID piece, long seq) {
        return sql.select(JOURNAL_ENTRY.SEQ, JOURNAL_ENTRY.SAID, JOURNAL_ENTRY.BATCH)
                .from(JOURNAL_ENTRY)
                .where(JOURNAL_ENTRY.PIECE_ID.eq(piece.toString()), JOURNAL_ENTRY.SEQ.eq(seq))
                .fetchOptional(this::label);
    }

    private Label label(Record row) {
        Said name = documents.read(DocumentType.STEP_NAME, row.get(JOURNAL_ENTRY.SAID), Said.class);
        return new Label(row.get(JOURNAL_ENTRY.SEQ), name, row.get(JOURNAL_ENTRY.BATCH));
    }

    /** The step that undo would take back: its rows, latest first. */
    List<Row> stepBefore(UUID piece, long at) {
        return step(piece, at, -1);
    }

    /** The step that redo would make again: its rows, earliest first. */
    List<Row> stepAfter(UUID piece, long at) {
        return step(piece, at + 1, 1);
    }

    private List<Row> step(UUID piece, long from, int way) {
        List<Row> rows = new ArrayList<>();
        for (long seq = from; ; seq += way) {
            Optional<Row> row = sql.selectFrom(JOURNAL_ENTRY)
                    .where(JOURNAL_ENTRY.PIECE_ID.eq(piece.toString()), JOURNAL_ENTRY.SEQ.eq(seq))
                    .fetchOptional(this::row);
            boolean goesOn = row.isPresent()
                    && (rows.isEmpty()
                            || row.get().batch() != null
                                    && Objects.equals(
                                            row.get().batch(), rows.get(0).batch()));
            if (!goesOn) {
                return rows;
            }
            rows.add(row.get());
        }
    }

    private Row row(Record row) {
        Label label = label(row);
        return new Row(
                label.seq(),
                label.name(),
                label.batch(),
                documents.read(DocumentType.STEP, row.get(JOURNAL_ENTRY.STEP), PieceDelta.class));
    }

    /** The names of the steps that undo would take back and redo would make again; null where there is none. */
    record Around(@Nullable Said undo, @Nullable Said redo) {}

    Around around(UUID piece, long at) {
        Map<Long, Label> labels = new HashMap<>();
        sql.select(JOURNAL_ENTRY.SEQ, JOURNAL_ENTRY.SAID, JOURNAL_ENTRY.BATCH)
                .from(JOURNAL_ENTRY)
                .where(JOURNAL_ENTRY.PIECE_ID.eq(piece.toString()), JOURNAL_ENTRY.SEQ.in(at, at + 1))
                .forEach(row -> labels.put(row.get(JOURNAL_ENTRY.SEQ), label(row)));
        Label undo = labels.get(at);
        Label redo = labels.get(at + 1);
        return new Around(undo == null ? null : undo.name(), redo == null ? null : last(piece, redo));
    }

    /** A step of several rows is called by its last. */
    private Said last(UUID piece, Label first) {
        Label last = first;
        while (first.batch() != null) {
            Label next = label(piece, last.seq() + 1).orElse(null);
            if (next == null || !first.batch().equals(next.batch())) {
                break;
            }
            last = next;
        }
        return last.name();
    }

    /** Names of all steps, oldest first; of a batch, its last row. */
    List<PieceViews.HistoryEntry> history(UUID piece) {
        List<PieceViews.HistoryEntry> steps = new ArrayList<>();
        String[] batch = {null};
        sql.select(JOURNAL_ENTRY.SEQ, JOURNAL_ENTRY.SAID, JOURNAL_ENTRY.BATCH, JOURNAL_ENTRY.CREATED_AT)
                .from(JOURNAL_ENTRY)
                .where(JOURNAL_ENTRY.PIECE_ID.eq(piece.toString()))
                .orderBy(JOURNAL_ENTRY.SEQ)
                .forEach(row -> {
                    Label label = label(row);
                    if (label.batch() != null && label.batch().equals(batch[0])) {
                        steps.remove(steps.size() - 1);
                    }
                    batch[0] = label.batch();
                    steps.add(new PieceViews.HistoryEntry(
                            label.seq(), Words.of(label.name()), row.get(JOURNAL_ENTRY.CREATED_AT) + "Z"));
                });
        return steps;
    }

    /** Adds a row after the one in force; what was undone before can no longer be redone. */
    Said append(UUID piece, long at, Said name, @Nullable String batch, PieceDelta delta, LocalDateTime now) {
        Said whole = batch == null
                ? name
                : label(piece, at)
                        .filter(last -> batch.equals(last.batch()))
                        .map(last -> together(last.name(), name))
                        .orElse(name);
        sql.deleteFrom(JOURNAL_ENTRY)
                .where(JOURNAL_ENTRY.PIECE_ID.eq(piece.toString()), JOURNAL_ENTRY.SEQ.gt(at))
                .execute();
        sql.insertInto(JOURNAL_ENTRY)
                .set(JOURNAL_ENTRY.PIECE_ID, piece.toString())
                .set(JOURNAL_ENTRY.SEQ, at + 1)
                .set(JOURNAL_ENTRY.SAID, documents.write(DocumentType.STEP_NAME, whole))
                .set(JOURNAL_ENTRY.BATCH, batch)
                .set(JOURNAL_ENTRY.STEP, documents.write(DocumentType.STEP, delta))
                .set(JOURNAL_ENTRY.CREATED_AT, now)
                .execute();
        return whole;
    }

    /** Photos that come in one after the other are counted; else a step is called by what it began with. */
    private static Said together(Said first, Said next) {
        boolean photos =
                first.code().equals(Doing.BRING_IN.code()) && next.code().equals(first.code());
        return photos
                        && first.args().get(0) instanceof Integer one
                        && next.args().get(0) instanceof Integer other
                ? Said.of(Doing.BRING_IN, one + other)
                : first;
    }
}
