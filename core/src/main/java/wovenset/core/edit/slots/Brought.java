package wovenset.core.edit.slots;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Entries;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.Mount;
import wovenset.core.style.SharedText;
import wovenset.core.style.StyleSheet;

/** What comes along with things from another piece or a pattern: the photos that they show and the styles that they wear. */
public final class Brought {
    private Brought() {}

    /**
     * With these entries, but for those whose photo is in the piece already.
     *
     * @param known takes what each goes by in this piece
     * @throws EditRefusedException if a photo is not stored
     */
    public static Piece entries(
            Piece piece, List<Entry> entries, Map<UUID, UUID> known, PhotoFacts facts, Supplier<UUID> ids) {
        List<Entry> all = new ArrayList<>(piece.entries().list());
        for (Entry entry : entries) {
            Optional<Entry> there =
                    piece.entries().find(entry.id()).or(() -> piece.entries().of(entry.photo()));
            if (there.isEmpty() && facts.size(entry.photo()).isEmpty()) {
                throw EditRefusedException.of(
                        "entries", Reason.PHOTO_NOT_STORED, entry.photo().sha256());
            }
            Entry one = there.orElseGet(
                    () -> entry.withCells(List.of()).withAside(false).as(ids.get()));
            known.put(entry.id(), one.id());
            if (there.isEmpty()) {
                all.add(one);
            }
        }
        return all.size() == piece.entries().size() ? piece : piece.withEntries(Entries.of(all));
    }

    /** With the papers and styles of words that items name, unless those of the same identity are there. */
    public static Piece shared(Piece piece, StyleSheet of) {
        StyleSheet sheet = piece.styles();
        for (Mount mount : of.mounts()) {
            sheet = sheet.mount(mount.id()).isPresent() ? sheet : sheet.with(mount);
        }
        for (SharedText text : of.texts()) {
            sheet = sheet.text(text.id()).isPresent() ? sheet : sheet.with(text);
        }
        return piece.withStyles(sheet);
    }

    /**
     * With frame styles, one that is another here than there under a name of its own.
     *
     * @param known takes what each goes by in this piece
     */
    public static Piece frameStyles(Piece piece, List<FrameStyle> styles, Map<UUID, UUID> known, Supplier<UUID> ids) {
        StyleSheet sheet = piece.styles();
        for (FrameStyle style : styles) {
            FrameStyle here = sheet.frame(style.id());
            boolean another =
                    here.id().equals(style.id()) && !here.withName(style.name()).equals(style);
            FrameStyle brought = sheet.frames().stream()
                    .filter(one -> one.as(style.id(), style.name()).equals(style))
                    .findFirst()
                    .orElseGet(() -> another ? style.as(ids.get(), style.name()) : style);
            known.put(style.id(), brought.id());
            sheet = sheet.bringing(brought);
        }
        return piece.withStyles(sheet);
    }
}
