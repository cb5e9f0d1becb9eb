package wovenset.core.edit.gather;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.edit.slots.NewPages;
import wovenset.core.item.Crop;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.FrameWords;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.piece.Entries;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.SharedPicture;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;
import wovenset.core.style.Ground;

/** Edits of the photos that were gathered, their words, and their flow into frames. */
public final class EntryEdits {

    private final PhotoFacts facts;
    private final Supplier<UUID> ids;

    public EntryEdits(PhotoFacts facts, Supplier<UUID> ids) {
        this.facts = facts;
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(EntryEdit.AddPhotos.class, (piece, edit) -> {
            Piece with = added(piece, edit.photos());
            return Outcome.of(
                    with,
                    Doing.BRING_IN,
                    with.entries().size() - piece.entries().size());
        });
        handlers.on(EntryEdit.RemoveEntries.class, (piece, edit) -> remove(piece, edit.entryIds()));
        handlers.on(EntryEdit.OrderEntries.class, (piece, edit) -> order(piece, edit.entryIds()));
        handlers.on(EntryEdit.CaptionEntry.class, (piece, edit) -> {
            Named.entry(piece, edit.entryId());
            String words = edit.caption().strip();
            return Outcome.of(
                    piece.withEntries(piece.entries().map(edit.entryId(), entry -> entry.withCaption(words))),
                    Doing.CAPTION,
                    1);
        });
        handlers.on(EntryEdit.CaptionEntries.class, EntryEdits::captions);
        handlers.on(EntryEdit.ShowSubject.class, (piece, edit) -> {
            Named.entry(piece, edit.entryId());
            return Outcome.of(
                    piece.withEntries(piece.entries().map(edit.entryId(), entry -> entry.withSubject(edit.region()))),
                    edit.region().isPresent() ? Doing.SHOW_SUBJECT : Doing.FIND_SUBJECT);
        });
        handlers.on(
                AlbumEdit.FlowEntries.class,
                (piece, edit) -> flow(piece, edit.copies().orElse(1)));
    }

    private Piece added(Piece piece, List<PhotoId> photos) {
        Set<PhotoId> there = new HashSet<>();
        piece.entries().forEach(entry -> there.add(entry.photo()));
        List<Entry> all = new ArrayList<>(piece.entries().list());
        for (PhotoId photo : photos) {
            if (facts.size(photo).isEmpty()) {
                throw EditRefusedException.of("photos", Reason.PHOTO_NOT_STORED, photo.sha256());
            }
            if (there.add(photo)) {
                all.add(Entry.of(ids.get(), photo, cut(facts.embeddedCaption(photo))));
            }
        }
        return piece.withEntries(Entries.of(all));
    }

    /** Embedded words may be longer than any caption. */
    private static String cut(String words) {
        String plain = words.strip();
        return FrameWords.shortened(plain);
    }

    private static Outcome captions(Piece piece, EntryEdit.CaptionEntries edit) {
        Map<UUID, String> words = new HashMap<>();
        for (EntryEdit.EntryCaption one : edit.captions()) {
            Named.entry(piece, one.entryId());
            words.put(one.entryId(), one.caption().strip());
        }
        Entries entries = piece.entries();
        for (Map.Entry<UUID, String> one : words.entrySet()) {
            entries = entries.map(one.getKey(), entry -> entry.withCaption(one.getValue()));
        }
        return Outcome.of(piece.withEntries(entries), Doing.CAPTION_MANY, words.size());
    }

    private Outcome remove(Piece piece, List<UUID> removed) {
        Set<UUID> out = new HashSet<>(removed);
        Entries kept = Entries.of(piece.entries().list().stream()
                .filter(entry -> !out.contains(entry.id()))
                .toList());
        Piece closed = AlbumEdits.closedUp(piece, out, facts, ids);
        Piece without = closed.mapPages(whole -> {
                    Page page = grounded(whole, out);
                    List<SharedPicture> pictures = page.pictures().stream()
                            .filter(picture -> !out.contains(picture.entry()))
                            .toList();
                    boolean touched = page.frames().stream().anyMatch(frame -> piece.entryOf(page, frame)
                            .map(Entry::id)
                            .filter(out::contains)
                            .isPresent());
                    return !touched && pictures.size() == page.pictures().size()
                            ? page
                            : page.mapFrames(frame -> piece.entryOf(page, frame)
                                            .map(Entry::id)
                                            .filter(out::contains)
                                            .map(id -> frame.withFill(Fill.EMPTY))
                                            .orElse(frame))
                                    .withPictures(pictures);
                })
                .withEntries(kept)
                .withAlbum(closed.album()
                        .map(album -> album.without(
                                out,
                                piece.entries().list().stream().map(Entry::id).toList())));
        return Outcome.of(without, Doing.TAKE_OUT_PHOTOS, piece.entries().size() - kept.size());
    }

    /** A page whose ground one of these covers has the common one again. */
    private static Page grounded(Page page, Set<UUID> out) {
        return page.ground() instanceof Ground.Pictured pictured && out.contains(pictured.entry())
                ? page.withGround(new Ground.Common())
                : page;
    }

    private static Outcome order(Piece piece, List<UUID> order) {
        Map<UUID, Entry> entries = new LinkedHashMap<>();
        piece.entries().forEach(entry -> entries.put(entry.id(), entry));
        if (order.size() != entries.size() || !entries.keySet().equals(Set.copyOf(order))) {
            throw EditRefusedException.of("entryIds", Reason.ORDER_OF_ENTRIES);
        }
        List<Entry> ordered = new ArrayList<>();
        order.forEach(id -> ordered.add(Objects.requireNonNull(entries.get(id))));
        return Outcome.of(piece.withEntries(Entries.of(ordered)), Doing.ORDER_PHOTOS);
    }

    private Outcome flow(Piece piece, int copies) {
        if (copies < 1 || copies > AlbumEdit.MOST_COPIES) {
            throw EditRefusedException.of("copies", Reason.COPIES, AlbumEdit.MOST_COPIES);
        }
        List<Entry> waiting = Named.waiting(piece).stream()
                .flatMap(entry -> Collections.nCopies(copies, entry).stream())
                .toList();
        int flowed = waiting.size() / copies;
        Iterator<Entry> next = waiting.iterator();
        List<Page> pages = new ArrayList<>();
        for (Page page : piece.pages()) {
            pages.add(next.hasNext() ? filled(page, next) : page);
        }
        while (next.hasNext()) {
            Page last = pages.get(pages.size() - 1);
            if (pages.size() >= Piece.MOST_PAGES) {
                throw EditRefusedException.of("pages", Reason.TOO_MANY_PAGES_TO_FLOW, Piece.MOST_PAGES);
            }
            if (last.frames().stream().allMatch(frame -> !frame.isForPhotos() && frame.hasOwnPlace())) {
                throw EditRefusedException.of("pages", Reason.NO_FRAMES_TO_FLOW);
            }
            pages.add(filled(NewPages.emptyLike(last, ids), next));
        }
        return Outcome.of(piece.withPages(pages), Doing.FLOW, flowed);
    }

    /** Empty frames in reading order: those in slots, then those that lie freely, from back to front. */
    private static Page filled(Page page, Iterator<Entry> next) {
        List<Frame> order = new ArrayList<>(page.slotted());
        page.frames().stream().filter(Frame::hasOwnPlace).forEach(order::add);
        Map<UUID, Fill> fills = new HashMap<>();
        for (Frame frame : order) {
            if (frame.isEmpty() && next.hasNext()) {
                fills.put(frame.id(), new Fill.OwnPhoto(next.next().id(), Crop.CENTRED));
            }
        }
        return fills.isEmpty()
                ? page
                : page.mapFrames(frame -> {
                    Fill fill = fills.get(frame.id());
                    return fill == null ? frame : frame.withFill(fill);
                });
    }
}
