package wovenset.bench;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.List;
import wovenset.bench.figure.Benchmark;
import wovenset.bench.figure.Figure;
import wovenset.bench.figure.Times;
import wovenset.server.testing.Api;
import wovenset.server.testing.PrivateDatabase;
import wovenset.server.testing.RunningApplication;

/**
 * An edit's round trip over HTTP of a page of 60 frames: a crop changed, stored durably, the page's content and scene in the
 * answer. The baseline is one row of the same page's size inserted and committed durably in the same database, in turn with the
 * edits.
 */
final class EditBench implements Benchmark {
    private static final int WARM = 1500;
    private static final int MEASURED = 1000;

    @Override
    public List<Figure> run(Path folder) throws Exception {
        try (RunningApplication application = RunningApplication.start(PrivateDatabase.Durability.FULL, "");
                Connection connection = DriverManager.getConnection(application.databaseUrl() + "?user=root")) {
            Api api = new Api(application.address());
            Edits edits = new Edits(api, FullPage.start(api, FullPage.SIXTY, 0));
            Commits commits = new Commits(connection, edits.page());
            Times ours = new Times();
            Times rows = new Times();
            for (int i = -WARM; i < MEASURED; i++) {
                double edit = edits.crop();
                double row = commits.row();
                if (i >= 0) {
                    ours.add(edit);
                    rows.add(row);
                }
            }
            return List.of(
                    Figure.atMost("edit round trip at 60 frames, median", ours.median(), "ms", rows.median(), 20),
                    Figure.atMost("edit round trip at 60 frames, p95", ours.p95(), "ms", rows.p95(), 20));
        }
    }

    /** Rows of a page's size, each committed by itself. */
    private static final class Commits {
        private final PreparedStatement insert;
        private final String content;
        private int id;

        Commits(Connection connection, String content) throws SQLException {
            connection
                    .createStatement()
                    .execute("CREATE TABLE baseline (id INT PRIMARY KEY, content LONGTEXT NOT NULL) ENGINE = InnoDB");
            insert = connection.prepareStatement("INSERT INTO baseline VALUES (?, ?)");
            this.content = content;
        }

        double row() throws SQLException {
            long start = System.nanoTime();
            insert.setInt(1, id++);
            insert.setString(2, content);
            insert.executeUpdate();
            return (System.nanoTime() - start) / 1e6;
        }
    }
}
