package wovenset.bench;

import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;

/** A piece with one page of 6 × 10 frames, each with a photo and a caption. */
final class SixtyFrames {
    static final int ROWS = 6;
    static final int COLUMNS = 10;
    static final int WIDTH_MM = 1000;
    static final int HEIGHT_MM = 700;

    private SixtyFrames() {}

    /** Its identifier. */
    static String start(Api api) {
        String id = api.startPiece("Sixty frames", WIDTH_MM, HEIGHT_MM).path("piece").path("id").asString();
        for (int start = 0; start < ROWS * COLUMNS; start += 10) {
            Map<String, byte[]> files = new LinkedHashMap<>();
            for (int i = start; i < start + 10; i++) {
                files.put(i + ".jpg", TestPhotos.withExif(TestPhotos.jpeg(2400, 1600, i), 1, "2026:07:11 10:12:05", "Photo number " + i));
            }
            api.bring(id, files);
        }
        Map<String, Object> margins = Map.of("top", 20_000, "right", 20_000, "bottom", 20_000, "left", 20_000);
        Map<String, Object> grid = Map.of("rows", ROWS, "columns", COLUMNS, "columnGap", 6_000, "rowGap", 6_000, "margins", margins);
        JsonNode now = api.edit(id, api.piece(id).path("revision").asLong(), "setGrid", "grid", grid).json();
        if (now.path("revision").isMissingNode() || api.edit(id, now.path("revision").asLong(), "flowPhotos").status() != 200) {
            throw new IllegalStateException(now.toString());
        }
        return id;
    }
}
