package wovenset.server.piece;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.HttpURLConnection;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wovenset.core.said.Reason;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;
import wovenset.server.testing.TestServer;

@ExtendWith(TestServer.class)
class PieceApiTest {
    private final Api api = TestServer.api();

    private static String id(JsonNode answer) {
        return answer.path("id").asString();
    }

    private static String page(JsonNode piece) {
        return piece.path("pages").get(0).path("id").asString();
    }

    private long revision(String piece) {
        return api.piece(piece).path("revision").asLong();
    }

    /** Edits that a person makes one after the other: each at the revision that the last one left. */
    private JsonNode edit(String piece, String kind, Object... fields) {
        Api.Answer answer = api.edit(piece, revision(piece), kind, fields);
        assertThat(answer.status())
                .as(new String(answer.bytes(), StandardCharsets.UTF_8))
                .isEqualTo(200);
        return answer.json();
    }

    private Api.Answer step(String way, String piece) {
        return api.post("/api/pieces/" + piece + "/" + way, Map.of("revision", revision(piece)));
    }

    /** All that is known of a piece but its revisions and its history. */
    private List<JsonNode> state(String piece) {
        JsonNode now = api.piece(piece);
        List<JsonNode> state = new ArrayList<>(List.of(now.path("head"), now.path("entries")));
        now.path("pages")
                .forEach(page ->
                        state.add(api.page(piece, page.path("id").asString()).path("page")));
        return state;
    }

    private List<String> shelf() {
        return api.get("/api/pieces")
                .json()
                .valueStream()
                .map(item -> item.path("id").asString())
                .toList();
    }

    private static Map<String, Object> format(int width, int height) {
        return Map.of("width", width, "height", height, "bleed", 0, "unit", "CM", "resolution", 300);
    }

    @Test
    void piecesStandOnTheShelfAreCopiedTakenOffAndPutBack() {
        JsonNode piece = api.startPiece("A wall of kites", 900, 600);
        assertThat(shelf()).contains(id(piece));
        JsonNode copy = api.post("/api/pieces/" + id(piece) + "/copy", "").json();
        assertThat(copy.path("head").path("name").asString()).isEqualTo("A wall of kites (copy)");
        assertThat(id(copy)).isNotEqualTo(id(piece));
        assertThat(page(copy)).isNotEqualTo(page(piece));
        assertThat(api.page(id(copy), 0).path("scene").path("frames")).hasSize(4);
        assertThat(api.delete("/api/pieces/" + id(piece)).status()).isEqualTo(204);
        assertThat(shelf()).contains(id(copy)).doesNotContain(id(piece));
        assertThat(api.get("/api/pieces/" + id(piece)).detail()).isEqualTo("This piece is no longer on the shelf.");
        assertThat(api.post("/api/pieces/" + id(piece) + "/restore", "").json()).isEqualTo(piece);
        assertThat(shelf()).contains(id(piece));
    }

    @Test
    void theShelfTellsHowMuchAPieceHoldsAndItsFirstPage() {
        String piece = id(api.startPiece("Counted", 300, 200));
        String first = page(api.piece(piece));
        api.bring(piece, Map.of("a.jpg", TestPhotos.jpeg(90, 60, 112)));
        edit(piece, "addPage", "afterPageId", first);
        edit(piece, "movePages", "pageIds", List.of(first), "index", 1);
        JsonNode onShelf = onShelf(piece);
        assertThat(onShelf.path("pages").asInt()).isEqualTo(2);
        assertThat(onShelf.path("photos").asInt()).isEqualTo(1);
        assertThat(onShelf.path("coverPage").asString())
                .isEqualTo(page(api.piece(piece)))
                .isNotEqualTo(first);
        step("undo", piece);
        step("undo", piece);
        assertThat(onShelf(piece).path("pages").asInt()).isEqualTo(1);
        assertThat(onShelf(piece).path("coverPage").asString()).isEqualTo(first);
    }

    private JsonNode onShelf(String piece) {
        return api.get("/api/pieces")
                .json()
                .valueStream()
                .filter(item -> item.path("id").asString().equals(piece))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void anEditIsStoredBeforeItIsAnsweredAndAnsweredByWhatChanged() {
        String piece = id(api.startPiece("Captions", 300, 200));
        api.bring(piece, Map.of("a.jpg", TestPhotos.jpeg(90, 60, 111)));
        edit(piece, "flowEntries");
        JsonNode entry = api.piece(piece).path("entries").get(0);
        JsonNode answer = edit(piece, "captionEntry", "entryId", entry.path("id"), "caption", "Žluťoučký kůň 🪁");
        assertThat(answer.path("done").asString()).isEqualTo("Write a caption");
        assertThat(answer.path("undo").asString()).isEqualTo("Write a caption");
        assertThat(answer.path("entries")).hasSize(1);
        assertThat(answer.path("pages")).as("no page is another").isEmpty();
        assertThat(answer.path("stale"))
                .as("but the one that shows the photo looks different")
                .hasSize(1);
        assertThat(api.piece(piece).path("entries").get(0).path("caption").asString())
                .isEqualTo("Žluťoučký kůň 🪁");
    }

    /** However large the piece is, an answer tells of the page that changed, and a step keeps what it touched. */
    @Test
    void anAnswerDoesNotGrowWithThePiece() {
        String piece = id(api.startPiece("Long", 300, 200));
        String first = page(api.piece(piece));
        for (int i = 0; i < 30; i++) {
            edit(piece, "copyPages", "pageIds", List.of(first));
        }
        JsonNode page = api.page(piece, first).path("page");
        String frame = page.path("items").get(0).path("id").asString();
        Map<String, Object> change = Map.of("kind", "setOpacity", "opacity", 0.5);
        Api.Answer answer = api.post(
                "/api/pieces/" + piece + "/edits",
                Map.of(
                        "revision",
                        revision(piece),
                        "seen",
                        first,
                        "edit",
                        Map.of("kind", "patchItems", "pageId", first, "itemIds", List.of(frame), "change", change)));
        JsonNode content = answer.json().path("content");
        assertThat(content.path("items")).hasSize(1);
        assertThat(content.path("items").get(0).path("id").asString()).isEqualTo(frame);
        assertThat(content.path("frames")).isEmpty();
        assertThat(content.path("look").asLong())
                .isGreaterThan(content.path("before").asLong());
        assertThat(answer.json().path("pages")).hasSize(1);
        assertThat(answer.bytes().length).isLessThan(4_000);
    }

    @Test
    void whatAnAnswerLeavesOutIsAsItWas() {
        String piece = id(api.startPiece("Seen", 300, 200));
        api.bring(piece, Map.of("a.jpg", TestPhotos.jpeg(300, 200, 231), "b.jpg", TestPhotos.jpeg(200, 300, 232)));
        edit(piece, "flowEntries");
        String page = page(api.piece(piece));
        SeenPage seen = new SeenPage(api.page(piece, page));
        JsonNode items = api.page(piece, page).path("page").path("items");
        JsonNode entry = api.piece(piece).path("entries").get(0).path("id");
        String back = items.get(0).path("id").asString();
        String front = items.get(1).path("id").asString();
        Map<String, Object> clear = Map.of("kind", "setOpacity", "opacity", 0.5);
        List<Map<String, Object>> edits = List.of(
                Map.of("kind", "patchItems", "pageId", page, "itemIds", List.of(front), "change", clear),
                Map.of("kind", "captionEntry", "entryId", entry, "caption", "A kite over the dunes"),
                Map.of("kind", "releasePage", "pageId", page),
                Map.of("kind", "restackItems", "pageId", page, "itemIds", List.of(front, back)),
                Map.of("kind", "removeItems", "pageId", page, "itemIds", List.of(front)));
        for (Map<String, Object> edit : edits) {
            Api.Answer answer = api.post(
                    "/api/pieces/" + piece + "/edits", Map.of("revision", revision(piece), "seen", page, "edit", edit));
            assertThat(answer.status()).as("%s", answer.json()).isEqualTo(200);
            seen.change(answer.json().path("content"));
            assertThat(seen).as("%s", edit).isEqualTo(new SeenPage(api.page(piece, page)));
        }
        for (int i = 0; i < edits.size(); i++) {
            Api.Answer answer =
                    api.post("/api/pieces/" + piece + "/undo", Map.of("revision", revision(piece), "seen", page));
            seen.change(answer.json().path("content"));
            assertThat(seen).as("undone %d", i).isEqualTo(new SeenPage(api.page(piece, page)));
        }
    }

    @Test
    void aStaleEditIsRefusedWithThePresentRevision() {
        String piece = id(api.startPiece("Two windows", 300, 200));
        assertThat(api.edit(piece, 1, "renamePiece", "name", "First").status()).isEqualTo(200);
        Api.Answer stale = api.edit(piece, 1, "renamePiece", "name", "Second");
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.detail()).contains("changed in another window");
        assertThat(stale.json().path("revision").asLong()).isEqualTo(2);
        assertThat(api.piece(piece).path("head").path("name").asString()).isEqualTo("First");
    }

    @Test
    void ofManyEditsAtOneRevisionExactlyOneIsTaken() {
        String piece = id(api.startPiece("Race", 300, 200));
        List<CompletableFuture<Integer>> tries = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            String name = "Race " + i;
            tries.add(CompletableFuture.supplyAsync(
                    () -> api.edit(piece, 1, "renamePiece", "name", name).status()));
        }
        assertThat(tries.stream().map(CompletableFuture::join))
                .containsOnly(200, 409)
                .containsOnlyOnce(200);
        assertThat(revision(piece)).isEqualTo(2);
    }

    @Test
    void editsOfDifferentPiecesNeverStandInEachOthersWay() {
        List<CompletableFuture<Void>> editors = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            String piece = id(api.startPiece("Neighbour " + i, 300, 200));
            editors.add(CompletableFuture.runAsync(() -> {
                for (int revision = 1; revision <= 40; revision++) {
                    assertThat(api.edit(piece, revision, "renamePiece", "name", "Name " + revision)
                                    .status())
                            .isEqualTo(200);
                }
            }));
        }
        editors.forEach(CompletableFuture::join);
    }

    @Test
    void aRefusedEditNamesItsFieldAndChangesNothing() {
        JsonNode piece = api.startPiece("Refusals", 300, 200);
        Map<String, Object> grid = Map.of(
                "rows",
                2,
                "columns",
                2,
                "columnGap",
                500_000,
                "rowGap",
                0,
                "margins",
                Map.of("top", 0, "right", 0, "bottom", 0, "left", 0));
        Api.Answer answer = api.edit(id(piece), 1, "setGrid", "pageId", page(piece), "grid", grid, "reflow", "ASK");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.field()).isEqualTo("columnGap");
        assertThat(answer.json().path("code").asString()).isEqualTo(Reason.GAPS_TOO_WIDE.code());
        assertThat(answer.detail())
                .isEqualTo("With 2 cells across, gaps of 500 mm leave no room; at most 296 mm fits.");
        assertThat(api.piece(id(piece))).isEqualTo(piece);
    }

    @Test
    void malformedEditsAreAnsweredInWords() {
        JsonNode piece = api.startPiece("Malformed", 300, 200);
        String path = "/api/pieces/" + id(piece) + "/edits";
        assertThat(api.post(path, "{nonsense").detail()).isEqualTo("The request's body is not readable JSON.");
        assertThat(api.post(path, Map.of("revision", 1, "edit", Map.of("kind", "explode")))
                        .status())
                .isEqualTo(400);
        assertThat(api.edit(id(piece), 1, "renamePiece").detail()).isEqualTo("“name” is missing.");
        assertThat(api.edit(id(piece), 1, "addPhotos", "photos", List.of("../../etc/passwd"))
                        .status())
                .isBetween(400, 422);
        assertThat(api.edit(id(piece), 1, "setGrid", "grid", Map.of("rows", 900, "columns", 1))
                        .detail())
                .contains("1 to 40 rows");
        assertThat(api.get("/api/pieces/not-an-id").status()).isEqualTo(400);
        assertThat(api.get("/api/pieces/00000000-0000-0000-0000-000000000000").status())
                .isEqualTo(404);
        assertThat(api.post("/api/pieces", Map.of("name", "x")).detail()).isEqualTo("“format” is missing.");
        assertThat(api.piece(id(piece))).isEqualTo(piece);
    }

    @Test
    void undoAndRedoWalkTheWholeHistoryByName() {
        String piece = id(api.startPiece("History", 300, 200));
        String page = page(api.piece(piece));
        List<List<JsonNode>> states = new ArrayList<>(List.of(state(piece)));
        List<Object[]> edits = List.of(
                new Object[] {"renamePiece", "name", "Renamed"},
                new Object[] {"addPage", "afterPageId", page},
                new Object[] {"movePages", "pageIds", List.of(page), "index", 1},
                new Object[] {"releasePage", "pageId", page},
                new Object[] {"deletePages", "pageIds", List.of(page)},
                new Object[] {"setFormat", "format", format(200_000, 250_000)});
        for (Object[] edit : edits) {
            edit(piece, (String) edit[0], Arrays.copyOfRange(edit, 1, edit.length));
            states.add(state(piece));
        }
        List<String> names = api.get("/api/pieces/" + piece + "/history")
                .json()
                .path("entries")
                .valueStream()
                .map(entry -> entry.path("name").asString())
                .toList();
        assertThat(names).hasSize(edits.size()).startsWith("Rename the piece", "Add a page", "Move a page");
        for (int i = names.size() - 1; i >= 0; i--) {
            assertThat(step("undo", piece).json().path("done").asString()).isEqualTo(names.get(i));
            assertThat(state(piece)).isEqualTo(states.get(i));
        }
        assertThat(api.piece(piece).has("undo")).isFalse();
        assertThat(step("undo", piece).detail()).isEqualTo("There is nothing to undo.");
        for (int i = 1; i <= names.size(); i++) {
            step("redo", piece);
            assertThat(state(piece)).isEqualTo(states.get(i));
        }
        assertThat(step("redo", piece).detail()).isEqualTo("There is nothing to redo.");
        step("undo", piece);
        step("undo", piece);
        JsonNode now = edit(piece, "renamePiece", "name", "Another way");
        assertThat(now.has("redo")).as("a new edit ends what could be redone").isFalse();
        assertThat(now.path("undo").asString()).isEqualTo("Rename the piece");
    }

    @Test
    void fewerCellsAskBeforePagesAreAdded() {
        JsonNode piece = api.startPiece("Flow", 300, 200);
        Map<String, byte[]> files = new LinkedHashMap<>();
        for (int i = 0; i < 4; i++) {
            files.put(i + ".jpg", TestPhotos.jpeg(90, 60, 120 + i));
        }
        api.bring(id(piece), files);
        edit(id(piece), "flowEntries");
        Map<String, Object> grid = Map.of(
                "rows",
                1,
                "columns",
                3,
                "columnGap",
                0,
                "rowGap",
                0,
                "margins",
                Map.of("top", 0, "right", 0, "bottom", 0, "left", 0));
        Api.Answer asked = api.edit(
                id(piece), revision(id(piece)), "setGrid", "pageId", page(piece), "grid", grid, "reflow", "ASK");
        assertThat(asked.field()).isEqualTo("reflow");
        assertThat(asked.detail()).isEqualTo("4 photos, 1 → 2 pages.");
        JsonNode done = edit(id(piece), "setGrid", "pageId", page(piece), "grid", grid, "reflow", "AGREED");
        assertThat(done.path("pages")).hasSize(2);
        assertThat(api.page(id(piece), 1)
                        .path("scene")
                        .path("frames")
                        .get(0)
                        .path("photo")
                        .isMissingNode())
                .isFalse();
    }

    @Test
    void otherWindowsAreToldOfAChange() throws Exception {
        JsonNode piece = api.startPiece("Events", 300, 200);
        HttpURLConnection listening = (HttpURLConnection)
                URI.create(TestServer.address() + "/api/events").toURL().openConnection();
        listening.setReadTimeout(20_000);
        BufferedReader lines =
                new BufferedReader(new InputStreamReader(listening.getInputStream(), StandardCharsets.UTF_8));
        assertThat(lines.readLine()).isEqualTo(":open");
        CompletableFuture<String> told = CompletableFuture.supplyAsync(() -> firstData(lines));
        api.edit(id(piece), 1, "renamePiece", "name", "Told");
        assertThat(told.get(20, TimeUnit.SECONDS))
                .contains("\"piece\":\"" + id(piece), "\"revision\":2", "\"window\":\"test\"");
        listening.disconnect();
    }

    private static String firstData(BufferedReader lines) {
        try {
            String line = lines.readLine();
            while (line != null && !line.startsWith("data:")) {
                line = lines.readLine();
            }
            return String.valueOf(line);
        } catch (IOException e) {
            return e.toString();
        }
    }

    @Test
    void photosOfOneBatchAreOneStepOfTheHistory() {
        JsonNode piece = api.startPiece("Batch", 300, 200);
        api.bring(id(piece), Map.of("a.jpg", TestPhotos.jpeg(90, 60, 101)), "batch-1");
        api.bring(id(piece), Map.of("b.jpg", TestPhotos.jpeg(90, 60, 102)), "batch-1");
        assertThat(api.piece(id(piece)).path("undo").asString()).isEqualTo("Bring in 2 photos");
        step("undo", id(piece));
        assertThat(api.piece(id(piece)).path("entries")).isEmpty();
        step("redo", id(piece));
        assertThat(api.piece(id(piece)).path("entries")).hasSize(2);
    }
}
