package wovenset.server.testing;

import java.nio.file.Path;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/**
 * Starts the real application on a free port with a private MariaDB, once for all tests of a run, and ends both with it.
 * The system property {@code wovenset.test.demo} names a demo folder to load.
 */
public final class TestServer implements BeforeAllCallback {
    private static final String KEY = "application";

    private static RunningApplication running;

    /** Closed by the test engine when its last test has run. */
    private record Kept(RunningApplication application)
            implements ExtensionContext.Store.CloseableResource, AutoCloseable {
        @Override
        public void close() {
            application.close();
        }
    }

    @Override
    public void beforeAll(ExtensionContext context) {
        context.getRoot().getStore(ExtensionContext.Namespace.GLOBAL).getOrComputeIfAbsent(KEY, key -> {
            running = RunningApplication.start(
                    PrivateDatabase.Durability.FAST, System.getProperty("wovenset.test.demo", ""));
            return new Kept(running);
        });
    }

    public static int port() {
        return running.port();
    }

    public static String address() {
        return running.address();
    }

    /** The folder of photos, derived sizes and made files. */
    public static Path data() {
        return running.data();
    }

    public static String databaseUrl() {
        return running.databaseUrl();
    }

    public static Api api() {
        return new Api(address());
    }
}
