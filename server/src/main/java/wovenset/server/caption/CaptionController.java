package wovenset.server.caption;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.output.FileNames;
import wovenset.core.piece.Piece;
import wovenset.server.piece.PieceService;
import wovenset.server.web.RequiredFields;

/** Captions of many photos over HTTP. */
@RestController
class CaptionController {
    private final CaptionService captions;
    private final PieceService pieces;

    CaptionController(CaptionService captions, PieceService pieces) {
        this.captions = captions;
        this.pieces = pieces;
    }

    /** @param table comma-separated values; null for that of the piece */
    record FillRequest(String pattern, @Nullable String table) {}

    /** What each photo's words would come to. */
    @PostMapping("/api/pieces/{id}/captions")
    CaptionService.FilledCaptions fill(@PathVariable UUID id, @RequestBody FillRequest request) {
        RequiredFields.check(request);
        return captions.fill(pieces.get(id).piece(), request.pattern(), request.table());
    }

    /** The photos in their order with their words, or with the rows of the piece's table, to be changed elsewhere and brought in again. */
    @GetMapping("/api/pieces/{id}/captions/file")
    ResponseEntity<byte[]> file(@PathVariable UUID id) {
        Piece piece = pieces.get(id).piece();
        StringBuilder text = new StringBuilder("\uFEFF");
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            for (List<String> row : captions.rows(piece)) {
                printer.printRecord(row);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(FileNames.safe(piece.name()) + ", captions.csv")
                                .build()
                                .toString())
                .body(text.toString().getBytes(StandardCharsets.UTF_8));
    }
}
