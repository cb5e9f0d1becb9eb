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
     * Version 6: frames, called frames for photos before words could stand in them; styles cast no shadow, in a light from the
     * upper left, photos go on beyond the trim, and nothing shows where to cut. The tree is changed, wherever in it these are.
     *
     * @return the same tree
     */
    public static JsonNode wordsAndShadows(JsonNode tree) {
        if (tree instanceof ObjectNode object) {
            if ("photoFrame".equals(object.path("kind").asString(""))) {
                object.put("kind", "frame");
            }
            if (object.has("bands") && object.has("cornerRadius")) {
                object.putObject("shadow")
                        .put("height", 1000)
                        .put("softness", 2000)
                        .put("strength", 0)
                        .put("colour", "#22293a");
            }
            if (object.has("frames") && object.has("captions") && object.has("ground")) {
                object.putObject("light").put("fromDegrees", -30);
                object.putObject("edges").put("kind", "CONTINUED").put("colour", "#ffffff");
                object.put("cutMarks", "NONE");
            }
        }
        tree.forEach(Upgrades::wordsAndShadows);
        return tree;
    }

    /**
     * Version 7: what covers a band or a ground is one of several kinds of paint, and a band may be bevelled; corners are cut in several ways;
     * a style has a foot and a list of effects, of which the shadow is one; words run along a course and their letters may stand apart,
     * things blend with what lies behind them, captions have a
     * place, and the words of a piece are in a language. The tree is changed, wherever in it these are.
     *
     * @return the same tree
     */
    public static JsonNode wholeStyles(JsonNode tree) {
        if (tree instanceof ObjectNode object) {
            if (object.has("bands") && object.has("cornerRadius")) {
                object.path("bands").forEach(band -> solid((ObjectNode) band).put("bevel", 0));
                corners(object, "cornerRadius");
                object.put("foot", 0);
                object.putArray("effects").add(shadow(object.remove("shadow")));
            }
            if (object.has("frames") && object.has("captions") && object.has("ground")) {
                ((ObjectNode) object.path("ground")).put("kind", "solid");
                object.put("language", "ENGLISH");
            }
            if (object.has("show") && object.has("typeface")) {
                object.put("place", "BELOW");
            }
            if (object.has("opacity") && object.has("hidden")) {
                object.put("blend", "NORMAL");
            }
            if (object.has("text") && object.has("style")) {
                ((ObjectNode) object.path("style")).put("slant", "UPRIGHT").put("tracking", 0);
                object.putObject("course").put("kind", "straight");
            }
            switch (object.path("kind").asString("")) {
                case "plain" -> solid(object).put("kind", "covered");
                case "bandColour" -> solid(object).put("kind", "bandPaint");
                case "cornerRadius" -> corners(object, "radius").put("kind", "cornersCut");
                case "shadowCast" -> {
                    object.put("kind", "otherEffect");
                    object.set("effect", shadow(object.remove("shadow")));
                }
                default -> {}
            }
        }
        tree.forEach(Upgrades::wholeStyles);
        return tree;
    }

    /**
     * Version 8: left and right pages may have different grounds, pictures may lie on papers, words may share styles and
     * have a finish. The tree is
     * changed, wherever in it these are.
     *
     * @return the same tree
     */
    public static JsonNode papersAndGrounds(JsonNode tree) {
        if (tree instanceof ObjectNode object
                && object.has("frames")
                && object.has("captions")
                && object.has("ground")) {
            JsonNode ground = object.remove("ground");
            object.putObject("grounds").set("usual", ground);
            object.putArray("mounts");
            object.putArray("texts");
        }
        if (tree instanceof ObjectNode object && object.has("leading") && object.has("stand")) {
            object.putObject("finish").put("hyphenated", false);
        }
        tree.forEach(Upgrades::papersAndGrounds);
        return tree;
    }

    /**
     * Version 9: words with photos may stand beside them, in a room of a width of its own, and their letters may stand apart. The tree is
     * changed, wherever in it these are.
     *
     * @return the same tree
     */
    public static JsonNode wordsBeside(JsonNode tree) {
        if (tree instanceof ObjectNode object && object.has("show") && object.has("lines")) {
            object.put("tracking", 0).put("beside", 40_000);
        }
        tree.forEach(Upgrades::wordsBeside);
        return tree;
    }

    /**
     * Version 10 (6 of entries): a piece may keep a table, whose rows are with its photos, and its photos may flow over pages. The tree is changed, wherever in it these are.
     *
     * @return the same tree
     */
    public static JsonNode tablesAndAlbums(JsonNode tree) {
        if (tree instanceof ObjectNode object && object.has("photo") && object.has("caption")) {
            object.putArray("cells");
            object.put("aside", false);
        }
        if (tree instanceof ObjectNode object && object.has("arrangement") && object.has("guides")) {
            object.put("flow", "BY_HAND");
            object.put("numbered", true);
        }
        tree.forEach(Upgrades::tablesAndAlbums);
        return tree;
    }

    private static ObjectNode solid(ObjectNode painted) {
        JsonNode colour = painted.remove("colour");
        painted.putObject("paint").put("kind", "solid").set("colour", colour);
        return painted;
    }

    private static ObjectNode corners(ObjectNode object, String radius) {
        JsonNode size = object.remove(radius);
        object.putObject("corners").put("cut", "ROUND").set("size", size);
        return object;
    }

    private static JsonNode shadow(JsonNode shadow) {
        return ((ObjectNode) shadow).put("kind", "shadow");
    }
}
