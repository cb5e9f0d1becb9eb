package wovenset.server.pattern;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
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
import wovenset.core.said.UnfitValueException;
import wovenset.server.stored.Documents;
import wovenset.server.stored.Upgrades;
import wovenset.server.upgrade.OldDress;
import wovenset.server.upgrade.PageUpgrade;
import wovenset.server.web.RequiredFields;

/** A pattern as a JSON file (docs/pattern-file.md). */
@Component
class PatternFile {
    static final int MOST_CHARACTERS = 1_000_000;
    private static final String KIND = "pattern";
    private static final int VERSION = 3;
    private static final UUID STYLE = UUID.nameUUIDFromBytes("style".getBytes(StandardCharsets.UTF_8));

    private final JsonMapper mapper;
    private final Documents documents;

    PatternFile(JsonMapper mapper, Documents documents) {
        this.mapper = mapper;
        this.documents = documents;
    }

    private record Content(String wovenset, int version, Pattern pattern) {}

    String write(Pattern pattern) {
        return mapper.writerWithDefaultPrettyPrinter().writeValueAsString(new Content(KIND, VERSION, pattern));
    }

    /** @throws EditRefusedException saying what is wrong with the file */
    Pattern read(String text) {
        if (text.length() > MOST_CHARACTERS) {
            throw refused(Reason.PATTERN_TOO_LARGE);
        }
        try {
            JsonNode tree = mapper.readTree(text);
            if (!tree.isObject() || !KIND.equals(tree.path("wovenset").asString(""))) {
                throw refused(Reason.NO_PATTERN);
            }
            int version = tree.path("version").asInt(1);
            if (version > VERSION) {
                throw refused(Reason.PATTERN_OF_LATER_VERSION);
            }
            Pattern pattern = version == 1
                    ? upgraded(tree.path("pattern"))
                    : RequiredFields.check(mapper.treeToValue(Upgrades.wordsAndShadows(tree), Content.class))
                            .pattern();
            if (Patterns.sketch(pattern).isEmpty()) {
                throw refused(Reason.PATTERN_DOES_NOT_FIT);
            }
            return pattern;
        } catch (UnfitValueException e) {
            throw new EditRefusedException("file", e.said());
        } catch (JacksonException e) {
            throw unreadable(e);
        } catch (RequiredFields.MissingFieldException e) {
            throw refused(Reason.PATTERN_INCOMPLETE, e.field());
        } catch (IllegalArgumentException | ClassCastException e) {
            throw refused(Reason.PATTERN_UNREADABLE);
        }
    }

    private static EditRefusedException unreadable(JacksonException e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof UnfitValueException unfit) {
                return new EditRefusedException("file", unfit.said());
            }
        }
        return e.getLocation() == null
                ? refused(Reason.PATTERN_UNREADABLE)
                : refused(
                        Reason.PATTERN_UNREADABLE_AT,
                        e.getLocation().getLineNr(),
                        e.getLocation().getColumnNr());
    }

    private Pattern upgraded(JsonNode pattern) {
        Length width = length(pattern, "width");
        Length height = length(pattern, "height");
        if (!pattern.path("dress").isObject() || !pattern.path("arrangement").isObject()) {
            throw refused(Reason.PATTERN_INCOMPLETE, pattern.path("dress").isObject() ? "arrangement" : "dress");
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

    private static Length length(JsonNode pattern, String field) {
        if (!pattern.path(field).isNumber()) {
            throw refused(Reason.PATTERN_INCOMPLETE, field);
        }
        return Length.ofMicrometres(pattern.path(field).asLong());
    }

    private static EditRefusedException refused(Reason reason, Object... args) {
        return EditRefusedException.of("file", reason, args);
    }
}
