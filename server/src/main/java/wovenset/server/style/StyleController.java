package wovenset.server.style;

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
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.output.FileNames;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.ShippedStyles;
import wovenset.server.piece.PieceService;
import wovenset.server.web.RequiredFields;

/** The library of frame styles over HTTP. */
@RestController
class StyleController {
    private final StyleLibrary library;
    private final StyleFile file;
    private final PieceService pieces;

    StyleController(StyleLibrary library, StyleFile file, PieceService pieces) {
        this.library = library;
        this.file = file;
        this.pieces = pieces;
    }

    /**
     * @param kept as they are in the library
     * @param shipped with measures that suit the piece's pages
     */
    record StylesView(List<FrameStyle> kept, List<FrameStyle> shipped) {}

    record KeepStyleRequest(FrameStyle style) {}

    record BringStyleRequest(String text) {}

    @GetMapping("/api/pieces/{id}/styles")
    StylesView of(@PathVariable UUID id) {
        return new StylesView(
                library.all(), ShippedStyles.of(pieces.get(id).piece().format()));
    }

    @PostMapping("/api/styles")
    FrameStyle keep(@RequestBody KeepStyleRequest request) {
        RequiredFields.check(request);
        return library.keep(request.style());
    }

    @PostMapping("/api/styles/import")
    FrameStyle bring(@RequestBody BringStyleRequest request) {
        RequiredFields.check(request);
        return library.bring(request.text());
    }

    @GetMapping(path = "/api/styles/{id}/file", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> export(@PathVariable UUID id) {
        FrameStyle style = library.get(id);
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(FileNames.safe(style.name()) + ".style.json")
                                .build()
                                .toString())
                .body(file.write(style));
    }

    @DeleteMapping("/api/styles/{id}")
    void delete(@PathVariable UUID id) {
        library.delete(id);
    }
}
