package wovenset.core.arrange.propose;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import wovenset.core.arrange.slicing.Lines;
import wovenset.core.arrange.slicing.SlicingSums;
import wovenset.core.arrange.space.FrameTrim;
import wovenset.core.arrange.space.Space;
import wovenset.core.arrangement.SlicingTree;
import wovenset.core.arrangement.SlicingTree.Cut;
import wovenset.core.arrangement.SlicingTree.Leaf;
import wovenset.core.arrangement.SlicingTree.Way;
import wovenset.core.geometry.BoxMm;

/**
 * Ways to arrange photos in a room, best first and clearly different from each other. Several searches run from different
 * starts, some for whole photos, some with one photo larger than the rest; of what they find the best is taken, and then
 * again the best of those that look unlike all that were taken. The same ask gives the same answer. Cost:
 * {@value #SEARCHES} · {@value #MOST_STEPS} · photos; few photos take fewer steps.
 */
public final class Proposals {
    public static final int MOST_PHOTOS = 60;
    static final int SEARCHES = 22;
    static final int MOST_STEPS = 2400;
    private static final int FEWEST_STEPS = 600;
    private static final int STEPS_EACH = 100;
    private static final double HERO = 3;
    /** How different proposals are at least; the second and third only if there are too few. */
    private static final double[] APART = {0.28, 0.15, 0.05};

    private static final double[] SET_PROPORTIONS = {1, 0.8, 1.25, 2 / 3.0, 1.5, 0.5, 2, 0.35, 2.8};
    /** Few photos can be cut in few ways: up to so many, places of set proportions are offered, too. */
    private static final int FEW = 6;

    /** What one edge more costs: fewer, longer edges look calmer. */
    private static final double EDGES = 0.12;

    private final List<Wish> wishes;
    private final Space space;
    private final BoxMm room;
    private final long seed;

    private Proposals(List<Wish> wishes, Space space, long seed) {
        this.wishes = wishes;
        this.space = space;
        this.room = space.box();
        this.seed = seed;
    }

    /**
     * @param wishes one for each photo, in the order in which they should about appear, 1 to {@value #MOST_PHOTOS}
     * @param most how many proposals are wanted
     * @param seed another seed may give others
     * @return best first; empty if gap and trim leave no room for so many photos
     */
    public static List<Proposal> of(List<Wish> wishes, Space space, int most, long seed) {
        if (wishes.isEmpty() || wishes.size() > MOST_PHOTOS) {
            throw new IllegalArgumentException("Proposals are made for 1 to " + MOST_PHOTOS + " photos");
        }
        return new Proposals(wishes, space, seed).best(most);
    }

    /** The photos in their order in rows, or in columns ({@link Lines}); nothing if there is no room. */
    public static Optional<Proposal> lines(List<Wish> wishes, Space space, boolean rows) {
        List<Double> proportions = wishes.stream().map(Wish::proportion).toList();
        return Lines.tree(proportions, space, rows)
                .flatMap(tree -> new Proposals(wishes, space, 0)
                        .scored(tree, IntStream.range(0, wishes.size()).boxed().toList(), true, 0))
                .map(Scored::proposal);
    }

    private record Scored(Proposal proposal, double cost) {}

    private List<Proposal> best(int most) {
        List<Scored> found = new ArrayList<>(IntStream.range(0, SEARCHES)
                .parallel()
                .mapToObj(this::searched)
                .flatMap(Optional::stream)
                .toList());
        if (wishes.size() <= FEW) {
            found.addAll(ofSetProportions());
        }
        found.sort(Comparator.comparingDouble(Scored::cost));
        List<Scored> taken = new ArrayList<>();
        for (double apart : APART) {
            for (Scored one : found) {
                if (taken.size() < most
                        && taken.stream().allMatch(other -> other.proposal.distance(one.proposal, room) >= apart)) {
                    taken.add(one);
                }
            }
        }
        taken.sort(Comparator.comparingDouble(Scored::cost));
        return taken.stream().map(Scored::proposal).toList();
    }

    private Optional<Scored> searched(int number) {
        SplittableRandom random = new SplittableRandom(seed * 31 + number);
        Wish[] asked = wishes.toArray(Wish[]::new);
        double[] plain = wishes.stream().mapToDouble(Wish::weight).toArray();
        boolean whole = number % 3 == 2;
        double[] weights = plain.clone();
        // The first six searches are plain; the others each favour a photo, from the first to the last.
        if (number >= 6 && asked.length > 2) {
            weights[(number - 6) * asked.length / (SEARCHES - 6)] *= HERO;
        }
        SlicingCost cost = new SlicingCost(asked, weights, space, whole);
        SlicingDraft start = SlicingDraft.start(
                wishes.stream().mapToDouble(Wish::proportion).toArray(),
                IntStream.range(0, asked.length).toArray(),
                room.width() / room.height(),
                random);
        SlicingDraft draft =
                SlicingSearch.best(start, cost, Math.min(MOST_STEPS, FEWEST_STEPS + STEPS_EACH * asked.length), random);
        double judged = new SlicingCost(asked, plain, space, whole).of(draft);
        return scored(draft.tree(), draft.order(), whole, judged);
    }

    private Optional<Scored> scored(SlicingTree tree, List<Integer> order, boolean whole, double cost) {
        List<Double> proportions =
                order.stream().map(photo -> wishes.get(photo).proportion()).toList();
        return SlicingSums.places(tree, proportions, space.ordered(order), whole)
                .map(places -> {
                    double lost = 0;
                    double area = 0;
                    for (int i = 0; i < places.size(); i++) {
                        BoxMm place = places.get(i);
                        FrameTrim trim = space.trim(order.get(i));
                        double r =
                                (place.width() - trim.across()) / (place.height() - trim.down()) / proportions.get(i);
                        lost += (1 - Math.min(r, 1 / r)) / places.size();
                        area += place.width() * place.height();
                    }
                    double covered = Math.min(1, area / (room.width() * room.height() - gaps(tree, places)));
                    Proposal proposal = new Proposal(tree, whole, order, places, lost < 1e-9 ? 0 : lost, covered);
                    return new Scored(proposal, cost + EDGES * edges(places) / (4.0 * places.size()));
                });
    }

    /** The number of different edges, across and down, to a tenth of a millimetre. */
    private static long edges(List<BoxMm> places) {
        return places.stream()
                        .flatMap(p -> Stream.of(p.x(), p.x() + p.width()))
                        .map(v -> Math.round(v * 10))
                        .distinct()
                        .count()
                + places.stream()
                        .flatMap(p -> Stream.of(p.y(), p.y() + p.height()))
                        .map(v -> Math.round(v * 10))
                        .distinct()
                        .count();
    }

    /** The area of the gaps: at each cut, its length by the gap's width. */
    private double gaps(SlicingTree tree, List<BoxMm> places) {
        return gaps(tree, places, new int[1]).area;
    }

    private record Extent(double x, double y, double right, double bottom, double area) {}

    private Extent gaps(SlicingTree tree, List<BoxMm> places, int[] next) {
        if (tree instanceof Leaf) {
            BoxMm place = places.get(next[0]++);
            return new Extent(place.x(), place.y(), place.x() + place.width(), place.y() + place.height(), 0);
        }
        Cut cut = (Cut) tree;
        List<Extent> parts =
                cut.parts().stream().map(part -> gaps(part, places, next)).toList();
        double x = parts.stream().mapToDouble(Extent::x).min().orElseThrow();
        double y = parts.stream().mapToDouble(Extent::y).min().orElseThrow();
        double right = parts.stream().mapToDouble(Extent::right).max().orElseThrow();
        double bottom = parts.stream().mapToDouble(Extent::bottom).max().orElseThrow();
        double length = cut.way() == Way.ACROSS ? bottom - y : right - x;
        return new Extent(
                x,
                y,
                right,
                bottom,
                parts.stream().mapToDouble(Extent::area).sum() + length * space.gap() * (parts.size() - 1));
    }

    private List<Scored> ofSetProportions() {
        List<Scored> found = new ArrayList<>();
        List<Integer> order = IntStream.range(0, wishes.size()).boxed().toList();
        for (double proportion : SET_PROPORTIONS) {
            for (int rows = 1; rows <= wishes.size(); rows++) {
                if (wishes.size() % rows == 0) {
                    SlicingTree row =
                            Cut.of(Way.ACROSS, Collections.nCopies(wishes.size() / rows, new Leaf(proportion)));
                    scored(Cut.of(Way.DOWN, Collections.nCopies(rows, row)), order, true, 0)
                            .ifPresent(one -> found.add(new Scored(
                                    one.proposal,
                                    3 * Math.max(one.proposal.lost(), 1 - one.proposal.covered()) + one.cost)));
                }
            }
        }
        return found;
    }
}
