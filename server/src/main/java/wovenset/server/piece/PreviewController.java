package wovenset.server.piece;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletResponse;
import java.io.DataOutputStream;
import java.io.IOException;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;
import wovenset.core.delta.Head;
import wovenset.core.edit.Edit;
import wovenset.core.piece.Piece;
import wovenset.server.piece.PieceViews.DrawnPreviewRequest;
import wovenset.server.piece.PieceViews.PageView;
import wovenset.server.piece.PieceViews.PreviewRequest;
import wovenset.server.piece.PieceViews.PreviewView;
import wovenset.server.scene.SceneService;
import wovenset.server.scene.SpriteService;
import wovenset.server.scene.SpriteStream;
import wovenset.server.web.Problems;
import wovenset.server.web.RequiredFields;

/** How a page would be after an edit that is not stored. Of several that one window asks for, only the latest is worked out to its end. */
@RestController
@RequestMapping("/api/pieces/{id}/preview")
class PreviewController {
    private final PieceService pieces;
    private final SceneService scenes;
    private final SpriteService sprites;
    private final JsonMapper mapper;
    private final LatestTurns turns = new LatestTurns();

    PreviewController(PieceService pieces, SceneService scenes, SpriteService sprites, JsonMapper mapper) {
        this.pieces = pieces;
        this.scenes = scenes;
        this.sprites = sprites;
        this.mapper = mapper;
    }

    @PostMapping
    PreviewView preview(@PathVariable UUID id, @RequestBody PreviewRequest request) {
        RequiredFields.check(request);
        return preview(id, request.edit(), request.window(), request.turn(), request.seen());
    }

    /**
     * The same with the new pictures of the page that is seen, for a slider that moves has no time for two questions: how many bytes the
     * preview takes as JSON (four bytes, highest first), these, and then the pictures as {@link SpriteStream} sends them: in the order of
     * the page's units, each once, those that the window has left out.
     */
    @PostMapping(path = "/drawn", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_OCTET_STREAM_VALUE,
                            schema = @Schema(type = "string", format = "binary")))
    void drawn(@PathVariable UUID id, @RequestBody DrawnPreviewRequest request, HttpServletResponse response)
            throws IOException {
        RequiredFields.check(request);
        PreviewView preview = preview(id, request.edit(), request.window(), request.turn(), request.seen());
        List<CompletableFuture<byte[]>> pictures =
                preview.content() == null ? List.of() : pictures(id, preview.content(), request);
        byte[] json = mapper.writeValueAsBytes(preview);
        response.setContentType(MediaType.APPLICATION_OCTET_STREAM_VALUE);
        DataOutputStream out = new DataOutputStream(response.getOutputStream());
        out.writeInt(json.length);
        out.write(json);
        out.flush();
        SpriteStream.send(pictures, out);
    }

    private List<CompletableFuture<byte[]>> pictures(UUID piece, PageView content, DrawnPreviewRequest request) {
        Set<String> known = new HashSet<>(request.known());
        List<SpriteService.Sprite> wanted = content.scene().units().stream()
                .map(unit -> SpriteService.sprite(unit, request.pixelsPerMm()))
                .filter(sprite -> known.add(sprite.key()))
                .toList();
        return sprites.sprites(piece, request.seen(), wanted, request.pixelsPerMm(), request.window());
    }

    private PreviewView preview(UUID id, Edit edit, String window, long turn, UUID seen) {
        turns.begin(window, turn);
        StoredPiece stored = pieces.get(id);
        Piece after = pieces.preview(stored, edit).piece();
        turns.check(window, turn);
        @Nullable
        PageView content = after.page(seen)
                .map(page -> new PageView(stored.revision(), stored.lookOf(page), page, scenes.view(after, page)))
                .orElse(null);
        return new PreviewView(turn, Head.of(after), content);
    }

    @ExceptionHandler
    ProblemDetail superseded(LatestTurns.SupersededException e) {
        return Problems.problem(HttpStatus.CONFLICT, e.getMessage(), "turn");
    }
}
