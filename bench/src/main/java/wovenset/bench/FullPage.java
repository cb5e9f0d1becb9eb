package wovenset.bench;

import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;

/** A piece of one page, each of its frames with a photo and a caption. */
final class FullPage {
    static final Grid SIXTY = new Grid(6, 10);
    static final Grid TWELVE = new Grid(3, 4);
    static final int WIDTH_MM = 1000;
    static final int HEIGHT_MM = 700;

    private FullPage() {}

    /** Rows and columns of frames. */
    record Grid(int rows, int columns) {
        int frames() {
            return rows * columns;
        }
    }

    /**
     * Starts it and gives its identifier.
     *
     * @param seed the same seed gives the same photos, another one others
     */
    static String start(Api api, Grid shape, int seed) {
        String id = api.startPiece(shape.frames() + " frames", WIDTH_MM, HEIGHT_MM)
                .path("id")
                .asString();
        for (int start = 0; start < shape.frames(); start += 6) {
            Map<String, byte[]> files = new LinkedHashMap<>();
            for (int i = start; i < start + 6; i++) {
                files.put(
                        i + ".jpg",
                        TestPhotos.withExif(
                                TestPhotos.jpeg(1800, 1200, 1000 * seed + i),
                                1,
                                "2026:07:11 10:12:05",
                                "Photo number " + i));
            }
            api.bring(id, files);
        }
        Map<String, Object> margins = Map.of("top", 20_000, "right", 20_000, "bottom", 20_000, "left", 20_000);
        Map<String, Object> grid = Map.of(
                "rows", shape.rows, "columns", shape.columns, "columnGap", 6_000, "rowGap", 6_000, "margins", margins);
        JsonNode now = api.edit(
                        id,
                        api.piece(id).path("revision").asLong(),
                        "setGrid",
                        "pageId",
                        api.piece(id).path("pages").get(0).path("id"),
                        "grid",
                        grid,
                        "reflow",
                        "ASK")
                .json();
        if (now.path("revision").isMissingNode()
                || api.edit(id, now.path("revision").asLong(), "flowEntries").status() != 200) {
            throw new IllegalStateException(now.toString());
        }
        return id;
    }
}
