package wovenset.server.setting;

import static wovenset.server.db.Tables.SETTING;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import wovenset.core.scene.SharpnessLimits;
import wovenset.server.stored.DocumentType;
import wovenset.server.stored.Documents;

/**
 * Settings of the installation, in the database. Each is read anew after a second, so that all processes go by what one of them
 * was told.
 */
@Service
public class SettingService {
    private static final Duration FRESH = Duration.ofSeconds(1);

    private final DSLContext sql;
    private final Documents documents;
    private final Clock clock;
    private final Map<DocumentType, Read> known = new ConcurrentHashMap<>();

    SettingService(DSLContext sql, Documents documents, Clock clock) {
        this.sql = sql;
        this.documents = documents;
        this.clock = clock;
    }

    private record Read(Object value, Instant at) {}

    public SharpnessLimits sharpness() {
        return get(DocumentType.SHARPNESS, SharpnessLimits.class, SharpnessLimits.USUAL);
    }

    void setSharpness(SharpnessLimits limits) {
        set(DocumentType.SHARPNESS, limits);
    }

    public Keeping keeping() {
        return get(DocumentType.KEEPING, Keeping.class, Keeping.USUAL);
    }

    void setKeeping(Keeping keeping) {
        set(DocumentType.KEEPING, keeping);
    }

    private static String name(DocumentType type) {
        return type.name().toLowerCase(Locale.ROOT);
    }

    private <T> T get(DocumentType type, Class<T> kind, T usual) {
        Instant now = clock.instant();
        Read read = known.get(type);
        if (read == null || read.at().plus(FRESH).isBefore(now)) {
            T value = sql.select(SETTING.CONTENT)
                    .from(SETTING)
                    .where(SETTING.NAME.eq(name(type)))
                    .fetchOptional()
                    .map(row -> documents.read(type, row.value1(), kind))
                    .orElse(usual);
            read = new Read(value, now);
            known.put(type, read);
        }
        return kind.cast(read.value());
    }

    private void set(DocumentType type, Object value) {
        String content = documents.write(type, value);
        sql.insertInto(SETTING)
                .set(SETTING.NAME, name(type))
                .set(SETTING.CONTENT, content)
                .onDuplicateKeyUpdate()
                .set(SETTING.CONTENT, content)
                .execute();
        known.put(type, new Read(value, clock.instant()));
    }
}
