package wovenset.server.stored;

import java.util.List;
import java.util.function.UnaryOperator;
import tools.jackson.databind.JsonNode;

/**
 * The kinds of documents, each with the ways from its earlier versions to the present one.
 *
 * <p>To change how a document is written: change its record, add a function here that brings the body of the version before to
 * the new form, and keep a golden file of that version.
 */
public enum DocumentType {
    HEAD(
            "head",
            "piece",
            5,
            List.of(
                    Upgrades::wordsAndShadows,
                    Upgrades::wholeStyles,
                    Upgrades::papersAndGrounds,
                    Upgrades::wordsBeside,
                    Upgrades::tablesAndAlbums)),
    PAGE(
            "page",
            "page",
            5,
            List.of(
                    Upgrades::wordsAndShadows,
                    Upgrades::wholeStyles,
                    Upgrades::papersAndGrounds,
                    Upgrades::wordsBeside,
                    Upgrades::tablesAndAlbums)),
    ENTRY("entry", "photo in the piece", 5, List.of(Upgrades::tablesAndAlbums)),
    STEP(
            "step",
            "step",
            5,
            List.of(
                    Upgrades::wordsAndShadows,
                    Upgrades::wholeStyles,
                    Upgrades::papersAndGrounds,
                    Upgrades::wordsBeside,
                    Upgrades::tablesAndAlbums)),
    STEP_NAME("stepName", "step", 5, List.of()),
    SUBJECT("subject", "subject", 1, List.of(UnaryOperator.identity())),
    SHARPNESS("sharpness", "setting", 1, List.of(UnaryOperator.identity())),
    KEEPING("keeping", "setting", 1, List.of()),
    MAKE("make", "job", 1, List.of(Upgrades::makeWithPhotos));

    final String type;
    /** What it is to a person. */
    final String called;
    /** The first version that is read here. */
    final int first;
    /** From the first version to the second, and so on. */
    @SuppressWarnings("ImmutableEnumChecker") // Each is made by List.of, and its functions have no state.
    final List<UnaryOperator<JsonNode>> upgrades;

    DocumentType(String type, String called, int first, List<UnaryOperator<JsonNode>> upgrades) {
        this.type = type;
        this.called = called;
        this.first = first;
        this.upgrades = upgrades;
    }

    int version() {
        return first + upgrades.size();
    }
}
