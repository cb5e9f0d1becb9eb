package wovenset.core.edit.cells;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.arrange.order.Harmony;
import wovenset.core.arrange.space.PlacesOutcome;
import wovenset.core.arrangement.Arrangement;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.Scattered;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Laying;
import wovenset.core.edit.slots.Named;
import wovenset.core.edit.slots.Slots;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Frame;
import wovenset.core.item.Item;
import wovenset.core.item.Placement;
import wovenset.core.photo.LabColour;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;

/** Edits that give a page another arrangement, and the one that orders photos by colour. */
public final class ArrangeEdits {
    private final PhotoFacts facts;
    private final Laying laying;
    private final Supplier<UUID> ids;

    public ArrangeEdits(PhotoFacts facts, Supplier<UUID> ids) {
        this.facts = facts;
        this.laying = new Laying(facts);
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(ArrangeEdit.Arrange.class, this::arrange);
        handlers.on(ArrangeEdit.Scatter.class, (piece, edit) -> {
            Page page = Named.page(piece, edit.pageId());
            List<Frame> ordered = ordered(page, edit.order());
            Scattered scattered = laying.strewn(piece, page, ordered, edit.margins(), edit.recipe());
            // Later prints lie over earlier ones, and all over what lies freely below them.
            return Outcome.of(piece, Laying.inSlots(page, scattered, ordered, Laying.Stacking.IN_ORDER), Doing.SCATTER);
        });
        handlers.on(ArrangeEdit.Harmonise.class, this::harmonise);
        handlers.on(ArrangeEdit.GiveBackItems.class, (piece, edit) -> {
            Page page = Named.page(piece, edit.pageId());
            List<Frame> frames = Named.frames(page, edit.itemIds());
            return Outcome.of(
                    piece, new Slots(piece, facts, ids).givenBack(page, frames), Doing.GIVE_BACK, frames.size());
        });
        handlers.on(ArrangeEdit.ReleasePage.class, (piece, edit) -> {
            Page page = Named.page(piece, edit.pageId());
            return Outcome.of(piece, new Slots(piece, facts, ids).released(page), Doing.RELEASE);
        });
    }

    /** The named frames; every slotted one with a photo is among them. */
    static List<Frame> ordered(Page page, List<UUID> order) {
        List<Frame> ordered = new ArrayList<>();
        for (UUID id : order) {
            ordered.add(page.frame(id).orElseThrow(() -> EditRefusedException.of("order", Reason.ORDER_OF_FRAMES)));
        }
        Set<UUID> named = new HashSet<>(order);
        if (named.size() != order.size()) {
            throw EditRefusedException.of("order", Reason.ORDER_OF_FRAMES);
        }
        boolean all = page.slotted().stream().allMatch(frame -> frame.isEmpty() || named.contains(frame.id()));
        if (!all) {
            throw EditRefusedException.of("order", Reason.ORDER_LACKS_FRAMES);
        }
        return ordered;
    }

    private Outcome arrange(Piece piece, ArrangeEdit.Arrange edit) {
        Page page = Named.page(piece, edit.pageId());
        List<Frame> ordered = ordered(page, edit.order());
        Arrangement arrangement = edit.arrangement();
        boolean fits = arrangement instanceof Grid
                ? arrangement.slots() >= ordered.size()
                : arrangement.slots() == ordered.size();
        if (!fits) {
            throw EditRefusedException.of("arrangement", Reason.SLOTS_FOR_FRAMES, arrangement.slots(), ordered.size());
        }
        List<Frame> all = new ArrayList<>(ordered);
        Page padded = page;
        while (all.size() < arrangement.slots()) {
            Frame empty = Frame.empty(
                    ids.get(),
                    new Placement.InSlot(all.size()),
                    piece.styles().usual().id());
            all.add(empty);
            List<Item> items = new ArrayList<>(padded.items());
            items.add(empty.withPlacement(Laying.FREE_FOR_NOW));
            padded = padded.withItems(items);
        }
        return Outcome.of(piece, Laying.inSlots(padded, arrangement, all, Laying.Stacking.KEPT), Doing.ARRANGE);
    }

    private Outcome harmonise(Piece piece, ArrangeEdit.Harmonise edit) {
        Page page = Named.page(piece, edit.pageId());
        PlacesOutcome.Fits fits = new Slots(piece, facts, ids).places(page);
        List<Frame> frames = new ArrayList<>();
        List<LabColour> colours = new ArrayList<>();
        List<BoxMm> places = new ArrayList<>();
        List<Boolean> pinned = new ArrayList<>();
        List<Frame> reading = new ArrayList<>(page.slotted());
        page.frames().stream().filter(Frame::hasOwnPlace).forEach(reading::add);
        for (Frame frame : reading) {
            piece.entryOf(page, frame)
                    .flatMap(entry -> facts.colour(entry.photo()))
                    .ifPresent(colour -> {
                        frames.add(frame);
                        colours.add(colour);
                        places.add(fits.of(frame.id()).box());
                        pinned.add(frame.marks().pinned());
                    });
        }
        if (pinned.stream().filter(pin -> !pin).count() < 2) {
            throw EditRefusedException.of("photos", Reason.NOTHING_TO_ORDER);
        }
        List<Integer> order = Harmony.order(colours, places, pinned, edit.mode(), edit.seed());
        Map<UUID, Frame> contents = new HashMap<>();
        for (int i = 0; i < frames.size(); i++) {
            contents.put(frames.get(i).id(), frames.get(order.get(i)));
        }
        Page ordered = page.mapFrames(frame -> {
            Frame content = contents.get(frame.id());
            return content == null ? frame : frame.withContentOf(content);
        });
        return Outcome.of(piece, ordered, edit.mode() == Harmony.Mode.EVEN ? Doing.EVEN_COLOURS : Doing.RUN_COLOURS);
    }
}
