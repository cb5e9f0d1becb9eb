package wovenset.server.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;
import wovenset.server.testing.TestServer;

/** One scan of two prints becomes two photos of the piece. */
@ExtendWith(TestServer.class)
class ScanApiTest {
    private final Api api = TestServer.api();

    private String start() {
        return api.startPiece("Scans", 300, 200).path("id").asString();
    }

    private static Map<String, Object> request(Object prints) {
        return Map.of("prints", prints, "batch", "scan 1");
    }

    private static Map<String, Object> print(double... corners) {
        List<Map<String, Double>> all = new ArrayList<>();
        for (int i = 0; i < corners.length; i += 2) {
            all.add(Map.of("x", corners[i], "y", corners[i + 1]));
        }
        return Map.of("corners", all, "whole", false);
    }

    @Test
    void aScanIsPartedIntoPhotosInOneStep() {
        String piece = start();
        api.bring(piece, Map.of("album page.jpg", TestPhotos.scan()));
        String photo = api.piece(piece).path("entries").get(0).path("photo").asString();
        JsonNode prints = api.get("/api/photos/" + photo + "/prints").json();
        assertThat(prints).hasSize(2);
        assertThat(prints.get(0).path("corners").get(0).path("x").asDouble()).isCloseTo(100 / 1600.0, within(0.005));

        String address = "/api/pieces/" + piece + "/scans/" + photo + "/prints";
        JsonNode results = api.post(address, request(prints)).json().path("results");
        assertThat(results)
                .hasSize(2)
                .allSatisfy(one -> assertThat(one.path("status").asString()).isEqualTo("ADDED"));
        JsonNode gathered = api.get("/api/pieces/" + piece + "/photos").json();
        assertThat(gathered).hasSize(3);
        JsonNode first = gathered.get(1);
        assertThat(first.path("fileName").asString()).isEqualTo("album page, print 1.jpg");
        assertThat(first.path("width").asDouble()).isCloseTo(600, within(8.0));
        assertThat(first.path("height").asDouble()).isCloseTo(400, within(8.0));
        assertThat(gathered.get(2).path("width").asDouble()).isCloseTo(400, within(8.0));
        long revision = api.piece(piece).path("revision").asLong();
        assertThat(api.post("/api/pieces/" + piece + "/undo", Map.of("revision", revision))
                        .status())
                .isEqualTo(200);
        assertThat(api.piece(piece).path("entries")).hasSize(1);
    }

    @Test
    void whatCannotBePartedIsRefused() {
        String piece = start();
        api.bring(piece, Map.of("kite.jpg", TestPhotos.jpeg(900, 600, 77)));
        String photo = api.piece(piece).path("entries").get(0).path("photo").asString();
        String address = "/api/pieces/" + piece + "/scans/" + photo + "/prints";
        assertThat(api.post(address, request(List.of())).status()).isEqualTo(422);
        assertThat(api.post(address, request(List.of(print(0, 0, 1, 0, 0.2, 0.2, 0, 1))))
                        .detail())
                .contains("clockwise");
        assertThat(api.post(address.replace(photo, "0".repeat(64)), request(List.of(print(0, 0, 1, 0, 1, 1, 0, 1))))
                        .status())
                .isEqualTo(404);
        assertThat(api.piece(piece).path("entries")).hasSize(1);
    }
}
