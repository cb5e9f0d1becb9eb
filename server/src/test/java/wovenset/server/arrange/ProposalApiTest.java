package wovenset.server.arrange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
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
import wovenset.core.testing.Likeness;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;
import wovenset.server.testing.TestServer;

@ExtendWith(TestServer.class)
class ProposalApiTest {
    private final Api api = TestServer.api();
    private String piece = "";

    /** Four photos, wide and upright, on a grid of 2 × 2. */
    @BeforeEach
    void fourPhotos() {
        piece = api.startPiece("Proposals", 300, 200).path("id").asString();
        Map<String, byte[]> files = new LinkedHashMap<>();
        int[][] sizes = {{900, 600}, {600, 900}, {800, 800}, {900, 500}};
        for (int i = 0; i < sizes.length; i++) {
            files.put(i + ".jpg", TestPhotos.jpeg(sizes[i][0], sizes[i][1], 410 + i));
        }
        api.bring(piece, files);
        api.edit(piece, api.piece(piece).path("revision").asLong(), "flowEntries");
    }

    private String pageId() {
        return api.piece(piece).path("pages").get(0).path("id").asString();
    }

    private JsonNode scene() {
        return api.page(piece, 0).path("scene");
    }

    private String pagePath() {
        return "/api/pieces/" + piece + "/pages/" + pageId();
    }

    private Api.Answer arrange(JsonNode arrangement, JsonNode order) {
        return api.edit(
                piece,
                api.piece(piece).path("revision").asLong(),
                "arrange",
                "pageId",
                pageId(),
                "arrangement",
                arrangement,
                "order",
                order);
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
        byte[] picture = api.get(pagePath() + "/looks/" + whole.path("look").asString() + "?width=240")
                .bytes();
        JsonNode before = scene();
        assertThat(arrange(whole.path("arrangement"), whole.path("order")).status())
                .isEqualTo(200);
        byte[] page = api.get(pagePath() + "/picture?width=240&look="
                        + api.page(piece, 0).path("look"))
                .bytes();
        assertThat(Likeness.of(image(picture), image(page))).isGreaterThan(0.999);
        for (JsonNode frame : scene().path("frames")) {
            double shown = frame.path("window").path("width").asDouble()
                    / frame.path("window").path("height").asDouble();
            double own = frame.path("photo").path("widthPx").asDouble()
                    / frame.path("photo").path("heightPx").asDouble();
            assertThat(shown / own).isCloseTo(1, within(1e-4));
        }
        long revision = api.piece(piece).path("revision").asLong();
        api.post("/api/pieces/" + piece + "/undo", Map.of("revision", revision));
        assertThat(scene()).isEqualTo(before);
    }

    private static BufferedImage image(byte[] png) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(png));
    }

    @Test
    void aTurnedPageStaysComposed() {
        JsonNode best = propose(Map.of("seed", 1, "most", 1)).json().get(0);
        arrange(best.path("arrangement"), best.path("order"));
        api.edit(
                piece,
                api.piece(piece).path("revision").asLong(),
                "setFormat",
                "format",
                Map.of("width", 200_000, "height", 200_000, "bleed", 3000, "unit", "MM", "resolution", 300));
        List<JsonNode> cells = new ArrayList<>();
        scene().path("frames").forEach(frame -> cells.add(frame.path("box")));
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
                .contains("leave no room for 4 photos; at most 100 mm fits");
        assertThat(propose(Map.of("seed", 1, "most", 99)).detail()).contains("Between 1 and 12");
        String empty = api.startPiece("Nothing yet", 300, 200).path("id").asString();
        String page = api.piece(empty).path("pages").get(0).path("id").asString();
        assertThat(api.post("/api/pieces/" + empty + "/pages/" + page + "/proposals", Map.of("seed", 1, "most", 8))
                        .detail())
                .contains("Put photos on this page first");
        assertThat(api.edit(
                                piece,
                                api.piece(piece).path("revision").asLong(),
                                "arrange",
                                "pageId",
                                pageId(),
                                "order",
                                List.of(),
                                "arrangement",
                                Map.of(
                                        "kind",
                                        "slicing",
                                        "margins",
                                        api.page(piece, 0)
                                                .path("page")
                                                .path("arrangement")
                                                .path("margins"),
                                        "gap",
                                        1000,
                                        "whole",
                                        true,
                                        "tree",
                                        "(p[p"))
                        .detail())
                .contains("sign 5");
    }

    @Test
    void aSetForAWallIsSizedBeforeItIsMade() {
        JsonNode entries = api.piece(piece).path("entries");
        Map<String, Object> wanted = new LinkedHashMap<>(Map.of(
                "entryIds",
                List.of(entries.get(0).path("id").asString()),
                "wallWidth",
                2_100_000,
                "wallHeight",
                1_200_000,
                "parts",
                3,
                "gap",
                40_000,
                "bridged",
                true));
        JsonNode set = api.post("/api/pieces/" + piece + "/wall-set", wanted).json();
        // A photo of 3 : 2 that is 80 cm high would be 120 cm wide, and its gaps come between.
        assertThat(set.path("width").asLong()).isEqualTo(400_000);
        assertThat(set.path("height").asLong()).isEqualTo(800_000);
        assertThat(set.path("span").asLong()).isEqualTo(1_280_000);
        wanted.put("parts", 1);
        Api.Answer refused = api.post("/api/pieces/" + piece + "/wall-set", wanted);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().path("detail").asString()).isEqualTo("A set has 2 to 12 pictures.");
        assertThat(refused.json().path("field").asString()).isEqualTo("parts");
    }
}
