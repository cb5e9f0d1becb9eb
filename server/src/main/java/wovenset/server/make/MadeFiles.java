package wovenset.server.make;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import wovenset.server.WovensetProperties;

/** The folder of files that were made, each under its job's name until the person removes it. */
@Component
public class MadeFiles {
    /** No file is made for longer than this without a strip or page being written. */
    private static final Duration ABANDONED = Duration.ofHours(1);

    private final MakeRepository repository;
    private final Clock clock;
    private final Path folder;

    MadeFiles(MakeRepository repository, Clock clock, WovensetProperties properties) throws IOException {
        this.repository = repository;
        this.clock = clock;
        this.folder = Files.createDirectories(properties.data().resolve("made"));
        removeLeftOvers();
    }

    /** What is there. */
    public record Made(int files, long bytes) {}

    Path folder() {
        return folder;
    }

    Path file(UUID id) {
        return folder.resolve(id.toString());
    }

    MakeView sized(MakeView job) {
        Path file = file(job.id());
        return Files.exists(file) ? job.withBytes(file.toFile().length()) : job;
    }

    void remove(UUID id) {
        try {
            Files.deleteIfExists(file(id));
            repository.delete(id);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Removes all that were made, of all pieces. */
    public void removeAll() {
        repository.ended().forEach(this::remove);
    }

    public Made made() {
        List<Path> files = finished();
        return new Made(
                files.size(),
                files.stream().mapToLong(file -> file.toFile().length()).sum());
    }

    /** Removes files whose piece is gone for good. */
    public void removeOrphans() {
        Set<String> ids = repository.ids();
        try {
            for (Path file : finished()) {
                if (!ids.contains(file.getFileName().toString()) && old(file)) {
                    Files.deleteIfExists(file);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private List<Path> finished() {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> !file.getFileName().toString().contains("."))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What a killed process had begun. Another process may be at work in the folder, so only what is old goes. */
    private void removeLeftOvers() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(file -> file.getFileName().toString().contains("."))
                    .toList()) {
                if (old(file)) {
                    Files.deleteIfExists(file);
                }
            }
        }
    }

    private boolean old(Path file) throws IOException {
        return Files.getLastModifiedTime(file)
                .toInstant()
                .isBefore(clock.instant().minus(ABANDONED));
    }
}
