package wovenset.server.album;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;
import wovenset.server.testing.TestServer;

/** Albums over HTTP: looked at, made, changed, taken back. */
@ExtendWith(TestServer.class)
class AlbumApiTest {
    private final Api api = TestServer.api();
    private String piece = "";

    @BeforeEach
    void start() {
        piece = api.startPiece("Summer album", 210, 210).path("id").asString();
        Map<String, byte[]> files = new LinkedHashMap<>();
        for (int i = 1; i <= 7; i++) {
            files.put("kite-" + i + ".jpg", TestPhotos.jpeg(i % 3 == 0 ? 40 : 60, 50, i));
        }
        api.bring(piece, files);
    }

    private static Map<String, Object> album(int least, int most) {
        return Map.of(
                "least",
                least,
                "most",
                most,
                "singles",
                false,
                "openings",
                false,
                "onRight",
                false,
                "margins",
                Map.of("top", 10_000, "right", 10_000, "bottom", 10_000, "left", 10_000),
                "gap",
                4000,
                "chapters",
                List.of());
    }

    private Api.Answer edit(String kind, Object... fields) {
        return api.edit(piece, api.piece(piece).path("revision").asLong(), kind, fields);
    }

    private List<Integer> photosOfPages() {
        return api.piece(piece)
                .path("pages")
                .valueStream()
                .map(page -> page.path("entries").size())
                .toList();
    }

    @Test
    void whatItComesToIsToldBeforeAndOneStepTakesItBack() {
        JsonNode trial = api.post("/api/pieces/" + piece + "/album/trial", Map.of("album", album(2, 2)))
                .json();
        assertThat(trial.path("pages").asInt()).isEqualTo(3);
        assertThat(trial.path("largest").asInt()).isEqualTo(3);
        assertThat(photosOfPages()).as("nothing is changed by a look").containsExactly(0);
        assertThat(edit("flowAlbum", "album", album(2, 2)).json().path("done").asString())
                .isEqualTo("Make an album of 3 pages");
        assertThat(photosOfPages()).containsExactly(2, 2, 3);
        JsonNode first = api.piece(piece).path("pages").get(0);
        assertThat(first.path("flow").asString()).isEqualTo("FLOWED");
        assertThat(edit("pinPages", "pageIds", List.of(first.path("id").asString()), "pinned", true)
                        .status())
                .isEqualTo(200);
        JsonNode changed = api.post("/api/pieces/" + piece + "/album/trial", Map.of("album", album(5, 5)))
                .json();
        assertThat(changed.path("pinned").asInt()).isEqualTo(1);
        assertThat(changed.path("changed").asInt()).isEqualTo(1);
        edit("flowAlbum", "album", album(5, 5));
        assertThat(photosOfPages()).containsExactly(2, 5);
        long revision = api.piece(piece).path("revision").asLong();
        assertThat(api.post("/api/pieces/" + piece + "/undo", Map.of("revision", revision))
                        .status())
                .isEqualTo(200);
        assertThat(photosOfPages()).containsExactly(2, 2, 3);
    }

    /** Pages with numbers are drawn anew when they have other ones, though nothing on them changed. */
    @Test
    void pagesAreFoundAndNumberedAsTheyLie() {
        edit("flowAlbum", "album", album(2, 2));
        String first = api.piece(piece).path("entries").get(0).path("id").asString();
        edit("captionEntry", "entryId", first, "caption", "The line snapped");
        JsonNode pages = api.piece(piece).path("pages");
        assertThat(api.get("/api/pieces/" + piece + "/album/found?text=LINE")
                        .json()
                        .valueStream())
                .containsExactly(pages.get(0).path("id"));
        assertThat(api.get("/api/pieces/" + piece + "/album/found?text=nowhere").json())
                .isEmpty();
        Map<String, Object> folio = Map.of(
                "place",
                "FOOT_OUTER",
                "running",
                "NONE",
                "typeface",
                "Alegreya",
                "sizePt",
                9,
                "colour",
                "#22293a",
                "edge",
                5000,
                "first",
                1);
        assertThat(edit("setFolio", "folio", folio).status()).isEqualTo(200);
        long look = api.piece(piece).path("pages").get(1).path("look").asLong();
        edit("movePages", "pageIds", List.of(pages.get(0).path("id").asString()), "index", 2);
        JsonNode moved = api.piece(piece);
        assertThat(moved.path("pages").get(0).path("id")).isEqualTo(pages.get(1).path("id"));
        assertThat(moved.path("pages").get(0).path("look").asLong()).isGreaterThan(look);
        assertThat(moved.path("entries").get(6).path("id").asString())
                .as("photos go with their page")
                .isNotEqualTo(first);
        assertThat(edit("setFolio", "folio", Map.of("place", "FOOT_OUTER")).status())
                .isEqualTo(400);
    }

    @Test
    void aCoverIsAPieceOfItsOwn() {
        edit("flowAlbum", "album", album(2, 2));
        Api.Answer made = api.post("/api/pieces/" + piece + "/album/cover", Map.of("paper", 200, "boards", 4000));
        assertThat(made.status()).isEqualTo(201);
        JsonNode cover = api.piece(made.json().path("id").asString());
        assertThat(cover.path("head").path("format").path("width").asLong()).isEqualTo(2 * 210_000 + 2 * 200 + 4000);
        assertThat(cover.path("head").path("cover").path("album").asString()).isEqualTo(piece);
        Api.Answer thin = api.post("/api/pieces/" + piece + "/album/cover", Map.of("paper", 0, "boards", 0));
        assertThat(thin.status()).isEqualTo(422);
        assertThat(thin.detail()).startsWith("A sheet of paper is 0.01 to 5 mm thick");
    }

    @Test
    void photosThatLookAlikeAreGroupedWithTheCrispestFirst() {
        String many = api.startPiece("Bursts", 210, 210).path("id").asString();
        Map<String, byte[]> files = new LinkedHashMap<>();
        files.put("one.png", TestPhotos.file(TestPhotos.scene(900, 600, 31), "png"));
        files.put("other.jpg", TestPhotos.jpeg(900, 600, 32));
        files.put("same.jpg", TestPhotos.jpeg(900, 600, 31));
        api.bring(many, files);
        JsonNode found = api.get("/api/pieces/" + many + "/photos/alike").json();
        assertThat(found.path("left").asInt()).isZero();
        assertThat(found.path("alike")).hasSize(1);
        JsonNode entries = api.piece(many).path("entries");
        assertThat(found.path("alike").get(0).valueStream().map(JsonNode::asString))
                .containsExactlyInAnyOrder(
                        entries.get(0).path("photo").asString(),
                        entries.get(2).path("photo").asString());
        assertThat(api.get("/api/pieces/" + many + "/photos/alike").json()).isEqualTo(found);
    }

    @Test
    void chaptersAreProposedByTheirDays() {
        String dated = api.startPiece("Two days", 210, 210).path("id").asString();
        Map<String, byte[]> files = new LinkedHashMap<>();
        for (int i = 1; i <= 6; i++) {
            String day = i <= 3 ? "2026:08:07" : "2026:08:09";
            files.put(
                    "day-" + i + ".jpg",
                    TestPhotos.withExif(TestPhotos.jpeg(60, 50, 70 + i), 1, day + " 10:0" + i + ":00", ""));
        }
        api.bring(dated, files);
        JsonNode chapters = api.get("/api/pieces/" + dated + "/album/chapters").json();
        assertThat(chapters.valueStream().map(chapter -> chapter.path("title").asString()))
                .containsExactly("7 August", "9 August");
        assertThat(chapters.get(1).path("first").asString())
                .isEqualTo(api.piece(dated).path("entries").get(3).path("id").asString());
        assertThat(api.get("/api/pieces/" + piece + "/album/chapters").json()).isEmpty();
    }

    @Test
    void wishesThatCannotBeSayWhy() {
        Api.Answer answer = api.post("/api/pieces/" + piece + "/album/trial", Map.of("album", album(4, 2)));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).startsWith("A page of an album has 1 to 9 photos");
        Map<String, Object> narrow = new LinkedHashMap<>(album(2, 4));
        narrow.put("margins", Map.of("top", 105_000, "right", 10_000, "bottom", 105_000, "left", 10_000));
        Api.Answer taken = api.post("/api/pieces/" + piece + "/album/trial", Map.of("album", narrow));
        assertThat(taken.field()).isEqualTo("margins");
        assertThat(taken.detail()).startsWith("The margins take 210 mm of a page 210 mm high");
        String empty = api.startPiece("Nothing yet", 210, 210).path("id").asString();
        Api.Answer none = api.post("/api/pieces/" + empty + "/album/trial", Map.of("album", album(2, 4)));
        assertThat(none.status()).isEqualTo(422);
        assertThat(none.field()).isEqualTo("photos");
    }
}
