package wovenset.server.photo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** What a crash left behind, once it is old: half-written arrivals, and files whose row was never written. */
final class LeftOvers {
    private static final Logger LOG = LoggerFactory.getLogger(LeftOvers.class);
    private static final Duration LONGEST_UPLOAD = Duration.ofHours(1);

    private final Clock clock;

    LeftOvers(Clock clock) {
        this.clock = clock;
    }

    /** @param rows names of the photos that are known */
    void remove(Set<String> rows, Path originals, Path derived, Path incoming) throws IOException {
        int removed = 0;
        for (Path file : filesIn(incoming)) {
            removed += removedIfOld(file);
        }
        for (Path file : filesIn(originals)) {
            if (!rows.contains(file.getFileName().toString())) {
                removed += removedIfOld(file);
            }
        }
        for (Path file : filesIn(derived)) {
            boolean orphan = !rows.contains(
                    Objects.requireNonNull(file.getParent()).getFileName().toString());
            if (orphan || file.getFileName().toString().endsWith(".part.jpg")) {
                removed += removedIfOld(file);
            }
        }
        if (removed > 0) {
            LOG.info("Removed {} unfinished files of an earlier run", removed);
        }
    }

    /** Another process may be bringing in what is younger than any upload takes. */
    private int removedIfOld(Path file) throws IOException {
        boolean old = Files.getLastModifiedTime(file)
                .toInstant()
                .isBefore(clock.instant().minus(LONGEST_UPLOAD));
        return old && Files.deleteIfExists(file) ? 1 : 0;
    }

    private static List<Path> filesIn(Path root) {
        try (Stream<Path> walk = Files.walk(root)) {
            return walk.filter(Files::isRegularFile).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
