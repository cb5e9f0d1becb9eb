package wovenset.server.album;

import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.album.Chapters;
import wovenset.core.album.FlowChange;
import wovenset.core.album.PageFinder;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.measure.Length;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Album;
import wovenset.core.piece.Chapter;
import wovenset.server.piece.PieceService;
import wovenset.server.piece.StoredPiece;
import wovenset.server.web.RequiredFields;

/** Albums over HTTP. */
@RestController
@RequestMapping("/api/pieces/{piece}/album")
class AlbumController {
    private final PieceService pieces;
    private final PhotoFacts facts;

    AlbumController(PieceService pieces, PhotoFacts facts) {
        this.pieces = pieces;
        this.facts = facts;
    }

    /** Chapters by what is known of the photos; none where nothing tells them apart. */
    @GetMapping("/chapters")
    List<Chapter> chapters(@PathVariable("piece") UUID piece) {
        return Chapters.proposed(pieces.get(piece).piece(), facts, UUID::randomUUID);
    }

    /** The pages on which a text is found, in reading order. */
    @GetMapping("/found")
    List<UUID> found(@PathVariable("piece") UUID piece, @RequestParam("text") String text) {
        return PageFinder.find(pieces.get(piece).piece(), text, facts);
    }

    /** Lengths in micrometres. */
    record CoverRequest(Length paper, Length boards) {}

    record CoverView(UUID id) {}

    /** Makes a cover for it: back, spine and front as one sheet, a piece of its own. */
    @PostMapping("/cover")
    @ResponseStatus(HttpStatus.CREATED)
    CoverView cover(@PathVariable("piece") UUID piece, @RequestBody CoverRequest request) {
        RequiredFields.check(request);
        return new CoverView(
                pieces.cover(piece, request.paper(), request.boards()).piece().id());
    }

    record FlowRequest(Album album) {}

    /** What it would come to if the photos flowed as it is wished. Nothing is changed. */
    @PostMapping("/trial")
    FlowChange trial(@PathVariable("piece") UUID piece, @RequestBody FlowRequest request) {
        RequiredFields.check(request);
        StoredPiece stored = pieces.get(piece);
        return FlowChange.between(
                stored.piece(),
                pieces.preview(stored, new AlbumEdit.FlowAlbum(request.album())).piece());
    }
}
