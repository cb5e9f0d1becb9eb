package wovenset.server.testing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.BindException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.TimeUnit;

/** A MariaDB server of this test's own on a free loopback port. */
public final class PrivateDatabase implements AutoCloseable {
    private static final int MOST_PORTS_TRIED = 100;
    private final Path folder;
    private final Durability durability;
    private final int port;
    private Process process;

    /** Whether a commit must survive a killed machine, or only this test. */
    public enum Durability {
        FULL(1),
        FAST(0);

        private final int flush;

        Durability(int flush) {
            this.flush = flush;
        }
    }

    private PrivateDatabase(Path folder, Durability durability) throws IOException {
        this.folder = folder;
        this.durability = durability;
        this.port = freePort();
        this.process = run(
                List.of(
                        "mariadb-install-db",
                        "--no-defaults",
                        "--user=" + user(),
                        "--datadir=" + folder.resolve("files"),
                        "--auth-root-authentication-method=normal",
                        "--skip-test-db",
                        "--skip-name-resolve"),
                "install.log");
    }

    /** Sets a server up in an empty folder and starts it. */
    public static PrivateDatabase start(Path folder, Durability durability) {
        try {
            PrivateDatabase database = new PrivateDatabase(folder, durability);
            if (database.process.waitFor() != 0) {
                throw new IllegalStateException(Files.readString(folder.resolve("install.log")));
            }
            database.start();
            database.execute("CREATE DATABASE wovenset CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci");
            return database;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** Starts the server on the files that are there. */
    public void start() throws IOException {
        List<String> command = new ArrayList<>(List.of(
                Files.exists(Path.of("/usr/sbin/mariadbd")) ? "/usr/sbin/mariadbd" : "mariadbd",
                "--no-defaults",
                "--user=" + user(),
                "--datadir=" + folder.resolve("files"),
                "--socket=" + socket(),
                "--pid-file=" + folder.resolve("pid"),
                "--bind-address=127.0.0.1",
                "--port=" + port,
                "--skip-name-resolve",
                "--skip-log-bin",
                "--character-set-server=utf8mb4",
                "--collation-server=utf8mb4_unicode_ci",
                "--innodb-flush-log-at-trx-commit=" + durability.flush,
                "--innodb-buffer-pool-size=64M"));
        process = run(command, "mariadb.log");
        Await.until("the database answers", () -> {
            if (!process.isAlive()) {
                throw new IllegalStateException("The database did not come up; see " + folder.resolve("mariadb.log"));
            }
            return answers();
        });
    }

    private boolean answers() {
        try {
            execute("SELECT 1");
            return true;
        } catch (IllegalStateException e) {
            return false;
        }
    }

    /** A socket's path must be short, whatever the folder's. */
    private Path socket() {
        return Path.of(System.getProperty("java.io.tmpdir"), "wovenset-" + port + ".sock");
    }

    public String url() {
        return "jdbc:mariadb://127.0.0.1:" + port + "/wovenset";
    }

    private void execute(String statement) {
        try (var connection = DriverManager.getConnection("jdbc:mariadb://127.0.0.1:" + port + "/?user=root");
                var sql = connection.createStatement()) {
            sql.execute(statement);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Ends the server as a power cut would. */
    public void kill() {
        process.destroyForcibly().onExit().join();
    }

    @Override
    public void close() {
        process.destroy();
        try {
            if (!process.waitFor(10, TimeUnit.SECONDS)) {
                kill();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            kill();
        }
    }

    private Process run(List<String> command, String log) throws IOException {
        Files.createDirectories(folder);
        return new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve(log).toFile())
                .start();
    }

    private static String user() {
        return System.getProperty("user.name");
    }

    /** A port that nobody listens on, below those that outgoing connections take: these would take it meanwhile. */
    public static int freePort() throws IOException {
        for (int tries = 0; ; tries++) {
            try (ServerSocket socket =
                    new ServerSocket(ThreadLocalRandom.current().nextInt(15_000, 32_000))) {
                return socket.getLocalPort();
            } catch (BindException taken) {
                if (tries >= MOST_PORTS_TRIED) {
                    throw taken;
                }
            }
        }
    }
}
