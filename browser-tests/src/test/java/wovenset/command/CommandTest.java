package wovenset.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wovenset.server.testing.Api;

/** Starting, stopping, saving and restoring, as a person does it. */
final class CommandTest {
    private static final Path PHOTOS = Path.of(System.getProperty("wovenset.test.demo"), "photos");

    @TempDir
    static Path shared;

    private static Path checkout;

    @TempDir
    Path folder;

    @BeforeAll
    static void unpack() throws IOException, InterruptedException {
        checkout = Machine.checkout(shared);
    }

    @Test
    void twoStartsLeaveOneOfEachAndADeadDatabaseIsStartedAgain() throws IOException, InterruptedException {
        try (Machine machine = Machine.of(checkout, folder.resolve("data"))) {
            Process first = machine.begin("start");
            Process second = machine.begin("start");
            String said = Machine.ended(first).output() + Machine.ended(second).output();
            assertThat(said).contains("ready at http").contains("is running already");
            assertThat(machine.processes("-jar ")).hasSize(1);
            assertThat(machine.processes("mariadbd")).hasSize(1);
            String piece = machine.api().startPiece("Kept", 200, 150).path("id").asString();

            machine.processes("mariadbd").get(0).destroyForcibly();
            Instant asked = Instant.now();
            assertThat(machine.api().get("/api/pieces").status()).isEqualTo(503);
            assertThat(Duration.between(asked, Instant.now())).isLessThan(Duration.ofSeconds(10));
            assertThat(machine.run("start").output()).contains("its database had ended");
            assertThat(machine.api().get("/api/pieces/" + piece).status()).isEqualTo(200);

            assertThat(machine.run("stop").output()).contains("stopped");
            assertThat(machine.processes("-jar ")).isEmpty();
            assertThat(machine.processes("mariadbd")).isEmpty();
        }
    }

    @Test
    void aBackupTakenWhileWorkGoesOnIsTheSameOnAFreshMachine() throws IOException, InterruptedException {
        Path file = folder.resolve("saved.tar");
        String shelf;
        String document;
        String piece;
        byte[] photo = Files.readAllBytes(PHOTOS.resolve("kite-04.jpg"));
        String picture;
        byte[] made;
        try (Machine old = Machine.of(checkout, folder.resolve("old"))) {
            assertThat(old.run("start").code()).isZero();
            Api api = old.api();
            piece = api.startPiece("The summer", 200, 150).path("id").asString();
            String sha = api.bring(piece, Map.of("kite-04.jpg", photo))
                    .get(0)
                    .path("photo")
                    .asString();
            picture = "/api/photos/" + sha + "/small";
            made = api.get(picture).bytes();
            document = api.piece(piece).toString();
            shelf = api.get("/api/pieces").json().toString();
            assertThat(old.run("backup", file.toString()).output()).contains("saved all pieces and 1 photos");
            assertThat(old.run("backup", file.toString()).output()).contains("is there already");
            api.startPiece("Too late", 100, 100);
        }
        assertThat(Files.getPosixFilePermissions(file))
                .noneMatch(one -> !one.name().startsWith("OWNER"));
        try (Machine fresh = Machine.of(checkout, folder.resolve("fresh"))) {
            Path broken = Files.write(folder.resolve("broken.tar"), photo);
            assertThat(fresh.run("restore", broken.toString()).output()).contains("is not a backup");
            assertThat(fresh.run("restore", file.toString()).output()).contains("restored 1 photos");
            assertThat(fresh.run("restore", file.toString()).output()).contains("there are 1 pieces");
            assertThat(fresh.run("start").code()).isZero();
            assertThat(fresh.run("restore", file.toString()).output()).contains("stop the application first");
            Api api = fresh.api();
            assertThat(api.get("/api/pieces").json()).hasToString(shelf);
            assertThat(api.piece(piece)).hasToString(document);
            assertThat(api.get(picture).bytes()).isEqualTo(made);
            try (var originals = Files.walk(folder.resolve("fresh/photos"))) {
                assertThat(originals.filter(Files::isRegularFile))
                        .singleElement()
                        .satisfies(one -> assertThat(one).hasBinaryContent(photo));
            }
        }
    }
}
