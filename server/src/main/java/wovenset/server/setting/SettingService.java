package wovenset.server.setting;

import static wovenset.server.db.Tables.SETTING;

import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wovenset.core.scene.SharpnessLimits;
import wovenset.server.stored.DocumentType;
import wovenset.server.stored.Documents;

/** Settings of the installation, in the database. */
@Service
public class SettingService {
    private static final String SHARPNESS = "sharpness";

    private final DSLContext sql;
    private final Documents documents;
    private volatile @Nullable SharpnessLimits sharpness;

    SettingService(DSLContext sql, Documents documents) {
        this.sql = sql;
        this.documents = documents;
    }

    public SharpnessLimits sharpness() {
        SharpnessLimits known = sharpness;
        if (known == null) {
            known = sql.select(SETTING.CONTENT)
                    .from(SETTING)
                    .where(SETTING.NAME.eq(SHARPNESS))
                    .fetchOptional()
                    .map(row -> documents.read(DocumentType.SHARPNESS, row.value1(), SharpnessLimits.class))
                    .orElse(SharpnessLimits.USUAL);
            sharpness = known;
        }
        return known;
    }

    void setSharpness(SharpnessLimits limits) {
        String content = documents.write(DocumentType.SHARPNESS, limits);
        sql.insertInto(SETTING)
                .set(SETTING.NAME, SHARPNESS)
                .set(SETTING.CONTENT, content)
                .onDuplicateKeyUpdate()
                .set(SETTING.CONTENT, content)
                .execute();
        sharpness = limits;
    }
}
