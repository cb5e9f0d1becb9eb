package wovenset.server.setting;

import static wovenset.server.db.Tables.SETTING;

import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;
import wovenset.core.scene.SharpnessLimits;

/** Settings of the installation, in the database. */
@Service
public class SettingService {
    private static final String SHARPNESS = "sharpness";

    private final DSLContext sql;
    private final JsonMapper mapper;
    private volatile @org.jspecify.annotations.Nullable SharpnessLimits sharpness;

    SettingService(DSLContext sql, JsonMapper mapper) {
        this.sql = sql;
        this.mapper = mapper;
    }

    public SharpnessLimits sharpness() {
        SharpnessLimits known = sharpness;
        if (known == null) {
            known = sql.select(SETTING.CONTENT)
                    .from(SETTING)
                    .where(SETTING.NAME.eq(SHARPNESS))
                    .fetchOptional()
                    .map(row -> mapper.readValue(row.value1(), SharpnessLimits.class))
                    .orElse(SharpnessLimits.USUAL);
            sharpness = known;
        }
        return known;
    }

    void setSharpness(SharpnessLimits limits) {
        String content = mapper.writeValueAsString(limits);
        sql.insertInto(SETTING)
                .set(SETTING.NAME, SHARPNESS)
                .set(SETTING.CONTENT, content)
                .onDuplicateKeyUpdate()
                .set(SETTING.CONTENT, content)
                .execute();
        sharpness = limits;
    }
}
