package wovenset.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;
import wovenset.server.testing.ApplicationProcess;
import wovenset.server.testing.Await;
import wovenset.server.testing.PrivateDatabase;

/** Application and database are killed in the middle of work; after a restart all that was acknowledged is there. */
class CrashTest {
    @TempDir
    Path folder;

    private PrivateDatabase database;
    private ApplicationProcess application;

    @BeforeEach
    void start() throws IOException {
        database = PrivateDatabase.start(folder.resolve("db"), PrivateDatabase.Durability.FULL);
        startApplication();
    }

    @AfterEach
    void stop() {
        application.kill();
        database.close();
    }

    private void startApplication() throws IOException {
        application = ApplicationProcess.start(database, folder.resolve("data"), folder.resolve("application.log"));
    }

    private void killAllAndRestart() throws IOException {
        application.kill();
        database.kill();
        database.start();
        age(folder.resolve("data/incoming"));
        age(folder.resolve("data/photos"));
        Files.write(folder.resolve("data/incoming/of-another-process"), new byte[1]);
        startApplication();
    }

    /** What lies there was left long ago. */
    private static void age(Path root) throws IOException {
        FileTime yesterday = FileTime.from(Instant.now().minus(Duration.ofDays(1)));
        try (Stream<Path> files = Files.walk(root)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                Files.setLastModifiedTime(file, yesterday);
            }
        }
    }

    private Api api() {
        return application.api();
    }

    @Test
    void allThatWasAcknowledgedSurvivesAndNothingDangles() throws IOException, SQLException {
        String edited = start("Edited");
        String filled = start("Filled");
        List<byte[]> files = Stream.iterate(0, i -> i + 1)
                .limit(80)
                .map(i -> TestPhotos.jpeg(1200, 800, 500 + i))
                .toList();
        AtomicInteger renamed = new AtomicInteger();
        Set<String> arrived = ConcurrentHashMap.newKeySet();
        Api client = api();
        CompletableFuture<Void> editing = CompletableFuture.runAsync(() -> rename(client, edited, renamed));
        CompletableFuture<Void> importing = CompletableFuture.runAsync(() -> bring(client, filled, files, arrived));
        Await.until("work is under way", () -> {
            // Neither may end by itself; if one does, its reason is the test's.
            editing.getNow(null);
            importing.getNow(null);
            return renamed.get() >= 40 && arrived.size() >= 8;
        });
        killAllAndRestart();
        Await.until("both have noticed", () -> editing.isDone() && importing.isDone());
        assertThat(importing.isCompletedExceptionally())
                .as("killed before all photos were in")
                .isTrue();
        checkEdits(edited, renamed.get());
        checkPhotos(filled, arrived);
        // What had not arrived can be brought again.
        assertThat(api().bring(filled, Map.of("last.jpg", files.get(79)))
                        .get(0)
                        .path("status")
                        .asString())
                .isEqualTo("ADDED");
    }

    private String start(String name) {
        return api().startPiece(name, 300, 200).path("id").asString();
    }

    private static void rename(Api client, String id, AtomicInteger acknowledged) {
        for (int i = 1; ; i++) {
            Api.Answer answer = client.edit(id, i, "renamePiece", "name", "Name " + i);
            assertThat(answer.status())
                    .as(new String(answer.bytes(), StandardCharsets.UTF_8))
                    .isEqualTo(200);
            acknowledged.set(i);
        }
    }

    private static void bring(Api client, String id, List<byte[]> files, Set<String> acknowledged) {
        for (int i = 0; i < files.size(); i++) {
            for (JsonNode result : client.bring(id, Map.of(i + ".jpg", files.get(i)), "batch")) {
                assertThat(result.path("status").asString())
                        .as(result.toString())
                        .isEqualTo("ADDED");
                acknowledged.add(result.path("photo").asString());
            }
        }
    }

    private void checkEdits(String id, int acknowledged) {
        JsonNode now = api().piece(id);
        long revision = now.path("revision").asLong();
        // The edit that was on its way may have been stored without its answer getting through.
        assertThat(revision).isBetween(acknowledged + 1L, acknowledged + 2L);
        assertThat(now.path("head").path("name").asString()).isEqualTo("Name " + (revision - 1));
        assertThat(api().get("/api/pieces/" + id + "/history").json().path("entries"))
                .hasSize((int) revision - 1);
        JsonNode undone = api().post("/api/pieces/" + id + "/undo", Map.of("revision", revision))
                .json();
        assertThat(undone.path("head").path("name").asString()).isEqualTo("Name " + (revision - 2));
    }

    private void checkPhotos(String id, Set<String> acknowledged) throws IOException, SQLException {
        Set<String> photos = api().piece(id)
                .path("entries")
                .valueStream()
                .map(entry -> entry.path("photo").asString())
                .collect(Collectors.toSet());
        assertThat(photos).containsAll(acknowledged);
        Set<String> rows = rows();
        assertThat(rows).containsAll(photos);
        assertThat(names(folder.resolve("data/photos"))).isEqualTo(rows);
        assertThat(names(folder.resolve("data/incoming"))).containsExactly("of-another-process");
        for (String photo : photos) {
            assertThat(api().get("/api/photos/" + photo + "/small").status()).isEqualTo(200);
        }
    }

    private Set<String> rows() throws SQLException {
        try (var connection = DriverManager.getConnection(database.url() + "?user=root");
                var sql = connection.createStatement();
                var result = sql.executeQuery("SELECT sha256 FROM photo")) {
            Set<String> rows = new HashSet<>();
            while (result.next()) {
                rows.add(result.getString(1));
            }
            return rows;
        }
    }

    private static Set<String> names(Path root) throws IOException {
        try (Stream<Path> files = Files.walk(root)) {
            return files.filter(Files::isRegularFile)
                    .map(file -> file.getFileName().toString())
                    .collect(Collectors.toSet());
        }
    }
}
