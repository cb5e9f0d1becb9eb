package wovenset.server.piece;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.piece.Piece;
import wovenset.server.scene.SceneService;
import wovenset.server.web.RequiredFields;
import wovenset.server.web.UnfitRequestException;

/** How a page would look after each of several edits, so that a choice can be made by eye. Nothing is changed. */
@RestController
@RequestMapping("/api/pieces/{piece}/pages/{page}/trials")
class TrialController {
    private static final int MOST = 60;

    private final PieceService pieces;
    private final SceneService scenes;

    TrialController(PieceService pieces, SceneService scenes) {
        this.pieces = pieces;
        this.scenes = scenes;
    }

    /** @param edits each by itself, 1 to {@value #MOST} */
    record TrialRequest(List<Edit> edits) {}

    /** @param look names the picture of the page as it would be: {@code /pages/{page}/looks/{look}}; null if the edit cannot be made */
    record TrialView(@Nullable String look) {}

    /** One answer for each edit, in their order. */
    @PostMapping
    List<TrialView> trials(
            @PathVariable("piece") UUID pieceId, @PathVariable("page") UUID pageId, @RequestBody TrialRequest request) {
        RequiredFields.check(request);
        if (request.edits().isEmpty() || request.edits().size() > MOST) {
            throw new UnfitRequestException("Between 1 and " + MOST + " edits are tried at once");
        }
        StoredPiece stored = pieces.get(pieceId);
        return request.edits().stream().map(edit -> trial(stored, pageId, edit)).toList();
    }

    private TrialView trial(StoredPiece stored, UUID pageId, Edit edit) {
        try {
            Piece after = pieces.preview(stored, edit).piece();
            return new TrialView(
                    after.page(pageId).map(page -> scenes.propose(after, page)).orElse(null));
        } catch (EditRefusedException e) {
            return new TrialView(null);
        }
    }
}
