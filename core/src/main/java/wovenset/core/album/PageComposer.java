package wovenset.core.album;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import wovenset.core.arrange.space.FrameTrim;
import wovenset.core.arrange.space.Heads;
import wovenset.core.arrange.space.PagePhotos;
import wovenset.core.arrange.space.Space;
import wovenset.core.arrange.space.Strips;
import wovenset.core.arrangement.ByHand;
import wovenset.core.arrangement.Margins;
import wovenset.core.arrangement.Slicing;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Item;
import wovenset.core.item.Placement;
import wovenset.core.measure.Length;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Album;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.style.CaptionStyle;

/** Cuts one page for its photos in their order, as an album wishes it. */
final class PageComposer {
    private final Piece piece;
    private final Album album;
    private final PhotoFacts facts;
    private final FrameTrim trim;
    private final Map<BoxMm, Layouts> layouts = new HashMap<>();

    PageComposer(Piece piece, Album album, PhotoFacts facts) {
        this.piece = piece;
        this.album = album;
        this.facts = facts;
        Strips strips = Strips.of(piece, Page.of(new UUID(0, 0), new ByHand(album.margins()), List.of()));
        Frame usual = Frame.of(
                new UUID(0, 0), new Placement.InSlot(0), piece.styles().usual().id(), Fill.EMPTY);
        // Which photos will stand together is not known yet: where one has words, all are counted with them.
        boolean room = piece.styles().captions().show() == CaptionStyle.Show.ALWAYS
                || piece.entries().list().stream()
                        .anyMatch(entry -> !entry.caption().isBlank());
        trim = room ? strips.trimIfAny(usual) : strips.trim(usual);
    }

    /** For pages without words across them. */
    Layouts common() {
        return in(album.margins());
    }

    /** @param margins what is free above and below, words across the page with it */
    private Layouts in(Margins margins) {
        Space space = Space.of(piece.format(), margins, album.gap(), List.of(trim));
        return layouts.computeIfAbsent(
                space.box(), box -> new Layouts(space, album.margins().equals(Margins.all(Length.ZERO))));
    }

    /** How large a frame is wished beside one without a mark. */
    double weight(Frame frame) {
        return frame.fill() instanceof Fill.Words words
                ? WordsBlock.weight(
                        words,
                        album,
                        Space.of(piece.format(), album.margins(), album.gap(), List.of(trim))
                                .box())
                : FlowPhotos.weight(frame.marks());
    }

    /** What words across the page leave, unless that is nothing: such a page is refused later, by what stands in the way. */
    private Margins beside(Page bare, Margins own) {
        Margins margins = Heads.of(piece, bare).margins();
        boolean leavesRoom =
                margins.top().plus(margins.bottom()).compareTo(piece.format().height()) < 0;
        return leavesRoom ? margins : own;
    }

    /**
     * The page with these photos in slots of one cut.
     *
     * @param onLeft whether it is a left-hand page
     * @param frames each with a photo, in their order
     * @param behind what lies behind them
     * @param front what lies in front of them
     */
    Page composed(Page page, boolean onLeft, List<Frame> frames, List<Item> behind, List<Item> front) {
        List<Item> loose = Stream.concat(behind.stream(), front.stream()).toList();
        Margins own = album.margins(onLeft);
        Layouts fitting = in(beside(page.with(new ByHand(own), loose), own));
        PagePhotos photos = new PagePhotos(piece, page, facts);
        Layout layout = fitting.best(
                frames.stream()
                        .mapToDouble(frame -> HandWork.isBlock(frame) ? WordsBlock.PROPORTION : photos.shown(frame))
                        .toArray(),
                frames.stream().mapToDouble(this::weight).toArray(),
                0,
                frames.size());
        List<Item> items = new ArrayList<>(behind);
        for (int slot = 0; slot < frames.size(); slot++) {
            Frame frame = frames.get(slot);
            Optional<Double> proportion = HandWork.isBlock(frame) ? Optional.of(layout.words()) : Optional.empty();
            items.add(frame.withPlacement(new Placement.InSlot(slot, proportion)));
        }
        items.addAll(front);
        Slicing slicing = new Slicing(own, album.gap(), layout.whole(), layout.tree());
        return page.with(slicing, items).withFlow(Page.Flow.FLOWED);
    }
}
