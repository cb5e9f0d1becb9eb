package wovenset.server.photo;

import static wovenset.server.db.Tables.TRAIT;

import java.util.Collection;
import java.util.Map;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.Trait;

/** What tells photos apart, as far as somebody has looked. */
@Repository
class TraitRepository {
    private final DSLContext sql;

    TraitRepository(DSLContext sql) {
        this.sql = sql;
    }

    Map<PhotoId, Trait> find(Collection<PhotoId> photos) {
        return sql.selectFrom(TRAIT)
                .where(TRAIT.SHA256.in(photos.stream().map(PhotoId::sha256).toList()))
                .fetchMap(row -> new PhotoId(row.getSha256()), row -> new Trait(row.getLikeness(), row.getCrispness()));
    }

    /** Keeps a trait; nothing if the photo is gone meanwhile or somebody else has kept it. */
    void keep(PhotoId photo, Trait trait) {
        sql.insertInto(TRAIT)
                .set(TRAIT.SHA256, photo.sha256())
                .set(TRAIT.LIKENESS, trait.likeness())
                .set(TRAIT.CRISPNESS, trait.crispness())
                .onDuplicateKeyIgnore()
                .execute();
    }
}
