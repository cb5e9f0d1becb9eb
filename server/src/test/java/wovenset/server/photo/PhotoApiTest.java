package wovenset.server.photo;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;
import wovenset.server.testing.TestServer;

@ExtendWith(TestServer.class)
class PhotoApiTest {
    private final Api api = TestServer.api();

    private String piece() {
        return api.startPiece("Photos", 300, 200).path("id").asString();
    }

    private static List<String> statuses(List<JsonNode> results) {
        return results.stream().map(result -> result.path("status").asString()).toList();
    }

    private static byte[] zip(Map<String, byte[]> files) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    /** 200 MB of nothing behind a JPEG's start, in a ZIP of 200 kB. */
    private static byte[] bomb() {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry("bomb.jpg"));
            zip.write(TestPhotos.jpeg(90, 60, 1), 0, 600);
            byte[] nothing = new byte[1_000_000];
            for (int i = 0; i < 200; i++) {
                zip.write(nothing);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    private static List<Path> stored() throws IOException {
        try (var files = Files.walk(TestServer.data())) {
            return files.filter(Files::isRegularFile)
                    .filter(file -> !file.toString().contains("/made/"))
                    .sorted()
                    .toList();
        }
    }

    @Test
    void whatTheFileTellsIsKnownAndTheOriginalIsKeptAsItWas() throws IOException {
        String piece = piece();
        byte[] file = TestPhotos.withExif(TestPhotos.jpeg(600, 400, 201), 6, "2026:08:02 20:48:36", "Evening kite");
        JsonNode result = api.bring(piece, Map.of("IMG 1 & <2>.JPG", file)).get(0);
        assertThat(result.path("status").asString()).isEqualTo("ADDED");
        JsonNode photo = api.get("/api/pieces/" + piece + "/photos").json().get(0);
        assertThat(photo.path("fileName").asString()).isEqualTo("IMG 1 & <2>.JPG");
        assertThat(photo.path("width").asInt()).isEqualTo(400);
        assertThat(photo.path("height").asInt()).isEqualTo(600);
        assertThat(photo.path("takenAt").asString()).startsWith("2026-08-02T20:48:36");
        assertThat(photo.has("zoneMinutes"))
                .as("the clock's zone, which the file does not tell")
                .isFalse();
        assertThat(photo.path("caption").asString()).isEqualTo("Evening kite");
        String id = photo.path("id").asString();
        assertThat(Files.readAllBytes(TestServer.data()
                        .resolve("photos")
                        .resolve(id.substring(0, 2))
                        .resolve(id)))
                .isEqualTo(file);
    }

    @Test
    void theSameFileTwiceIsOnePhoto() {
        String piece = piece();
        byte[] file = TestPhotos.jpeg(120, 80, 202);
        Map<String, byte[]> twice = new LinkedHashMap<>();
        twice.put("one.jpg", file);
        twice.put("other name.jpg", file);
        List<JsonNode> results = api.bring(piece, twice);
        assertThat(statuses(results)).containsExactly("ADDED", "KNOWN");
        assertThat(results.get(0).path("photo")).isEqualTo(results.get(1).path("photo"));
        assertThat(api.piece(piece).path("entries")).hasSize(1);
    }

    @Test
    void refusedFilesAreNamedWithTheReasonWhileTheOthersGoOn() throws IOException {
        String piece = piece();
        byte[] good = TestPhotos.jpeg(800, 600, 203);
        List<Path> before = stored();
        Map<String, byte[]> files = new LinkedHashMap<>();
        files.put("empty.jpg", new byte[0]);
        files.put("text.jpg", "Dear aunt".getBytes(StandardCharsets.UTF_8));
        files.put("cut.jpg", Arrays.copyOf(good, good.length / 2));
        files.put("huge.png", TestPhotos.boastfulPng(60_000, 60_000));
        files.put("good.jpg", good);
        files.put("🪁".repeat(300) + ".jpg", TestPhotos.jpeg(90, 60, 204));
        List<JsonNode> results = api.bring(piece, files);
        assertThat(statuses(results)).containsExactly("REFUSED", "REFUSED", "REFUSED", "REFUSED", "ADDED", "ADDED");
        assertThat(results.subList(0, 4))
                .extracting(result -> result.path("reason").asString())
                .satisfiesExactly(
                        reason -> assertThat(reason).contains("empty"),
                                reason -> assertThat(reason).contains("not a picture"),
                        reason -> assertThat(reason).contains("cut short"),
                                reason -> assertThat(reason).contains("60000 × 60000"));
        JsonNode photos = api.get("/api/pieces/" + piece + "/photos").json();
        assertThat(photos).hasSize(2);
        String name = photos.get(1).path("fileName").asString();
        assertThat(name.codePointCount(0, name.length())).isEqualTo(200);
        // An original and its two derived sizes each; nothing of what was refused.
        assertThat(stored()).hasSize(before.size() + 6);
    }

    @Test
    void zipsAreReadEntryByEntryAndTheirNamesAreNeverPaths() throws IOException {
        String piece = piece();
        Map<String, byte[]> inside = new LinkedHashMap<>();
        inside.put("../../../../tmp/wovenset-escape.jpg", TestPhotos.jpeg(90, 60, 205));
        inside.put("/absolute/b.png", TestPhotos.file(TestPhotos.scene(90, 60, 206), "png"));
        inside.put("notes.txt", "hello".getBytes(StandardCharsets.UTF_8));
        inside.put("__MACOSX/._b.png", new byte[10]);
        inside.put("album/.hidden.jpg", TestPhotos.jpeg(90, 60, 215));
        inside.put("windows\\folder\\c.jpg", TestPhotos.jpeg(90, 60, 216));
        List<JsonNode> results = api.bring(piece, Map.of("summer.zip", zip(inside)));
        assertThat(statuses(results)).containsExactly("ADDED", "ADDED", "REFUSED", "ADDED", "ADDED");
        assertThat(names(piece)).contains(".hidden.jpg", "c.jpg", "wovenset-escape.jpg", "b.png");
        assertThat(results.get(2).path("name").asString()).isEqualTo("summer.zip › notes.txt");
        assertThat(Path.of("/tmp/wovenset-escape.jpg")).doesNotExist();
        assertThat(stored())
                .allSatisfy(file -> assertThat(file.getFileName().toString()).matches("[0-9a-f]{64}|(400|1600).4.jpg"));
    }

    private List<String> names(String piece) {
        return api.get("/api/pieces/" + piece + "/photos")
                .json()
                .valueStream()
                .map(photo -> photo.path("fileName").asString())
                .toList();
    }

    @Test
    void eachPieceAndItsCopiesKeepTheNameThatTheyBroughtAPhotoInWith() {
        byte[] file = TestPhotos.jpeg(90, 60, 217);
        String one = piece();
        api.bring(one, Map.of("The \"blue\" kite.jpg", file));
        String other = piece();
        api.bring(other, Map.of("IMG_0012.jpg", file));
        api.bring(other, Map.of("again.jpg", file));
        assertThat(names(one)).containsExactly("The \"blue\" kite.jpg");
        assertThat(names(other)).containsExactly("IMG_0012.jpg");
        String copy =
                api.post("/api/pieces/" + other + "/copy", "").json().path("id").asString();
        assertThat(names(copy)).containsExactly("IMG_0012.jpg");
    }

    @Test
    void aPhotoBroughtInAgainHealsItsOriginalAndUntilThenItIsNamed() throws IOException {
        byte[] file = TestPhotos.jpeg(900, 600, 218);
        String piece = piece();
        String id =
                api.bring(piece, Map.of("kite.jpg", file)).get(0).path("photo").asString();
        Path original =
                TestServer.data().resolve("photos").resolve(id.substring(0, 2)).resolve(id);
        Path derived =
                TestServer.data().resolve("derived").resolve(id.substring(0, 2)).resolve(id);
        for (byte[] hurt : new byte[][] {Arrays.copyOf(file, file.length / 2), null}) {
            Files.deleteIfExists(original);
            if (hurt != null) {
                Files.write(original, hurt);
            }
            Files.deleteIfExists(derived.resolve("400.4.jpg"));
            Api.Answer missing = api.get("/api/photos/" + id + "/small");
            assertThat(missing.status()).isEqualTo(404);
            assertThat(missing.detail()).contains("“kite.jpg”").contains("Bring the photo in again");
            assertThat(statuses(api.bring(piece, Map.of("kite.jpg", file)))).containsExactly("KNOWN");
            assertThat(Files.readAllBytes(original)).isEqualTo(file);
            assertThat(api.get("/api/photos/" + id + "/small").status()).isEqualTo(200);
        }
    }

    @Test
    void aZipBombIsRefusedAndTheApplicationStaysUp() {
        String piece = piece();
        byte[] zip = bomb();
        assertThat(zip.length).isLessThan(1_000_000);
        List<JsonNode> results = api.bring(piece, Map.of("bomb.zip", zip));
        assertThat(statuses(results)).containsExactly("REFUSED");
        assertThat(results.get(0).path("reason").asString()).contains("larger than 120 MB");
        byte[] broken = Arrays.copyOf(zip, zip.length - 30);
        assertThat(api.bring(piece, Map.of("broken.zip", broken))
                        .get(0)
                        .path("reason")
                        .asString())
                .contains("ZIP is damaged");
        assertThat(api.bring(piece, Map.of("none.zip", zip(Map.of("a/", new byte[0]))))
                        .get(0)
                        .path("reason")
                        .asString())
                .contains("no photos in the ZIP");
        assertThat(statuses(api.bring(piece, Map.of("after.jpg", TestPhotos.jpeg(90, 60, 207)))))
                .containsExactly("ADDED");
    }

    @Test
    void derivedSizesAreUprightAndComeBackWhenTheyAreGone() throws IOException {
        String piece = piece();
        byte[] file = TestPhotos.withExif(TestPhotos.jpeg(2400, 1600, 208), 6, "2026:08:02 20:48:36", "");
        String id = api.bring(piece, Map.of("a.jpg", file)).get(0).path("photo").asString();
        checkSize(id, "small", 267, 400);
        checkSize(id, "large", 1067, 1600);
        Path derived =
                TestServer.data().resolve("derived").resolve(id.substring(0, 2)).resolve(id);
        Files.delete(derived.resolve("400.4.jpg"));
        Files.delete(derived.resolve("1600.4.jpg"));
        checkSize(id, "small", 267, 400);
        assertThat(api.get("/api/photos/" + id + "/small").header("Cache-Control"))
                .contains("immutable");
        assertThat(api.get("/api/photos/" + "0".repeat(64) + "/small").status()).isEqualTo(404);
        assertThat(api.get("/api/photos/..%2F..%2Fetc%2Fpasswd/small").status()).isBetween(400, 422);
    }

    private void checkSize(String id, String size, int width, int height) throws IOException {
        var image = ImageIO.read(new ByteArrayInputStream(
                api.get("/api/photos/" + id + "/" + size).bytes()));
        assertThat(image.getWidth()).isEqualTo(width);
        assertThat(image.getHeight()).isEqualTo(height);
    }

    @Test
    void photosCanOnlyBeBroughtToAPieceThatIsThere() {
        assertThat(api.upload(
                                "00000000-0000-0000-0000-000000000000",
                                Map.of("a.jpg", TestPhotos.jpeg(90, 60, 209)),
                                "b")
                        .status())
                .isEqualTo(404);
        assertThat(api.upload(piece(), Map.of("a.jpg", TestPhotos.jpeg(90, 60, 209)), "")
                        .detail())
                .contains("batch is named");
    }

    @Test
    void aWholePhotoIsShownWithItsLightChanged() throws IOException {
        String piece = piece();
        api.bring(piece, Map.of("kite.jpg", TestPhotos.jpeg(900, 600, 5)));
        String photo = api.piece(piece).path("entries").get(0).path("photo").asString();
        BufferedImage plain = adjusted(photo, "{\"amounts\":{}}", 300);
        assertThat(plain.getWidth()).isBetween(300, 450);
        BufferedImage grey = adjusted(
                photo, "{\"amounts\":{},\"treatment\":{\"kind\":\"GREY\",\"strength\":100,\"colours\":[]}}", 300);
        Color at = new Color(grey.getRGB(40, 40));
        assertThat(at.getRed()).isEqualTo(at.getGreen()).isEqualTo(at.getBlue());
        assertThat(grey.getWidth()).isEqualTo(plain.getWidth());
        assertThat(api.get("/api/photos/" + photo + "/tilt").json().has("degrees"))
                .as("circles say nothing")
                .isFalse();
        String address = "/api/photos/" + photo + "/adjusted?edge=%s&adjustments=%s";
        for (String refused : List.of(
                String.format(address, 300, "%7B%22amounts%22%3A%7B%22SHARPEN%22%3A-3%7D%7D"),
                String.format(address, 300, "none"),
                String.format(address, 9000, "%7B%22amounts%22%3A%7B%7D%7D"))) {
            assertThat(api.get(refused).status()).as(refused).isEqualTo(422);
        }
    }

    private BufferedImage adjusted(String photo, String adjustments, int edge) throws IOException {
        String asked = "/api/photos/" + photo + "/adjusted?edge=" + edge + "&adjustments="
                + URLEncoder.encode(adjustments, StandardCharsets.UTF_8);
        return ImageIO.read(new ByteArrayInputStream(api.get(asked).bytes()));
    }
}
