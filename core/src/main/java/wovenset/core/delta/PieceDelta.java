package wovenset.core.delta;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.piece.Entries;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;

/**
 * What one step did to a piece. Cost of making one: linear in the pages and entries, in what the changed ones hold.
 *
 * @param head nothing if it stays
 * @param entries those that are new, changed or gone
 * @param entryOrder of the light table; nothing if it stays
 * @param pages those that are new, changed or gone
 * @param pageOrder nothing if it stays
 */
public record PieceDelta(
        Optional<Change<Head>> head,
        List<Change<Entry>> entries,
        Optional<Splice> entryOrder,
        List<PageDelta> pages,
        Optional<Splice> pageOrder) {
    public PieceDelta {
        entries = List.copyOf(entries);
        pages = List.copyOf(pages);
    }

    public static PieceDelta of(Piece before, Piece after) {
        Head old = Head.of(before);
        Head now = Head.of(after);
        return new PieceDelta(
                old.equals(now) ? Optional.empty() : Optional.of(Change.of(old, now)),
                entries(before.entries(), after.entries()),
                Splice.of(before.entries().list(), after.entries().list(), Entry::id),
                pages(before, after),
                Splice.of(before.pages(), after.pages(), Page::id));
    }

    @SuppressWarnings("ReferenceEquality") // The same object needs no comparing; another may still be equal.
    private static List<Change<Entry>> entries(Entries before, Entries after) {
        List<Change<Entry>> changes = new ArrayList<>();
        if (before == after) {
            return changes;
        }
        for (Entry entry : after) {
            Optional<Entry> earlier = before.find(entry.id());
            if (!earlier.equals(Optional.of(entry))) {
                changes.add(new Change<>(earlier, Optional.of(entry)));
            }
        }
        for (Entry entry : before) {
            if (after.find(entry.id()).isEmpty()) {
                changes.add(new Change<>(Optional.of(entry), Optional.empty()));
            }
        }
        return changes;
    }

    private static List<PageDelta> pages(Piece before, Piece after) {
        Map<UUID, Page> old = new HashMap<>();
        before.pages().forEach(page -> old.put(page.id(), page));
        List<PageDelta> changes = new ArrayList<>();
        for (Page page : after.pages()) {
            Page earlier = old.remove(page.id());
            if (earlier == null) {
                changes.add(new PageDelta.Added(page));
            } else if (!page.equals(earlier)) {
                changes.add(PageDelta.of(earlier, page));
            }
        }
        before.pages().stream()
                .filter(page -> old.containsKey(page.id()))
                .forEach(page -> changes.add(new PageDelta.Removed(page)));
        return changes;
    }

    public boolean isEmpty() {
        return head.isEmpty() && entries.isEmpty() && entryOrder.isEmpty() && pages.isEmpty() && pageOrder.isEmpty();
    }

    public PieceDelta inverse() {
        return new PieceDelta(
                head.map(Change::inverse),
                entries.stream().map(Change::inverse).toList(),
                entryOrder.map(Splice::inverse),
                pages.stream().map(PageDelta::inverse).toList(),
                pageOrder.map(Splice::inverse));
    }

    /**
     * The piece after the step. Pages that it does not touch are the same objects.
     *
     * @throws IllegalStateException if the piece is not one that the step can be made on
     */
    public Piece applied(Piece piece) {
        Head now = head.flatMap(Change::after).orElseGet(() -> Head.of(piece));
        Map<UUID, Page> known = new HashMap<>();
        piece.pages().forEach(page -> known.put(page.id(), page));
        for (PageDelta delta : pages) {
            if (delta instanceof PageDelta.Added added) {
                known.put(added.pageId(), added.page());
            } else if (delta instanceof PageDelta.Changed changed) {
                known.computeIfPresent(changed.pageId(), (id, page) -> changed.applied(page));
            }
        }
        List<UUID> ids = piece.pages().stream().map(Page::id).toList();
        List<Page> ordered = new ArrayList<>();
        pageOrder
                .map(splice -> splice.applied(ids))
                .orElse(ids)
                .forEach(id -> ordered.add(Objects.requireNonNull(known.get(id), "a page of the step")));
        return new Piece(
                piece.id(),
                now.name(),
                now.format(),
                now.styles(),
                now.table(),
                now.album(),
                now.cover(),
                entries(piece.entries()),
                ordered);
    }

    private Entries entries(Entries before) {
        if (entries.isEmpty() && entryOrder.isEmpty()) {
            return before;
        }
        Map<UUID, Entry> known = new HashMap<>();
        before.forEach(entry -> known.put(entry.id(), entry));
        entries.forEach(change -> change.after().ifPresent(entry -> known.put(entry.id(), entry)));
        List<UUID> ids = before.list().stream().map(Entry::id).toList();
        List<Entry> ordered = new ArrayList<>();
        entryOrder
                .map(splice -> splice.applied(ids))
                .orElse(ids)
                .forEach(id -> ordered.add(Objects.requireNonNull(known.get(id), "an entry of the step")));
        return Entries.of(ordered);
    }
}
