package wovenset.server.stored;

import com.fasterxml.jackson.annotation.JsonInclude;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.json.JsonMapper;
import wovenset.server.web.CoreJson;
import wovenset.server.web.RequiredFields;

/** Writes and reads stored documents with a mapper of their own: unknown and missing fields are refused. */
@Component
public class Documents {
    private final JsonMapper mapper = JsonMapper.builder()
            .addModule(new CoreJson().coreModule())
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .disable(EnumFeature.READ_ENUMS_USING_TO_STRING)
            .changeDefaultVisibility(CoreJson::onlyComponents)
            .changeDefaultPropertyInclusion(inclusion -> inclusion.withValueInclusion(JsonInclude.Include.NON_ABSENT))
            .build();

    private record Envelope(String type, int version, Object body) {}

    public String write(DocumentType type, Object body) {
        return mapper.writeValueAsString(new Envelope(type.type, type.version(), body));
    }

    /** @throws UnreadableDocumentException saying why it cannot be read */
    public <T> T read(DocumentType type, String text, Class<T> as) {
        try {
            return value(upgraded(type, mapper.readTree(text)), as);
        } catch (JacksonException | RequiredFields.MissingFieldException | IllegalArgumentException e) {
            throw new UnreadableDocumentException("What is stored of this " + type.called + " is damaged.", e);
        }
    }

    /** A tree as a value of the present form. */
    public <T> T value(JsonNode tree, Class<T> as) {
        return RequiredFields.check(mapper.treeToValue(tree, as));
    }

    public JsonNode tree(String text) {
        return mapper.readTree(text);
    }

    /** What was written before there were envelopes is of version 1. */
    private static JsonNode upgraded(DocumentType type, JsonNode document) {
        boolean enveloped = document.has("type") && document.has("version") && document.has("body");
        if (enveloped && !type.type.equals(document.path("type").asString(""))) {
            throw new UnreadableDocumentException("A " + type.type + " was expected");
        }
        int version = enveloped ? document.path("version").asInt(0) : 1;
        if (version > type.version()) {
            throw new UnreadableDocumentException(
                    "This " + type.called + " was written by a later version of Wovenset (" + version
                            + "; this one reads up to " + type.version() + ").");
        }
        if (version < type.first) {
            throw new UnreadableDocumentException("This " + type.type + " was not brought up to date");
        }
        JsonNode body = enveloped ? document.path("body") : document;
        for (int at = version; at < type.version(); at++) {
            body = type.upgrades.get(at - type.first).apply(body);
        }
        return body;
    }
}
