package wovenset.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;
import wovenset.server.testing.ApplicationProcess;
import wovenset.server.testing.Await;
import wovenset.server.testing.PrivateDatabase;

/** Two processes on one database and one folder know of each other's doings, and survive each other. */
class TwoServersTest {
    @TempDir
    static Path folder;

    private static PrivateDatabase database;
    private static ApplicationProcess one;
    private static ApplicationProcess other;

    @BeforeAll
    static void start() throws IOException {
        database = PrivateDatabase.start(folder.resolve("db"), PrivateDatabase.Durability.FAST);
        one = application("one.log");
        other = application("other.log");
    }

    private static ApplicationProcess application(String log) throws IOException {
        return ApplicationProcess.start(database, folder.resolve("data"), folder.resolve(log));
    }

    @AfterAll
    static void stop() {
        one.close();
        other.close();
        database.close();
    }

    private static String pieceWithPhotos(int count) {
        String piece = one.api().startPiece("Shared", 900, 600).path("id").asString();
        for (int i = 0; i < count; i++) {
            one.api().bring(piece, Map.of(i + ".jpg", TestPhotos.jpeg(600, 400, 900 + i)));
        }
        return piece;
    }

    @Test
    void aWindowHearsOfChangesThatAnotherProcessMadeAndEditsGoOnFromThem() {
        String piece = pieceWithPhotos(0);
        ConcurrentLinkedQueue<String> heard = new ConcurrentLinkedQueue<>();
        CompletableFuture.runAsync(() -> listen(other.address() + "/api/events", heard));
        Await.until("the stream is open", () -> heard.stream().anyMatch(line -> line.contains("open")));
        one.api()
                .post(
                        "/api/pieces/" + piece + "/edits",
                        Map.of(
                                "revision",
                                1,
                                "window",
                                "a window",
                                "edit",
                                Map.of("kind", "renamePiece", "name", "From one")));
        Await.until("the other's window hears of it", () -> heard.stream()
                .anyMatch(line -> line.contains(piece) && line.contains("a window")));
        assertThat(other.api()
                        .edit(piece, 2, "renamePiece", "name", "From the other")
                        .status())
                .isEqualTo(200);
        assertThat(one.api().piece(piece).path("head").path("name").asString()).isEqualTo("From the other");
    }

    private static void listen(String address, ConcurrentLinkedQueue<String> heard) {
        try (BufferedReader reader = new BufferedReader(
                new InputStreamReader(URI.create(address).toURL().openStream(), StandardCharsets.UTF_8))) {
            reader.lines().forEach(heard::add);
        } catch (IOException | UncheckedIOException e) {
            heard.add("ended");
        }
    }

    @Test
    void aSettingHoldsInBothAndPicturesOfOnesPageComeFromTheOther() {
        String piece = pieceWithPhotos(2);
        other.api().edit(piece, revision(piece), "flowEntries");
        one.api().put("/api/settings/sharpness", Map.of("warnPpi", 240, "alarmPpi", 120));
        Await.until(
                "the other goes by the setting",
                () -> other.api()
                                .get("/api/settings/sharpness")
                                .json()
                                .path("warnPpi")
                                .asInt()
                        == 240);
        JsonNode page = one.api().page(piece, 0);
        List<String> names = new ArrayList<>();
        page.path("scene")
                .path("units")
                .forEach(unit -> names.add(unit.path("name").asString()));
        assertThat(names).hasSize(2);
        Api.Answer sprites =
                other.api().sprites(piece, page.path("page").path("id").asString(), 1, names);
        assertThat(Api.pictures(sprites)).hasSize(2).allSatisfy(one -> assertThat(one.pixels())
                .isNotEmpty());
    }

    private static long revision(String piece) {
        return other.api().piece(piece).path("revision").asLong();
    }

    @Test
    void aFileThatOneMakesIsStoppedByTheOther() {
        String piece = pieceWithPhotos(4);
        one.api().edit(piece, revision(piece), "flowEntries");
        String make = one.api().startMake(piece, "PNG", List.of(0), 500, "TRIM");
        assertThat(other.api().post("/api/makes/" + make + "/cancel", "").status())
                .isEqualTo(200);
        assertThat(one.api().ended(make).path("state").asString()).isEqualTo("CANCELLED");
    }

    @Test
    void oneIsKilledWhileBothBringInAndItsSuccessorRemovesNothingOfTheOther() throws IOException {
        String piece = pieceWithPhotos(0);
        AtomicBoolean enough = new AtomicBoolean();
        ConcurrentLinkedQueue<String> arrived = new ConcurrentLinkedQueue<>();
        CompletableFuture<Void> bringing = CompletableFuture.runAsync(() -> {
            for (int i = 0; !enough.get(); i++) {
                other.api()
                        .bring(piece, Map.of(i + ".jpg", TestPhotos.jpeg(300, 200, 2000 + i)))
                        .forEach(result -> arrived.add(result.path("photo").asString()));
            }
        });
        Await.until("photos come in", () -> arrived.size() >= 5);
        one.kill();
        one = application("one.log");
        int then = arrived.size();
        Await.until("more come in", () -> arrived.size() >= then + 5);
        enough.set(true);
        bringing.join();
        List<String> photos = one.api()
                .piece(piece)
                .path("entries")
                .valueStream()
                .map(entry -> entry.path("photo").asString())
                .toList();
        assertThat(photos).containsExactlyElementsOf(arrived);
        assertThat(photos).allSatisfy(photo -> assertThat(
                        one.api().get("/api/photos/" + photo + "/small").status())
                .isEqualTo(200));
    }
}
