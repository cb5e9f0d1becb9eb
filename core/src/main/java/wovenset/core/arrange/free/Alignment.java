package wovenset.core.arrange.free;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Placement;
import wovenset.core.measure.Length;

/**
 * Lines frames up and makes the gaps between them even. A turned frame counts with the upright box around it. Cost: n log n.
 *
 * <p>Even gaps: with the frames sorted by their near edges, the free room F = (last far edge − first near edge) − Σ sizes is
 * shared out; frame i starts at the first near edge + Σ sizes before it + ⌊i·F/(n − 1)⌋, so that the first and the last stay
 * and gaps differ by at most 1 µm. F may be less than nothing: then all overlap alike.
 */
public final class Alignment {
    private Alignment() {}

    /** What of the frames is brought to one line. */
    public enum Edge {
        LEFT(true, 0),
        CENTRE(true, 0.5),
        RIGHT(true, 1),
        TOP(false, 0),
        MIDDLE(false, 0.5),
        BOTTOM(false, 1);

        private final boolean across;
        private final double share;

        Edge(boolean across, double share) {
            this.across = across;
            this.share = share;
        }
    }

    /** Each spot moved so that its edge meets the same edge of the reference. */
    public static List<Placement.Free> linedUp(List<Placement.Free> spots, Edge edge, BoxMm reference) {
        double line = edge.across
                ? reference.x() + edge.share * reference.width()
                : reference.y() + edge.share * reference.height();
        return spots.stream()
                .map(spot -> {
                    Stretch stretch = Stretch.of(spot, edge.across);
                    return moved(
                            spot,
                            Length.ofMm(line).micrometres() - stretch.from - Math.round(edge.share * stretch.size()),
                            edge.across);
                })
                .toList();
    }

    /** The box around all of these. */
    public static BoxMm around(List<Placement.Free> spots) {
        Stretch across = Stretch.around(spots, true);
        Stretch down = Stretch.around(spots, false);
        return BoxMm.of(
                new Length(across.from), new Length(down.from), new Length(across.size()), new Length(down.size()));
    }

    /** Each spot moved so that all gaps in one direction are equal; the outermost stay. */
    public static List<Placement.Free> evenGaps(List<Placement.Free> spots, boolean across) {
        List<Stretch> stretches =
                spots.stream().map(spot -> Stretch.of(spot, across)).toList();
        List<Integer> order = IntStream.range(0, spots.size())
                .boxed()
                .sorted(Comparator.comparingLong((Integer i) -> stretches.get(i).from)
                        .thenComparing(i -> stretches.get(i).to))
                .toList();
        Stretch all = Stretch.around(spots, across);
        long free = all.size() - stretches.stream().mapToLong(Stretch::size).sum();
        List<Placement.Free> moved = new ArrayList<>(spots);
        long at = all.from;
        for (int i = 0; i < order.size(); i++) {
            Stretch stretch = stretches.get(order.get(i));
            long start = at + (order.size() == 1 ? 0 : Math.floorDiv(i * free, (long) order.size() - 1));
            moved.set(order.get(i), moved(spots.get(order.get(i)), start - stretch.from, across));
            at += stretch.size();
        }
        return moved;
    }

    private static Placement.Free moved(Placement.Free spot, long by, boolean across) {
        return across
                ? spot.withBox(spot.box().movedBy(new Length(by), Length.ZERO))
                : spot.withBox(spot.box().movedBy(Length.ZERO, new Length(by)));
    }

    /** What a spot takes of one axis, micrometres. */
    private record Stretch(long from, long to) {
        static Stretch of(Placement.Free spot, boolean across) {
            if (spot.turnDegrees() == 0) {
                long from = (across ? spot.box().x() : spot.box().y()).micrometres();
                return new Stretch(
                        from, from + (across ? spot.box().width() : spot.box().height()).micrometres());
            }
            BoxMm box = spot.box().mm().turned(spot.turnDegrees());
            Length from = Length.ofMm(across ? box.x() : box.y());
            return new Stretch(
                    from.micrometres(),
                    from.plus(Length.ofMm(across ? box.width() : box.height())).micrometres());
        }

        static Stretch around(List<Placement.Free> spots, boolean across) {
            List<Stretch> all = spots.stream().map(spot -> of(spot, across)).toList();
            return new Stretch(
                    all.stream().mapToLong(Stretch::from).min().orElseThrow(),
                    all.stream().mapToLong(Stretch::to).max().orElseThrow());
        }

        long size() {
            return to - from;
        }
    }
}
