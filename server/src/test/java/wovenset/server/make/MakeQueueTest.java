package wovenset.server.make;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import wovenset.server.testing.Api;
import wovenset.server.testing.PrivateDatabase;
import wovenset.server.testing.RunningApplication;

/** What a process that ended left behind in the queue. */
class MakeQueueTest {
    private static String waiting(RunningApplication application, String piece, String request, int attempts)
            throws SQLException {
        String id = UUID.randomUUID().toString();
        try (var connection = DriverManager.getConnection(application.databaseUrl() + "?user=root");
                var sql = connection.prepareStatement(
                        "INSERT INTO make_job (id, piece_id, state, request, share_done, doing, cancel_asked, created_at, attempts)"
                                + " VALUES (?, ?, 'MAKING', ?, 0.5, 'Page 1', FALSE, NOW(6), ?)")) {
            sql.setString(1, id);
            sql.setString(2, piece);
            sql.setString(3, request);
            sql.setInt(4, attempts);
            sql.executeUpdate();
        }
        return id;
    }

    private static String requestOf(RunningApplication application, String job) throws SQLException {
        try (var connection = DriverManager.getConnection(application.databaseUrl() + "?user=root");
                var sql = connection.prepareStatement("SELECT request FROM make_job WHERE id = ?")) {
            sql.setString(1, job);
            try (var rows = sql.executeQuery()) {
                rows.next();
                return rows.getString(1);
            }
        }
    }

    @Test
    void jobsWithoutATaskAreTakenUpAndThoseThatEndTheApplicationAreSetAside() throws SQLException {
        try (RunningApplication application = RunningApplication.start(PrivateDatabase.Durability.FAST, "")) {
            Api api = new Api(application.address());
            String piece = api.startPiece("Queue", 100, 80).path("id").asString();
            String request = requestOf(
                    application,
                    api.make(piece, "PDF", List.of(0), 100).path("id").asString());
            String lost = waiting(application, piece, request, 0);
            String poison = waiting(application, piece, request, 2);
            String garbled = waiting(application, piece, "{\"type\":\"make\",\"version\":2,\"body\":{}}", 0);
            application.restart();
            Api again = new Api(application.address());
            assertThat(again.ended(lost).path("state").asString()).isEqualTo("DONE");
            JsonNode aside = again.ended(poison);
            assertThat(aside.path("state").asString()).isEqualTo("FAILED");
            assertThat(aside.path("message").asString()).contains("ended the application twice");
            JsonNode recent = again.get("/api/pieces/" + piece + "/makes").json();
            assertThat(recent).as("the one that cannot be read hides no other").hasSize(3);
            assertThat(recent.toString()).doesNotContain(garbled);
        }
    }
}
