package wovenset.server.make;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import wovenset.core.output.MakeProgress;
import wovenset.core.output.MakeRefusedException;
import wovenset.core.output.MakeRequest;
import wovenset.core.output.Passing;
import wovenset.core.output.PhotoFiles;
import wovenset.core.output.PieceMaker;
import wovenset.core.paint.PaintMemory;
import wovenset.core.paint.PhotoRasters;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.said.Said;
import wovenset.server.WovensetProperties;
import wovenset.server.photo.DiskTrouble;
import wovenset.server.piece.PieceService;
import wovenset.server.piece.StoredPiece;
import wovenset.server.said.Words;
import wovenset.server.scene.SceneService;
import wovenset.server.stored.UnreadableDocumentException;
import wovenset.server.web.NotFoundException;
import wovenset.server.web.UnfitRequestException;

/** Makes one file: reads the piece as it is when the job starts, and notes progress a few times a second. */
@Component
class MakeRunner {
    private static final Logger LOG = LoggerFactory.getLogger(MakeRunner.class);
    private static final long NOTE_EVERY_MS = 200;
    private static final int MOST_ATTEMPTS = 2;
    private final MakeRepository repository;
    private final PieceService pieces;
    private final SceneService scenes;
    private final PhotoFiles files;
    private final PaintMemory memory;
    private final Clock clock;
    private final MadeFiles made;
    private final Set<UUID> running = ConcurrentHashMap.newKeySet();

    MakeRunner(
            MakeRepository repository,
            PieceService pieces,
            SceneService scenes,
            PhotoFiles files,
            MadeFiles made,
            Clock clock,
            WovensetProperties properties) {
        this.repository = repository;
        this.pieces = pieces;
        this.scenes = scenes;
        this.files = files;
        this.memory = new PaintMemory(properties.pictureMemory().toBytes());
        this.clock = clock;
        this.made = made;
    }

    private PieceMaker maker() {
        return new PieceMaker(scenes.resolver(), files, memory, clock);
    }

    /** How the photos of a piece, as it is now, would go into a PDF. */
    Map<Passing, Integer> passing(UUID piece, MakeRequest request) {
        Piece now = pieces.get(piece).piece();
        if (request.pages().stream()
                .anyMatch(page -> page < 0 || page >= now.pages().size())) {
            throw new UnfitRequestException(
                    Words.of(Said.of(Reason.MAKE_PAGES, now.pages().size())));
        }
        return maker().passing(now, request);
    }

    void run(UUID id) {
        MakeView job;
        try {
            job = repository.find(id).orElse(null);
        } catch (UnreadableDocumentException e) {
            LOG.warn("What a job should make cannot be read", e);
            repository.end(id, MakeView.State.FAILED, null, Words.of(Said.of(Reason.MAKE_UNREADABLE)), now());
            return;
        }
        if (job == null || job.state().ended()) {
            return;
        }
        if (repository.begin(id) >= MOST_ATTEMPTS) {
            repository.end(id, MakeView.State.FAILED, null, Words.of(Said.of(Reason.MAKE_KILLS)), now());
            return;
        }
        running.add(id);
        try {
            make(id, job);
        } finally {
            running.remove(id);
        }
    }

    /** Before the database goes: jobs that are stopped in good order are not counted as having ended the application. */
    @EventListener(ContextClosedEvent.class)
    void letGo() {
        running.forEach(repository::letGo);
    }

    private void make(UUID id, MakeView job) {
        try {
            Path folder = Files.createDirectories(made.folder());
            StoredPiece piece = pieces.get(job.pieceId());
            repository.shows(id, piece.revision());
            PieceMaker.Made file = maker().make(piece.piece(), job.request(), folder, new Notes(id));
            Files.move(file.file(), made.file(id), StandardCopyOption.ATOMIC_MOVE);
            repository.end(id, MakeView.State.DONE, file.name(), null, now());
        } catch (MakeProgress.MakeCancelledException e) {
            repository.end(id, MakeView.State.CANCELLED, null, null, now());
        } catch (MakeRefusedException e) {
            repository.end(id, MakeView.State.FAILED, null, Words.of(e.said()), now());
        } catch (PhotoRasters.MissingPhotoException e) {
            LOG.warn("A photo's file is missing", e);
            repository.end(id, MakeView.State.FAILED, null, Words.of(e.said()), now());
        } catch (NotFoundException e) {
            repository.end(id, MakeView.State.FAILED, null, e.getMessage(), now());
        } catch (IOException e) {
            LOG.warn("A file could not be written", e);
            repository.end(id, MakeView.State.FAILED, null, Words.of(DiskTrouble.said(made.folder(), e)), now());
        } catch (RuntimeException | OutOfMemoryError e) {
            LOG.error("A file could not be made", e);
            repository.end(
                    id,
                    MakeView.State.FAILED,
                    null,
                    e instanceof OutOfMemoryError
                            ? "There is not enough memory for this; try a lower resolution."
                            : "The file could not be made; the log says more.",
                    now());
        }
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }

    private final class Notes implements MakeProgress {
        private final UUID id;
        private long noted;
        private boolean stop;

        Notes(UUID id) {
            this.id = id;
            this.stop = repository.progress(id, 0, "Starting");
        }

        @Override
        public void done(double share, String doing) {
            if (System.currentTimeMillis() - noted >= NOTE_EVERY_MS) {
                noted = System.currentTimeMillis();
                stop = repository.progress(id, share, doing);
            }
        }

        @Override
        public boolean cancelled() {
            return stop;
        }
    }
}
