package wovenset.core.edit.apply;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.order.Harmony;
import wovenset.core.arrange.scatter.Scatter;
import wovenset.core.arrange.space.FrameTrim;
import wovenset.core.arrange.space.Heads;
import wovenset.core.arrange.space.PagePhotos;
import wovenset.core.arrange.space.Place;
import wovenset.core.arrange.space.PlacesOutcome;
import wovenset.core.arrange.space.Space;
import wovenset.core.arrangement.Arrangement;
import wovenset.core.arrangement.ByHand;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.Margins;
import wovenset.core.arrangement.Scattered;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.slots.Named;
import wovenset.core.edit.slots.NewPages;
import wovenset.core.edit.slots.Reflowing;
import wovenset.core.edit.slots.Slots;
import wovenset.core.geometry.Box;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Frame;
import wovenset.core.item.Item;
import wovenset.core.item.Items;
import wovenset.core.item.Placement;
import wovenset.core.measure.Length;
import wovenset.core.pattern.Pattern;
import wovenset.core.pattern.Patterns;
import wovenset.core.photo.LabColour;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.StyleSheet;
import wovenset.core.style.StyleUse;

/** Edits that give a page another arrangement, and the one that orders photos by colour. */
final class ArrangeEdits {
    private final PhotoFacts facts;
    private final Supplier<UUID> ids;

    ArrangeEdits(PhotoFacts facts, Supplier<UUID> ids) {
        this.facts = facts;
        this.ids = ids;
    }

    void register(Handlers handlers) {
        handlers.on(Edit.Arrange.class, this::arrange);
        handlers.on(Edit.Scatter.class, (piece, edit) -> {
            Page page = Named.page(piece, edit.pageId());
            List<Frame> ordered = ordered(page, edit.order());
            Scattered scattered = strewn(piece, page, ordered, edit.margins(), edit.recipe());
            // Later prints lie over earlier ones, and all over what lies freely below them.
            return Outcome.of(piece, inSlots(page, scattered, ordered, Stacking.IN_ORDER), Doing.SCATTER);
        });
        handlers.on(Edit.ApplyPattern.class, this::applyPattern);
        handlers.on(Edit.Harmonise.class, this::harmonise);
        handlers.on(Edit.GiveBackItems.class, (piece, edit) -> {
            Page page = Named.page(piece, edit.pageId());
            List<Frame> frames = Named.frames(page, edit.itemIds());
            return Outcome.of(
                    piece, new Slots(piece, facts, ids).givenBack(page, frames), Doing.GIVE_BACK, frames.size());
        });
        handlers.on(Edit.ReleasePage.class, (piece, edit) -> {
            Page page = Named.page(piece, edit.pageId());
            return Outcome.of(piece, new Slots(piece, facts, ids).released(page), Doing.RELEASE);
        });
    }

    /** The named frames; every slotted one with a photo is among them. */
    private static List<Frame> ordered(Page page, List<UUID> order) {
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

    private Outcome arrange(Piece piece, Edit.Arrange edit) {
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
            items.add(empty.withPlacement(FREE_FOR_NOW));
            padded = padded.withItems(items);
        }
        return Outcome.of(piece, inSlots(padded, arrangement, all, Stacking.KEPT), Doing.ARRANGE);
    }

    /** Stands for a place until the arrangement that has one is there. */
    private static final Placement.Free FREE_FOR_NOW =
            new Placement.Free(new Box(Length.ZERO, Length.ZERO, Placement.Free.SMALLEST, Placement.Free.SMALLEST), 0);

    private enum Stacking {
        KEPT,
        IN_ORDER
    }

    /** The page in another arrangement, with these of its frames in the slots; other slotted frames go. */
    private static Page inSlots(Page page, Arrangement arrangement, List<Frame> frames, Stacking stacking) {
        List<UUID> order = frames.stream().map(Frame::id).toList();
        List<Item> items = new ArrayList<>(Items.mapFrames(page.items(), frame -> {
            int slot = order.indexOf(frame.id());
            if (slot >= 0) {
                return stacking == Stacking.IN_ORDER ? Optional.empty() : Optional.of(frame.inSlot(slot));
            }
            return Optional.of(frame).filter(Frame::hasOwnPlace);
        }));
        if (stacking == Stacking.IN_ORDER) {
            List<Item> prints = new ArrayList<>();
            for (int slot = 0; slot < frames.size(); slot++) {
                prints.add(frames.get(slot).inSlot(slot));
            }
            items.addAll(0, prints);
        }
        if (stacking == Stacking.KEPT) {
            stackInReadingOrder(items);
        }
        return page.with(arrangement, items);
    }

    /** Among the places from back to front that arranged frames take, the frames follow each other as their slots do. */
    private static void stackInReadingOrder(List<Item> items) {
        List<Integer> at = new ArrayList<>();
        Map<Integer, Frame> bySlot = new TreeMap<>();
        for (int i = 0; i < items.size(); i++) {
            if (items.get(i) instanceof Frame frame && frame.placement() instanceof Placement.InSlot in) {
                at.add(i);
                bySlot.put(in.slot(), frame);
            }
        }
        Iterator<Frame> next = bySlot.values().iterator();
        at.forEach(i -> items.set(i, next.next()));
    }

    private Scattered strewn(Piece piece, Page page, List<Frame> frames, Margins margins, Scattered.Recipe recipe) {
        Optional<PlacesOutcome.DoesNotFit> problem = Places.marginProblem(piece.format(), margins);
        if (problem.isPresent()) {
            throw new EditRefusedException(problem.get().field(), problem.get().reason());
        }
        List<FrameTrim> trims = Places.trims(piece, page, frames);
        Margins inner = Heads.of(piece, page, margins).margins();
        Space space = Space.of(piece.format(), inner, Length.ZERO, trims);
        PagePhotos photos = new PagePhotos(piece, page, facts);
        List<Place> places = Scatter.places(
                recipe,
                photos.shown(frames),
                frames.stream().map(photos::region).toList(),
                space);
        if (places.isEmpty() && !frames.isEmpty()) {
            PlacesOutcome.DoesNotFit none = Places.noRoomAtAll(space.widestTrim(), frames.size());
            throw new EditRefusedException(none.field(), none.reason());
        }
        return new Scattered(
                margins,
                recipe,
                places.stream()
                        .map(place -> new Scattered.Print(Box.of(place.box()), place.turnDegrees()))
                        .toList());
    }

    private Outcome applyPattern(Piece piece, Edit.ApplyPattern edit) {
        Page page = Named.page(piece, edit.pageId());
        Piece dressed = edit.part() == Edit.PatternPart.FRAMES
                ? piece
                : dressed(piece, edit.pattern().styles());
        if (edit.part() == Edit.PatternPart.LOOK) {
            return Outcome.of(dressed, Doing.USE_LOOK, edit.pattern().name());
        }
        Pattern pattern = Patterns.fitted(edit.pattern(), piece.format(), ids);
        return Outcome.of(
                framed(dressed, page, pattern, edit),
                Doing.USE_PATTERN,
                edit.pattern().name());
    }

    /** The look of the first style, the words and the ground; which style frames wear stays. */
    private static Piece dressed(Piece piece, StyleSheet look) {
        FrameStyle usual = piece.styles().usual();
        FrameStyle dressed = new FrameStyle(
                usual.id(),
                usual.name(),
                look.usual().bands(),
                look.usual().cornerRadius(),
                look.usual().shadow());
        return PieceEdits.withCaptions(
                piece.withStyles(piece.styles()
                        .with(dressed)
                        .withGround(look.ground())
                        .withLight(look.light())
                        .withEdges(look.edges())),
                look.captions());
    }

    /**
     * The page's photos in the pattern's frames: first those in slots, then those that lie freely. What has no frame flows to
     * new pages with the same pattern; scattered prints are as many as there are photos.
     */
    private Piece framed(Piece piece, Page page, Pattern pattern, Edit.ApplyPattern edit) {
        List<Frame> filled = new ArrayList<>(page.slotted());
        page.frames().stream().filter(Frame::hasOwnPlace).forEach(filled::add);
        filled.removeIf(frame -> frame.isEmpty() || isFreeWords(frame));
        boolean ownLook = edit.part() == Edit.PatternPart.FRAMES;
        Page model = pattern.page()
                .mapFrames(frame -> frame.withStyle(new StyleUse(
                        piece.styles().usual().id(),
                        ownLook ? List.of() : frame.style().differences())));
        List<Frame> words = freeWords(page).isEmpty() ? freeWords(model) : freeWords(page);
        boolean onlyPrints = model.frames().stream().allMatch(frame -> frame.isSlotted() || frame.showsWords());
        if (model.arrangement() instanceof Scattered scattered && onlyPrints && !filled.isEmpty()) {
            Page titled = page.with(new ByHand(scattered.margins()), words);
            Scattered anew = strewn(piece, titled, filled, scattered.margins(), scattered.recipe());
            return piece.mapPage(
                    page.id(),
                    old -> inSlots(
                            titled.withItems(Stream.concat(
                                            filled.stream().map(frame -> frame.withPlacement(FREE_FOR_NOW)),
                                            words.stream())
                                    .toList()),
                            anew,
                            filled,
                            Stacking.IN_ORDER));
        }
        List<Frame> places = photoPlaces(model);
        int perPage = places.size();
        Page first = page.withPictures(List.of())
                .with(
                        model.arrangement(),
                        with(
                                words,
                                content(model, places, filled.subList(0, Math.min(perPage, filled.size())), ownLook)));
        List<Page> pages = new ArrayList<>();
        for (int at = perPage; at < filled.size(); at += perPage) {
            Page more = NewPages.emptyLike(model, ids);
            List<Frame> morePlaces = photoPlaces(more);
            pages.add(more.withItems(
                    content(more, morePlaces, filled.subList(at, Math.min(at + perPage, filled.size())), ownLook)));
        }
        return new Reflowing(piece, edit.reflow(), ids).inserted(page, first, pages, filled.size());
    }

    /** Where photos go: slots first, then what lies freely. Words keep their places. */
    private static List<Frame> photoPlaces(Page page) {
        List<Frame> places = new ArrayList<>(page.slotted());
        page.frames().stream().filter(Frame::hasOwnPlace).forEach(places::add);
        places.removeIf(Frame::showsWords);
        return places;
    }

    private static boolean isFreeWords(Frame frame) {
        return frame.showsWords() && frame.hasOwnPlace();
    }

    /** Words that no slot holds. */
    private static List<Frame> freeWords(Page page) {
        return page.frames().stream().filter(ArrangeEdits::isFreeWords).toList();
    }

    /** These words in front, instead of others that no slot holds. */
    private static List<Item> with(List<Frame> words, List<Item> items) {
        List<Item> all = new ArrayList<>(
                Items.mapFrames(items, frame -> Optional.of(frame).filter(one -> !isFreeWords(one))));
        all.addAll(words);
        return all;
    }

    private static List<Item> content(Page model, List<Frame> places, List<Frame> filled, boolean ownLook) {
        Map<UUID, Frame> contents = new HashMap<>();
        for (int i = 0; i < filled.size(); i++) {
            contents.put(places.get(i).id(), filled.get(i));
        }
        return model.mapFrames(frame -> {
                    Frame content = contents.get(frame.id());
                    if (content == null) {
                        return frame;
                    }
                    Frame with = frame.withContentOf(content);
                    return ownLook ? with : with.withStyle(frame.style()).withOutline(frame.outline());
                })
                .items();
    }

    private Outcome harmonise(Piece piece, Edit.Harmonise edit) {
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
