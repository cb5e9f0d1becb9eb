package wovenset.core.arrange.propose;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wovenset.core.geometry.BoxMm;

/** Where on a page one frame is that is much larger than all others: by this an arrangement is known at a glance. */
public enum LargePlace {
    LEFT,
    RIGHT,
    TOP,
    BOTTOM,
    MIDDLE;

    /** How many times as large as the next one it is at least. */
    private static final double MUCH = 1.6;

    private static final double TWICE = 2;
    /** Share of the room's side by which its middle lies aside. */
    private static final double ASIDE = 0.08;

    /** Nothing if there is no such frame; the place is told by the way in which it lies farthest from the middle of all. */
    static Optional<LargePlace> of(List<BoxMm> places) {
        if (places.size() < 2) {
            return Optional.empty();
        }
        List<BoxMm> sorted = places.stream()
                .sorted(Comparator.comparingDouble(LargePlace::area).reversed())
                .toList();
        BoxMm large = sorted.get(0);
        if (area(large) < MUCH * area(sorted.get(1))) {
            return Optional.empty();
        }
        BoxMm all = places.stream().reduce(BoxMm::union).orElseThrow();
        double across = (large.centreX() - all.centreX()) / all.width();
        double down = (large.centreY() - all.centreY()) / all.height();
        if (Math.max(Math.abs(across), Math.abs(down)) < ASIDE) {
            return Optional.of(MIDDLE);
        }
        return Optional.of(Math.abs(across) >= Math.abs(down) ? across < 0 ? LEFT : RIGHT : down < 0 ? TOP : BOTTOM);
    }

    /** How many are at least twice as large as the middle one of all by size. */
    static int larger(List<BoxMm> places) {
        double[] areas = places.stream().mapToDouble(LargePlace::area).sorted().toArray();
        double middle = areas[(areas.length - 1) / 2];
        return (int) Arrays.stream(areas).filter(area -> area >= TWICE * middle).count();
    }

    private static double area(BoxMm box) {
        return box.width() * box.height();
    }
}
