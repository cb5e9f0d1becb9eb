package wovenset.server.piece;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Edits;
import wovenset.core.edit.Gathering;
import wovenset.core.edit.NewPiece;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.PhotoFacts;
import wovenset.core.piece.Page;
import wovenset.core.piece.PhotoId;
import wovenset.core.piece.Piece;
import wovenset.server.web.NotFoundException;

/** Changes pieces: each change is one transaction that stores the touched pages and a journal entry. */
@Service
public class PieceService {
    private static final int MOST_ATTEMPTS = 4;

    private final PieceRepository repository;
    private final PieceDocuments documents;
    private final PieceEvents events;
    private final TransactionTemplate transaction;
    private final Edits edits;
    private final Clock clock;

    PieceService(
            PieceRepository repository,
            PieceDocuments documents,
            PieceEvents events,
            TransactionTemplate transaction,
            PhotoFacts photos,
            Clock clock) {
        this.repository = repository;
        this.documents = documents;
        this.events = events;
        this.transaction = transaction;
        this.edits = new Edits(photos, UUID::randomUUID);
        this.clock = clock;
    }

    /** A change that was stored. */
    public record Change(Piece before, StoredPiece after, String name) {}

    List<StoredPiece> shelf() {
        return transaction.execute(status -> repository.shelf().stream()
                .map(repository::find)
                .flatMap(Optional::stream)
                .toList());
    }

    public boolean isEmpty() {
        return repository.shelf().isEmpty();
    }

    /** @throws NotFoundException if there is no such piece, or it was deleted */
    public StoredPiece get(UUID id) {
        return transaction.execute(status -> repository.find(id).orElseThrow(PieceService::gone));
    }

    StoredPiece start(PieceViews.NewPieceRequest request) {
        return store(NewPiece.start(request.name(), request.format(), request.margin(), UUID::randomUUID));
    }

    /** Starts a piece from outside the browser, as the demo does. */
    public StoredPiece start(String name, wovenset.core.piece.Format format, wovenset.core.measure.Length margin) {
        return start(new PieceViews.NewPieceRequest(name, format, margin));
    }

    StoredPiece copy(UUID id) {
        Piece source = get(id).piece();
        String name = Edits.checkedName(cut(source.name(), Piece.LONGEST_NAME - 7) + " (copy)");
        List<Page> pages = source.pages().stream()
                .map(page -> new Page(
                        UUID.randomUUID(),
                        page.arrangement(),
                        page.frames().stream()
                                .map(frame -> frame.withId(UUID.randomUUID()))
                                .toList(),
                        page.guides()))
                .toList();
        return store(new Piece(
                UUID.randomUUID(), name, source.format(), source.dress(), source.photos(), pages, source.subjects()));
    }

    private static String cut(String name, int characters) {
        return name.codePointCount(0, name.length()) <= characters
                ? name
                : name.substring(0, name.offsetByCodePoints(0, characters));
    }

    private StoredPiece store(Piece piece) {
        return transaction.execute(status -> {
            repository.insert(piece, now());
            return repository.find(piece.id()).orElseThrow(PieceService::gone);
        });
    }

    void delete(UUID id) {
        get(id);
        repository.setDeleted(id, now());
    }

    StoredPiece restore(UUID id) {
        repository.setDeleted(id, null);
        return get(id);
    }

    /**
     * Makes an edit and stores it.
     *
     * @param batch edits in a row that name the same batch are one step of the history; null for a step of its own
     * @throws StaleRevisionException if the piece is no longer at this revision
     * @throws EditRefusedException if the edit cannot be made
     */
    public Change edit(UUID id, long revision, Edit edit, @Nullable String window, @Nullable String batch) {
        return change(id, revision, window, stored -> {
            Outcome outcome = edits.apply(stored.piece(), edit);
            return record(stored, outcome.piece(), edit, batch, (before, last) -> last == null ? outcome.name() : last);
        });
    }

    Piece preview(UUID id, Edit edit) {
        return edits.apply(get(id).piece(), edit).piece();
    }

    /**
     * Adds photos whatever the revision: nothing else is touched. Those of one batch are one step of the history.
     */
    public Change addPhotos(UUID id, List<PhotoId> photos, String batch, @Nullable String window) {
        return change(id, null, window, stored -> {
            Edit edit = new Edit.AddPhotos(photos);
            Piece after = edits.apply(stored.piece(), edit).piece();
            return record(
                    stored,
                    after,
                    edit,
                    batch,
                    (before, last) -> Gathering.broughtIn(
                            after.photos().size() - before.photos().size()));
        });
    }

    /** Names a step of the history by the piece before it, and by what the step was called so far; null if it is new. */
    private interface Naming {
        String name(Piece before, @Nullable String last);
    }

    /** Writes the journal: a new entry, or the last one made wider if it is of the same batch. */
    private Step record(StoredPiece stored, Piece after, Edit edit, @Nullable String batch, Naming naming) {
        UUID id = stored.piece().id();
        PieceRepository.Entry last =
                batch == null ? null : repository.entry(id, stored.journalAt()).orElse(null);
        boolean goesOn = last != null && java.util.Objects.equals(batch, last.batch());
        Piece before =
                last != null && goesOn ? documents.readSnapshot(last.before()).over(stored.piece()) : stored.piece();
        long seq = last != null && goesOn ? last.seq() : stored.journalAt() + 1;
        String named = naming.name(before, last != null && goesOn ? last.name() : null);
        repository.append(
                id,
                new PieceRepository.Entry(
                        seq,
                        named,
                        batch,
                        documents.write(Snapshot.of(before, after)),
                        documents.write(Snapshot.of(after, before))),
                documents.write(edit),
                now());
        return new Step(after, seq, named);
    }

    Change undo(UUID id, long revision, @Nullable String window) {
        return change(id, revision, window, stored -> {
            PieceRepository.Entry entry = repository
                    .entry(id, stored.journalAt())
                    .orElseThrow(() -> new EditRefusedException("revision", "There is nothing to undo."));
            return new Step(
                    documents.readSnapshot(entry.before()).over(stored.piece()), stored.journalAt() - 1, entry.name());
        });
    }

    Change redo(UUID id, long revision, @Nullable String window) {
        return change(id, revision, window, stored -> {
            PieceRepository.Entry entry = repository
                    .entry(id, stored.journalAt() + 1)
                    .orElseThrow(() -> new EditRefusedException("revision", "There is nothing to redo."));
            return new Step(
                    documents.readSnapshot(entry.after()).over(stored.piece()), stored.journalAt() + 1, entry.name());
        });
    }

    @Nullable
    String nameOf(UUID id, long seq) {
        return repository.entryName(id, seq).orElse(null);
    }

    PieceViews.History history(UUID id) {
        return new PieceViews.History(get(id).journalAt(), repository.history(id));
    }

    private record Step(Piece piece, long journalAt, String name) {}

    private interface Stepper {
        Step step(StoredPiece stored);
    }

    /** A transaction that the database gave up in favour of another has left nothing behind and is made again. */
    private Change change(UUID id, @Nullable Long revision, @Nullable String window, Stepper stepper) {
        for (int attempt = 1; ; attempt++) {
            try {
                return changeOnce(id, revision, window, stepper);
            } catch (PessimisticLockingFailureException e) {
                if (attempt == MOST_ATTEMPTS) {
                    throw e;
                }
            }
        }
    }

    private Change changeOnce(UUID id, @Nullable Long revision, @Nullable String window, Stepper stepper) {
        return transaction.execute(status -> {
            StoredPiece stored = repository.lock(id).orElseThrow(PieceService::gone);
            if (revision != null && stored.revision() != revision) {
                throw new StaleRevisionException(stored.revision());
            }
            Step step = stepper.step(stored);
            LocalDateTime now = now();
            repository.update(stored, step.piece(), step.journalAt(), now);
            StoredPiece after = new StoredPiece(step.piece(), stored.revision() + 1, step.journalAt(), now);
            tellOthers(id, after.revision(), window);
            return new Change(stored.piece(), after, step.name());
        });
    }

    private void tellOthers(UUID id, long revision, @Nullable String window) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                events.changed(id, revision, window);
            }
        });
    }

    /** Microseconds, as the database keeps them. */
    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC)
                .truncatedTo(java.time.temporal.ChronoUnit.MICROS);
    }

    private static NotFoundException gone() {
        return new NotFoundException("This piece is no longer on the shelf.");
    }
}
