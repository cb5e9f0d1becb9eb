package wovenset.bench;

import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import wovenset.server.testing.Api;

/** Edits of one page of a piece, each timed with its answer read. */
final class Edits {
    private final Api api;
    private final String id;
    private final JsonNode page;
    private final JsonNode items;
    private long revision;
    private int done;
    private int bytes;

    /** Of the page in the middle. */
    Edits(Api api, String id) {
        this.api = api;
        this.id = id;
        JsonNode piece = api.piece(id);
        page = api.page(id, piece.path("pages").size() / 2).path("page");
        items = page.path("items");
        revision = piece.path("revision").asLong();
    }

    /** The page as it is sent. */
    String page() {
        return page.toString();
    }

    /** How large the last answer was. */
    int bytes() {
        return bytes;
    }

    /** Changes the crop of the next frame. */
    double crop() {
        Map<String, Object> crop = Map.of(
                "focusX",
                0.5,
                "focusY",
                0.5,
                "zoom",
                1.01 + done++ / 1000.0,
                "turnDegrees",
                0,
                "flipped",
                false,
                "fit",
                "FILL",
                "aim",
                "HAND");
        return edit(Map.of(
                "kind", "patchItems",
                "pageId", page.path("id"),
                "itemIds", List.of(items.get(done % items.size()).path("id")),
                "change", Map.of("kind", "setCrop", "crop", crop)));
    }

    /** Writes a caption of so many characters for the photo of the next frame. */
    double caption(int characters) {
        JsonNode entry = items.get(done % items.size()).path("fill").path("entry");
        return edit(Map.of(
                "kind",
                "captionEntry",
                "entryId",
                entry,
                "caption",
                String.format("%" + characters + "d", done++).replace(' ', 'w')));
    }

    /** Gives all pages numbers and the piece's name. */
    void number() {
        Map<String, Object> folio = Map.of(
                "place", "FOOT_OUTER",
                "running", "PIECE",
                "typeface", "Alegreya",
                "sizePt", 9,
                "colour", "#22293a",
                "edge", 6000,
                "first", 1);
        JsonNode json = api.post(
                        "/api/pieces/" + id + "/edits",
                        Map.of("revision", revision, "edit", Map.of("kind", "setFolio", "folio", folio)))
                .json();
        revision = json.path("revision").asLong();
    }

    private double edit(Map<String, Object> edit) {
        Map<String, Object> body = Map.of("revision", revision, "edit", edit, "seen", page.path("id"));
        long start = System.nanoTime();
        Api.Answer answer = api.post("/api/pieces/" + id + "/edits", body);
        JsonNode json = answer.json();
        double ms = (System.nanoTime() - start) / 1e6;
        if (json.path("content").path("frames").isEmpty()) {
            throw new IllegalStateException("The frame that changed is not in the answer: " + json);
        }
        revision = json.path("revision").asLong();
        bytes = answer.bytes().length;
        return ms;
    }
}
