package wovenset.server.pattern;

import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import wovenset.core.arrange.Patterns;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.piece.Pattern;
import wovenset.server.web.RequiredFields;

/** A pattern as a JSON file (docs/pattern-file.md). */
@Component
class PatternFile {
    static final int MOST_CHARACTERS = 1_000_000;
    private static final String KIND = "pattern";
    private static final int VERSION = 1;

    private final JsonMapper mapper;

    PatternFile(JsonMapper mapper) {
        this.mapper = mapper;
    }

    private record Content(String wovenset, int version, Pattern pattern) {}

    String write(Pattern pattern) {
        return mapper.writerWithDefaultPrettyPrinter().writeValueAsString(new Content(KIND, VERSION, pattern));
    }

    /** @throws EditRefusedException saying what is wrong with the file */
    Pattern read(String text) {
        if (text.length() > MOST_CHARACTERS) {
            throw refused("The file is too large for a pattern.");
        }
        try {
            JsonNode tree = mapper.readTree(text);
            if (!tree.isObject() || !KIND.equals(tree.path("wovenset").asString(""))) {
                throw refused("This file is no pattern: it has no “wovenset” with the value “pattern”.");
            }
            if (tree.path("version").asInt(VERSION) > VERSION) {
                throw refused("This pattern was written by a later version of Wovenset.");
            }
            Content content = RequiredFields.check(mapper.treeToValue(tree, Content.class));
            if (Patterns.sketch(content.pattern()).isEmpty()) {
                throw refused("The pattern’s frames do not fit on its own page.");
            }
            return content.pattern();
        } catch (JacksonException e) {
            Throwable cause = e.getCause();
            throw refused(
                    cause instanceof IllegalArgumentException
                            ? cause.getMessage() + "."
                            : "This file cannot be read as a pattern"
                                    + (e.getLocation() == null
                                            ? "."
                                            : ": line " + e.getLocation().getLineNr() + ", column "
                                                    + e.getLocation().getColumnNr() + "."));
        } catch (RequiredFields.MissingFieldException e) {
            throw refused("The pattern is not complete: " + e.getMessage());
        }
    }

    private static EditRefusedException refused(String reason) {
        return new EditRefusedException("file", reason);
    }
}
