package wovenset.core.edit.gather;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.caption.CaptionPattern;
import wovenset.core.caption.OwnTable;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.CaptionFields;
import wovenset.core.piece.Entries;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;
import wovenset.core.said.UnfitValueException;

/** Edits of the person's own table, which photos' words follow. */
public final class TableEdits {
    private final PhotoFacts facts;

    public TableEdits(PhotoFacts facts) {
        this.facts = facts;
    }

    public void register(Handlers handlers) {
        handlers.on(EntryEdit.SetTable.class, this::set);
        handlers.on(EntryEdit.WriteRow.class, (piece, edit) -> {
            Entry entry = Named.entry(piece, edit.row().entryId());
            if (piece.table().isEmpty()) {
                throw EditRefusedException.of("row", Reason.TABLE_GONE);
            }
            Entry written = entry.withCells(edit.row().cells());
            Piece with = piece.withEntries(piece.entries().map(entry.id(), one -> written));
            return Outcome.of(followed(piece, with, List.of(entry)), Doing.CHANGE_TABLE);
        });
    }

    private Outcome set(Piece piece, EntryEdit.SetTable edit) {
        Map<UUID, List<String>> cells = new HashMap<>();
        for (EntryEdit.TableRow row : edit.rows()) {
            cells.put(Named.entry(piece, row.entryId()).id(), row.cells());
        }
        List<Entry> changed = piece.entries().list().stream()
                .map(entry -> entry.withCells(cells.getOrDefault(entry.id(), List.of())))
                .toList();
        Piece with = piece.withTable(edit.table()).withEntries(Entries.of(changed));
        if (edit.table().isEmpty()) {
            // The words stay: they may be all that is left of the table.
            return Outcome.of(with, Doing.LEAVE_TABLE);
        }
        return Outcome.of(
                followed(piece, with, piece.entries().list()),
                piece.table().isEmpty() ? Doing.TAKE_TABLE : Doing.CHANGE_TABLE);
    }

    /**
     * The piece with the words that follow its table: those of photos whose row is another one, and those that are as the table had them
     * before. What was written by hand since then stays.
     *
     * @param entries as they were before
     */
    private Piece followed(Piece before, Piece after, List<Entry> entries) {
        CaptionFields fields = new CaptionFields(after, facts, entries);
        Optional<Filler> old = Filler.of(before, fields);
        Optional<Filler> now = Filler.of(after, fields);
        Map<UUID, Entry> changed = new HashMap<>();
        for (Entry entry : entries) {
            Entry row = after.entries().find(entry.id()).orElse(entry);
            String was = old.map(filler -> filler.words(entry)).orElse("");
            String words = now.map(filler -> filler.words(row)).orElse("");
            boolean other = !row.cells().equals(entry.cells()) && !words.isEmpty();
            if (!words.equals(entry.caption()) && (other || entry.caption().equals(was))) {
                changed.put(entry.id(), row.withCaption(words));
            }
        }
        List<Entry> all = new ArrayList<>();
        after.entries().forEach(entry -> all.add(Objects.requireNonNullElse(changed.get(entry.id()), entry)));
        return changed.isEmpty() ? after : after.withEntries(Entries.of(all));
    }

    /** What a piece's table makes of its rows. */
    private record Filler(CaptionFields fields, OwnTable table, CaptionPattern pattern) {
        static Optional<Filler> of(Piece piece, CaptionFields fields) {
            return piece.table().map(table -> {
                try {
                    return new Filler(fields, table, CaptionFields.pattern(piece, table.pattern(), table.columns()));
                } catch (UnfitValueException e) {
                    throw new EditRefusedException("pattern", e.said());
                }
            });
        }

        /** None for a photo that no row speaks of. */
        String words(Entry entry) {
            return entry.cells().isEmpty() ? "" : fields.words(pattern, entry, table.columns(), entry.cells());
        }
    }
}
