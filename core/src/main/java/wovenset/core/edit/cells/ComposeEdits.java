package wovenset.core.edit.cells;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.arrange.propose.PageProposals;
import wovenset.core.arrange.propose.Proposals;
import wovenset.core.arrangement.ByHand;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.Margins;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.item.Crop;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Item;
import wovenset.core.item.Items;
import wovenset.core.item.Placement;
import wovenset.core.measure.Length;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;

/** Places the photos that wait on pages that are composed for them: the best of what would be proposed. */
public final class ComposeEdits {
    private static final long SEED = 1;

    private final PhotoFacts facts;
    private final Supplier<UUID> ids;

    public ComposeEdits(PhotoFacts facts, Supplier<UUID> ids) {
        this.facts = facts;
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(ArrangeEdit.ComposeWaiting.class, this::compose);
    }

    private Outcome compose(Piece piece, ArrangeEdit.ComposeWaiting edit) {
        Page here = Named.page(piece, edit.pageId());
        List<Entry> waiting = Named.waiting(piece);
        if (waiting.isEmpty()) {
            throw EditRefusedException.of("photos", Reason.NOTHING_WAITS);
        }
        if (edit.each() < 1) {
            throw EditRefusedException.of("each", Reason.EACH_AT_LEAST_ONE);
        }
        // A page with photos takes more only if all are to come on one.
        boolean oneMore = waiting.size() <= edit.each();
        boolean useHere = oneMore || PageProposals.taking(here).isEmpty();
        Length gap = PageProposals.gapOf(here);
        List<Page> pages = new ArrayList<>();
        for (Page page : piece.pages()) {
            if (!page.id().equals(here.id())) {
                pages.add(page);
                continue;
            }
            if (!useHere) {
                pages.add(here);
            }
            for (int from = 0; from < waiting.size(); from += edit.each()) {
                Page start = from == 0 && useHere ? here : blank(here);
                pages.add(composed(
                        piece, start, waiting.subList(from, Math.min(waiting.size(), from + edit.each())), gap));
            }
        }
        if (pages.size() > Piece.MOST_PAGES) {
            throw EditRefusedException.of("pages", Reason.TOO_MANY_PAGES_TO_FLOW, Piece.MOST_PAGES);
        }
        return Outcome.of(piece.withPages(pages), Doing.COMPOSE, waiting.size());
    }

    private Page blank(Page like) {
        return new Page(
                ids.get(), like.ground(), new ByHand(like.arrangement().margins()), List.of(), List.of(), List.of());
    }

    private Frame empty(int slot, UUID style) {
        return Frame.empty(ids.get(), new Placement.InSlot(slot), style);
    }

    /** Stands for the arrangement until it is found. */
    private static Grid row(Page page, int photos, Length gap) {
        Margins margins = page.arrangement().margins();
        int columns = Math.min(Grid.MOST, photos);
        return new Grid((photos + columns - 1) / columns, columns, margins, gap, gap, null);
    }

    private Page composed(Piece piece, Page page, List<Entry> more, Length gap) {
        List<UUID> kept = PageProposals.taking(page).stream().map(Frame::id).toList();
        int all = kept.size() + more.size();
        if (all > Proposals.MOST_PHOTOS) {
            throw EditRefusedException.of("photos", Reason.TOO_MANY_TO_PROPOSE, Proposals.MOST_PHOTOS, all);
        }
        Grid row = row(page, all, gap);
        UUID style = piece.styles().usual().id();
        List<Item> items = new ArrayList<>(Items.mapFrames(page.items(), frame -> {
            int slot = kept.indexOf(frame.id());
            return slot >= 0
                    ? Optional.of(frame.inSlot(slot))
                    : Optional.of(frame).filter(Frame::hasOwnPlace);
        }));
        int slot = kept.size();
        for (Entry entry : more) {
            items.add(empty(slot++, style).withFill(new Fill.OwnPhoto(entry.id(), Crop.CENTRED)));
        }
        while (slot < row.slots()) {
            items.add(empty(slot++, style));
        }
        Page filled = page.with(row, items);
        PageProposals.Answer answer = PageProposals.of(piece, filled, facts, gap, /* most= */ 1, SEED);
        if (answer instanceof PageProposals.Answer.Cannot problem) {
            throw new EditRefusedException(problem.field(), problem.reason());
        }
        return ((PageProposals.Answer.Offers) answer).offers().get(0).page();
    }
}
