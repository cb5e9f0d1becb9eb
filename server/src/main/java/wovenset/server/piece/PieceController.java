package wovenset.server.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.delta.Change;
import wovenset.core.delta.Head;
import wovenset.core.delta.PageDelta;
import wovenset.core.delta.PieceDelta;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Said;
import wovenset.server.photo.PhotoStore;
import wovenset.server.piece.PieceViews.ChangeView;
import wovenset.server.piece.PieceViews.EditRequest;
import wovenset.server.piece.PieceViews.NewPieceRequest;
import wovenset.server.piece.PieceViews.PageSummary;
import wovenset.server.piece.PieceViews.PageView;
import wovenset.server.piece.PieceViews.PieceView;
import wovenset.server.piece.PieceViews.StepRequest;
import wovenset.server.said.Words;
import wovenset.server.scene.SceneService;
import wovenset.server.web.NotFoundException;
import wovenset.server.web.Problems;
import wovenset.server.web.RequiredFields;

/** One piece with its edits. */
@RestController
@RequestMapping("/api/pieces")
class PieceController {
    private final PieceService pieces;
    private final PhotoStore photos;
    private final SceneService scenes;

    PieceController(PieceService pieces, SceneService scenes, PhotoStore photos) {
        this.photos = photos;
        this.pieces = pieces;
        this.scenes = scenes;
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    PieceView start(@RequestBody NewPieceRequest request) {
        RequiredFields.check(request);
        return whole(pieces.start(
                request.name(),
                request.format(),
                request.margin(),
                Optional.ofNullable(request.gap()),
                Optional.ofNullable(request.kind())));
    }

    @GetMapping("/{id}")
    PieceView get(@PathVariable UUID id) {
        return whole(pieces.get(id));
    }

    @GetMapping("/{id}/pages/{pageId}")
    PageView page(@PathVariable UUID id, @PathVariable UUID pageId) {
        StoredPiece stored = pieces.get(id);
        Page page = stored.piece()
                .page(pageId)
                .orElseThrow(() -> new NotFoundException("This page is no longer in the piece."));
        return content(stored, page);
    }

    @PostMapping("/{id}/copy")
    @ResponseStatus(HttpStatus.CREATED)
    PieceView copy(@PathVariable UUID id) {
        StoredPiece copy = pieces.copy(id);
        photos.copyNames(id, copy.piece().id());
        return whole(copy);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable UUID id) {
        pieces.delete(id);
    }

    @PostMapping("/{id}/restore")
    PieceView restore(@PathVariable UUID id) {
        return whole(pieces.restore(id));
    }

    @PostMapping("/{id}/edits")
    ChangeView edit(@PathVariable UUID id, @RequestBody EditRequest request) {
        RequiredFields.check(request);
        return changed(
                pieces.edit(id, request.revision(), request.edit(), request.window(), request.batch()), request.seen());
    }

    @PostMapping("/{id}/undo")
    ChangeView undo(@PathVariable UUID id, @RequestBody StepRequest request) {
        return changed(pieces.undo(id, request.revision(), request.window()), request.seen());
    }

    @PostMapping("/{id}/redo")
    ChangeView redo(@PathVariable UUID id, @RequestBody StepRequest request) {
        return changed(pieces.redo(id, request.revision(), request.window()), request.seen());
    }

    @GetMapping("/{id}/history")
    PieceViews.History history(@PathVariable UUID id) {
        return pieces.history(id);
    }

    @ExceptionHandler
    ProblemDetail stale(StaleRevisionException e) {
        ProblemDetail problem = Problems.problem(HttpStatus.CONFLICT, e.getMessage(), "revision");
        problem.setProperty("revision", e.current());
        return problem;
    }

    private PieceView whole(StoredPiece stored) {
        Piece piece = stored.piece();
        JournalRepository.Around steps = pieces.around(stored);
        return new PieceView(
                piece.id(),
                stored.revision(),
                words(steps.undo()),
                words(steps.redo()),
                Head.of(piece),
                piece.entries().list(),
                piece.pages().stream().map(page -> summary(stored, page)).toList());
    }

    private static @Nullable String words(@Nullable Said said) {
        return said == null ? null : Words.of(said);
    }

    private static PageSummary summary(StoredPiece stored, Page page) {
        List<UUID> entries = new ArrayList<>();
        page.frames()
                .forEach(frame ->
                        stored.piece().entryOf(page, frame).map(Entry::id).ifPresent(entries::add));
        return new PageSummary(
                page.id(),
                stored.lookOf(page),
                entries,
                page.frames().size(),
                page.flow(),
                stored.damaged().get(page.id()));
    }

    private PageView content(StoredPiece stored, Page page) {
        long look = stored.lookOf(page);
        return new PageView(stored.revision(), look, page, scenes.view(stored.piece(), page, look));
    }

    private @Nullable PageChange content(StoredPiece before, StoredPiece after, UUID seen) {
        Page old = before.piece().page(seen).orElse(null);
        Page now = after.piece().page(seen).orElse(null);
        return old == null || now == null ? null : PageChange.of(content(before, old), content(after, now));
    }

    private ChangeView changed(PieceService.Change change, @Nullable UUID seen) {
        StoredPiece after = change.after();
        PieceDelta delta = change.delta();
        List<Entry> entries =
                delta.entries().stream().flatMap(one -> one.after().stream()).toList();
        List<PageSummary> pages = new ArrayList<>();
        for (PageDelta page : delta.pages()) {
            after.piece().page(page.pageId()).ifPresent(now -> pages.add(summary(after, now)));
        }
        boolean all = after.lookRevision() == after.revision()
                && after.revision() != change.before().revision();
        List<UUID> stale = all
                ? after.piece().pages().stream()
                        .map(Page::id)
                        .filter(id -> pages.stream().noneMatch(page -> page.id().equals(id)))
                        .toList()
                : List.copyOf(change.stale());
        boolean different = seen != null
                && (stale.contains(seen)
                        || pages.stream().anyMatch(page -> page.id().equals(seen)));
        PageChange content = seen != null && different ? content(change.before(), after, seen) : null;
        JournalRepository.Around steps = pieces.around(after);
        return new ChangeView(
                after.revision(),
                words(steps.undo()),
                words(steps.redo()),
                Words.of(change.name()),
                delta.head().flatMap(Change::after).orElse(null),
                entries,
                delta.entryOrder().orElse(null),
                pages,
                delta.pageOrder().orElse(null),
                stale,
                content);
    }
}
