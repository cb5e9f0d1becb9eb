package wovenset.server.photo;

import static wovenset.server.db.Tables.ENTRY;
import static wovenset.server.db.Tables.JOURNAL_ENTRY;
import static wovenset.server.db.Tables.PHOTO;
import static wovenset.server.db.Tables.PHOTO_NAME;

import java.math.BigDecimal;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.Subject;
import wovenset.core.picture.Orientation;
import wovenset.core.picture.PhotoHeader;
import wovenset.core.picture.file.PictureFormat;
import wovenset.server.stored.DocumentType;
import wovenset.server.stored.Documents;

/** What is known of each stored photo. */
@Repository
class PhotoRepository {
    private final DSLContext sql;
    private final Documents documents;

    PhotoRepository(DSLContext sql, Documents documents) {
        this.sql = sql;
        this.documents = documents;
    }

    Optional<StoredPhoto> find(PhotoId id) {
        return sql.selectFrom(PHOTO).where(PHOTO.SHA256.eq(id.sha256())).fetchOptional(this::photo);
    }

    List<StoredPhoto> findAll(Collection<PhotoId> ids) {
        return sql.selectFrom(PHOTO)
                .where(PHOTO.SHA256.in(ids.stream().map(PhotoId::sha256).toList()))
                .fetch(this::photo);
    }

    Set<String> names() {
        return sql.select(PHOTO.SHA256).from(PHOTO).fetchSet(PHOTO.SHA256);
    }

    /** Adds a photo; one that is there already stays as it is. */
    void insert(StoredPhoto photo, LocalDateTime now) {
        PhotoHeader header = photo.header();
        sql.insertInto(PHOTO)
                .set(PHOTO.SHA256, photo.id().sha256())
                .set(PHOTO.FORMAT, header.format().name())
                .set(PHOTO.STORED_WIDTH, header.storedWidth())
                .set(PHOTO.STORED_HEIGHT, header.storedHeight())
                .set(PHOTO.ORIENTATION, header.orientation().tag())
                .set(PHOTO.INKS, header.inks())
                .set(PHOTO.SIZE_BYTES, photo.bytes())
                .set(PHOTO.FILE_NAME, photo.fileName())
                .set(PHOTO.SUBJECT, written(photo.subject()))
                .set(PHOTO.TAKEN_AT, header.takenAt())
                .set(PHOTO.ZONE_MINUTES, header.zoneMinutes())
                .set(
                        PHOTO.LATITUDE,
                        header.place() == null ? null : header.place().latitude())
                .set(
                        PHOTO.LONGITUDE,
                        header.place() == null ? null : header.place().longitude())
                .set(PHOTO.CAPTION, header.caption())
                .set(PHOTO.ADDED_AT, now)
                .onDuplicateKeyIgnore()
                .execute();
    }

    /**
     * Notes that a photo was brought in again, so that it is not cleared away meanwhile.
     *
     * @return whether it is still there
     */
    boolean touch(PhotoId id, LocalDateTime now) {
        return sql.update(PHOTO)
                        .set(PHOTO.ADDED_AT, now)
                        .where(PHOTO.SHA256.eq(id.sha256()))
                        .execute()
                == 1;
    }

    /** Photos that came in before a time and have no name in any piece, with their bytes. */
    List<PhotoId> nameless(LocalDateTime before) {
        return sql.select(PHOTO.SHA256)
                .from(PHOTO)
                .where(PHOTO.ADDED_AT.lt(before))
                .andNotExists(sql.selectOne().from(PHOTO_NAME).where(PHOTO_NAME.SHA256.eq(PHOTO.SHA256)))
                .fetch(row -> new PhotoId(row.value1()));
    }

    /** Whether a piece shows a photo, or could again by undo. */
    boolean told(PhotoId id) {
        return sql.fetchExists(ENTRY, ENTRY.CONTENT.contains(id.sha256()))
                || sql.fetchExists(JOURNAL_ENTRY, JOURNAL_ENTRY.STEP.contains(id.sha256()));
    }

    /**
     * Deletes a photo's row, and holds on to it until the transaction ends: who brings the photo in meanwhile waits.
     *
     * @return whether it went; one that was brought in again since then, or has a name, stays
     */
    boolean delete(PhotoId id, LocalDateTime before) {
        return sql.deleteFrom(PHOTO)
                        .where(PHOTO.SHA256.eq(id.sha256()), PHOTO.ADDED_AT.lt(before))
                        .andNotExists(sql.selectOne().from(PHOTO_NAME).where(PHOTO_NAME.SHA256.eq(id.sha256())))
                        .execute()
                == 1;
    }

    /** How many photos there are, and how large their files are together. */
    PhotoStore.Stored stored() {
        return sql.select(DSL.count(), DSL.coalesce(DSL.sum(PHOTO.SIZE_BYTES), BigDecimal.ZERO))
                .from(PHOTO)
                .fetchOptional(
                        row -> new PhotoStore.Stored(row.value1(), row.value2().longValue()))
                .orElseThrow();
    }

    /** Writes what a photo is about, where its row was made before subjects were looked for. */
    void setSubject(PhotoId id, Subject subject) {
        sql.update(PHOTO)
                .set(PHOTO.SUBJECT, documents.write(DocumentType.SUBJECT, subject))
                .where(PHOTO.SHA256.eq(id.sha256()))
                .execute();
    }

    private @Nullable String written(@Nullable Subject subject) {
        return subject == null ? null : documents.write(DocumentType.SUBJECT, subject);
    }

    /** Notes under which name a piece brought a photo in; the first one stays. */
    void name(UUID piece, PhotoId photo, String fileName) {
        sql.insertInto(PHOTO_NAME)
                .set(PHOTO_NAME.PIECE_ID, piece.toString())
                .set(PHOTO_NAME.SHA256, photo.sha256())
                .set(PHOTO_NAME.FILE_NAME, fileName)
                .onDuplicateKeyIgnore()
                .execute();
    }

    /** The names under which a piece brought its photos in, where they were noted. */
    Map<PhotoId, String> names(UUID piece) {
        return sql.selectFrom(PHOTO_NAME)
                .where(PHOTO_NAME.PIECE_ID.eq(piece.toString()))
                .fetchMap(row -> new PhotoId(row.get(PHOTO_NAME.SHA256)), row -> row.get(PHOTO_NAME.FILE_NAME));
    }

    private static PhotoHeader.@Nullable Position place(@Nullable Double latitude, @Nullable Double longitude) {
        return latitude == null || longitude == null ? null : new PhotoHeader.Position(latitude, longitude);
    }

    private StoredPhoto photo(Record row) {
        String subject = row.get(PHOTO.SUBJECT);
        PhotoHeader header = new PhotoHeader(
                PictureFormat.valueOf(row.get(PHOTO.FORMAT)),
                row.get(PHOTO.STORED_WIDTH),
                row.get(PHOTO.STORED_HEIGHT),
                Orientation.ofTag(row.get(PHOTO.ORIENTATION)),
                row.get(PHOTO.INKS),
                row.get(PHOTO.TAKEN_AT),
                row.get(PHOTO.ZONE_MINUTES),
                place(row.get(PHOTO.LATITUDE), row.get(PHOTO.LONGITUDE)),
                row.get(PHOTO.CAPTION));
        return new StoredPhoto(
                new PhotoId(row.get(PHOTO.SHA256)),
                header,
                row.get(PHOTO.SIZE_BYTES),
                row.get(PHOTO.FILE_NAME),
                subject == null ? null : documents.read(DocumentType.SUBJECT, subject, Subject.class));
    }
}
