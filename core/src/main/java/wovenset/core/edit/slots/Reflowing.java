package wovenset.core.edit.slots;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import wovenset.core.arrangement.Arrangement;
import wovenset.core.arrangement.ByHand;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.item.Frame;
import wovenset.core.item.Item;
import wovenset.core.item.Items;
import wovenset.core.item.Placement;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;

/**
 * Lets what frames show flow over pages where the number of slots changes. What a frame shows goes on with its crop, words and
 * marks, in the order in which it was; nothing is lost or shuffled. Cost: linear in the frames.
 */
public final class Reflowing {
    private final Piece piece;
    private final ArrangeEdit.Reflow agreed;
    private final Supplier<UUID> ids;

    public Reflowing(Piece piece, ArrangeEdit.Reflow agreed, Supplier<UUID> ids) {
        this.piece = piece;
        this.agreed = agreed;
        this.ids = ids;
    }

    /**
     * One page in another arrangement. Empty frames go first if there are fewer slots; what then has none flows to new pages
     * right after it.
     */
    public Piece page(Page page, Arrangement arrangement) {
        List<Frame> frames = shortened(page.slotted(), arrangement.slots());
        int kept = Math.min(frames.size(), arrangement.slots());
        Page changed = arranged(page, arrangement, frames.subList(0, kept));
        return with(page, changed, frames.subList(kept, frames.size()));
    }

    /** The page changed, and after it pages like it for what it has no room for. */
    public Piece with(Page page, Page changed, List<Frame> surplus) {
        List<Page> pages = new ArrayList<>();
        for (Page one : piece.pages()) {
            if (!one.id().equals(page.id())) {
                pages.add(one);
                continue;
            }
            pages.add(changed);
            Iterator<Frame> next = surplus.iterator();
            while (next.hasNext()) {
                pages.add(filled(blank(changed), next));
            }
        }
        return agreedOn(pages);
    }

    /** The page changed, and these new ones after it. */
    public Piece inserted(Page page, Page changed, List<Page> more, int photos) {
        if (!more.isEmpty() && agreed == ArrangeEdit.Reflow.ASK) {
            int before = piece.pages().size();
            throw EditRefusedException.of("reflow", Reason.REFLOW, photos, before, before + more.size());
        }
        List<Page> pages = new ArrayList<>();
        for (Page one : piece.pages()) {
            pages.add(one.id().equals(page.id()) ? changed : one);
            if (one.id().equals(page.id())) {
                pages.addAll(more);
            }
        }
        return agreedOn(pages);
    }

    /** All arranged pages in one arrangement: where its slots are as many as before, nothing flows. */
    public Piece all(Arrangement arrangement) {
        boolean same = piece.pages().stream()
                .filter(Reflowing::takesPart)
                .allMatch(page -> page.arrangement().slots() == arrangement.slots());
        return same ? piece.mapPages(page -> takesPart(page) ? inPlace(page, arrangement) : page) : anew(arrangement);
    }

    private static boolean takesPart(Page page) {
        return page.arrangement().slots() > 0;
    }

    private Page inPlace(Page page, Arrangement arrangement) {
        return arranged(page, arrangement, page.slotted());
    }

    private Piece anew(Arrangement arrangement) {
        List<Frame> contents = piece.pages().stream()
                .flatMap(page -> page.slotted().stream())
                .filter(frame -> !frame.isEmpty())
                .toList();
        Iterator<Frame> next = contents.iterator();
        List<Page> pages = new ArrayList<>();
        int last = -1;
        for (Page page : piece.pages()) {
            if (!takesPart(page)) {
                pages.add(page);
                continue;
            }
            boolean onlyFlowed = page.frames().stream().noneMatch(Frame::hasOwnPlace)
                    && page.slotted().stream().anyMatch(frame -> !frame.isEmpty());
            if (!next.hasNext() && onlyFlowed && last >= 0) {
                continue;
            }
            Page bare = page.withItems(page.items());
            pages.add(filled(arranged(emptied(bare), arrangement, List.of()), next));
            last = pages.size() - 1;
        }
        while (next.hasNext()) {
            pages.add(++last, filled(blank(pages.get(last - 1)), next));
        }
        return agreedOn(pages);
    }

    /** The page without its slotted frames; an arrangement of any kind may then come. */
    private static Page emptied(Page page) {
        return page.with(
                new ByHand(page.arrangement().margins()),
                Items.mapFrames(page.items(), frame -> Optional.of(frame).filter(Frame::hasOwnPlace)));
    }

    /** An empty page with the slots of this one and nothing that lies freely. */
    private Page blank(Page page) {
        return NewPages.emptyLike(
                page.withItems(Items.mapFrames(
                        page.items(), frame -> Optional.of(frame).filter(Frame::isSlotted))),
                ids);
    }

    /** These frames in the first slots, in this order; further slots are empty, other slotted frames go. */
    private Page arranged(Page page, Arrangement arrangement, List<Frame> frames) {
        List<UUID> order = frames.stream().map(Frame::id).toList();
        List<Item> items = new ArrayList<>(Items.mapFrames(page.items(), frame -> {
            int slot = order.indexOf(frame.id());
            return slot >= 0
                    ? Optional.of(frame.inSlot(slot))
                    : Optional.of(frame).filter(Frame::hasOwnPlace);
        }));
        UUID style = piece.styles().usual().id();
        for (int slot = order.size(); slot < arrangement.slots() && !arrangement.mayBeVacant(); slot++) {
            items.add(Frame.empty(ids.get(), new Placement.InSlot(slot), style));
        }
        return page.with(arrangement, items);
    }

    /** At most so many frames where empty ones, from the end, make up the rest. */
    private static List<Frame> shortened(List<Frame> frames, int slots) {
        List<Frame> kept = new ArrayList<>(frames);
        for (int i = kept.size() - 1; i >= 0 && kept.size() > slots; i--) {
            if (kept.get(i).isEmpty()) {
                kept.remove(i);
            }
        }
        return kept;
    }

    private static Page filled(Page page, Iterator<Frame> next) {
        Page now = page;
        for (Frame frame : page.slotted()) {
            if (next.hasNext()) {
                Frame content = next.next();
                now = now.mapFrame(frame.id(), one -> one.withContentOf(content));
            }
        }
        return now;
    }

    /** Pages are added or taken away only after the person has heard of it. */
    private Piece agreedOn(List<Page> pages) {
        if (pages.size() > Piece.MOST_PAGES) {
            throw EditRefusedException.of("pages", Reason.TOO_MANY_PAGES_TO_FLOW, Piece.MOST_PAGES);
        }
        if (pages.size() != piece.pages().size() && agreed == ArrangeEdit.Reflow.ASK) {
            Set<UUID> known = piece.pages().stream().map(Page::id).collect(Collectors.toSet());
            int photos = (int) pages.stream()
                    .filter(page -> !known.contains(page.id()) || !piece.pages().contains(page))
                    .flatMap(page -> page.slotted().stream())
                    .filter(frame -> !frame.isEmpty())
                    .count();
            throw EditRefusedException.of(
                    "reflow", Reason.REFLOW, photos, piece.pages().size(), pages.size());
        }
        return piece.withPages(pages);
    }
}
