package wovenset.core.arrange.propose;

import java.util.List;
import wovenset.core.arrange.slicing.SlicingSums;
import wovenset.core.arrangement.SlicingTree;
import wovenset.core.geometry.BoxMm;

/**
 * One way to arrange photos in a room.
 *
 * @param whole whether every picture keeps its proportion, see {@link SlicingSums}
 * @param order which photo is in each place: numbers of the asked photos, each once
 * @param places in the order of the tree's leaves
 * @param lost mean share of a picture that is cropped, 0 to 1
 * @param covered share of the room, less its gaps, that the frames take
 */
public record Proposal(
        SlicingTree tree, boolean whole, List<Integer> order, List<BoxMm> places, double lost, double covered) {
    private static final int LATTICE = 12;
    private static final BoxMm NOWHERE = new BoxMm(0, 0, 0, 0);

    public Proposal {
        order = List.copyOf(order);
        places = List.copyOf(places);
    }

    /**
     * How different another proposal looks, whatever photos it shows where: over a lattice of points, the mean of
     * 1 − (what the two places at the point share) / (what they cover together). 0 is alike, 1 wholly different.
     */
    double distance(Proposal other, BoxMm room) {
        double sum = 0;
        for (int i = 0; i < LATTICE * LATTICE; i++) {
            double x = room.x() + room.width() * (i % LATTICE + 0.5) / LATTICE;
            double y = room.y() + room.height() * (Math.floorDiv(i, LATTICE) + 0.5) / LATTICE;
            BoxMm one = at(x, y);
            BoxMm two = other.at(x, y);
            sum += one.equals(NOWHERE) && two.equals(NOWHERE) ? 0 : 1 - shared(one, two);
        }
        return sum / (LATTICE * LATTICE);
    }

    private BoxMm at(double x, double y) {
        for (BoxMm place : places) {
            if (x >= place.x() && x <= place.x() + place.width() && y >= place.y() && y <= place.y() + place.height()) {
                return place;
            }
        }
        return NOWHERE;
    }

    private static double shared(BoxMm a, BoxMm b) {
        double width = Math.min(a.x() + a.width(), b.x() + b.width()) - Math.max(a.x(), b.x());
        double height = Math.min(a.y() + a.height(), b.y() + b.height()) - Math.max(a.y(), b.y());
        if (width <= 0 || height <= 0) {
            return 0;
        }
        double both = width * height;
        return both / (a.width() * a.height() + b.width() * b.height() - both);
    }
}
