package wovenset.server.scene;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
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
class SceneApiTest {
    private final Api api = TestServer.api();
    private String piece = "";
    private JsonNode now;

    @BeforeEach
    void onePhoto() {
        JsonNode started = api.startPiece("Sprites", 300, 200);
        piece = started.path("piece").path("id").asString();
        api.bring(piece, Map.of("a.jpg", TestPhotos.jpeg(900, 600, 301)));
        now = api.edit(piece, api.piece(piece).path("revision").asLong(), "flowPhotos")
                .json();
    }

    private JsonNode scene() {
        return now.path("scenes").get(0);
    }

    private Api.Answer sprites(double pixelsPerMm, String... hashes) {
        return api.sprites(piece, scene().path("pageId").asString(), pixelsPerMm, List.of(hashes));
    }

    private String hash(int frame) {
        return scene().path("frames").get(frame).path("hash").asString();
    }

    @Test
    void spritesComeInTheAskedOrderEachAsLargeAsItsCell() throws IOException {
        Api.Answer answer = sprites(2.5, hash(1), hash(0), hash(1));
        assertThat(answer.header("Content-Type")).isEqualTo("application/octet-stream");
        List<byte[]> pictures = Api.pictures(answer);
        assertThat(pictures).hasSize(3);
        assertThat(pictures.get(0)).isEqualTo(pictures.get(2)).isNotEqualTo(pictures.get(1));
        var image = ImageIO.read(new ByteArrayInputStream(pictures.get(1)));
        JsonNode cell = scene().path("frames").get(0).path("cell");
        double left = Math.floor(cell.path("x").asDouble() * 2.5);
        assertThat(image.getWidth()).isEqualTo((int)
                (Math.ceil((cell.path("x").asDouble() + cell.path("width").asDouble()) * 2.5) - left));
    }

    @Test
    void aPhotoWhoseFilesAreGoneDoesNotHideTheRestOfThePage() throws IOException {
        api.bring(piece, Map.of("b.jpg", TestPhotos.jpeg(900, 600, 302)));
        now = api.edit(piece, api.piece(piece).path("revision").asLong(), "flowPhotos")
                .json();
        String lost = scene().path("frames").get(1).path("photo").path("photo").asString();
        try (var files = Files.walk(TestServer.data())) {
            for (Path file : files.filter(
                            path -> Files.isRegularFile(path) && path.toString().contains(lost))
                    .toList()) {
                Files.delete(file);
            }
        }
        List<byte[]> pictures = Api.pictures(sprites(1.5, hash(0), hash(1)));
        assertThat(pictures.get(0).length).isPositive();
        assertThat(pictures.get(1).length).isZero();
    }

    @Test
    void onlyWhatChangedGetsANewName() {
        JsonNode before = scene();
        JsonNode page = now.path("piece").path("pages").get(0);
        now = api.edit(
                        piece,
                        now.path("revision").asLong(),
                        "setCrop",
                        "pageId",
                        page.path("id").asString(),
                        "frameId",
                        page.path("frames").get(0).path("id").asString(),
                        "crop",
                        Map.of(
                                "focusX",
                                0.4,
                                "focusY",
                                0.5,
                                "zoom",
                                1.5,
                                "turnDegrees",
                                0,
                                "flipped",
                                false,
                                "fit",
                                "FILL"))
                .json();
        assertThat(scene().path("hash")).isNotEqualTo(before.path("hash"));
        assertThat(scene().path("frames").get(0).path("hash"))
                .isNotEqualTo(before.path("frames").get(0).path("hash"));
        assertThat(scene().path("frames").get(1).path("hash"))
                .isEqualTo(before.path("frames").get(1).path("hash"));
    }

    @Test
    void unknownNamesAndAbsurdSizesAreRefused() {
        assertThat(sprites(2, hash(0), "0".repeat(32)).detail()).contains("no longer looks like this");
        for (double scale : new double[] {900, -1, 0}) {
            assertThat(sprites(scale, hash(0)).detail()).contains("at most 6000 pixels");
        }
        assertThat(sprites(2).detail()).contains("Between 1 and 2000");
    }

    @Test
    void thePageAsOnePicture() throws IOException {
        String path =
                "/api/pieces/" + piece + "/pages/" + scene().path("pageId").asString() + "/image/"
                        + scene().path("hash").asString();
        var image = ImageIO.read(
                new ByteArrayInputStream(api.get(path + "?width=600").bytes()));
        assertThat(image.getWidth()).isEqualTo(600);
        assertThat(image.getHeight()).isEqualTo(400);
    }

    @Test
    void sharpnessFollowsTheSettings() {
        JsonNode limits = api.get("/api/settings/sharpness").json();
        try {
            assertThat(limits.path("warnPpi").asDouble()).isEqualTo(200);
            assertThat(scene().path("frames")
                            .get(0)
                            .path("photo")
                            .path("sharpness")
                            .asString())
                    .isEqualTo("OPEN");
            api.put("/api/settings/sharpness", Map.of("warnPpi", 900, "alarmPpi", 800));
            assertThat(api.piece(piece)
                            .path("scenes")
                            .get(0)
                            .path("frames")
                            .get(0)
                            .path("photo")
                            .path("sharpness")
                            .asString())
                    .isEqualTo("LOOSE");
            assertThat(api.put("/api/settings/sharpness", Map.of("warnPpi", 100, "alarmPpi", 200))
                            .detail())
                    .contains("warning at or above the alarm");
        } finally {
            api.put("/api/settings/sharpness", Map.of("warnPpi", 200, "alarmPpi", 120));
        }
    }
}
