package wovenset.server.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import wovenset.server.testing.Api;
import wovenset.server.testing.TestServer;

@ExtendWith(TestServer.class)
class PatternApiTest {
    private final Api api = TestServer.api();

    private List<JsonNode> shipped() {
        return api.get("/api/patterns")
                .json()
                .valueStream()
                .filter(one -> one.path("shipped").asBoolean())
                .toList();
    }

    private String file(JsonNode pattern) {
        return new String(
                api.get("/api/patterns/" + pattern.path("id").asString() + "/file")
                        .bytes(),
                StandardCharsets.UTF_8);
    }

    private Api.Answer bring(String text) {
        return api.post("/api/patterns/import", Map.of("text", text));
    }

    @Test
    void twelvePatternsShipAndEachCanBeUsedOnAnyPage() {
        assertThat(shipped()).hasSize(12).allSatisfy(one -> assertThat(
                        one.path("sketch").size())
                .isEqualTo(one.path("pattern").path("page").path("items").size()));
        for (int[] size : new int[][] {{300, 200}, {105, 148}, {900, 600}}) {
            JsonNode piece = api.startPiece("Patterns", size[0], size[1]);
            String id = piece.path("id").asString();
            String page = piece.path("pages").get(0).path("id").asString();
            long revision = piece.path("revision").asLong();
            for (JsonNode one : shipped()) {
                Api.Answer used = api.edit(
                        id,
                        revision++,
                        "applyPattern",
                        "pageId",
                        page,
                        "pattern",
                        one.path("pattern"),
                        "part",
                        "BOTH",
                        "reflow",
                        "AGREED");
                assertThat(used.status())
                        .as(one.path("pattern").path("name").asString() + " on " + size[0] + ": "
                                + new String(used.bytes(), StandardCharsets.UTF_8))
                        .isEqualTo(200);
                assertThat(api.page(id, page).path("scene").path("frames").size())
                        .isEqualTo(one.path("sketch").size());
            }
        }
    }

    /** Patterns that shipped with the earlier version, as it wrote them, beside the same ones as they ship now. */
    @ParameterizedTest
    @ValueSource(strings = {"lintel", "table-of-prints"})
    void aFileOfTheEarlierVersionIsTheSamePattern(String name) throws IOException {
        String text;
        try (var file = getClass().getResourceAsStream("/golden/v4/patterns/" + name + ".json")) {
            text = new String(file.readAllBytes(), StandardCharsets.UTF_8);
        }
        Api.Answer read = bring(text);
        assertThat(read.status()).isEqualTo(200);
        JsonNode now = shipped().stream()
                .filter(one -> one.path("pattern")
                        .path("name")
                        .equals(read.json().path("pattern").path("name")))
                .findFirst()
                .orElseThrow();
        assertThat(read.json().path("pattern")).isEqualTo(now.path("pattern"));
        assertThat(read.json().path("sketch")).isEqualTo(now.path("sketch"));
        api.delete("/api/patterns/" + read.json().path("id").asString());
    }

    @Test
    void aKeptPatternGoesOutAsAFileAndComesInAgain() {
        JsonNode piece = api.startPiece("Kept", 300, 200);
        String id = piece.path("id").asString();
        String page = piece.path("pages").get(0).path("id").asString();
        JsonNode kept = api.post("/api/patterns", Map.of("pieceId", id, "pageId", page, "name", " Two by two "))
                .json();
        assertThat(kept.path("pattern").path("name").asString()).isEqualTo("Two by two");
        String file = file(kept);
        assertThat(api.get("/api/patterns/" + kept.path("id").asString() + "/file")
                        .header("Content-Disposition"))
                .contains("Two by two.pattern.json");
        assertThat(api.delete("/api/patterns/" + kept.path("id").asString()).status())
                .isEqualTo(200);
        assertThat(api.get("/api/patterns/" + kept.path("id").asString() + "/file")
                        .status())
                .isEqualTo(404);
        JsonNode again = bring(file).json();
        assertThat(again.path("pattern")).isEqualTo(kept.path("pattern"));
        api.delete("/api/patterns/" + again.path("id").asString());
        assertThat(api.delete("/api/patterns/" + shipped().get(0).path("id").asString())
                        .detail())
                .contains("ships with Wovenset");
        assertThat(api.post("/api/patterns", Map.of("pieceId", id, "pageId", page, "name", "x".repeat(61)))
                        .detail())
                .contains("1 to 60");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "not json | line 1",
                "{} | is no pattern",
                "[1, 2] | is no pattern",
                "{\"wovenset\": \"pattern\", \"version\": 9} | later version",
                "{\"wovenset\": \"pattern\", \"version\": 1} | is not complete",
                "{\"wovenset\": \"pattern\", \"version\": 1, \"pattern\": {\"name\": \"a\"}} | is not complete",
            })
    void filesThatAreNoPatternsAreRefusedInWords(String text, String said) {
        Api.Answer answer = bring(text);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.field()).isEqualTo("file");
        assertThat(answer.detail()).contains(said);
    }

    @Test
    void aPatternThatWouldNotFitItsOwnPageOrIsHugeIsRefused() {
        String file = file(shipped().get(0));
        assertThat(bring(file.replaceAll("\"gap\" : \\d+", "\"gap\" : 900000")).detail())
                .contains("do not fit on its own page");
        assertThat(bring(file.replaceAll("\"left\" : \\d+", "\"left\" : 9000000"))
                        .status())
                .isEqualTo(422);
        assertThat(bring(" ".repeat(1_000_001)).detail()).contains("too large");
        assertThat(bring(file.replaceAll("\"width\" : \\d+", "\"width\" : 1")).status())
                .isEqualTo(422);
        assertThat(bring(file.replaceAll("\"tree\" : \"[^\"]*\"", "\"tree\" : \"" + "(p".repeat(400) + "\""))
                        .status())
                .isEqualTo(422);
    }
}
