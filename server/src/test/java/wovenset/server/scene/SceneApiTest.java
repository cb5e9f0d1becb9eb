package wovenset.server.scene;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
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

    @BeforeEach
    void onePhoto() {
        piece = api.startPiece("Sprites", 300, 200).path("id").asString();
        bring(301);
    }

    private void bring(int seed) {
        api.bring(piece, Map.of("a.jpg", TestPhotos.jpeg(900, 600, seed)));
        edit("flowEntries");
    }

    private Api.Answer edit(String kind, Object... fields) {
        return api.edit(piece, api.piece(piece).path("revision").asLong(), kind, fields);
    }

    private JsonNode scene() {
        return api.page(piece, 0).path("scene");
    }

    private String page() {
        return scene().path("pageId").asString();
    }

    private Api.Answer sprites(double pixelsPerMm, String... names) {
        return api.sprites(piece, page(), pixelsPerMm, List.of(names));
    }

    private String name(int unit) {
        return scene().path("units").get(unit).path("name").asString();
    }

    private static Object crop(double zoom) {
        return Map.of(
                "kind",
                "setCrop",
                "crop",
                Map.of(
                        "focusX",
                        0.4,
                        "focusY",
                        0.5,
                        "zoom",
                        zoom,
                        "turnDegrees",
                        0,
                        "flipped",
                        false,
                        "fit",
                        "FILL",
                        "aim",
                        "HAND"));
    }

    @Test
    void spritesComeInTheAskedOrderEachAsLargeAsItsInk() throws IOException {
        bring(303);
        Api.Answer answer = sprites(2.5, name(1), name(0), name(1));
        assertThat(answer.header("Content-Type")).isEqualTo("application/octet-stream");
        List<Api.Sprite> pictures = Api.pictures(answer);
        assertThat(pictures).hasSize(3);
        assertThat(pictures.get(0).pixels())
                .isEqualTo(pictures.get(2).pixels())
                .isNotEqualTo(pictures.get(1).pixels());
        JsonNode ink = scene().path("units").get(0).path("ink");
        double left = Math.floor(ink.path("x").asDouble() * 2.5);
        assertThat(pictures.get(1).width()).isEqualTo((int)
                (Math.ceil((ink.path("x").asDouble() + ink.path("width").asDouble()) * 2.5) - left));
    }

    @Test
    void aPhotoWhoseFilesAreGoneDoesNotHideTheRestOfThePage() throws IOException {
        bring(302);
        String lost = scene().path("frames").get(1).path("photo").path("photo").asString();
        try (var files = Files.walk(TestServer.data())) {
            for (Path file : files.filter(
                            path -> Files.isRegularFile(path) && path.toString().contains(lost))
                    .toList()) {
                Files.delete(file);
            }
        }
        List<Api.Sprite> pictures = Api.pictures(sprites(1.5, name(0), name(1)));
        assertThat(pictures.get(0).width()).isPositive();
        assertThat(pictures.get(1).width()).isZero();
    }

    @Test
    void onlyWhatLooksDifferentGetsANewName() {
        bring(304);
        JsonNode before = scene();
        List<String> frame =
                List.of(before.path("frames").get(0).path("frameId").asString());
        edit("patchItems", "pageId", page(), "itemIds", frame, "change", crop(1.5));
        assertThat(name(0))
                .isNotEqualTo(before.path("units").get(0).path("name").asString());
        assertThat(name(1)).isEqualTo(before.path("units").get(1).path("name").asString());
    }

    @Test
    void aMovedFrameKeepsItsPicture() {
        Map<String, Object> box = Map.of("x", 20_000, "y", 20_000, "width", 80_000, "height", 60_000);
        String frame = scene().path("frames").get(0).path("frameId").asString();
        edit("moveItems", "pageId", page(), "moves", List.of(Map.of("itemId", frame, "to", free(box))));
        String before = name(scene().path("units").size() - 1);
        Map<String, Object> further = Map.of("x", 33_333, "y", 20_000, "width", 80_000, "height", 60_000);
        edit("moveItems", "pageId", page(), "moves", List.of(Map.of("itemId", frame, "to", free(further))));
        assertThat(name(scene().path("units").size() - 1)).isEqualTo(before);
    }

    private static Map<String, Object> free(Map<String, Object> box) {
        return Map.of("kind", "free", "box", box, "turnDegrees", 0);
    }

    @Test
    void unknownNamesAndAbsurdSizesAreRefused() {
        String name = name(0);
        assertThat(sprites(2, name, "0".repeat(32)).status()).isBetween(400, 422);
        for (double scale : new double[] {900, -1, 0}) {
            assertThat(sprites(scale, name).status()).isBetween(400, 422);
        }
        assertThat(sprites(2).detail()).contains("Between 1 and 2000");
    }

    @Test
    void thePageAsOnePictureIsKeptForEverUnderItsLookOnly() throws IOException {
        String path = "/api/pieces/" + piece + "/pages/" + page() + "/picture?width=600&look=";
        long look = api.page(piece, 0).path("look").asLong();
        Api.Answer now = api.get(path + look);
        var image = ImageIO.read(new ByteArrayInputStream(now.bytes()));
        assertThat(List.of(image.getWidth(), image.getHeight())).containsExactly(600, 400);
        assertThat(now.header("Cache-Control")).contains("immutable");
        assertThat(api.get(path + (look - 1)).header("Cache-Control")).contains("no-store");
        edit(
                "setGround",
                "pageIds",
                List.of(page()),
                "ground",
                Map.of("kind", "covered", "paint", Map.of("kind", "solid", "colour", "#101830")));
        assertThat(api.page(piece, 0).path("look").asLong()).isGreaterThan(look);
    }

    @Test
    void allPagesAreLookedOverByTheSettingsOfSharpness() {
        JsonNode limits = api.get("/api/settings/sharpness").json();
        try {
            assertThat(limits.path("warnPpi").asDouble()).isEqualTo(200);
            assertThat(found()).contains("false a little soft", "false empty");
            api.put("/api/settings/sharpness", Map.of("warnPpi", 900, "alarmPpi", 800));
            assertThat(found()).contains("true too soft");
            assertThat(scene().path("frames")
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

    private List<String> found() {
        return api.get("/api/pieces/" + piece + "/check")
                .json()
                .path("findings")
                .valueStream()
                .map(one -> one.path("grave").asBoolean() + " "
                        + kind(one.path("what").asString()))
                .toList();
    }

    private static String kind(String what) {
        return Stream.of("too soft", "a little soft", "empty")
                .filter(what::contains)
                .findFirst()
                .orElse(what);
    }
}
