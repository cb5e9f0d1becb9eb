package wovenset.server.piece;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
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
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.server.piece.PieceViews.EditRequest;
import wovenset.server.piece.PieceViews.NewPieceRequest;
import wovenset.server.piece.PieceViews.PieceAnswer;
import wovenset.server.piece.PieceViews.PreviewAnswer;
import wovenset.server.piece.PieceViews.ShelfItem;
import wovenset.server.piece.PieceViews.StepRequest;
import wovenset.server.scene.SceneService;
import wovenset.server.scene.SceneView;
import wovenset.server.web.Problems;
import wovenset.server.web.RequiredFields;

/** The shelf, and one piece with its edits. */
@RestController
@RequestMapping("/api/pieces")
class PieceController {
    private final PieceService pieces;
    private final SceneService scenes;

    PieceController(PieceService pieces, SceneService scenes) {
        this.pieces = pieces;
        this.scenes = scenes;
    }

    @GetMapping
    List<ShelfItem> shelf() {
        return pieces.shelf().stream().map(this::shelfItem).toList();
    }

    private ShelfItem shelfItem(StoredPiece stored) {
        Piece piece = stored.piece();
        Page cover = piece.pages().get(0);
        return new ShelfItem(
                piece.id(),
                piece.name(),
                piece.format(),
                piece.pages().size(),
                piece.photos().size(),
                stored.revision(),
                stored.changedAt() + "Z",
                cover.id(),
                scenes.view(piece, cover).hash());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    PieceAnswer start(@RequestBody NewPieceRequest request) {
        return whole(pieces.start(RequiredFields.check(request)));
    }

    @GetMapping("/{id}")
    PieceAnswer get(@PathVariable UUID id) {
        return whole(pieces.get(id));
    }

    @PostMapping("/{id}/copy")
    @ResponseStatus(HttpStatus.CREATED)
    PieceAnswer copy(@PathVariable UUID id) {
        return whole(pieces.copy(id));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable UUID id) {
        pieces.delete(id);
    }

    @PostMapping("/{id}/restore")
    PieceAnswer restore(@PathVariable UUID id) {
        return whole(pieces.restore(id));
    }

    @PostMapping("/{id}/edits")
    PieceAnswer edit(@PathVariable UUID id, @RequestBody EditRequest request) {
        RequiredFields.check(request);
        return touched(pieces.edit(id, request.revision(), request.edit(), request.window(), request.batch()));
    }

    @PostMapping("/{id}/preview")
    PreviewAnswer preview(@PathVariable UUID id, @RequestBody EditRequest request) {
        RequiredFields.check(request);
        Piece before = pieces.get(id).piece();
        Piece after = pieces.preview(id, request.edit());
        return new PreviewAnswer(after, differing(before, after));
    }

    @PostMapping("/{id}/undo")
    PieceAnswer undo(@PathVariable UUID id, @RequestBody StepRequest request) {
        return touched(pieces.undo(id, request.revision(), request.window()));
    }

    @PostMapping("/{id}/redo")
    PieceAnswer redo(@PathVariable UUID id, @RequestBody StepRequest request) {
        return touched(pieces.redo(id, request.revision(), request.window()));
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

    private PieceAnswer whole(StoredPiece stored) {
        Piece piece = stored.piece();
        return answer(
                stored,
                null,
                piece.pages().stream().map(page -> scenes.view(piece, page)).toList());
    }

    private PieceAnswer touched(PieceService.Change change) {
        return answer(
                change.after(),
                change.name(),
                differing(change.before(), change.after().piece()));
    }

    private PieceAnswer answer(
            StoredPiece stored, @org.jspecify.annotations.Nullable String done, List<SceneView> views) {
        UUID id = stored.piece().id();
        return new PieceAnswer(
                stored.piece(),
                stored.revision(),
                pieces.nameOf(id, stored.journalAt()),
                pieces.nameOf(id, stored.journalAt() + 1),
                done,
                views);
    }

    /** Scenes of the pages that look different: their content changed, or something that all pages share did. */
    private List<SceneView> differing(Piece before, Piece after) {
        boolean all = !before.format().equals(after.format())
                || !before.dress().equals(after.dress())
                || !before.subjects().equals(after.subjects());
        return after.pages().stream()
                .filter(page -> all || !before.page(page.id()).equals(Optional.of(page)))
                .map(page -> scenes.view(after, page))
                .toList();
    }
}
