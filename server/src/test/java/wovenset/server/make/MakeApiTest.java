package wovenset.server.make;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;
import wovenset.server.testing.TestServer;

@ExtendWith(TestServer.class)
class MakeApiTest {
    private final Api api = TestServer.api();

    private String piece(int pages) {
        JsonNode now = api.startPiece("Oma & Opa: 50 / Jahre", 300, 200);
        String id = now.path("id").asString();
        api.bring(
                id,
                Map.of(
                        "a.jpg",
                        TestPhotos.jpeg(900, 600, 401),
                        "b.png",
                        TestPhotos.file(TestPhotos.scene(700, 500, 402), "png")));
        now = api.edit(id, api.piece(id).path("revision").asLong(), "flowEntries")
                .json();
        String page = api.piece(id).path("pages").get(0).path("id").asString();
        for (int i = 1; i < pages; i++) {
            now = api.edit(id, now.path("revision").asLong(), "copyPages", "pageIds", List.of(page))
                    .json();
        }
        return id;
    }

    @Test
    void aPdfIsMadeAndTakenAwayUnderItsName() {
        JsonNode job = api.make(piece(2), "PDF", List.of(0, 1), 300);
        assertThat(job.path("state").asString()).isEqualTo("DONE");
        assertThat(job.path("share").asDouble()).isEqualTo(1);
        Api.Answer file = api.get("/api/makes/" + job.path("id").asString() + "/file");
        assertThat(new String(file.bytes(), 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
        assertThat(URLDecoder.decode(file.header("Content-Disposition"), StandardCharsets.UTF_8))
                .contains("attachment")
                .contains("Oma & Opa 50 Jahre, 2 pages.pdf");
    }

    @Test
    void imagesComeOneByOneOrAsAZip() throws IOException {
        String piece = piece(3);
        JsonNode one = api.make(piece, "JPEG", List.of(1), 100);
        assertThat(one.path("fileName").asString()).isEqualTo("Oma & Opa 50 Jahre, page 2, 1181 x 787 px.jpg");
        assertThat(ImageIO.read(new ByteArrayInputStream(
                                api.get("/api/makes/" + one.path("id").asString() + "/file")
                                        .bytes()))
                        .getWidth())
                .isEqualTo(1181);
        JsonNode all = api.make(piece, "PNG", List.of(0, 1, 2), 50);
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(
                api.get("/api/makes/" + all.path("id").asString() + "/file").bytes()))) {
            assertThat(zip.getNextEntry().getName()).isEqualTo("Oma & Opa 50 Jahre, page 1, 591 x 394 px.png");
        }
        assertThat(api.get("/api/pieces/" + piece + "/makes").json()).hasSize(2);
    }

    @Test
    void whatCannotBeMadeFailsWithTheReason() {
        JsonNode job = api.make(piece(1), "JPEG", List.of(0), 4800);
        assertThat(job.path("state").asString()).isEqualTo("FAILED");
        assertThat(job.path("message").asString()).contains("pixels per inch fits");
        assertThat(api.get("/api/makes/" + job.path("id").asString() + "/file").detail())
                .contains("not made");
        assertThat(api.make(piece(1), "PDF", List.of(7), 300).path("message").asString())
                .contains("pages 1 to 1");
    }

    @Test
    void aMakeCanBeStopped() {
        String piece = piece(40);
        String id = api.startMake(piece, "PNG", IntStream.range(0, 40).boxed().toList(), 300, "BLEED");
        assertThat(api.post("/api/makes/" + id + "/cancel", "").status()).isEqualTo(200);
        assertThat(api.ended(id).path("state").asString()).isEqualTo("CANCELLED");
    }

    @Test
    void nonsenseIsRefusedBeforeAnythingStarts() {
        String piece = piece(1);
        Map<String, Object> request = Map.of(
                "kind",
                "PDF",
                "pages",
                List.of(),
                "resolution",
                300,
                "jpegQuality",
                90,
                "ground",
                "CLEAR",
                "extent",
                "TRIM",
                "photos",
                "FITTED");
        assertThat(api.post("/api/pieces/" + piece + "/makes", request).detail())
                .contains("at least one page");
        Map<String, Object> twice = new HashMap<>(request);
        twice.put("pages", List.of(0, 0));
        assertThat(api.post("/api/pieces/" + piece + "/makes", twice).detail()).isEqualTo("Each page is made once.");
        twice.put("pages", Collections.nCopies(1_000_000, 0));
        assertThat(api.post("/api/pieces/" + piece + "/makes", twice).detail()).contains("at most 400 pages");
        twice.put("pages", Collections.nCopies(5_000_000, 0));
        assertThat(api.post("/api/pieces/" + piece + "/makes", twice).status()).isEqualTo(413);
        assertThat(api.post("/api/pieces/" + piece + "/makes", Map.of("kind", "PDF"))
                        .status())
                .isBetween(400, 422);
        assertThat(api.get("/api/pieces/" + piece + "/makes").json()).isEmpty();
    }
}
