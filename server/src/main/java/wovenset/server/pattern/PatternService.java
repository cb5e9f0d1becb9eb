package wovenset.server.pattern;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Service;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.pattern.Pattern;
import wovenset.core.said.Reason;
import wovenset.server.web.NotFoundException;

/** The patterns at hand: those that ship first, then those that were kept, oldest first. */
@Service
class PatternService {
    private static final int MOST = 500;

    private final PatternRepository repository;
    private final PatternFile file;
    private final Clock clock;
    private @Nullable List<Known> shipped;

    PatternService(PatternRepository repository, PatternFile file, Clock clock) {
        this.repository = repository;
        this.file = file;
        this.clock = clock;
    }

    private synchronized List<Known> shipped() {
        if (shipped == null) {
            try {
                shipped = read();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return shipped;
    }

    private List<Known> read() throws IOException {
        Resource[] files = new PathMatchingResourcePatternResolver().getResources("classpath:patterns/*.json");
        Arrays.sort(files, Comparator.comparing(one -> String.valueOf(one.getFilename())));
        List<Known> all = new ArrayList<>();
        for (Resource one : files) {
            String name = String.valueOf(one.getFilename());
            all.add(new Known(
                    UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8)),
                    true,
                    file.read(one.getContentAsString(StandardCharsets.UTF_8))));
        }
        return all;
    }

    record Known(UUID id, boolean shipped, Pattern pattern) {}

    List<Known> all() {
        List<Known> all = new ArrayList<>(shipped());
        repository.all().forEach(row -> all.add(new Known(row.id(), false, file.read(row.content()))));
        return all;
    }

    Known get(UUID id) {
        return all().stream()
                .filter(known -> known.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("This pattern is no longer there."));
    }

    Known keep(Pattern pattern) {
        if (repository.count() >= MOST) {
            throw EditRefusedException.of("name", Reason.PATTERN_COUNT, MOST);
        }
        UUID id = UUID.randomUUID();
        repository.insert(
                id, pattern.name(), file.write(pattern), LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC));
        return new Known(id, false, pattern);
    }

    /** Deletes a kept pattern; one that ships stays. */
    void delete(UUID id) {
        if (!repository.delete(id)) {
            throw new NotFoundException("This pattern is no longer there, or it ships with Wovenset and stays.");
        }
    }
}
