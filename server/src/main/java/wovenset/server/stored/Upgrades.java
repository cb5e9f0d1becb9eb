package wovenset.server.stored;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Steps from one version of a document's body to the next. */
final class Upgrades {
    private Upgrades() {}

    /** Version 2 says how photos go into a PDF; before, they always went in as they were. */
    static JsonNode makeWithPhotos(JsonNode body) {
        if (body instanceof ObjectNode request && !request.has("photos")) {
            request.put("photos", "ORIGINALS");
        }
        return body;
    }
}
