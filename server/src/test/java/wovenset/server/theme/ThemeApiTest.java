package wovenset.server.theme;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wovenset.server.testing.Api;
import wovenset.server.testing.TestServer;

/** The looks of whole pieces. */
@ExtendWith(TestServer.class)
class ThemeApiTest {
    private final Api api = TestServer.api();

    @Test
    void aLookIsKeptFromOnePieceWornByAnotherAndForgotten() {
        JsonNode one = api.startPiece("One", 200, 150);
        String id = one.path("id").asString();
        JsonNode shipped = api.get("/api/pieces/" + id + "/themes").json().path("shipped");
        assertThat(shipped).hasSize(10);
        assertThat(api.edit(id, one.path("revision").asLong(), "wearTheme", "theme", shipped.get(7))
                        .status())
                .isEqualTo(200);

        Api.Answer kept = api.post("/api/pieces/" + id + "/themes", Map.of("name", " Slate at home "));
        assertThat(kept.status()).isEqualTo(200);
        assertThat(kept.json().path("name").asString()).isEqualTo("Slate at home");
        Api.Answer again = api.post("/api/pieces/" + id + "/themes", Map.of("name", "slate AT home"));
        assertThat(again.status()).isEqualTo(422);
        assertThat(again.detail()).isEqualTo("Another look is called “slate AT home”.");
        assertThat(again.field()).isEqualTo("name");
        assertThat(api.post("/api/pieces/" + id + "/themes", Map.of("name", " "))
                        .status())
                .isBetween(400, 422);

        JsonNode other = api.startPiece("Other", 300, 300);
        String otherId = other.path("id").asString();
        JsonNode known = api.get("/api/pieces/" + otherId + "/themes").json().path("kept");
        assertThat(known).hasSize(1);
        assertThat(api.edit(otherId, other.path("revision").asLong(), "wearTheme", "theme", known.get(0))
                        .status())
                .isEqualTo(200);
        JsonNode styles = api.piece(otherId).path("head").path("styles");
        assertThat(styles.path("grounds").path("usual"))
                .isEqualTo(shipped.get(7).path("ground"));
        assertThat(styles.path("frames").get(0)).isEqualTo(shipped.get(7).path("frame"));

        String theme = "/api/themes/" + known.get(0).path("id").asString();
        assertThat(api.delete(theme).status()).isEqualTo(200);
        assertThat(api.delete(theme).status()).isEqualTo(404);
        assertThat(api.post("/api/themes", Map.of("theme", known.get(0))).json())
                .isEqualTo(known.get(0));
        assertThat(api.delete(theme).status()).isEqualTo(200);
    }
}
