package wovenset.server.piece;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import wovenset.core.album.Covers;
import wovenset.core.delta.PageDelta;
import wovenset.core.delta.PieceDelta;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.apply.Edits;
import wovenset.core.edit.pages.NewPiece;
import wovenset.core.edit.pages.PieceEdits;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.piece.Cover;
import wovenset.core.piece.Piece;
import wovenset.core.piece.PieceCopy;
import wovenset.core.said.Reason;
import wovenset.core.said.Said;
import wovenset.server.recent.Recent;
import wovenset.server.shelf.DeletedPieceRepository;
import wovenset.server.shelf.PieceKind;
import wovenset.server.shelf.ShelfRepository;
import wovenset.server.web.NotFoundException;

/**
 * Changes pieces: each change is one transaction that stores what it touched and a row of the journal.
 *
 * <p>Pieces at work are kept in memory, each as it was at a revision. What another process has changed since is found out under
 * the row's lock, so that memory is never more than a short cut.
 */
@Service
public class PieceService {
    private static final int MOST_ATTEMPTS = 4;
    /** About what a frame, an entry and a page take of the memory. */
    private static final int BYTES_EACH = 700;

    private final PieceRepository repository;
    private final DeletedPieceRepository deleted;
    private final ShelfRepository shelf;
    private final JournalRepository journal;
    private final PieceEvents events;
    private final TransactionTemplate transaction;
    private final PhotoFacts facts;
    private final Edits edits;
    private final Clock clock;
    private final Recent<UUID, StoredPiece> known =
            Recent.bytes(Runtime.getRuntime().maxMemory() / 16, PieceService::size);

    PieceService(
            PieceRepository repository,
            DeletedPieceRepository deleted,
            ShelfRepository shelf,
            JournalRepository journal,
            PieceEvents events,
            TransactionTemplate transaction,
            PhotoFacts photos,
            Clock clock) {
        this.repository = repository;
        this.deleted = deleted;
        this.shelf = shelf;
        this.journal = journal;
        this.events = events;
        this.transaction = transaction;
        this.facts = photos;
        this.edits = new Edits(photos, UUID::randomUUID);
        this.clock = clock;
    }

    private static int size(StoredPiece stored) {
        Piece piece = stored.piece();
        int frames =
                piece.pages().stream().mapToInt(page -> 1 + page.items().size()).sum();
        return BYTES_EACH * (frames + piece.entries().size());
    }

    /** A change that was stored. */
    public record Change(StoredPiece before, StoredPiece after, PieceDelta delta, Set<UUID> stale, Said name) {}

    public boolean isEmpty() {
        return repository.isEmpty();
    }

    /** @throws NotFoundException if there is no such piece, or it was deleted */
    public StoredPiece get(UUID id) {
        return result(() -> current(id, repository.version(id)));
    }

    /** The piece in memory if it is the one in the database, else as it is there. */
    private StoredPiece current(UUID id, Optional<PieceRepository.Version> version) {
        long revision = version.orElseThrow(PieceService::gone).revision();
        StoredPiece kept = known.find(id);
        if (kept != null && kept.revision() == revision) {
            return kept;
        }
        StoredPiece read = repository.find(id).orElseThrow(PieceService::gone);
        known.put(id, read);
        return read;
    }

    private <T> T result(Supplier<T> work) {
        return Objects.requireNonNull(transaction.execute(status -> work.get()));
    }

    /** Starts a piece: one empty page with a grid that suits its proportion. */
    public StoredPiece start(
            String name, Format format, Length margin, Optional<Length> gap, Optional<PieceKind> kind) {
        return store(NewPiece.start(name, format, margin, gap, UUID::randomUUID), kind);
    }

    StoredPiece copy(UUID id) {
        Piece source = get(id).piece();
        String name = PieceEdits.checkedName(cut(source.name(), Piece.LONGEST_NAME - 7) + " (copy)");
        return store(PieceCopy.of(source, name, UUID::randomUUID), shelf.kind(id));
    }

    /**
     * A cover for an album, as a new piece.
     *
     * @param paper how thick a sheet is
     * @param boards how much thicker back and front make the book
     */
    public StoredPiece cover(UUID id, Length paper, Length boards) {
        Piece album = get(id).piece();
        String name = PieceEdits.checkedName(cut(album.name(), Piece.LONGEST_NAME - 7) + ", cover");
        Cover cover = new Cover(id, album.pages().size(), paper, boards);
        return store(Covers.of(album, cover, name, facts, UUID::randomUUID), Optional.of(PieceKind.ALBUM));
    }

    private static String cut(String name, int characters) {
        return name.codePointCount(0, name.length()) <= characters
                ? name
                : name.substring(0, name.offsetByCodePoints(0, characters));
    }

    private StoredPiece store(Piece piece, Optional<PieceKind> kind) {
        return result(() -> {
            repository.insert(piece, now());
            kind.ifPresent(said -> shelf.setKind(piece.id(), said));
            return repository.find(piece.id()).orElseThrow(PieceService::gone);
        });
    }

    void delete(UUID id) {
        if (repository.version(id).isEmpty()) {
            throw gone();
        }
        deleted.setDeleted(id, now());
    }

    StoredPiece restore(UUID id) {
        deleted.setDeleted(id, null);
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
        return change(id, revision, window, stored -> edited(stored, edit, batch));
    }

    /** What an edit would come to; nothing is stored. */
    public Outcome preview(StoredPiece stored, Edit edit) {
        return edits.apply(stored.piece(), edit);
    }

    /** Adds photos whatever the revision: nothing else is touched. Those of one batch are one step of the history. */
    public Change addPhotos(UUID id, List<PhotoId> photos, String batch, @Nullable String window) {
        return change(id, null, window, stored -> edited(stored, new EntryEdit.AddPhotos(photos), batch));
    }

    /** The piece after a change, and where its journal stands then. */
    private record Step(Piece piece, PieceDelta delta, long journalAt, Said name) {}

    private interface Stepper {
        Step step(StoredPiece stored);
    }

    private Step edited(StoredPiece stored, Edit edit, @Nullable String batch) {
        Outcome outcome = edits.apply(stored.piece(), edit);
        PieceDelta delta = PieceDelta.of(stored.piece(), outcome.piece());
        if (delta.isEmpty()) {
            return new Step(stored.piece(), delta, stored.journalAt(), outcome.name());
        }
        checkReadable(stored, delta);
        Said name = journal.append(stored.piece().id(), stored.journalAt(), outcome.name(), batch, delta, now());
        return new Step(outcome.piece(), delta, stored.journalAt() + 1, name);
    }

    /** What cannot be read is not written over; such a page can be deleted or moved. */
    private static void checkReadable(StoredPiece stored, PieceDelta delta) {
        for (PageDelta page : delta.pages()) {
            if (page instanceof PageDelta.Changed && stored.damaged().containsKey(page.pageId())) {
                throw EditRefusedException.of(
                        "pageId", Reason.PAGE_DAMAGED, stored.piece().indexOf(page.pageId()) + 1);
            }
        }
    }

    Change undo(UUID id, long revision, @Nullable String window) {
        return change(id, revision, window, stored -> {
            List<JournalRepository.Row> rows = journal.stepBefore(id, stored.journalAt());
            if (rows.isEmpty()) {
                throw EditRefusedException.of("revision", Reason.NOTHING_TO_UNDO);
            }
            Piece piece = stored.piece();
            for (JournalRepository.Row row : rows) {
                piece = row.delta().inverse().applied(piece);
            }
            return stepped(
                    stored,
                    piece,
                    rows.get(rows.size() - 1).seq() - 1,
                    rows.get(0).name());
        });
    }

    Change redo(UUID id, long revision, @Nullable String window) {
        return change(id, revision, window, stored -> {
            List<JournalRepository.Row> rows = journal.stepAfter(id, stored.journalAt());
            if (rows.isEmpty()) {
                throw EditRefusedException.of("revision", Reason.NOTHING_TO_REDO);
            }
            Piece piece = stored.piece();
            for (JournalRepository.Row row : rows) {
                piece = row.delta().applied(piece);
            }
            JournalRepository.Row last = rows.get(rows.size() - 1);
            return stepped(stored, piece, last.seq(), last.name());
        });
    }

    private static Step stepped(StoredPiece stored, Piece piece, long journalAt, Said name) {
        return new Step(piece, PieceDelta.of(stored.piece(), piece), journalAt, name);
    }

    /** What undo would take back; null if nothing. */
    JournalRepository.Around around(StoredPiece stored) {
        return journal.around(stored.piece().id(), stored.journalAt());
    }

    PieceViews.History history(UUID id) {
        return new PieceViews.History(get(id).journalAt(), journal.history(id));
    }

    /** A transaction that the database gave up in favour of another has left nothing behind and is made again. */
    private Change change(UUID id, @Nullable Long revision, @Nullable String window, Stepper stepper) {
        for (int attempt = 1; ; attempt++) {
            try {
                Change change = result(() -> changeOnce(id, revision, window, stepper));
                known.put(id, change.after());
                return change;
            } catch (PessimisticLockingFailureException e) {
                if (attempt == MOST_ATTEMPTS) {
                    throw e;
                }
            }
        }
    }

    private Change changeOnce(UUID id, @Nullable Long revision, @Nullable String window, Stepper stepper) {
        StoredPiece stored = current(id, repository.lock(id));
        if (revision != null && stored.revision() != revision) {
            throw new StaleRevisionException(stored.revision());
        }
        Step step = stepper.step(stored);
        if (step.delta().isEmpty() && step.journalAt() == stored.journalAt()) {
            return new Change(stored, stored, step.delta(), Set.of(), step.name());
        }
        Set<UUID> stale = StalePages.of(stored.piece(), step.piece(), step.delta());
        StoredPiece after = repository.update(
                stored, step.piece(), step.delta(), stale, new PieceRepository.Signed(step.journalAt(), window, now()));
        tellOthers(id, after.revision(), window);
        return new Change(stored, after, step.delta(), stale, step.name());
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
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC).truncatedTo(ChronoUnit.MICROS);
    }

    private static NotFoundException gone() {
        return new NotFoundException("This piece is no longer on the shelf.");
    }
}
