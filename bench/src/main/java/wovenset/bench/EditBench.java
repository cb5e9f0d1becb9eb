package wovenset.bench;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;
import wovenset.server.testing.PrivateDatabase;
import wovenset.server.testing.RunningApplication;

/**
 * An edit's round trip over HTTP: a crop changed, stored durably, the page's content and scene in the answer. Of a page of 60
 * frames, and of a page of four frames in a piece of one page and of {@value #PAGES} pages with 800 photos: the size of a piece
 * must not be felt. The baseline is one row of the same page's size inserted and committed durably in the same database; of
 * the long piece, it is the short one. And the shelf of {@value #ALBUMS} such pieces, whose baseline is the shelf of one.
 */
final class EditBench implements Bench.Benchmark {
    private static final int WARM = 200;
    private static final int MEASURED = 500;
    private static final int PAGES = 200;
    private static final int ALBUMS = 100;

    @Override
    public List<Figure> run(Path folder) throws Exception {
        try (RunningApplication application = RunningApplication.start(PrivateDatabase.Durability.FULL, "")) {
            Api api = new Api(application.address());
            String full = FullPage.start(api, FullPage.SIXTY, 0);
            Measured sixty = edits(api, full);
            double baseline = commits(
                    application.databaseUrl(), api.page(full, 0).path("page").toString());
            String few = album(api, 1);
            double alone = shelf(api);
            Measured small = edits(api, few);
            String many = album(api, PAGES);
            Measured large = edits(api, many);
            for (int i = 1; i < ALBUMS; i++) {
                api.post("/api/pieces/" + many + "/copy", "");
            }
            return List.of(
                    Figure.atMost("edit round trip at 60 frames, p95", sixty.p95, "ms", baseline, 40),
                    Figure.atMost(
                            "edit round trip in a piece of " + PAGES + " pages and 800 photos, p95",
                            large.p95,
                            "ms",
                            small.p95,
                            Math.max(1.2 * small.p95, small.p95 + 1)),
                    Figure.atMost("bytes of its answer", large.bytes, "bytes", small.bytes, 1.1 * small.bytes),
                    Figure.atMost("shelf of " + ALBUMS + " such pieces, median", shelf(api), "ms", alone, 150));
        }
    }

    private static String album(Api api, int pages) {
        String id = api.startPiece(pages + " pages", 300, 200).path("id").asString();
        for (int start = 0; start < pages * 4; start += 20) {
            Map<String, byte[]> files = new LinkedHashMap<>();
            for (int i = start; i < Math.min(pages * 4, start + 20); i++) {
                files.put(i + ".jpg", TestPhotos.jpeg(240, 160, 50_000 + pages * 1000 + i));
            }
            api.bring(id, files);
        }
        api.edit(id, api.piece(id).path("revision").asLong(), "flowEntries");
        if (api.piece(id).path("pages").size() != pages) {
            throw new IllegalStateException("The piece has other pages");
        }
        return id;
    }

    private record Measured(double p95, double bytes) {}

    private static Measured edits(Api api, String id) {
        JsonNode piece = api.piece(id);
        JsonNode page = api.page(id, piece.path("pages").size() / 2).path("page");
        JsonNode items = page.path("items");
        double[] edits = new double[MEASURED];
        long revision = piece.path("revision").asLong();
        int bytes = 0;
        for (int i = -WARM; i < MEASURED; i++) {
            Map<String, Object> crop = Map.of(
                    "focusX",
                    0.5,
                    "focusY",
                    0.5,
                    "zoom",
                    1.01 + (i + WARM) / 1000.0,
                    "turnDegrees",
                    0,
                    "flipped",
                    false,
                    "fit",
                    "FILL",
                    "aim",
                    "HAND");
            Map<String, Object> edit = Map.of(
                    "kind",
                    "patchItems",
                    "pageId",
                    page.path("id"),
                    "itemIds",
                    List.of(items.get((i & 1023) % items.size()).path("id")),
                    "change",
                    Map.of("kind", "setCrop", "crop", crop));
            Map<String, Object> body = Map.of("revision", revision, "edit", edit, "seen", page.path("id"));
            long start = System.nanoTime();
            Api.Answer answer = api.post("/api/pieces/" + id + "/edits", body);
            JsonNode json = answer.json();
            double ms = (System.nanoTime() - start) / 1e6;
            if (json.path("content").path("scene").path("frames").size() != items.size()) {
                throw new IllegalStateException("The scene is not whole");
            }
            revision = json.path("revision").asLong();
            if (i >= 0) {
                edits[i] = ms;
                bytes = answer.bytes().length;
            }
        }
        return new Measured(p95(edits), bytes);
    }

    private static double shelf(Api api) {
        double[] times = new double[21];
        for (int i = 0; i < times.length; i++) {
            long start = System.nanoTime();
            if (api.get("/api/pieces").status() != 200) {
                throw new IllegalStateException("There is no shelf");
            }
            times[i] = (System.nanoTime() - start) / 1e6;
        }
        Arrays.sort(times);
        return times[times.length / 2];
    }

    private static double commits(String url, String content) throws SQLException {
        double[] times = new double[MEASURED];
        try (Connection connection = DriverManager.getConnection(url + "?user=root")) {
            connection
                    .createStatement()
                    .execute("CREATE TABLE baseline (id INT PRIMARY KEY, content LONGTEXT NOT NULL) ENGINE = InnoDB");
            PreparedStatement insert = connection.prepareStatement("INSERT INTO baseline VALUES (?, ?)");
            for (int i = 0; i < MEASURED; i++) {
                long start = System.nanoTime();
                insert.setInt(1, i);
                insert.setString(2, content);
                insert.executeUpdate();
                times[i] = (System.nanoTime() - start) / 1e6;
            }
        }
        return p95(times);
    }

    private static double p95(double[] times) {
        double[] sorted = times.clone();
        Arrays.sort(sorted);
        return sorted[(int) Math.ceil(sorted.length * 0.95) - 1];
    }
}
