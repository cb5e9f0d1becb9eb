package wovenset.core.delta;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.item.Item;
import wovenset.core.piece.Page;

/** What a step did to one page. */
public sealed interface PageDelta {
    UUID pageId();

    PageDelta inverse();

    /** It is new. */
    record Added(Page page) implements PageDelta {
        @Override
        public UUID pageId() {
            return page.id();
        }

        @Override
        public PageDelta inverse() {
            return new Removed(page);
        }
    }

    /** It is gone. */
    record Removed(Page page) implements PageDelta {
        @Override
        public UUID pageId() {
            return page.id();
        }

        @Override
        public PageDelta inverse() {
            return new Added(page);
        }
    }

    /**
     * It is another one.
     *
     * @param items those on the page itself that are new, changed or gone; a group with all that is in it
     * @param order of the items; nothing if it stays
     */
    record Changed(UUID pageId, Optional<Change<PageShell>> shell, List<Change<Item>> items, Optional<Splice> order)
            implements PageDelta {
        public Changed {
            items = List.copyOf(items);
        }

        @Override
        public PageDelta inverse() {
            return new Changed(
                    pageId,
                    shell.map(Change::inverse),
                    items.stream().map(Change::inverse).toList(),
                    order.map(Splice::inverse));
        }

        Page applied(Page page) {
            Map<UUID, Item> known = new HashMap<>();
            page.items().forEach(item -> known.put(item.id(), item));
            for (Change<Item> change : items) {
                change.before().ifPresent(item -> known.remove(item.id()));
                change.after().ifPresent(item -> known.put(item.id(), item));
            }
            List<UUID> ids = page.items().stream().map(Item::id).toList();
            List<Item> changed = new ArrayList<>();
            order.map(splice -> splice.applied(ids))
                    .orElse(ids)
                    .forEach(id -> changed.add(Objects.requireNonNull(known.get(id), "an item of the step")));
            PageShell now = shell.flatMap(Change::after).orElseGet(() -> PageShell.of(page));
            return new Page(
                    page.id(),
                    now.ground(),
                    now.arrangement(),
                    changed,
                    now.guides(),
                    now.pictures(),
                    now.flow(),
                    now.numbered());
        }
    }

    static Changed of(Page before, Page after) {
        PageShell old = PageShell.of(before);
        PageShell now = PageShell.of(after);
        Map<UUID, Item> there = new HashMap<>();
        before.items().forEach(item -> there.put(item.id(), item));
        List<Change<Item>> items = new ArrayList<>();
        for (Item item : after.items()) {
            Item earlier = there.remove(item.id());
            if (!item.equals(earlier)) {
                items.add(new Change<>(Optional.ofNullable(earlier), Optional.of(item)));
            }
        }
        before.items().stream()
                .filter(item -> there.containsKey(item.id()))
                .forEach(item -> items.add(new Change<>(Optional.of(item), Optional.empty())));
        return new Changed(
                after.id(),
                old.equals(now) ? Optional.empty() : Optional.of(Change.of(old, now)),
                items,
                Splice.of(before.items(), after.items(), Item::id));
    }
}
