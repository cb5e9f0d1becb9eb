package wovenset.server.piece;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;
import wovenset.server.testing.TestServer;

@ExtendWith(TestServer.class)
class PreviewApiTest {
    private static final double SCALE = 1.37;

    private final Api api = TestServer.api();

    @Test
    void aPreviewShowsAndStoresNothingAndALaterOneTakesItsPlace() {
        JsonNode piece = api.startPiece("Preview", 300, 200);
        String id = piece.path("id").asString();
        String page = piece.path("pages").get(0).path("id").asString();
        Map<String, Object> edit = Map.of("kind", "releasePage", "pageId", page);
        String path = "/api/pieces/" + id + "/preview";
        JsonNode shown = api.post(path, Map.of("edit", edit, "window", "w", "turn", 5, "seen", page))
                .json();
        assertThat(shown.path("content")
                        .path("page")
                        .path("arrangement")
                        .path("kind")
                        .asString())
                .isEqualTo("byHand");
        assertThat(api.piece(id)).isEqualTo(piece);
        assertThat(api.post(path, Map.of("edit", edit, "window", "w", "turn", 4, "seen", page))
                        .status())
                .as("an older one is no longer wanted")
                .isEqualTo(409);
        assertThat(api.post(path, Map.of("edit", edit, "window", "v", "turn", 1, "seen", page))
                        .status())
                .isEqualTo(200);
    }

    private Api.Answer drawn(String piece, String page, Map<String, Object> edit, long turn, List<String> known) {
        return api.post(
                "/api/pieces/" + piece + "/preview/drawn",
                Map.of("edit", edit, "window", "w", "turn", turn, "seen", page, "pixelsPerMm", SCALE, "known", known));
    }

    /** Where a unit's axes begin, in 256ths of a pixel, as a browser works it out from what it reads. */
    private static int phase(JsonNode at) {
        return Math.floorMod(Math.round(at.asDouble() * SCALE * 256), 256);
    }

    @Test
    void aDrawnPreviewBringsThePicturesThatTheWindowLacks() {
        JsonNode piece = api.startPiece("Drawn", 310, 207);
        String id = piece.path("id").asString();
        String page = piece.path("pages").get(0).path("id").asString();
        api.bring(id, Map.of("a.jpg", TestPhotos.jpeg(300, 200, 71), "b.jpg", TestPhotos.jpeg(200, 300, 72)));
        api.edit(id, api.piece(id).path("revision").asLong(), "composeWaiting", "pageId", page, "each", 2);
        JsonNode style =
                api.piece(id).path("head").path("styles").path("frames").get(0);
        Map<String, Object> edit = Map.of("kind", "setFrameStyle", "style", Api.styled(style, 2000, "#22293a", 1500));
        String path = "/api/pieces/" + id + "/preview";
        JsonNode plain = api.post(path, Map.of("edit", edit, "window", "w", "turn", 1, "seen", page))
                .json();
        Api.Drawn drawn = Api.drawn(drawn(id, page, edit, 2, List.of()));
        assertThat(drawn.preview().path("content")).isEqualTo(plain.path("content"));
        JsonNode units = plain.path("content").path("scene").path("units");
        assertThat(drawn.pictures()).hasSize(units.size()).hasSize(2);
        List<Map<String, Object>> asked = new ArrayList<>();
        List<String> keys = new ArrayList<>();
        for (JsonNode unit : units) {
            String name = unit.path("name").asString();
            int x = phase(unit.path("x"));
            int y = phase(unit.path("y"));
            asked.add(Map.of("name", name, "phaseX", x, "phaseY", y));
            keys.add(name + " " + x + " " + y);
        }
        List<Api.Sprite> alone = Api.pictures(api.post(
                "/api/pieces/" + id + "/pages/" + page + "/sprites", Map.of("sprites", asked, "pixelsPerMm", SCALE)));
        for (int i = 0; i < alone.size(); i++) {
            assertThat(drawn.pictures().get(i).pixels()).isEqualTo(alone.get(i).pixels());
        }
        Api.Drawn less = Api.drawn(drawn(id, page, edit, 3, keys.subList(0, 1)));
        assertThat(less.pictures()).hasSize(1);
        assertThat(less.pictures().get(0).pixels()).isEqualTo(alone.get(1).pixels());
        // What is refused is told in words, as anywhere.
        Map<String, Object> wrong = Map.of("kind", "renamePiece", "name", "");
        Api.Answer refused = drawn(id, page, wrong, 4, List.of());
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).isNotBlank();
    }
}
