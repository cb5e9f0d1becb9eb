package wovenset.core.arrange.silhouette;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import wovenset.core.geometry.Areas;

/**
 * Makes pieces of cells: a cell of which the figure shows several parts, such as those of a heart's two bows, is parted, and what is empty,
 * tiny or thin is joined to the neighbour with which it has the longest border. Cost: n² for n parts at worst, usually n.
 */
final class Joining {
    /** Of the mean area; what is smaller is joined. */
    private static final double TINY = 0.35;
    /** Of the mean area's root; what is nowhere as broad as twice this is joined. */
    private static final double THIN = 0.14;
    /** What touches may be as far apart by reckoning. */
    private static final double NEAR = 1e-5;
    /** Shorter borders are corners. */
    private static final double SHORTEST = 1e-3;

    private final List<Part> parts = new ArrayList<>();
    private final double mean;

    /**
     * @param cell what it is of, without other parts of the same cell: beyond the figure such parts share what there is
     * @param own what the figure shows of it
     */
    private record Part(Geometry cell, Geometry own) {}

    private Joining(Geometry figure, List<Geometry> cells) {
        int shown = 0;
        for (Geometry cell : cells) {
            List<Geometry> areas = areas(Areas.shared(cell, figure));
            shown += areas.isEmpty() ? 0 : 1;
            areas.forEach(area -> parts.add(new Part(without(cell, areas, area), area)));
        }
        mean = figure.getArea() / Math.max(1, shown);
    }

    /** The cells of the pieces that a figure falls into. */
    static List<Geometry> joined(Geometry figure, List<Geometry> cells) {
        Joining joining = new Joining(figure, cells);
        joining.join();
        return joining.inReadingOrder();
    }

    private static List<Geometry> areas(Geometry of) {
        List<Geometry> areas = new ArrayList<>();
        for (int i = 0; i < of.getNumGeometries(); i++) {
            if (of.getGeometryN(i).getArea() > SHORTEST * SHORTEST) {
                areas.add(of.getGeometryN(i));
            }
        }
        return areas;
    }

    private static Geometry without(Geometry cell, List<Geometry> areas, Geometry own) {
        Geometry left = cell;
        for (Geometry area : areas) {
            left = area.equals(own) ? left : Areas.without(left, area);
        }
        return left;
    }

    private void join() {
        Set<Part> islands = new HashSet<>();
        while (true) {
            Optional<Part> small = parts.stream()
                    .filter(part -> !islands.contains(part) && isTooSmall(part.own()))
                    .min(Comparator.comparingDouble(part -> part.own().getArea()));
            if (small.isEmpty()) {
                return;
            }
            Part one = small.get();
            Optional<Part> other = parts.stream()
                    .filter(part -> !part.equals(one) && border(part, one) > SHORTEST)
                    .max(Comparator.comparingDouble(part -> border(part, one)));
            if (other.isEmpty()) {
                islands.add(one);
                continue;
            }
            parts.remove(one);
            parts.remove(other.get());
            parts.add(new Part(
                    together(one.cell(), other.get().cell()),
                    together(one.own(), other.get().own())));
        }
    }

    private boolean isTooSmall(Geometry own) {
        return own.getArea() < TINY * mean
                || own.buffer(-THIN * Math.sqrt(mean)).isEmpty();
    }

    /** How long the border of two parts is. */
    private static double border(Part one, Part other) {
        Geometry near = one.own().buffer(NEAR);
        return near.getEnvelopeInternal().intersects(other.own().getEnvelopeInternal())
                ? Areas.lengthWithin(near, other.own().getBoundary())
                : 0;
    }

    private static Geometry together(Geometry one, Geometry other) {
        return moved(Areas.together(moved(one, NEAR), moved(other, NEAR)), -NEAR);
    }

    private static Geometry moved(Geometry area, double by) {
        return BufferOp.bufferOp(
                area, by, new BufferParameters(2, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 5));
    }

    /** From line to line, as one reads, and from the left in each. */
    private List<Geometry> inReadingOrder() {
        double line = Math.sqrt(mean);
        return parts.stream()
                .sorted(Comparator.comparingDouble((Part part) ->
                                Math.floor(part.own().getCentroid().getY() / line))
                        .thenComparingDouble(part -> part.own().getCentroid().getX()))
                .map(Part::cell)
                .toList();
    }
}
