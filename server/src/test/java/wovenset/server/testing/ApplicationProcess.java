package wovenset.server.testing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import wovenset.server.WovensetApplication;

/** The application in a process of its own, which can be killed. */
public final class ApplicationProcess implements AutoCloseable {
    private final Process process;
    private final int port;

    private ApplicationProcess(Process process, int port) {
        this.process = process;
        this.port = port;
    }

    /** Starts it on a free port and waits until it answers. */
    public static ApplicationProcess start(PrivateDatabase database, Path data, Path log) throws IOException {
        int port = PrivateDatabase.freePort();
        ProcessBuilder builder = new ProcessBuilder(
                ProcessHandle.current().info().command().orElse("java"),
                "-Xmx512m",
                "-Djava.awt.headless=true",
                "-cp",
                System.getProperty("java.class.path"),
                WovensetApplication.class.getName(),
                "--server.port=" + port,
                "--spring.datasource.url=" + database.url(),
                "--spring.datasource.username=root",
                "--spring.datasource.password=",
                "--wovenset.data=" + data,
                "--spring.main.banner-mode=off");
        ApplicationProcess application = new ApplicationProcess(
                builder.redirectErrorStream(true)
                        .redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()))
                        .start(),
                port);
        Await.until("the application answers", () -> {
            if (!application.process.isAlive()) {
                throw new IllegalStateException("The application did not start; see " + log);
            }
            try {
                return application.api().get("/api/pieces").status() == 200;
            } catch (UncheckedIOException e) {
                return false;
            }
        });
        return application;
    }

    public Api api() {
        return new Api(address());
    }

    public String address() {
        return "http://127.0.0.1:" + port;
    }

    /** What it and its children hold of the memory now, in bytes (proc(5), VmRSS). */
    public long memory() {
        return Stream.concat(Stream.of(process.toHandle()), process.descendants())
                .mapToLong(ApplicationProcess::resident)
                .sum();
    }

    private static long resident(ProcessHandle handle) {
        try (Stream<String> lines = Files.lines(Path.of("/proc", Long.toString(handle.pid()), "status"))) {
            return lines.filter(line -> line.startsWith("VmRSS:"))
                    .mapToLong(line -> 1024 * Long.parseLong(line.replaceAll("\\D", "")))
                    .sum();
        } catch (IOException | UncheckedIOException e) {
            return 0; // It has ended meanwhile.
        }
    }

    /** Ends it as a power cut would. */
    public void kill() {
        process.destroyForcibly().onExit().join();
    }

    @Override
    public void close() {
        kill();
    }
}
