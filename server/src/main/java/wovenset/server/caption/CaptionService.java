package wovenset.server.caption;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wovenset.core.caption.CaptionPattern;
import wovenset.core.caption.OwnTable;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.EntryEdit;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoNotes;
import wovenset.core.piece.CaptionFields;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Piece;
import wovenset.core.said.UnfitValueException;

/** Works out captions; taking them on is an edit. Cost: linear in the photos and the table's rows. */
@Service
class CaptionService {
    private static final String FILE = "file";
    private static final String NUMBER = "number";
    /** The columns of a table that say which photo a row is about, the surest first. */
    private static final List<String> KEYS = List.of(FILE, "photo", NUMBER);

    private final PhotoFacts facts;

    CaptionService(PhotoFacts facts) {
        this.facts = facts;
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
     * @param columns of the table that was sent, else of the one that the piece keeps, but for the one that says which photo a row is about
     * @param rows of the table that was sent, for an edit that keeps it
     * @param fromTable whether the pattern speaks of the table
     * @param refused rows that no photo takes
     */
    record FilledCaptions(
            List<FilledCaption> captions,
            List<String> columns,
            List<EntryEdit.TableRow> rows,
            boolean fromTable,
            List<RefusedRow> refused) {}

    /** The piece's own table below the names of its columns; without one, the photos and their words. */
    List<List<String>> rows(Piece piece) {
        List<List<String>> rows = new ArrayList<>();
        List<String> columns = piece.table().map(OwnTable::columns).orElse(List.of("caption"));
        rows.add(line(piece.table().isEmpty() ? List.of(NUMBER, FILE) : List.of(FILE), columns));
        for (Known photo : known(piece, fields(piece))) {
            String file = photo.notes().fileName();
            Entry entry = photo.entry();
            rows.add(
                    piece.table().isEmpty()
                            ? List.of(String.valueOf(photo.number()), file, entry.caption())
                            : line(List.of(file), entry.cells()));
        }
        return rows;
    }

    private static List<String> line(List<String> first, List<String> then) {
        return Stream.concat(first.stream(), then.stream()).toList();
    }

    /** A photo of the piece, its place on the light table, and what is known of it. */
    record Known(int number, Entry entry, PhotoNotes notes) {}

    private static List<Known> known(Piece piece, CaptionFields fields) {
        List<Known> known = new ArrayList<>();
        piece.entries().forEach(entry -> known.add(new Known(known.size() + 1, entry, fields.notes(entry))));
        return known;
    }

    private CaptionFields fields(Piece piece) {
        return new CaptionFields(piece, facts, piece.entries().list());
    }

    /**
     * @param text of a table; null for the one that the piece keeps, if it keeps one
     * @throws EditRefusedException naming the field pattern or table
     */
    FilledCaptions fill(Piece piece, String pattern, @Nullable String text) {
        CaptionFields fields = fields(piece);
        List<RefusedRow> refused = new ArrayList<>();
        Map<UUID, List<String>> cells = new HashMap<>();
        List<String> columns;
        if (text == null) {
            columns = piece.table().map(OwnTable::columns).orElse(List.of());
            piece.entries().forEach(entry -> cells.put(entry.id(), entry.cells()));
        } else {
            CaptionTable table = CaptionTable.read(text);
            Optional<String> key =
                    KEYS.stream().filter(table.columns()::contains).findFirst();
            columns = table.columns().stream()
                    .filter(name -> !key.equals(Optional.of(name)))
                    .toList();
            matched(known(piece, fields), table, key, refused)
                    .forEach((entry, row) -> cells.put(
                            entry,
                            columns.stream()
                                    .map(name -> row.values().getOrDefault(name, ""))
                                    .toList()));
        }
        CaptionPattern parsed = parsed(piece, pattern, columns);
        boolean fromTable = columns.stream().anyMatch(name -> parsed.fields().contains(OwnTable.field(name)));
        List<FilledCaption> filled = new ArrayList<>();
        List<EntryEdit.TableRow> rows = new ArrayList<>();
        for (Entry entry : piece.entries()) {
            List<String> row = cells.getOrDefault(entry.id(), List.of());
            // A table speaks of its own photos only.
            if (!row.isEmpty() || !fromTable && text == null) {
                filled.add(new FilledCaption(entry.id(), fields.words(parsed, entry, columns, row)));
            }
            if (!row.isEmpty()) {
                rows.add(new EntryEdit.TableRow(entry.id(), row));
            }
        }
        return new FilledCaptions(filled, columns, rows, fromTable, refused);
    }

    private static CaptionPattern parsed(Piece piece, String pattern, List<String> columns) {
        try {
            return CaptionFields.pattern(piece, pattern, columns);
        } catch (UnfitValueException e) {
            throw new EditRefusedException("pattern", e.said());
        }
    }

    /** By the column that names the photo; without one, row by row in the photos' order. */
    private static Map<UUID, CaptionTable.Row> matched(
            List<Known> known, CaptionTable table, Optional<String> key, List<RefusedRow> refused) {
        Map<String, Known> byKey = new LinkedHashMap<>();
        known.forEach(photo -> {
            byKey.putIfAbsent(photo.notes().fileName().toLowerCase(Locale.ROOT), photo);
            byKey.putIfAbsent(photo.notes().plainName().toLowerCase(Locale.ROOT), photo);
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
