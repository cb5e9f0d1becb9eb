package wovenset.server.pattern;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.measure.LengthUnit;
import wovenset.core.measure.Resolution;
import wovenset.core.pattern.Pattern;
import wovenset.core.pattern.Patterns;
import wovenset.core.said.Reason;
import wovenset.server.stored.Documents;
import wovenset.server.stored.OwnFile;
import wovenset.server.stored.Upgrades;
import wovenset.server.upgrade.OldDress;
import wovenset.server.upgrade.PageUpgrade;

/** A pattern as a JSON file (docs/pattern-file.md). */
@Component
class PatternFile {
    private static final String KIND = "pattern";
    private static final int VERSION = 7;
    private static final UUID STYLE = UUID.nameUUIDFromBytes("style".getBytes(StandardCharsets.UTF_8));

    private final OwnFile file;
    private final Documents documents;

    PatternFile(JsonMapper mapper, Documents documents) {
        this.file = new OwnFile(KIND, VERSION, mapper);
        this.documents = documents;
    }

    private record Content(String wovenset, int version, Pattern pattern) {}

    String write(Pattern pattern) {
        return file.write(new Content(KIND, VERSION, pattern));
    }

    /** @throws EditRefusedException saying what is wrong with the file */
    Pattern read(String text) {
        return file.read(text, (tree, version) -> {
            Pattern pattern = version == 1
                    ? upgraded(tree.path("pattern"))
                    : file.value(upToDate(tree, version), Content.class).pattern();
            if (Patterns.sketch(pattern).isEmpty()) {
                throw EditRefusedException.of("file", Reason.PATTERN_DOES_NOT_FIT);
            }
            return pattern;
        });
    }

    private static JsonNode upToDate(JsonNode tree, int version) {
        JsonNode withWords = version < 3 ? Upgrades.wordsAndShadows(tree) : tree;
        JsonNode withStyles = version < 4 ? Upgrades.wholeStyles(withWords) : withWords;
        JsonNode withPapers = version < 5 ? Upgrades.papersAndGrounds(withStyles) : withStyles;
        JsonNode withPlaces = version < 6 ? Upgrades.wordsBeside(withPapers) : withPapers;
        return version < 7 ? Upgrades.tablesAndAlbums(withPlaces) : withPlaces;
    }

    private Pattern upgraded(JsonNode pattern) {
        Length width = length(pattern, "width");
        Length height = length(pattern, "height");
        if (!pattern.path("dress").isObject() || !pattern.path("arrangement").isObject()) {
            throw file.incomplete(pattern.path("dress").isObject() ? "arrangement" : "dress");
        }
        OldDress dress = OldDress.of(pattern.path("dress"));
        Format format = new Format(width, height, Length.ZERO, LengthUnit.MM, Resolution.PRINT);
        return new Pattern(
                pattern.path("name").asString(""),
                width,
                height,
                PageUpgrade.pattern(documents, pattern, dress, format, STYLE),
                dress.sheet(STYLE));
    }

    private Length length(JsonNode pattern, String field) {
        if (!pattern.path(field).isNumber()) {
            throw file.incomplete(field);
        }
        return Length.ofMicrometres(pattern.path(field).asLong());
    }
}
