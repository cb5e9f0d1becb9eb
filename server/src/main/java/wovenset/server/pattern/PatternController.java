package wovenset.server.pattern;

import java.util.List;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.geometry.BoxMm;
import wovenset.core.output.FileNames;
import wovenset.core.pattern.Pattern;
import wovenset.core.pattern.Patterns;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.said.UnfitValueException;
import wovenset.server.piece.PieceService;
import wovenset.server.web.NotFoundException;
import wovenset.server.web.RequiredFields;

/** Patterns over HTTP; using one is an edit. */
@RestController
@RequestMapping("/api/patterns")
class PatternController {
    private final PatternService patterns;
    private final PatternFile file;
    private final PieceService pieces;
    private final PhotoFacts facts;

    PatternController(PatternService patterns, PatternFile file, PieceService pieces, PhotoFacts facts) {
        this.patterns = patterns;
        this.file = file;
        this.pieces = pieces;
        this.facts = facts;
    }

    /** A frame of a sketch, unturned, on the pattern's own page. */
    record SketchFrame(BoxMm box, double turnDegrees) {}

    /** @param shipped whether it came with Wovenset and cannot be deleted */
    record PatternView(UUID id, boolean shipped, Pattern pattern, List<SketchFrame> sketch) {}

    record KeepRequest(UUID pieceId, UUID pageId, String name) {}

    record ImportRequest(String text) {}

    @GetMapping
    List<PatternView> all() {
        return patterns.all().stream().map(PatternController::view).toList();
    }

    @PostMapping
    PatternView keep(@RequestBody KeepRequest request) {
        RequiredFields.check(request);
        Piece piece = pieces.get(request.pieceId()).piece();
        Page page = piece.page(request.pageId())
                .orElseThrow(() -> new NotFoundException("This page is no longer in the piece."));
        if (page.frames().isEmpty()) {
            throw EditRefusedException.of("name", Reason.PATTERN_WITHOUT_FRAMES);
        }
        try {
            return view(patterns.keep(Patterns.of(request.name().strip(), piece, page, facts)));
        } catch (UnfitValueException e) {
            throw new EditRefusedException("name", e.said());
        }
    }

    @PostMapping("/import")
    PatternView importFile(@RequestBody ImportRequest request) {
        RequiredFields.check(request);
        return view(patterns.keep(file.read(request.text())));
    }

    @GetMapping(path = "/{id}/file", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> export(@PathVariable UUID id) {
        Pattern pattern = patterns.get(id).pattern();
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(FileNames.safe(pattern.name()) + ".pattern.json")
                                .build()
                                .toString())
                .body(file.write(pattern));
    }

    @DeleteMapping("/{id}")
    void delete(@PathVariable UUID id) {
        patterns.delete(id);
    }

    private static PatternView view(PatternService.Known known) {
        return new PatternView(
                known.id(),
                known.shipped(),
                known.pattern(),
                Patterns.sketch(known.pattern()).stream()
                        .map(place -> new SketchFrame(place.box(), place.turnDegrees()))
                        .toList());
    }
}
