package wovenset.server.stored;

import java.util.function.BiFunction;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.said.Reason;
import wovenset.core.said.UnfitValueException;
import wovenset.server.web.RequiredFields;

/**
 * Files that a person takes along: JSON whose {@code wovenset} names the kind and whose {@code version} the form. What comes in
 * is read as hostile: its size is bounded, and every fault is a refusal that says what and, if it can, where.
 */
public final class OwnFile {
    private static final int MOST_CHARACTERS = 1_000_000;

    private final String kind;
    private final int version;
    private final JsonMapper mapper;

    /** @param kind as the file and the refusals name it */
    public OwnFile(String kind, int version, JsonMapper mapper) {
        this.kind = kind;
        this.version = version;
        this.mapper = mapper;
    }

    /** @param content a record whose first fields are {@code wovenset} and {@code version} */
    public String write(Object content) {
        return mapper.writerWithDefaultPrettyPrinter().writeValueAsString(content);
    }

    /**
     * @param content what the tree of a version is; may throw what reading JSON throws
     * @throws EditRefusedException saying what is wrong with the file
     */
    public <T> T read(String text, BiFunction<JsonNode, Integer, T> content) {
        if (text.length() > MOST_CHARACTERS) {
            throw refused(Reason.OWN_FILE_TOO_LARGE);
        }
        try {
            JsonNode tree = mapper.readTree(text);
            if (!tree.isObject() || !kind.equals(tree.path("wovenset").asString(""))) {
                throw refused(Reason.OWN_FILE_OF_ANOTHER_KIND);
            }
            int written = tree.path("version").asInt(1);
            if (written > version) {
                throw refused(Reason.OWN_FILE_OF_LATER_VERSION);
            }
            return content.apply(tree, written);
        } catch (UnfitValueException e) {
            throw new EditRefusedException("file", e.said());
        } catch (JacksonException e) {
            throw unreadable(e);
        } catch (RequiredFields.MissingFieldException e) {
            throw incomplete(e.field());
        } catch (IllegalArgumentException | ClassCastException e) {
            throw refused(Reason.OWN_FILE_UNREADABLE);
        }
    }

    /** A tree as a value, with all its fields. */
    public <T> T value(JsonNode tree, Class<T> as) {
        return RequiredFields.check(mapper.treeToValue(tree, as));
    }

    public EditRefusedException incomplete(String field) {
        return EditRefusedException.of("file", Reason.OWN_FILE_INCOMPLETE, kind, field);
    }

    private EditRefusedException unreadable(JacksonException e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof UnfitValueException unfit) {
                return new EditRefusedException("file", unfit.said());
            }
        }
        if (e instanceof DatabindException wrong && !wrong.getPath().isEmpty()) {
            String field = wrong.getPath().get(wrong.getPath().size() - 1).getPropertyName();
            return field == null
                    ? refused(Reason.OWN_FILE_UNREADABLE)
                    : EditRefusedException.of("file", Reason.OWN_FILE_FIELD, kind, field);
        }
        return e.getLocation() == null || e.getLocation().getLineNr() < 1
                ? refused(Reason.OWN_FILE_UNREADABLE)
                : EditRefusedException.of(
                        "file",
                        Reason.OWN_FILE_UNREADABLE_AT,
                        kind,
                        e.getLocation().getLineNr(),
                        e.getLocation().getColumnNr());
    }

    private EditRefusedException refused(Reason reason) {
        return EditRefusedException.of("file", reason, kind);
    }
}
