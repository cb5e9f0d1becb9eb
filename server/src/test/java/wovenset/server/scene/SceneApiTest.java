package wovenset.server.scene;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
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
class SceneApiTest {
    private final Api api = TestServer.api();
    private String piece = "";
    private JsonNode now;

    @BeforeEach
    void onePhoto() {
        JsonNode started = api.startPiece("Sprites", 300, 200);
        piece = started.path("piece").path("id").asString();
        api.bring(piece, Map.of("a.jpg", TestPhotos.jpeg(900, 600, 301)));
        now = api.edit(piece, api.piece(piece).path("revision").asLong(), "flowPhotos").json();
    }

    private JsonNode scene() {
        return now.path("scenes").get(0);
    }

    private String sprites() {
        return "/api/pieces/" + piece + "/pages/" + scene().path("pageId").asString() + "/sprites/";
    }

    @Test
    void aSpriteIsAsLargeAsItsCellAndMayBeKeptForEver() throws IOException {
        JsonNode frame = scene().path("frames").get(0);
        Api.Answer answer = api.get(sprites() + frame.path("hash").asString() + "?pixelsPerMm=2.5");
        assertThat(answer.header("Cache-Control")).contains("immutable").contains("private");
        assertThat(answer.header("Content-Type")).isEqualTo("image/png");
        var image = ImageIO.read(new ByteArrayInputStream(answer.bytes()));
        JsonNode cell = frame.path("cell");
        double left = Math.floor(cell.path("x").asDouble() * 2.5);
        assertThat(image.getWidth()).isEqualTo((int) (Math.ceil((cell.path("x").asDouble() + cell.path("width").asDouble()) * 2.5) - left));
    }

    @Test
    void onlyWhatChangedGetsANewName() {
        JsonNode before = scene();
        JsonNode page = now.path("piece").path("pages").get(0);
        now = api.edit(piece, now.path("revision").asLong(), "setCrop", "pageId", page.path("id").asString(),
                "frameId", page.path("frames").get(0).path("id").asString(),
                "crop", Map.of("focusX", 0.4, "focusY", 0.5, "zoom", 1.5, "turnDegrees", 0, "flipped", false, "fit", "FILL")).json();
        assertThat(scene().path("hash")).isNotEqualTo(before.path("hash"));
        assertThat(scene().path("frames").get(0).path("hash")).isNotEqualTo(before.path("frames").get(0).path("hash"));
        assertThat(scene().path("frames").get(1).path("hash")).isEqualTo(before.path("frames").get(1).path("hash"));
    }

    @Test
    void unknownNamesAndAbsurdSizesAreRefused() {
        String hash = scene().path("frames").get(0).path("hash").asString();
        assertThat(api.get(sprites() + "0".repeat(32) + "?pixelsPerMm=2").detail()).contains("no longer looks like this");
        assertThat(api.get(sprites() + hash + "?pixelsPerMm=900").detail()).contains("at most 6000 pixels");
        assertThat(api.get(sprites() + hash + "?pixelsPerMm=NaN").detail()).contains("at most 6000 pixels");
        assertThat(api.get(sprites() + hash + "?pixelsPerMm=-1").detail()).contains("at most 6000 pixels");
    }

    @Test
    void thePageAsOnePicture() throws IOException {
        String path = "/api/pieces/" + piece + "/pages/" + scene().path("pageId").asString() + "/image/" + scene().path("hash").asString();
        var image = ImageIO.read(new ByteArrayInputStream(api.get(path + "?width=600").bytes()));
        assertThat(image.getWidth()).isEqualTo(600);
        assertThat(image.getHeight()).isEqualTo(400);
    }

    @Test
    void sharpnessFollowsTheSettings() {
        JsonNode limits = api.get("/api/settings/sharpness").json();
        try {
            assertThat(limits.path("warnPpi").asDouble()).isEqualTo(200);
            assertThat(scene().path("frames").get(0).path("photo").path("sharpness").asString()).isEqualTo("OPEN");
            api.put("/api/settings/sharpness", Map.of("warnPpi", 900, "alarmPpi", 800));
            assertThat(api.piece(piece).path("scenes").get(0).path("frames").get(0).path("photo").path("sharpness").asString()).isEqualTo("LOOSE");
            assertThat(api.put("/api/settings/sharpness", Map.of("warnPpi", 100, "alarmPpi", 200)).detail()).contains("warning at or above the alarm");
        } finally {
            api.put("/api/settings/sharpness", Map.of("warnPpi", 200, "alarmPpi", 120));
        }
    }
}
