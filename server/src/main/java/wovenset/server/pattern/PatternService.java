package wovenset.server.pattern;

import static wovenset.server.db.Tables.PATTERN;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Service;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.piece.Pattern;
import wovenset.server.web.NotFoundException;

/** The patterns at hand: those that ship first, then those that were kept, oldest first. */
@Service
class PatternService {
    private static final int MOST = 500;

    private final DSLContext sql;
    private final PatternFile file;
    private final Clock clock;
    private final List<Known> shipped = new ArrayList<>();

    PatternService(DSLContext sql, PatternFile file, Clock clock) throws IOException {
        this.sql = sql;
        this.file = file;
        this.clock = clock;
        Resource[] files = new PathMatchingResourcePatternResolver().getResources("classpath:patterns/*.json");
        Arrays.sort(files, Comparator.comparing(one -> String.valueOf(one.getFilename())));
        for (Resource one : files) {
            String name = String.valueOf(one.getFilename());
            shipped.add(new Known(UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8)), true,
                    file.read(one.getContentAsString(StandardCharsets.UTF_8))));
        }
    }

    record Known(UUID id, boolean shipped, Pattern pattern) {}

    List<Known> all() {
        List<Known> all = new ArrayList<>(shipped);
        sql.selectFrom(PATTERN).orderBy(PATTERN.CREATED_AT, PATTERN.ID)
                .forEach(row -> all.add(new Known(UUID.fromString(row.getId()), false, file.read(row.getContent()))));
        return all;
    }

    Known get(UUID id) {
        return all().stream().filter(known -> known.id().equals(id)).findFirst()
                .orElseThrow(() -> new NotFoundException("This pattern is no longer there."));
    }

    Known keep(Pattern pattern) {
        if (sql.fetchCount(PATTERN) >= MOST) {
            throw new EditRefusedException("name", "At most " + MOST + " patterns are kept; delete some first.");
        }
        UUID id = UUID.randomUUID();
        sql.insertInto(PATTERN).set(PATTERN.ID, id.toString()).set(PATTERN.NAME, pattern.name()).set(PATTERN.CONTENT, file.write(pattern))
                .set(PATTERN.CREATED_AT, LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC)).execute();
        return new Known(id, false, pattern);
    }

    /** Deletes a kept pattern; one that ships stays. */
    void delete(UUID id) {
        if (sql.deleteFrom(PATTERN).where(PATTERN.ID.eq(id.toString())).execute() == 0) {
            throw new NotFoundException("This pattern is no longer there, or it ships with Wovenset and stays.");
        }
    }
}
