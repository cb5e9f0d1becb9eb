package wovenset.server.piece;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.HttpURLConnection;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;
import wovenset.server.testing.TestServer;

@ExtendWith(TestServer.class)
class PieceApiTest {
    private final Api api = TestServer.api();

    private static String id(JsonNode answer) {
        return answer.path("piece").path("id").asString();
    }

    private static long revision(JsonNode answer) {
        return answer.path("revision").asLong();
    }

    private List<String> shelf() {
        return api.get("/api/pieces")
                .json()
                .valueStream()
                .map(item -> item.path("id").asString())
                .toList();
    }

    private Api.Answer step(String way, JsonNode at) {
        return api.post("/api/pieces/" + id(at) + "/" + way, Map.of("revision", revision(at)));
    }

    @Test
    void piecesStandOnTheShelfAreCopiedTakenOffAndPutBack() {
        JsonNode piece = api.startPiece("A wall of kites", 900, 600);
        assertThat(shelf()).contains(id(piece));
        JsonNode copy = api.post("/api/pieces/" + id(piece) + "/copy", "").json();
        assertThat(copy.path("piece").path("name").asString()).isEqualTo("A wall of kites (copy)");
        assertThat(id(copy)).isNotEqualTo(id(piece));
        assertThat(copy.path("piece").path("pages").get(0).path("id"))
                .isNotEqualTo(piece.path("piece").path("pages").get(0).path("id"));
        assertThat(api.delete("/api/pieces/" + id(piece)).status()).isEqualTo(204);
        assertThat(shelf()).contains(id(copy)).doesNotContain(id(piece));
        assertThat(api.get("/api/pieces/" + id(piece)).detail()).isEqualTo("This piece is no longer on the shelf.");
        assertThat(api.post("/api/pieces/" + id(piece) + "/restore", "").json().path("piece"))
                .isEqualTo(piece.path("piece"));
        assertThat(shelf()).contains(id(piece));
    }

    @Test
    void anEditIsStoredBeforeItIsAnswered() {
        JsonNode piece = api.startPiece("Captions", 300, 200);
        JsonNode page = piece.path("piece").path("pages").get(0);
        Api.Answer answer = api.edit(
                id(piece),
                1,
                "setCaption",
                "pageId",
                page.path("id").asString(),
                "frameId",
                page.path("frames").get(0).path("id").asString(),
                "caption",
                "Žluťoučký kůň 🪁");
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.json().path("done").asString()).isEqualTo("Write a caption");
        assertThat(answer.json().path("undo").asString()).isEqualTo("Write a caption");
        assertThat(answer.json().path("scenes")).hasSize(1);
        JsonNode read = api.piece(id(piece));
        assertThat(revision(read)).isEqualTo(2);
        assertThat(read.path("piece")).isEqualTo(answer.json().path("piece"));
        assertThat(read.path("piece")
                        .path("pages")
                        .get(0)
                        .path("frames")
                        .get(0)
                        .path("caption")
                        .asString())
                .isEqualTo("Žluťoučký kůň 🪁");
    }

    @Test
    void aStaleEditIsRefusedWithThePresentRevision() {
        JsonNode piece = api.startPiece("Two windows", 300, 200);
        assertThat(api.edit(id(piece), 1, "renamePiece", "name", "First").status())
                .isEqualTo(200);
        Api.Answer stale = api.edit(id(piece), 1, "renamePiece", "name", "Second");
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.detail()).contains("changed in another window");
        assertThat(stale.json().path("revision").asLong()).isEqualTo(2);
        assertThat(api.piece(id(piece)).path("piece").path("name").asString()).isEqualTo("First");
    }

    @Test
    void ofManyEditsAtOneRevisionExactlyOneIsTaken() {
        JsonNode piece = api.startPiece("Race", 300, 200);
        List<CompletableFuture<Integer>> tries = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            String name = "Race " + i;
            tries.add(CompletableFuture.supplyAsync(
                    () -> api.edit(id(piece), 1, "renamePiece", "name", name).status()));
        }
        assertThat(tries.stream().map(CompletableFuture::join))
                .containsOnly(200, 409)
                .containsOnlyOnce(200);
        assertThat(revision(api.piece(id(piece)))).isEqualTo(2);
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
        Api.Answer answer = api.edit(id(piece), 1, "setGrid", "grid", grid);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.field()).isEqualTo("columnGap");
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
        JsonNode start = api.startPiece("History", 300, 200);
        JsonNode now = start;
        List<JsonNode> states = new ArrayList<>(List.of(start.path("piece")));
        String page = start.path("piece").path("pages").get(0).path("id").asString();
        List<Object[]> edits = List.of(
                new Object[] {"renamePiece", "name", "Renamed"},
                new Object[] {"addPage", "afterPageId", page},
                new Object[] {"movePage", "pageId", page, "index", 1},
                new Object[] {"deletePage", "pageId", page},
                new Object[] {
                    "setFormat",
                    "format",
                    Map.of("width", 200_000, "height", 250_000, "bleed", 0, "unit", "CM", "resolution", 300)
                });
        for (Object[] edit : edits) {
            now = api.edit(id(now), revision(now), (String) edit[0], java.util.Arrays.copyOfRange(edit, 1, edit.length))
                    .json();
            states.add(now.path("piece"));
        }
        List<String> names =
                List.of("Rename the piece", "Add a page", "Move a page", "Delete a page", "Change the size");
        assertThat(api.get("/api/pieces/" + id(now) + "/history")
                        .json()
                        .path("entries")
                        .valueStream()
                        .map(entry -> entry.path("name").asString()))
                .containsExactlyElementsOf(names);
        for (int i = names.size() - 1; i >= 0; i--) {
            now = step("undo", now).json();
            assertThat(now.path("done").asString()).isEqualTo(names.get(i));
            assertThat(now.path("piece")).isEqualTo(states.get(i));
        }
        assertThat(now.path("undo").isMissingNode()).isTrue();
        assertThat(step("undo", now).detail()).isEqualTo("There is nothing to undo.");
        for (int i = 1; i <= names.size(); i++) {
            now = step("redo", now).json();
            assertThat(now.path("piece")).isEqualTo(states.get(i));
        }
        assertThat(step("redo", now).detail()).isEqualTo("There is nothing to redo.");
        now = step("undo", step("undo", now).json()).json();
        now = api.edit(id(now), revision(now), "renamePiece", "name", "Another way")
                .json();
        assertThat(now.path("redo").isMissingNode())
                .as("a new edit ends what could be redone")
                .isTrue();
        assertThat(now.path("undo").asString()).isEqualTo("Rename the piece");
    }

    @Test
    void aPreviewShowsAndStoresNothing() {
        JsonNode piece = api.startPiece("Preview", 300, 200);
        Map<String, Object> edit = Map.of("kind", "renamePiece", "name", "Shown only");
        JsonNode shown = api.post("/api/pieces/" + id(piece) + "/preview", Map.of("revision", 0, "edit", edit))
                .json();
        assertThat(shown.path("piece").path("name").asString()).isEqualTo("Shown only");
        assertThat(api.piece(id(piece))).isEqualTo(piece);
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
        JsonNode now = api.piece(id(piece));
        assertThat(now.path("undo").asString()).isEqualTo("Bring in 2 photos");
        JsonNode undone = step("undo", now).json();
        assertThat(undone.path("piece").path("photos")).isEmpty();
        assertThat(step("redo", undone).json().path("piece").path("photos")).hasSize(2);
    }
}
