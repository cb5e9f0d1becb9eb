package wovenset.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import wovenset.server.testing.Api;
import wovenset.server.testing.PrivateDatabase;

/** A folder of data with ports of its own, and the command that works on it. */
final class Machine implements AutoCloseable {
    private final Path checkout;
    private final Path data;
    private final int port = PrivateDatabase.freePort();
    private final int databasePort = PrivateDatabase.freePort();

    private Machine(Path checkout, Path data) throws IOException {
        this.checkout = checkout;
        this.data = data;
    }

    /** A checkout in which all has been built already; machines of it share what was built. */
    static Path checkout(Path folder) throws IOException, InterruptedException {
        Path repository = Path.of("..").toRealPath();
        for (String source : List.of("core/src/main", "server/src/main", "web")) {
            Files.createDirectories(folder.resolve(source));
        }
        for (String source : List.of("pom.xml", "core/pom.xml", "server/pom.xml")) {
            Files.createFile(folder.resolve(source));
        }
        Files.copy(repository.resolve("wovenset"), folder.resolve("wovenset"));
        Process unpacking = new ProcessBuilder(
                        ProcessHandle.current().info().command().orElse("java"),
                        "-Djarmode=tools",
                        "-jar",
                        repository.resolve("server/target/wovenset-app.jar").toString(),
                        "extract",
                        "--destination",
                        folder.resolve("server/target/app").toString())
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("unpacked.log").toFile())
                .start();
        assertThat(unpacking.waitFor()).isZero();
        // Newer than its sources, so that the command does not build it again.
        Files.setLastModifiedTime(
                folder.resolve("server/target/app/wovenset-app.jar"),
                FileTime.from(Instant.now().plusSeconds(5)));
        return folder;
    }

    static Machine of(Path checkout, Path data) throws IOException {
        return new Machine(checkout, data);
    }

    /** @param output all that was printed */
    record Said(int code, String output) {}

    Said run(String... words) throws IOException, InterruptedException {
        return ended(begin(words));
    }

    /** Begins the command; {@link #ended} waits for it. */
    Process begin(String... words) throws IOException {
        ProcessBuilder builder =
                new ProcessBuilder("bash", checkout.resolve("wovenset").toString());
        builder.command().addAll(List.of(words));
        builder.environment().put("WOVENSET_DATA", data.toString());
        builder.environment().put("WOVENSET_PORT", Integer.toString(port));
        builder.environment().put("WOVENSET_DB_PORT", Integer.toString(databasePort));
        return builder.redirectErrorStream(true).start();
    }

    static Said ended(Process command) throws IOException, InterruptedException {
        String output = new String(command.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return new Said(command.waitFor(), output);
    }

    Api api() {
        return new Api("http://127.0.0.1:" + port);
    }

    /** All processes that work on this folder, except the commands themselves. */
    List<ProcessHandle> processes(String program) {
        return ProcessHandle.allProcesses()
                .filter(one -> line(one)
                        .map(line -> line.contains(program) && line.contains(data + "/"))
                        .orElse(false))
                .toList();
    }

    private static Optional<String> line(ProcessHandle process) {
        try {
            return Optional.of(Files.readString(Path.of("/proc", Long.toString(process.pid()), "cmdline"))
                    .replace('\0', ' '));
        } catch (IOException e) {
            return Optional.empty(); // It has ended meanwhile, or is another user's.
        }
    }

    @Override
    public void close() throws IOException {
        try {
            run("stop");
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
