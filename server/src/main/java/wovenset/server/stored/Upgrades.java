package wovenset.server.stored;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Steps from one version of a document's body to the next. */
public final class Upgrades {
    private Upgrades() {}

    /** Version 2 says how photos go into a PDF; before, they always went in as they were. */
    static JsonNode makeWithPhotos(JsonNode body) {
        if (body instanceof ObjectNode request && !request.has("photos")) {
            request.put("photos", "ORIGINALS");
        }
        return body;
    }

    /**
     * Frames were called frames for photos before words could stand in them. The tree is changed, wherever items are in it.
     *
     * @return the same tree
     */
    public static JsonNode framesOfAll(JsonNode tree) {
        if (tree instanceof ObjectNode object
                && "photoFrame".equals(object.path("kind").asString(""))) {
            object.put("kind", "frame");
        }
        tree.forEach(Upgrades::framesOfAll);
        return tree;
    }
}
