package wovenset.server.piece;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wovenset.core.testing.Likeness;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;
import wovenset.server.testing.TestServer;

@ExtendWith(TestServer.class)
class TrialApiTest {
    private final Api api = TestServer.api();

    @Test
    void whatIsTriedLooksAsItWillAndChangesNothing() throws IOException {
        String piece = api.startPiece("Trials", 300, 200).path("id").asString();
        api.bring(piece, Map.of("a.jpg", TestPhotos.jpeg(900, 600, 3)));
        api.edit(piece, api.piece(piece).path("revision").asLong(), "flowEntries");
        JsonNode before = api.piece(piece);
        String page = before.path("pages").get(0).path("id").asString();
        String path = "/api/pieces/" + piece + "/pages/" + page;
        Map<String, Object> blue = Map.of(
                "kind", "setCommonGround", "pages", "BOTH", "ground", Map.of("kind", "solid", "colour", "#204080"));
        Map<String, Object> gone = Map.of("kind", "wearEverywhere", "style", UUID.randomUUID());
        JsonNode answer = api.post(path + "/trials", Map.of("edits", List.of(blue, gone, blue)))
                .json();
        List<String> looks =
                answer.valueStream().map(one -> one.path("look").asString("")).toList();
        assertThat(looks).hasSize(3);
        assertThat(looks.get(0)).isNotEmpty().isEqualTo(looks.get(2));
        assertThat(looks.get(1)).isEmpty();
        assertThat(api.piece(piece)).isEqualTo(before);

        BufferedImage tried = image(path + "/looks/" + looks.get(0) + "?width=240");
        api.edit(
                piece,
                before.path("revision").asLong(),
                "setCommonGround",
                "ground",
                blue.get("ground"),
                "pages",
                "BOTH");
        BufferedImage made =
                image(path + "/picture?width=240&look=" + api.page(piece, 0).path("look"));
        assertThat(Likeness.of(tried, made)).isGreaterThan(0.999);

        JsonNode frame = api.page(piece, 0).path("scene").path("frames").get(0);
        BufferedImage one = image(path + "/looks/" + looks.get(0) + "?width=120&frame="
                + frame.path("frameId").asString());
        assertThat(List.of(one.getWidth(), one.getHeight())).containsOnly(120);
        assertThat(Stream.of(0, 119).map(corner -> one.getRGB(corner, corner) & 0xffffff))
                .as("the page's ground around it")
                .containsOnly(0x204080);
        assertThat(one.getRGB(60, 60) & 0xffffff).isNotEqualTo(0x204080);
        assertThat(api.get(path + "/looks/" + looks.get(0) + "?width=120&frame=" + UUID.randomUUID())
                        .status())
                .isEqualTo(404);
        assertThat(api.post(path + "/trials", Map.of("edits", List.of())).status())
                .isEqualTo(422);
    }

    private BufferedImage image(String path) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(api.get(path).bytes()));
    }
}
