package wovenset.core.edit.pages;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.slots.Brought;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.edit.slots.NewPages;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Group;
import wovenset.core.item.Item;
import wovenset.core.pattern.Patterns;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.SharedPicture;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.Ground;
import wovenset.core.style.Grounds;
import wovenset.core.style.StyleSheet;
import wovenset.core.style.StyleUse;

/** Pages taken over from another piece. */
public final class TakenPages {
    private final PhotoFacts facts;
    private final Supplier<UUID> ids;

    public TakenPages(PhotoFacts facts, Supplier<UUID> ids) {
        this.facts = facts;
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(PageEdit.TakePages.class, this::take);
    }

    private Outcome take(Piece piece, PageEdit.TakePages edit) {
        if (edit.pages().isEmpty()) {
            throw EditRefusedException.of("pages", Reason.CHOOSE_PAGES);
        }
        int at = edit.afterPageId()
                .map(id -> piece.indexOf(Named.page(piece, id).id()) + 1)
                .orElse(0);
        Set<UUID> shown = new HashSet<>();
        Set<UUID> worn = new HashSet<>();
        for (Page page : edit.pages()) {
            Named.checkCount(page.frames().size());
            page.frames().forEach(Named::checkTypeface);
            page.frames().forEach(frame -> worn.add(frame.style().style()));
            shown.addAll(shownOn(page));
        }
        Map<UUID, UUID> entries = new HashMap<>();
        List<Entry> needed = edit.entries().stream()
                .filter(entry -> shown.contains(entry.id()))
                .toList();
        Piece with = Brought.entries(piece, needed, entries, facts, ids);
        if (!entries.keySet().containsAll(shown)) {
            throw EditRefusedException.of("entries", Reason.ENTRY_GONE);
        }
        Map<UUID, UUID> styles = new HashMap<>();
        List<FrameStyle> dresses = edit.styles().frames().stream()
                .filter(style -> worn.contains(style.id()))
                .toList();
        Piece dressed =
                Brought.frameStyles(Brought.shared(with, named(edit.pages(), edit.styles())), dresses, styles, ids);
        List<Page> pages = edit.pages().stream()
                .map(page -> named(
                        grounded(Patterns.scaled(page, edit.format(), piece.format()), piece, edit), entries, styles))
                .toList();
        return Outcome.of(PageEdits.inserted(dressed, at, pages), Doing.TAKE_PAGES, pages.size());
    }

    /** Of a style sheet the papers and styles of words that things on these pages go by. */
    private static StyleSheet named(List<Page> pages, StyleSheet all) {
        Set<UUID> used = new HashSet<>();
        for (Page page : pages) {
            page.frames()
                    .forEach(frame ->
                            frame.ownWords().flatMap(Fill.Words::shared).ifPresent(used::add));
            page.items().forEach(item -> addMounts(item, used));
        }
        return all.withTexts(all.texts().stream()
                        .filter(text -> used.contains(text.id()))
                        .toList())
                .withMounts(all.mounts().stream()
                        .filter(mount -> used.contains(mount.id()))
                        .toList());
    }

    private static void addMounts(Item item, Set<UUID> used) {
        if (item instanceof Group group) {
            group.mount().ifPresent(used::add);
            group.children().forEach(child -> addMounts(child, used));
        }
    }

    private static Set<UUID> shownOn(Page page) {
        Set<UUID> shown = new HashSet<>();
        for (Frame frame : page.frames()) {
            if (frame.fill() instanceof Fill.OwnPhoto own) {
                shown.add(own.entry());
                own.mosaic().ifPresent(mosaic -> shown.addAll(mosaic.photos()));
            }
        }
        page.pictures().forEach(picture -> shown.add(picture.entry()));
        if (page.ground() instanceof Ground.Pictured pictured) {
            shown.add(pictured.entry());
        }
        return shown;
    }

    /** With the common ground of the piece that it comes from as its own, where this one's is another. */
    private static Page grounded(Page page, Piece piece, PageEdit.TakePages edit) {
        Grounds there = edit.styles().grounds();
        return page.ground() instanceof Ground.Common
                        && !there.equals(piece.styles().grounds())
                ? page.withGround(new Ground.Covered(there.usual()))
                : page;
    }

    private Page named(Page page, Map<UUID, UUID> entries, Map<UUID, UUID> styles) {
        Page known = page.mapFrames(frame -> {
                    Frame dressed = frame.withStyle(new StyleUse(
                            styles.getOrDefault(
                                    frame.style().style(), frame.style().style()),
                            frame.style().differences()));
                    return frame.fill() instanceof Fill.OwnPhoto own
                            ? dressed.refilled(own.mapEntries(entry -> entries.getOrDefault(entry, entry)))
                            : dressed;
                })
                .withPictures(page.pictures().stream()
                        .map(one ->
                                new SharedPicture(one.id(), entries.getOrDefault(one.entry(), one.entry()), one.box()))
                        .toList());
        Page grounded = known.ground() instanceof Ground.Pictured pictured
                ? known.withGround(pictured.withEntry(entries.getOrDefault(pictured.entry(), pictured.entry())))
                : known;
        return NewPages.copied(grounded, ids);
    }
}
