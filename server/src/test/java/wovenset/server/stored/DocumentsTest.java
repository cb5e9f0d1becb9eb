package wovenset.server.stored;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import wovenset.core.delta.Head;
import wovenset.core.delta.PieceDelta;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.testing.RandomPieces;

/** What is stored reads back as what was written, over pieces of every kind of thing. */
class DocumentsTest {
    private final Documents documents = new Documents();

    private <T> void checkRoundTrip(DocumentType type, T value, Class<T> as) {
        String text = documents.write(type, value);
        assertThat(documents.read(type, text, as)).isEqualTo(value);
        assertThat(documents.write(type, documents.read(type, text, as))).isEqualTo(text);
    }

    @Property(tries = 150)
    void headsPagesEntriesAndStepsReadBackAsTheyWereWritten(@ForAll long one, @ForAll long other) {
        Piece before = RandomPieces.of(one);
        Piece after = RandomPieces.changed(before, other);
        checkRoundTrip(DocumentType.HEAD, Head.of(before), Head.class);
        before.pages().forEach(page -> checkRoundTrip(DocumentType.PAGE, page, Page.class));
        before.entries().forEach(entry -> checkRoundTrip(DocumentType.ENTRY, entry, Entry.class));
        checkRoundTrip(DocumentType.STEP, PieceDelta.of(before, after), PieceDelta.class);
    }

    /** A field that is gone, added or of another kind never passes as a page that nobody made. */
    @Property(tries = 150)
    void aPageWithAFieldTooManyOrTooFewIsRefused(@ForAll long seed) {
        Page page = RandomPieces.of(seed).pages().get(0);
        ObjectNode tree = (ObjectNode) documents.tree(documents.write(DocumentType.PAGE, page));
        ObjectNode body = (ObjectNode) tree.path("body");
        JsonNode items = body.remove("items");
        checkRefused(tree);
        body.set("items", items);
        assertThat(documents.read(DocumentType.PAGE, tree.toString(), Page.class))
                .isEqualTo(page);
        checkRefused(tree.deepCopy().put("type", "head"));
        checkRefused(tree.deepCopy().put("version", 99));
        body.put("novel", 1);
        checkRefused(tree);
    }

    private void checkRefused(JsonNode tree) {
        assertThatThrownBy(() -> documents.read(DocumentType.PAGE, tree.toString(), Page.class))
                .isInstanceOf(UnreadableDocumentException.class);
    }

    /** Documents of earlier versions as those wrote them: each form has become its present one, and nothing else is other. */
    @ParameterizedTest
    @CsvSource({
        "5, PAGE, page-1.json",
        "5, PAGE, page-2.json",
        "5, PAGE, page-3.json",
        "5, STEP, step.json",
        "5, HEAD, head.json",
        "6, PAGE, page-1.json",
        "6, PAGE, page-2.json",
        "6, STEP, step.json",
        "6, HEAD, head.json",
        "7, PAGE, page-1.json",
        "7, PAGE, page-2.json",
        "7, STEP, step.json",
        "7, HEAD, head.json",
        "8, PAGE, page-1.json",
        "8, PAGE, page-2.json",
        "8, STEP, step.json",
        "8, HEAD, head.json",
        "9, PAGE, page-1.json",
        "9, PAGE, page-2.json",
        "9, ENTRY, entry.json",
        "9, STEP, step-1.json",
        "9, STEP, step-2.json",
        "9, STEP, step-3.json",
        "9, HEAD, head.json"
    })
    void documentsOfEarlierVersionsAreReadAndStayWhatTheyWere(int version, DocumentType type, String file)
            throws IOException {
        String golden = Files.readString(
                Path.of("src/test/resources/golden").resolve("v" + version).resolve(file));
        Class<?> as =
                switch (type) {
                    case PAGE -> Page.class;
                    case STEP -> PieceDelta.class;
                    case ENTRY -> Entry.class;
                    default -> Head.class;
                };
        JsonNode written = documents.tree(documents.write(type, documents.read(type, golden, as)));
        JsonNode expected = documents.tree(asOfToday(version, golden));
        assertThat(written.findValues("fromDegrees").isEmpty()).isEqualTo(!golden.contains("bands"));
        assertThat(since(version, written)).isEqualTo(since(version, expected));
    }

    private static String asOfToday(int version, String golden) {
        String withWords = version < 6 ? withWords(golden) : golden;
        String whole = version < 7 ? wholeStyles(withWords) : withWords;
        String grounded = version < 8 ? papersAndGrounds(whole) : whole;
        return tablesAndAlbums(version < 9 ? wordsBeside(grounded) : grounded);
    }

    private static String tablesAndAlbums(String version9) {
        return version9.replaceAll("\"caption\":\"[^\"]*\"", "$0,\"cells\":[],\"aside\":false")
                .replaceAll("\"guides\":\\[[^\\]]*]", "$0,\"flow\":\"BY_HAND\",\"numbered\":true");
    }

    private static String wordsBeside(String version8) {
        return version8.replaceAll("\"lines\":\\d+}", "\"tracking\":0.0,\"beside\":40000,$0");
    }

    private static String papersAndGrounds(String version7) {
        String finished = version7.replaceAll(
                "(\"stand\":\"\\w+\",\"colour\":\"#\\w+\"[^}]*)}", "$1,\"finish\":{\"hyphenated\":false}}");
        return finished.replaceAll(
                "(\"lines\":\\d+}),\"ground\":(\\{[^}]*})", "$1,\"grounds\":{\"usual\":$2},\"mounts\":[],\"texts\":[]");
    }

    private static String withWords(String version5) {
        return version5.replace("\"photoFrame\"", "\"frame\"")
                .replaceAll(
                        "\"cornerRadius\":\\d+",
                        "$0,\"shadow\":{\"height\":1000,\"softness\":2000,\"strength\":0.0,\"colour\":\"#22293a\"}");
    }

    private static String wholeStyles(String version6) {
        String solid = "\"paint\":{\"kind\":\"solid\",\"colour\":$2}";
        return version6.replaceAll("\"cutMarks\":\"\\w+\"", "$0,\"language\":\"ENGLISH\"")
                .replaceAll(
                        "\"ground\":\\{\"kind\":\"plain\",\"colour\":((\"#\\w+\"))}",
                        "\"ground\":{\"kind\":\"covered\"," + solid + "}")
                .replaceAll("\"show\":(\"\\w+\"),\"typeface\"", "\"show\":$1,\"place\":\"BELOW\",\"typeface\"")
                .replaceAll("\"opacity\":([\\d.E-]+)", "\"opacity\":$1,\"blend\":\"NORMAL\"")
                .replaceAll(
                        "\"text\":(\"[^\"]*\"),\"style\":\\{([^}]*)}",
                        "\"text\":$1,\"style\":{$2,\"slant\":\"UPRIGHT\",\"tracking\":0.0},\"course\":{\"kind\":\"straight\"}")
                .replaceAll("\"ground\":\\{\"colour\":(\"#\\w+\")}", "\"ground\":{\"kind\":\"solid\",\"colour\":$1}")
                .replaceAll(
                        "\\{\"width\":(\\d+),\"colour\":(\"#\\w+\"),\"side\":(\"\\w+\")}",
                        "{\"width\":$1," + solid + ",\"side\":$3,\"bevel\":0}")
                .replaceAll(
                        "\"cornerRadius\":(\\d+),\"shadow\":\\{([^}]*)}",
                        "\"corners\":{\"cut\":\"ROUND\",\"size\":$1},\"foot\":0,\"effects\":[{\"kind\":\"shadow\",$2}]")
                .replaceAll(
                        "\"kind\":\"bandColour\",\"band\":(\\d+),\"colour\":(\"#\\w+\")",
                        "\"kind\":\"bandPaint\",\"band\":$1," + solid)
                .replaceAll(
                        "\"kind\":\"cornerRadius\",\"radius\":(\\d+)",
                        "\"kind\":\"cornersCut\",\"corners\":{\"cut\":\"ROUND\",\"size\":$1}")
                .replaceAll(
                        "\"kind\":\"shadowCast\",\"shadow\":\\{",
                        "\"kind\":\"otherEffect\",\"effect\":{\"kind\":\"shadow\",");
    }

    /** What a version had already. */
    private static JsonNode since(int version, JsonNode document) {
        JsonNode body = document.path("body");
        return version == 5 ? without(body, "light", "edges", "cutMarks", "language") : body;
    }

    private static JsonNode without(JsonNode tree, String... fields) {
        if (tree instanceof ObjectNode object) {
            object.remove(List.of(fields));
        }
        tree.forEach(child -> without(child, fields));
        return tree;
    }
}
