package wovenset.bench;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import wovenset.server.testing.Api;
import wovenset.server.testing.PrivateDatabase;
import wovenset.server.testing.RunningApplication;

/**
 * An edit's round trip over HTTP: a crop changed on a page of 60 frames, stored durably, the page's scene read back. The
 * baseline is one row of the same page's size inserted and committed durably in the same database.
 */
final class EditBench implements Bench.Benchmark {
    private static final int WARM = 200;
    private static final int MEASURED = 500;

    @Override
    public List<Figure> run(Path folder) throws Exception {
        try (RunningApplication application = RunningApplication.start(PrivateDatabase.Durability.FULL, "")) {
            Api api = new Api(application.address());
            String id = FullPage.start(api, FullPage.SIXTY, 0);
            JsonNode piece = api.piece(id);
            JsonNode page = piece.path("piece").path("pages").get(0);
            double[] edits = new double[MEASURED];
            long revision = piece.path("revision").asLong();
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
                        "FILL");
                long start = System.nanoTime();
                JsonNode answer = api.edit(
                                id,
                                revision,
                                "setCrop",
                                "pageId",
                                page.path("id").asString(),
                                "frameId",
                                page.path("frames")
                                        .get((i & 1023) % 60)
                                        .path("id")
                                        .asString(),
                                "crop",
                                crop)
                        .json();
                double ms = (System.nanoTime() - start) / 1e6;
                if (answer.path("scenes").path(0).path("frames").size() != 60) {
                    throw new IllegalStateException("The scene is not whole");
                }
                revision = answer.path("revision").asLong();
                if (i >= 0) {
                    edits[i] = ms;
                }
            }
            double baseline = commits(application.databaseUrl(), page.toString());
            return List.of(Figure.atMost("edit round trip at 60 frames, p95", p95(edits), "ms", baseline, 40));
        }
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
