package wovenset.core.piece;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import wovenset.core.caption.CaptionPattern;
import wovenset.core.caption.OwnTable;
import wovenset.core.item.FrameWords;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PhotoNotes;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/** Fills patterns for the photos of one piece, from what is known of them and from the rows of a table. */
public final class CaptionFields {
    private static final String FILE = "file";
    private static final String NUMBER = "number";
    private static final String WORDS = "words";

    private final Map<PhotoId, PhotoNotes> notes;
    private final Map<UUID, Integer> numbers = new HashMap<>();

    /** @param entries whose words are wanted; cost linear in the piece's */
    public CaptionFields(Piece piece, PhotoFacts facts, Collection<Entry> entries) {
        notes = facts.notes(piece.id(), entries.stream().map(Entry::photo).toList());
        piece.entries().forEach(entry -> numbers.put(entry.id(), numbers.size() + 1));
    }

    /**
     * The pattern, in the language of the piece.
     *
     * @param columns of the table whose rows it is filled from
     * @throws wovenset.core.said.UnfitValueException if it cannot be read, or has a field that nothing is called
     */
    public static CaptionPattern pattern(Piece piece, String text, List<String> columns) {
        CaptionPattern pattern =
                CaptionPattern.parse(text, piece.styles().language().locale());
        Set<String> known = new TreeSet<>(Set.of(FILE, NUMBER, WORDS, CaptionPattern.DATE));
        columns.forEach(column -> known.add(OwnTable.field(column)));
        for (String field : pattern.fields()) {
            Checks.that(known.contains(field), Reason.CAPTION_FIELD_UNKNOWN, field, String.join(", ", known));
        }
        return pattern;
    }

    public PhotoNotes notes(Entry entry) {
        return entry.noted(notes);
    }

    /**
     * The words for a photo, cut off where they are longer than captions can be.
     *
     * @param cells of its row, in the order of the columns; those that are missing are empty
     */
    public String words(CaptionPattern pattern, Entry entry, List<String> columns, List<String> cells) {
        Map<String, String> row = new HashMap<>();
        for (int i = 0; i < columns.size(); i++) {
            row.put(OwnTable.field(columns.get(i)), i < cells.size() ? cells.get(i) : "");
        }
        PhotoNotes photo = notes(entry);
        return FrameWords.shortened(pattern.fill(
                field -> Optional.ofNullable(row.get(field)).or(() -> known(field, entry)), photo.takenAt()));
    }

    private Optional<String> known(String field, Entry entry) {
        return switch (field) {
            case FILE -> Optional.of(notes(entry).plainName());
            case NUMBER -> Optional.ofNullable(numbers.get(entry.id())).map(String::valueOf);
            case WORDS -> Optional.of(notes(entry).words());
            default -> Optional.empty();
        };
    }
}
