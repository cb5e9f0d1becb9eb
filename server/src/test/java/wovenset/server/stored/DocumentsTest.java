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

    /** Documents of version 5 as it wrote them: What frames are called is another word, and styles cast no shadow. */
    @ParameterizedTest
    @CsvSource({"PAGE, page-1.json", "PAGE, page-2.json", "PAGE, page-3.json", "STEP, step.json", "HEAD, head.json"})
    void documentsOfVersionFiveAreReadAndStayWhatTheyWere(DocumentType type, String file) throws IOException {
        String golden = Files.readString(Path.of("src/test/resources/golden/v5").resolve(file));
        Class<?> as =
                switch (type) {
                    case PAGE -> Page.class;
                    case STEP -> PieceDelta.class;
                    default -> Head.class;
                };
        JsonNode written = documents.tree(documents.write(type, documents.read(type, golden, as)));
        assertThat(written.findValues("strength")).allMatch(strength -> strength.asDouble() == 0);
        assertThat(written.findValues("fromDegrees").isEmpty()).isEqualTo(!golden.contains("bands"));
        assertThat(without(written.path("body"), "shadow", "light", "edges", "cutMarks"))
                .isEqualTo(documents
                        .tree(golden.replace("\"photoFrame\"", "\"frame\""))
                        .path("body"));
    }

    private static JsonNode without(JsonNode tree, String... fields) {
        if (tree instanceof ObjectNode object) {
            object.remove(List.of(fields));
        }
        tree.forEach(child -> without(child, fields));
        return tree;
    }
}
