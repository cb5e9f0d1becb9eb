package wovenset.server.caption;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;
import wovenset.server.testing.TestServer;

/** Captions from a pattern and from a person's own table. */
@ExtendWith(TestServer.class)
class CaptionApiTest {
    private final Api api = TestServer.api();
    private String piece = "";

    @BeforeEach
    void start() {
        piece = api.startPiece("Prices, spring", 210, 297).path("id").asString();
        Map<String, byte[]> files = new LinkedHashMap<>();
        for (int i = 1; i <= 3; i++) {
            byte[] jpeg = TestPhotos.jpeg(60 + i, 40, i);
            files.put(
                    "Bowl_" + i + ".jpg",
                    i == 2 ? TestPhotos.withExif(jpeg, 1, "2026:08:07 10:12:05", "Glazed") : jpeg);
        }
        api.bring(piece, files);
    }

    private Api.Answer fill(String pattern, String... table) {
        Map<String, Object> body = new HashMap<>(Map.of("pattern", pattern));
        if (table.length > 0) {
            body.put("table", String.join("\n", table));
        }
        return api.post("/api/pieces/" + piece + "/captions", body);
    }

    private static List<String> captions(JsonNode answer) {
        List<String> captions = new ArrayList<>();
        answer.path("captions").forEach(one -> captions.add(one.path("caption").asString()));
        return captions;
    }

    @Test
    void namesDatesEmbeddedWordsAndNumbersAreFilledIn() {
        assertThat(captions(fill("{number}. {file} · {date, d MMMM}").json()))
                .containsExactly("1. Bowl 1", "2. Bowl 2 · 7 August", "3. Bowl 3");
        assertThat(captions(fill("{words}").json())).containsExactly("", "Glazed", "");
    }

    /** A price sheet is made anew by another table; rows that no photo takes are told by their line. */
    @Test
    void aTableFillsTheWordsOfItsPhotosAndTellsWhatItCouldNotUse() {
        JsonNode answer = fill(
                        "{name} — {price}",
                        "\uFEFFPhoto;Name;Price",
                        "bowl_3.jpg;\"Wide bowl; blue\";32 €",
                        "Bowl 1;Small bowl;18 €",
                        "Bowl_9.jpg;Lost bowl;5 €",
                        "bowl_1.JPG;Again;1 €")
                .json();
        assertThat(captions(answer)).containsExactly("Small bowl — 18 €", "Wide bowl; blue — 32 €");
        assertThat(answer.path("columns").valueStream().map(JsonNode::asString)).containsExactly("name", "price");
        assertThat(answer.path("refused")
                        .valueStream()
                        .map(row -> row.path("line").asInt() + " "
                                + row.path("about").asString() + " "
                                + row.path("why").asString()))
                .containsExactly("4 Bowl_9.jpg NO_SUCH_PHOTO", "5 bowl_1.JPG TWICE");
        JsonNode byRow = fill("{name}", "name", "One", "Two", "Three", "Four").json();
        assertThat(captions(byRow)).containsExactly("One", "Two", "Three");
        assertThat(byRow.path("refused").get(0).path("why").asString()).isEqualTo("NO_PHOTO_LEFT");
    }

    /** The table stays with the piece: a new one, or one cell, makes the price sheet anew, and a hand-written line stays. */
    @Test
    void aTableIsKeptAndItsWordsFollowIt() {
        String pattern = "{name} · {price}";
        keep(pattern, "photo,name,price", "Bowl 1,Small bowl,18 €", "Bowl 3,Wide bowl,32 €");
        assertThat(captions(fill(pattern).json())).containsExactly("Small bowl · 18 €", "Wide bowl · 32 €");
        JsonNode entries = api.piece(piece).path("entries");
        assertThat(said(entries)).containsExactly("Small bowl · 18 €", "Glazed", "Wide bowl · 32 €");
        edit("captionEntry", "entryId", entries.get(0).path("id"), "caption", "Sold");
        edit("writeRow", "row", Map.of("entryId", entries.get(2).path("id"), "cells", List.of("Wide bowl", "30 €")));
        assertThat(said(api.piece(piece).path("entries"))).containsExactly("Sold", "Glazed", "Wide bowl · 30 €");
        keep("{price} | {name}", "number;name;price", "3;Wide bowl;28 €", "1;Small bowl;18 €", "2;Jug;26 €");
        JsonNode now = api.piece(piece);
        assertThat(said(now.path("entries"))).containsExactly("Sold", "26 € | Jug", "28 € | Wide bowl");
        assertThat(now.path("head").path("table").path("pattern").asString()).isEqualTo("{price} | {name}");
        assertThat(new String(api.get("/api/pieces/" + piece + "/captions/file").bytes(), StandardCharsets.UTF_8)
                        .lines())
                .containsExactly(
                        "\uFEFFfile,name,price",
                        "Bowl_1.jpg,Small bowl,18 €",
                        "Bowl_2.jpg,Jug,26 €",
                        "Bowl_3.jpg,Wide bowl,28 €");
        assertThat(captions(fill("{file}").json()))
                .as("words that no column speaks of")
                .hasSize(3);
    }

    private void keep(String pattern, String... table) {
        JsonNode filled = fill(pattern, table).json();
        edit(
                "setTable",
                "table",
                Map.of("columns", filled.path("columns"), "pattern", pattern),
                "rows",
                filled.path("rows"));
    }

    private void edit(String kind, Object... fields) {
        Api.Answer answer = api.edit(piece, api.piece(piece).path("revision").asLong(), kind, fields);
        assertThat(answer.status()).isEqualTo(200);
    }

    private static List<String> said(JsonNode entries) {
        return entries.valueStream()
                .map(entry -> entry.path("caption").asString())
                .toList();
    }

    /** All captions are one step, and come out in a file that brings the same ones in again. */
    @Test
    void captionsAreTakenOnInOneStepAndGoOutAndInAsATable() {
        JsonNode filled = fill("{file}, \"fired twice\"").json();
        JsonNode now = api.piece(piece);
        Api.Answer taken =
                api.edit(piece, now.path("revision").asLong(), "captionEntries", "captions", filled.path("captions"));
        assertThat(taken.status()).isEqualTo(200);
        Api.Answer file = api.get("/api/pieces/" + piece + "/captions/file");
        assertThat(file.header("Content-Disposition")).contains("Prices spring, captions.csv");
        String text = new String(file.bytes(), StandardCharsets.UTF_8);
        assertThat(text.lines().skip(1)).first().isEqualTo("1,Bowl_1.jpg,\"Bowl 1, \"\"fired twice\"\"\"");
        assertThat(captions(fill("{caption}", text).json())).isEqualTo(captions(filled));
        assertThat(api.post(
                                "/api/pieces/" + piece + "/undo",
                                Map.of("revision", now.path("revision").asLong() + 1))
                        .status())
                .isEqualTo(200);
        assertThat(api.piece(piece).path("entries").get(1).path("caption").asString())
                .isEqualTo("Glazed");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{prise}|name,price~a,1|pattern|Nothing is called “prise” here. There are: date, file, name, number, price, words.",
                "{name|name~a|pattern|The brace at sign 1 has no other one; two braces are a brace.",
                "{file}|name,price|table|This table has no rows below its first line, which names the columns.",
                "{file}|name~\"open|table|This table cannot be read"
            })
    void whatCannotBeReadSaysWhatAndWhere(String pattern, String table, String field, String detail) {
        Api.Answer answer = fill(pattern, table.split("~"));
        assertThat(answer.status()).isBetween(400, 499);
        assertThat(answer.field()).isEqualTo(field);
        assertThat(answer.detail()).startsWith(detail);
    }
}
