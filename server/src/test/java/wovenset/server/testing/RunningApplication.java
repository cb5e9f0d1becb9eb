package wovenset.server.testing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.function.BiConsumer;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import wovenset.server.WovensetApplication;

/** The application in this process, with a database and a folder of its own that are gone when it is closed. */
public final class RunningApplication implements AutoCloseable {
    private final Path folder;
    private final PrivateDatabase database;
    private final String demo;
    private ConfigurableApplicationContext context;

    private RunningApplication(Path folder, PrivateDatabase database, String demo) {
        this.folder = folder;
        this.database = database;
        this.demo = demo;
        this.context = run();
    }

    /** On data that was there before: {@code load} fills the database and the folder. */
    public static RunningApplication on(PrivateDatabase.Durability durability, BiConsumer<PrivateDatabase, Path> load) {
        try {
            Path folder = Files.createTempDirectory("wovenset-run");
            PrivateDatabase database = PrivateDatabase.start(folder.resolve("db"), durability);
            load.accept(database, folder.resolve("data"));
            return new RunningApplication(folder, database, "");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @param demo the demo folder to load; empty for none */
    public static RunningApplication start(PrivateDatabase.Durability durability, String demo) {
        try {
            Path folder = Files.createTempDirectory("wovenset-run");
            return new RunningApplication(folder, PrivateDatabase.start(folder.resolve("db"), durability), demo);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private ConfigurableApplicationContext run() {
        return SpringApplication.run(
                WovensetApplication.class,
                "--server.port=0",
                "--spring.datasource.url=" + database.url(),
                "--spring.datasource.username=root",
                "--spring.datasource.password=",
                "--wovenset.data=" + data(),
                "--wovenset.demo=" + demo,
                "--wovenset.rehearsal=false",
                "--spring.main.banner-mode=off");
    }

    /** Ends the application and starts it on the same data, with nothing kept in memory. */
    public void restart() {
        context.close();
        context = run();
    }

    public int port() {
        return Integer.parseInt(context.getEnvironment().getRequiredProperty("local.server.port"));
    }

    public String address() {
        return "http://127.0.0.1:" + port();
    }

    /** The folder of photos, derived sizes and made files. */
    public Path data() {
        return folder.resolve("data");
    }

    public String databaseUrl() {
        return database.url();
    }

    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    @Override
    public void close() {
        context.close();
        database.close();
        try (var files = Files.walk(folder)) {
            files.sorted(Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
