package wovenset.server.arrange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;
import wovenset.server.testing.TestServer;

@ExtendWith(TestServer.class)
class ProposalApiTest {
    private final Api api = TestServer.api();
    private String piece = "";
    private JsonNode now;

    /** Four photos, wide and upright, on a grid of 2 × 2. */
    @BeforeEach
    void fourPhotos() {
        piece = api.startPiece("Proposals", 300, 200).path("piece").path("id").asString();
        Map<String, byte[]> files = new LinkedHashMap<>();
        int[][] sizes = {{900, 600}, {600, 900}, {800, 800}, {900, 500}};
        for (int i = 0; i < sizes.length; i++) {
            files.put(i + ".jpg", TestPhotos.jpeg(sizes[i][0], sizes[i][1], 410 + i));
        }
        api.bring(piece, files);
        now = api.edit(piece, api.piece(piece).path("revision").asLong(), "flowPhotos")
                .json();
    }

    private JsonNode page() {
        return now.path("piece").path("pages").get(0);
    }

    private String pagePath() {
        return "/api/pieces/" + piece + "/pages/" + page().path("id").asString();
    }

    private Api.Answer propose(Map<String, Object> request) {
        return api.post(pagePath() + "/proposals", request);
    }

    @Test
    void aProposalLooksAsItWillWhenItIsChosenAndIsUndone() throws IOException {
        JsonNode proposals = propose(Map.of("seed", 1, "most", 8)).json();
        assertThat(proposals.valueStream().map(one -> one.path("kind").asString()))
                .hasSize(10)
                .endsWith("CUTS", "ROWS", "COLUMNS");
        JsonNode whole = proposals
                .valueStream()
                .filter(one -> one.path("arrangement").path("whole").asBoolean()
                        && one.path("lost").asDouble() == 0)
                .findFirst()
                .orElseThrow();
        var image = ImageIO.read(new ByteArrayInputStream(
                api.get(pagePath() + "/image/" + whole.path("look").asString() + "?width=240")
                        .bytes()));
        assertThat(image.getWidth()).isEqualTo(240);
        String before = now.path("scenes").get(0).path("hash").asString();
        now = api.edit(
                        piece,
                        now.path("revision").asLong(),
                        "arrange",
                        "pageId",
                        page().path("id").asString(),
                        "arrangement",
                        whole.path("arrangement"),
                        "order",
                        whole.path("order"))
                .json();
        JsonNode scene = now.path("scenes").get(0);
        assertThat(scene.path("hash").asString()).isEqualTo(whole.path("look").asString());
        for (JsonNode frame : scene.path("frames")) {
            double shown = frame.path("window").path("width").asDouble()
                    / frame.path("window").path("height").asDouble();
            double own = frame.path("photo").path("widthPx").asDouble()
                    / frame.path("photo").path("heightPx").asDouble();
            assertThat(shown / own).isCloseTo(1, within(1e-6));
        }
        assertThat(api.piece(piece).path("piece")).isEqualTo(now.path("piece"));
        JsonNode undone = api.post(
                        "/api/pieces/" + piece + "/undo",
                        Map.of("revision", now.path("revision").asLong()))
                .json();
        assertThat(undone.path("scenes").get(0).path("hash").asString()).isEqualTo(before);
    }

    @Test
    void aTurnedPageStaysComposed() {
        JsonNode best = propose(Map.of("seed", 1, "most", 1)).json().get(0);
        now = api.edit(
                        piece,
                        now.path("revision").asLong(),
                        "arrange",
                        "pageId",
                        page().path("id").asString(),
                        "arrangement",
                        best.path("arrangement"),
                        "order",
                        best.path("order"))
                .json();
        now = api.edit(
                        piece,
                        now.path("revision").asLong(),
                        "setFormat",
                        "format",
                        Map.of("width", 200_000, "height", 200_000, "bleed", 3000, "unit", "MM", "resolution", 300))
                .json();
        List<JsonNode> cells = new ArrayList<>();
        now.path("scenes").get(0).path("frames").forEach(frame -> cells.add(frame.path("cell")));
        assertThat(cells).hasSize(4).allSatisfy(cell -> {
            assertThat(cell.path("x").asDouble()).isGreaterThanOrEqualTo(9.999);
            assertThat(cell.path("x").asDouble() + cell.path("width").asDouble())
                    .isLessThanOrEqualTo(190.001);
            assertThat(cell.path("y").asDouble() + cell.path("height").asDouble())
                    .isLessThanOrEqualTo(190.001);
        });
    }

    @Test
    void whatCannotBeIsSaid() {
        assertThat(propose(Map.of("gap", 400_000, "seed", 1, "most", 8)).detail())
                .contains("leave no room for 4 photos")
                .contains("does");
        assertThat(propose(Map.of("seed", 1, "most", 99)).detail()).contains("Between 1 and 12");
        String empty =
                api.startPiece("Nothing yet", 300, 200).path("piece").path("id").asString();
        String page =
                api.piece(empty).path("piece").path("pages").get(0).path("id").asString();
        assertThat(api.post("/api/pieces/" + empty + "/pages/" + page + "/proposals", Map.of("seed", 1, "most", 8))
                        .detail())
                .contains("Put photos on this page first");
        assertThat(api.edit(
                                piece,
                                now.path("revision").asLong(),
                                "arrange",
                                "pageId",
                                page().path("id").asString(),
                                "order",
                                List.of(),
                                "arrangement",
                                Map.of(
                                        "kind",
                                        "slicing",
                                        "margins",
                                        page().path("arrangement").path("margins"),
                                        "gap",
                                        1000,
                                        "whole",
                                        true,
                                        "tree",
                                        "(p[p"))
                        .detail())
                .contains("sign 5");
    }
}
