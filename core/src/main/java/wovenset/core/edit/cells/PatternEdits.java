package wovenset.core.edit.cells;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import wovenset.core.arrangement.ByHand;
import wovenset.core.arrangement.Scattered;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.pages.PieceEdits;
import wovenset.core.edit.slots.Brought;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Laying;
import wovenset.core.edit.slots.Named;
import wovenset.core.edit.slots.NewPages;
import wovenset.core.edit.slots.Reflowing;
import wovenset.core.item.Frame;
import wovenset.core.item.Item;
import wovenset.core.item.Items;
import wovenset.core.pattern.Pattern;
import wovenset.core.pattern.Patterns;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.StyleSheet;
import wovenset.core.style.StyleUse;

/** Puts a page's photos into a pattern, or takes on its look. */
public final class PatternEdits {
    private final Laying laying;
    private final Supplier<UUID> ids;

    public PatternEdits(PhotoFacts facts, Supplier<UUID> ids) {
        this.laying = new Laying(facts);
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(ArrangeEdit.ApplyPattern.class, this::applyPattern);
    }

    private Outcome applyPattern(Piece piece, ArrangeEdit.ApplyPattern edit) {
        Page page = Named.page(piece, edit.pageId());
        Piece dressed = edit.part() == ArrangeEdit.PatternPart.FRAMES
                ? piece
                : dressed(piece, edit.pattern().styles());
        if (edit.part() == ArrangeEdit.PatternPart.LOOK) {
            return Outcome.of(dressed, Doing.USE_LOOK, edit.pattern().name());
        }
        Pattern pattern = Patterns.fitted(edit.pattern(), piece.format(), ids);
        return Outcome.of(
                framed(Brought.shared(dressed, edit.pattern().styles()), page, pattern, edit),
                Doing.USE_PATTERN,
                edit.pattern().name());
    }

    /** The look of the first style, the words and the ground; which style frames wear stays. */
    private static Piece dressed(Piece piece, StyleSheet look) {
        FrameStyle usual = piece.styles().usual();
        FrameStyle dressed = look.usual().as(usual.id(), usual.name());
        return PieceEdits.withCaptions(
                piece.withStyles(piece.styles()
                        .with(dressed)
                        .withGrounds(look.grounds())
                        .withLight(look.light())
                        .withEdges(look.edges())),
                look.captions());
    }

    /**
     * The page's photos in the pattern's frames: first those in slots, then those that lie freely. What has no frame flows to
     * new pages with the same pattern; scattered prints are as many as there are photos.
     */
    private Piece framed(Piece piece, Page page, Pattern pattern, ArrangeEdit.ApplyPattern edit) {
        List<Frame> filled = new ArrayList<>(page.slotted());
        page.frames().stream().filter(Frame::hasOwnPlace).forEach(filled::add);
        filled.removeIf(frame -> frame.isEmpty() || isFreeWords(frame));
        boolean ownLook = edit.part() == ArrangeEdit.PatternPart.FRAMES;
        Page model = pattern.page()
                .mapFrames(frame -> frame.withStyle(new StyleUse(
                        piece.styles().usual().id(),
                        ownLook ? List.of() : frame.style().differences())));
        List<Frame> words = freeWords(page).isEmpty() ? freeWords(model) : freeWords(page);
        boolean onlyPrints = model.frames().stream().allMatch(frame -> frame.isSlotted() || !frame.isForPhotos());
        if (model.arrangement() instanceof Scattered scattered && onlyPrints && !filled.isEmpty()) {
            Page titled = page.with(new ByHand(scattered.margins()), words);
            Scattered anew = laying.strewn(piece, titled, filled, scattered.margins(), scattered.recipe());
            return piece.mapPage(
                    page.id(),
                    old -> Laying.inSlots(
                            titled.withItems(Stream.concat(
                                            filled.stream().map(frame -> frame.withPlacement(Laying.FREE_FOR_NOW)),
                                            words.stream())
                                    .toList()),
                            anew,
                            filled,
                            Laying.Stacking.IN_ORDER));
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
        places.removeIf(frame -> !frame.isForPhotos());
        return places;
    }

    private static boolean isFreeWords(Frame frame) {
        return !frame.isForPhotos() && frame.hasOwnPlace();
    }

    /** Words that no slot holds. */
    private static List<Frame> freeWords(Page page) {
        return page.frames().stream().filter(PatternEdits::isFreeWords).toList();
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
}
