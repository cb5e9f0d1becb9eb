package wovenset.server.style;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import wovenset.server.testing.Api;
import wovenset.server.testing.TestServer;

/** The library of frame styles. */
@ExtendWith(TestServer.class)
class StyleApiTest {
    private final Api api = TestServer.api();
    private String piece = "";

    @BeforeEach
    void start() {
        piece = api.startPiece("Styled", 300, 200).path("id").asString();
    }

    @AfterEach
    void clear() {
        styles().path("kept")
                .forEach(style -> api.delete("/api/styles/" + style.path("id").asString()));
    }

    private JsonNode styles() {
        return api.get("/api/pieces/" + piece + "/styles").json();
    }

    private JsonNode shipped(String name) {
        return styles().path("shipped")
                .valueStream()
                .filter(style -> style.path("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private Api.Answer keep(JsonNode style) {
        return api.post("/api/styles", Map.of("style", style));
    }

    private Api.Answer bring(String text) {
        return api.post("/api/styles/import", Map.of("text", text));
    }

    private String file(JsonNode style) {
        return new String(
                api.get("/api/styles/" + style.path("id").asString() + "/file").bytes(), StandardCharsets.UTF_8);
    }

    @Test
    void aStyleIsKeptChangedRenamedAndDeleted() {
        JsonNode walnut = shipped("Walnut frame");
        assertThat(keep(walnut).json()).isEqualTo(walnut);
        ObjectNode changed = (ObjectNode) walnut.deepCopy();
        changed.put("name", " Dark frame ").put("foot", 9000);
        assertThat(keep(changed).json().path("name").asString()).isEqualTo("Dark frame");
        assertThat(styles().path("kept")).hasSize(1);
        assertThat(styles().path("kept").get(0).path("foot").asInt()).isEqualTo(9000);

        ObjectNode other = (ObjectNode) shipped("Stamp").deepCopy();
        Api.Answer taken = keep(other.put("name", "dark FRAME"));
        assertThat(taken.status()).isEqualTo(422);
        assertThat(taken.field()).isEqualTo("name");
        assertThat(taken.detail()).contains("dark FRAME");

        String id = walnut.path("id").asString();
        assertThat(api.delete("/api/styles/" + id).status()).isEqualTo(200);
        assertThat(api.delete("/api/styles/" + id).status()).isEqualTo(404);
        assertThat(api.get("/api/styles/" + id + "/file").status()).isEqualTo(404);
    }

    @Test
    void aStyleGoesOutAsAFileAndComesInAgain() {
        JsonNode gilt = shipped("Gilt frame");
        keep(gilt);
        assertThat(api.get("/api/styles/" + gilt.path("id").asString() + "/file")
                        .header("Content-Disposition"))
                .contains("Gilt frame.style.json");
        String file = file(gilt);
        assertThat(bring(file).json()).as("it is there already").isEqualTo(gilt);
        assertThat(styles().path("kept")).hasSize(1);
        JsonNode beside = bring(file.replace("\"foot\" : 0", "\"foot\" : 7000")).json();
        assertThat(beside.path("name").asString()).isEqualTo("Gilt frame 2");
        assertThat(beside.path("id")).isNotEqualTo(gilt.path("id"));
        assertThat(styles().path("kept")).hasSize(2);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"version\" : 1 | \"version\" : 9 | later version",
                "\"frame style\" | \"pattern\" | is no frame style",
                "\"foot\" : 0 | \"feet\" : 0 | “style” is missing or not as it should be",
                "\"foot\" : 0 | \"foot\" : 900000 | at most 200 mm",
                "\"kind\" : \"shadow\" | \"kind\" : \"lightning\" | cannot be read as a frame style",
                "{ | [ | line 2, column 14",
            })
    void aFileWithAFaultIsRefusedWithTheFault(String part, String instead, String said) {
        JsonNode stamp = shipped("Stamp");
        keep(stamp);
        Api.Answer refused = bring(file(stamp).replace(part, instead));
        assertThat(refused.status()).as(refused.detail()).isEqualTo(422);
        assertThat(refused.detail()).contains(said);
        assertThat(styles().path("kept")).hasSize(1);
    }
}
