package wovenset.server.caption;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wovenset.core.caption.CaptionPattern;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.item.FrameWords;
import wovenset.core.photo.PhotoId;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.said.UnfitValueException;
import wovenset.server.photo.PhotoStore;
import wovenset.server.photo.StoredPhoto;

/** Works out captions; taking them on is an edit. Cost: linear in the photos and the table's rows. */
@Service
class CaptionService {
    private static final String FILE = "file";
    private static final String NUMBER = "number";
    private static final String WORDS = "words";
    /** The columns of a table that say which photo a row is about, the surest first. */
    private static final List<String> KEYS = List.of(FILE, "photo", NUMBER);

    private final PhotoStore store;

    CaptionService(PhotoStore store) {
        this.store = store;
    }

    /** What a row of a table could not be used for. */
    record RefusedRow(long line, String about, Why why) {}

    enum Why {
        NO_SUCH_PHOTO,
        TWICE,
        NO_PHOTO_LEFT
    }

    /** @param caption cut off where it is longer than captions can be */
    record FilledCaption(UUID entryId, String caption) {}

    /**
     * @param columns of the table; none without one
     * @param refused rows that no photo takes
     */
    record FilledCaptions(List<FilledCaption> captions, List<String> columns, List<RefusedRow> refused) {}

    /** A photo of the piece and what is known of it. */
    record Known(int number, Entry entry, String fileName, Optional<LocalDateTime> takenAt) {
        String plainName() {
            int dot = fileName.lastIndexOf('.');
            return (dot > 0 ? fileName.substring(0, dot) : fileName).replaceAll("[_\\s]+", " ");
        }
    }

    List<Known> known(Piece piece) {
        Map<PhotoId, String> names = store.names(piece.id());
        Map<PhotoId, StoredPhoto> photos = new HashMap<>();
        store.findAll(piece.entries().list().stream().map(Entry::photo).toList())
                .forEach(photo -> photos.put(photo.id(), photo));
        List<Known> known = new ArrayList<>();
        for (Entry entry : piece.entries().list()) {
            StoredPhoto photo = photos.get(entry.photo());
            String stored = photo == null ? "" : photo.fileName();
            known.add(new Known(
                    known.size() + 1,
                    entry,
                    names.getOrDefault(entry.photo(), stored),
                    Optional.ofNullable(photo).map(one -> one.header().takenAt())));
        }
        return known;
    }

    /**
     * @param table text of a table; null for none
     * @throws EditRefusedException naming the field pattern or table
     */
    FilledCaptions fill(Piece piece, String pattern, @Nullable String table) {
        CaptionPattern parsed;
        try {
            parsed = CaptionPattern.parse(pattern, piece.styles().language().locale());
        } catch (UnfitValueException e) {
            throw new EditRefusedException("pattern", e.said());
        }
        List<Known> known = known(piece);
        CaptionTable rows = table == null ? new CaptionTable(List.of(), List.of()) : CaptionTable.read(table);
        checkFields(parsed, rows.columns());
        List<RefusedRow> refused = new ArrayList<>();
        Map<UUID, CaptionTable.Row> rowOf = matched(known, rows, refused);
        List<FilledCaption> filled = new ArrayList<>();
        for (Known photo : known) {
            CaptionTable.Row row = rowOf.get(photo.entry().id());
            // A table speaks of its own photos only.
            if (table == null || row != null) {
                String words = parsed.fill(name -> value(name, photo, row), photo.takenAt());
                filled.add(new FilledCaption(photo.entry().id(), FrameWords.shortened(words)));
            }
        }
        return new FilledCaptions(filled, rows.columns(), refused);
    }

    private static void checkFields(CaptionPattern pattern, List<String> columns) {
        Set<String> known = new TreeSet<>(Set.of(FILE, NUMBER, WORDS, CaptionPattern.DATE));
        known.addAll(columns);
        for (String field : pattern.fields()) {
            if (!known.contains(field)) {
                throw EditRefusedException.of("pattern", Reason.CAPTION_FIELD_UNKNOWN, field, String.join(", ", known));
            }
        }
    }

    private Optional<String> value(String name, Known photo, CaptionTable.@Nullable Row row) {
        if (row != null && row.values().containsKey(name)) {
            return Optional.of(row.values().get(name));
        }
        return switch (name) {
            case FILE -> Optional.of(photo.plainName());
            case NUMBER -> Optional.of(String.valueOf(photo.number()));
            case WORDS -> Optional.of(store.embeddedCaption(photo.entry().photo()));
            default -> Optional.empty();
        };
    }

    /** By the column that names the photo; without one, row by row in the photos' order. */
    private static Map<UUID, CaptionTable.Row> matched(
            List<Known> known, CaptionTable table, List<RefusedRow> refused) {
        Optional<String> key = KEYS.stream().filter(table.columns()::contains).findFirst();
        Map<String, Known> byKey = new LinkedHashMap<>();
        known.forEach(photo -> {
            byKey.putIfAbsent(photo.fileName().toLowerCase(Locale.ROOT), photo);
            byKey.putIfAbsent(photo.plainName().toLowerCase(Locale.ROOT), photo);
            byKey.putIfAbsent("#" + photo.number(), photo);
        });
        Map<UUID, CaptionTable.Row> rows = new HashMap<>();
        for (int i = 0; i < table.rows().size(); i++) {
            CaptionTable.Row row = table.rows().get(i);
            String about =
                    key.map(column -> row.values().getOrDefault(column, "")).orElse("");
            Known photo;
            if (key.isPresent()) {
                String wanted = key.get().equals(NUMBER) ? "#" + about : about.toLowerCase(Locale.ROOT);
                photo = byKey.get(wanted);
            } else {
                photo = i < known.size() ? known.get(i) : null;
            }
            if (photo == null) {
                refused.add(new RefusedRow(row.line(), about, key.isPresent() ? Why.NO_SUCH_PHOTO : Why.NO_PHOTO_LEFT));
            } else if (rows.putIfAbsent(photo.entry().id(), row) != null) {
                refused.add(new RefusedRow(row.line(), about, Why.TWICE));
            }
        }
        return rows;
    }
}
