package wovenset.core.arrange.propose;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.space.FrameTrim;
import wovenset.core.arrange.space.Heads;
import wovenset.core.arrange.space.PagePhotos;
import wovenset.core.arrange.space.PlacesOutcome;
import wovenset.core.arrange.space.Space;
import wovenset.core.arrange.space.Strips;
import wovenset.core.arrangement.Arrangement;
import wovenset.core.arrangement.ByHand;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.Scattered;
import wovenset.core.arrangement.Silhouette;
import wovenset.core.arrangement.Slicing;
import wovenset.core.item.Frame;
import wovenset.core.item.Items;
import wovenset.core.item.Marks;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.Subject;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.said.Said;

/** Proposals for the photos that a page shows, each as the page would be: its frames keep their crops, words and marks. */
public final class PageProposals {
    private static final int FEWEST_FOR_LINES = 3;
    /** Micrometres; a gap below this is none. */
    private static final long SMALLEST_GAP = 100;

    /** Where none was set. */
    private static final Length USUAL_GAP = Length.ofMm(3);

    private PageProposals() {}

    /** What is proposed, or why nothing can be. */
    public sealed interface Answer {
        /** Searched ones best first, and after them, for three photos and more, rows and columns. */
        record Offers(List<Offer> offers) implements Answer {
            public Offers {
                offers = List.copyOf(offers);
            }
        }

        /** @param field what stands in the way */
        record Cannot(String field, Said reason) implements Answer {}
    }

    /**
     * The page as it would be; its empty frames are gone.
     *
     * @param order its frames in the order of the slots
     * @param larger how many frames are at least twice as large as the middle one of all
     * @param large where one frame is that is much larger than the others, if there is one
     * @param lost mean share of a photo that is cropped
     * @param covered share of the space, less its gaps, that the frames take
     */
    public record Offer(
            Kind kind,
            Page page,
            List<UUID> order,
            int larger,
            Optional<LargePlace> large,
            double lost,
            double covered) {}

    /** Found by a search over all cuts, or the photos in their order in rows or columns. */
    public enum Kind {
        CUTS,
        ROWS,
        COLUMNS
    }

    /** The gap that a page has between its columns. */
    public static Length gapOf(Page page) {
        return page.arrangement().accept(new Arrangement.Visitor<>() {
            @Override
            public Length grid(Grid grid) {
                return grid.columnGap();
            }

            @Override
            public Length slicing(Slicing slicing) {
                return slicing.gap();
            }

            @Override
            public Length scattered(Scattered scattered) {
                return USUAL_GAP;
            }

            @Override
            public Length silhouette(Silhouette silhouette) {
                return silhouette.gap();
            }

            @Override
            public Length byHand(ByHand byHand) {
                return USUAL_GAP;
            }
        });
    }

    /**
     * @param page one that fits the format
     * @param gap wished between neighbours
     * @param most searched ones that are wanted
     * @param seed another seed may give others
     */
    public static Answer of(Piece piece, Page page, PhotoFacts facts, Length gap, int most, long seed) {
        Format format = piece.format();
        List<Frame> frames = taking(page);
        if (frames.isEmpty()) {
            return cannot("photos", Reason.NOTHING_TO_PROPOSE);
        }
        if (frames.size() > Proposals.MOST_PHOTOS) {
            return cannot("photos", Reason.TOO_MANY_TO_PROPOSE, Proposals.MOST_PHOTOS, frames.size());
        }
        if (gap.isNegative()) {
            return cannot("gap", Reason.GAP_NEGATIVE);
        }
        Space space = Space.of(format, Heads.of(piece, page).margins(), gap, trims(piece, page, frames));
        PagePhotos photos = new PagePhotos(piece, page, facts);
        List<Wish> wishes = frames.stream().map(frame -> wish(frame, photos)).toList();
        List<Offer> offers = new ArrayList<>();
        Proposals.of(wishes, space, most, seed)
                .forEach(found -> offers.add(offer(Kind.CUTS, found, page, frames, gap)));
        if (offers.isEmpty()) {
            return noRoom(format, wishes, space, gap);
        }
        if (frames.size() >= FEWEST_FOR_LINES) {
            Proposals.lines(wishes, space, true)
                    .ifPresent(found -> offers.add(offer(Kind.ROWS, found, page, frames, gap)));
            Proposals.lines(wishes, space, false)
                    .ifPresent(found -> offers.add(offer(Kind.COLUMNS, found, page, frames, gap)));
        }
        return new Answer.Offers(offers);
    }

    private static Answer.Cannot cannot(String field, Reason reason, Object... args) {
        return new Answer.Cannot(field, Said.of(reason, args));
    }

    /**
     * The frames that take part in an arrangement of the page: those with a photo that were not taken out, in the slots' order;
     * where nothing is arranged, all with a photo that are not locked, from back to front. Words take part where a slot holds them.
     */
    public static List<Frame> taking(Page page) {
        boolean byHand = page.arrangement() instanceof ByHand;
        return (byHand ? page.frames() : page.slotted())
                .stream()
                        .filter(frame ->
                                !frame.isEmpty() && !(byHand && (frame.look().locked() || !frame.isForPhotos())))
                        .toList();
    }

    /** Where one photo has words, all are counted with them: which will stand in a row is not known yet. */
    private static List<FrameTrim> trims(Piece piece, Page page, List<Frame> frames) {
        Strips strips = Strips.of(piece, page);
        return frames.stream().map(strips::trimIfAny).toList();
    }

    private static Offer offer(Kind kind, Proposal found, Page page, List<Frame> frames, Length gap) {
        Slicing slicing = new Slicing(page.arrangement().margins(), gap, found.whole(), found.tree());
        List<UUID> order =
                found.order().stream().map(photo -> frames.get(photo).id()).toList();
        return new Offer(
                kind,
                arranged(page, slicing, order),
                order,
                LargePlace.larger(found.places()),
                LargePlace.of(found.places()),
                found.lost(),
                found.covered());
    }

    private static Page arranged(Page page, Slicing slicing, List<UUID> order) {
        return page.with(slicing, Items.mapFrames(page.items(), frame -> {
            int slot = order.indexOf(frame.id());
            return slot >= 0
                    ? Optional.of(frame.inSlot(slot))
                    : Optional.of(frame).filter(Frame::hasOwnPlace);
        }));
    }

    private static Wish wish(Frame frame, PagePhotos photos) {
        Marks marks = frame.marks();
        Subject subject = photos.subject(frame);
        boolean known = subject.origin() != Subject.Origin.NONE;
        double across = known ? subject.region().width() : 0;
        double down = known ? subject.region().height() : 0;
        boolean onItsSide = frame.crop().onItsSide();
        return new Wish(
                photos.shown(frame),
                marks.larger(),
                marks.keepWhole(),
                marks.turn() == Marks.Turn.FIRST,
                marks.turn() == Marks.Turn.LAST,
                marks.together(),
                onItsSide ? down : across,
                onItsSide ? across : down);
    }

    /** What does not fit, and the widest gap that does, by halving. */
    private static Answer noRoom(Format format, List<Wish> wishes, Space space, Length gap) {
        for (long tried = gap.micrometres() / 2; tried > SMALLEST_GAP; tried /= 2) {
            Length narrower = new Length(tried);
            if (!Proposals.of(wishes, space.withGap(narrower.mm()), 1, 0).isEmpty()) {
                return cannot("gap", Reason.GAP_TOO_WIDE, format.say(gap), wishes.size(), format.say(narrower));
            }
        }
        PlacesOutcome.DoesNotFit problem = Places.noRoomAtAll(space.widestTrim(), wishes.size());
        return new Answer.Cannot(problem.field(), problem.reason());
    }
}
