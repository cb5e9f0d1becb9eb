package wovenset.core.arrange;

import java.util.ArrayList;
import java.util.List;
import wovenset.core.measure.Length;
import wovenset.core.piece.Dress;
import wovenset.core.piece.Format;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Free;
import wovenset.core.piece.Grid;
import wovenset.core.piece.Marks;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.Slicing;
import wovenset.core.piece.Subject;

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
        record Cannot(String field, String reason) implements Answer {}
    }

    /**
     * The page as it would be; its empty frames are gone.
     *
     * @param lost mean share of a photo that is cropped
     * @param covered share of the space, less its gaps, that the frames take
     */
    public record Offer(Kind kind, Page page, double lost, double covered) {}

    /** Found by a search over all cuts, or the photos in their order in rows or columns. */
    public enum Kind {
        CUTS,
        ROWS,
        COLUMNS
    }

    /** The gap that a page has between its columns. */
    public static Length gapOf(Page page) {
        if (page.arrangement() instanceof Grid grid) {
            return grid.columnGap();
        }
        return page.arrangement() instanceof Slicing slicing ? slicing.gap() : USUAL_GAP;
    }

    /**
     * @param page one that fits the format
     * @param gap wished between neighbours
     * @param most searched ones that are wanted
     * @param seed another seed may give others
     */
    public static Answer of(Piece piece, Page page, PhotoTraits traits, Length gap, int most, long seed) {
        Format format = piece.format();
        Dress dress = piece.dress();
        boolean free = page.arrangement() instanceof Free;
        List<Frame> frames = page.frames().stream()
                .filter(frame -> frame.photo() != null && takesPart(frame, free))
                .toList();
        if (frames.isEmpty()) {
            return new Answer.Cannot("photos", "Put photos on this page first; proposals are made for them.");
        }
        if (frames.size() > Proposals.MOST_PHOTOS) {
            return new Answer.Cannot(
                    "photos",
                    "Proposals are made for at most " + Proposals.MOST_PHOTOS + " photos, and this page has "
                            + frames.size() + "; let some flow to another page.");
        }
        if (gap.isNegative()) {
            return new Answer.Cannot("gap", "A gap cannot be less than nothing.");
        }
        Space space = Space.of(format, dress, page.arrangement().margins(), gap, frames);
        List<Wish> wishes =
                frames.stream().map(frame -> wish(piece, frame, traits)).toList();
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

    /** Frames that were taken out stay out, but where nothing is arranged all take part that are not locked. */
    private static boolean takesPart(Frame frame, boolean free) {
        return frame.spot() == null || free && !frame.spot().locked();
    }

    private static Offer offer(Kind kind, Proposal found, Page page, List<Frame> frames, Length gap) {
        Slicing slicing = new Slicing(page.arrangement().margins(), gap, found.whole(), found.tree());
        return new Offer(
                kind,
                arranged(page, slicing, found.order().stream().map(frames::get).toList()),
                found.lost(),
                found.covered());
    }

    private static Page arranged(Page page, Slicing slicing, List<Frame> ordered) {
        List<Frame> all = new ArrayList<>(
                ordered.stream().map(frame -> frame.withSpot(null)).toList());
        page.frames().stream()
                .filter(frame -> frame.spot() != null && !ordered.contains(frame))
                .forEach(all::add);
        return page.with(slicing, all);
    }

    private static Wish wish(Piece piece, Frame frame, PhotoTraits traits) {
        Marks marks = frame.wanted();
        Subject subject = traits.subject(piece, java.util.Objects.requireNonNull(frame.photo()));
        boolean known = subject.origin() != Subject.Origin.NONE;
        double across = known ? subject.region().width() : 0;
        double down = known ? subject.region().height() : 0;
        boolean onItsSide = PhotoTraits.onItsSide(frame);
        return new Wish(
                traits.shown(frame),
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
                return new Answer.Cannot(
                        "gap",
                        "Gaps of " + format.say(gap) + " leave no room for " + wishes.size() + " photos; "
                                + format.say(narrower) + " does.");
            }
        }
        PlacesOutcome.DoesNotFit problem = Places.noRoomAtAll(space.widestTrim(), wishes.size());
        return new Answer.Cannot(problem.field(), problem.reason());
    }
}
