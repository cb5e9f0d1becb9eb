package wovenset.server.testing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import wovenset.server.WovensetApplication;

/**
 * Starts the real application on a free port with a private MariaDB, once for all tests of a run, and ends both with it.
 * The system property {@code wovenset.test.demo} names a demo folder to load.
 */
public final class TestServer implements BeforeAllCallback {
    private static final String KEY = "application";

    private static Running running;

    /** The application, its folder and its database. */
    private record Running(ConfigurableApplicationContext context, PrivateDatabase database, Path folder)
            implements ExtensionContext.Store.CloseableResource, AutoCloseable {
        @Override
        public void close() throws IOException {
            context.close();
            database.close();
            try (var files = Files.walk(folder)) {
                files.sorted(Comparator.reverseOrder()).forEach(file -> file.toFile().delete());
            }
        }
    }

    @Override
    public void beforeAll(ExtensionContext context) {
        context.getRoot().getStore(ExtensionContext.Namespace.GLOBAL).getOrComputeIfAbsent(KEY, key -> running = start());
    }

    private static Running start() {
        try {
            Path folder = Files.createTempDirectory("wovenset-test");
            PrivateDatabase database = PrivateDatabase.start(folder.resolve("db"), PrivateDatabase.Durability.FAST);
            String demo = System.getProperty("wovenset.test.demo", "");
            ConfigurableApplicationContext context = SpringApplication.run(WovensetApplication.class, "--server.port=0",
                    "--spring.datasource.url=" + database.url(), "--spring.datasource.username=root", "--spring.datasource.password=",
                    "--wovenset.data=" + folder.resolve("data"), "--wovenset.demo=" + demo, "--spring.main.banner-mode=off");
            return new Running(context, database, folder);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static int port() {
        return Integer.parseInt(running.context.getEnvironment().getRequiredProperty("local.server.port"));
    }

    public static String address() {
        return "http://127.0.0.1:" + port();
    }

    /** The folder of photos, derived sizes and made files. */
    public static Path data() {
        return running.folder.resolve("data");
    }

    public static Api api() {
        return new Api(address());
    }
}
