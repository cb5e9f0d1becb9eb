package wovenset.core.arrange.free;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.testing.Pieces.format;
import static wovenset.core.testing.Pieces.free;

import java.util.Comparator;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import wovenset.core.arrange.space.Place;
import wovenset.core.geometry.Box;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Placement;
import wovenset.core.measure.Length;

class AlignmentTest {
    @Provide
    Arbitrary<List<Placement.Free>> spots() {
        Arbitrary<Long> at = Arbitraries.longs().between(-50_000, 300_000);
        Arbitrary<Long> side = Arbitraries.longs().between(2_000, 120_000);
        Arbitrary<Double> turn = Arbitraries.of(0.0, 0.0, 90.0, -12.5, 180.0);
        return Combinators.combine(at, at, side, side, turn)
                .as((x, y, width, height, degrees) -> new Placement.Free(
                        new Box(new Length(x), new Length(y), new Length(width), new Length(height)), degrees))
                .list()
                .ofMinSize(2)
                .ofMaxSize(12);
    }

    @Property(tries = 1500)
    void evenGapsDifferByAMicrometreAndTheOutermostStay(
            @ForAll("spots") List<Placement.Free> spots, @ForAll boolean across) {
        List<Placement.Free> even = Alignment.evenGaps(spots, across);
        BoxMm before = Alignment.around(spots);
        BoxMm after = Alignment.around(even);
        List<BoxMm> sorted = even.stream()
                .map(AlignmentTest::bounds)
                .sorted(Comparator.comparingDouble((BoxMm box) -> across ? box.x() : box.y())
                        .thenComparingDouble(box -> across ? box.width() : box.height()))
                .toList();
        boolean overlap = sorted.stream()
                        .mapToDouble(box -> across ? box.width() : box.height())
                        .sum()
                > (across ? before.width() : before.height());
        if (!overlap) {
            assertThat(across ? after.x() : after.y()).isEqualTo(across ? before.x() : before.y(), within(0.0011));
            assertThat(across ? after.width() : after.height())
                    .isEqualTo(across ? before.width() : before.height(), within(0.004));
        }
        for (int i = 2; i < sorted.size() && !overlap; i++) {
            assertThat(gap(sorted, i, across)).isEqualTo(gap(sorted, 1, across), within(0.004));
        }
        for (int i = 0; i < spots.size(); i++) {
            Box was = spots.get(i).box();
            assertThat(even.get(i).withBox(even.get(i).box().at(was.x(), was.y())))
                    .as("nothing but the place changes")
                    .isEqualTo(spots.get(i));
        }
    }

    private static double gap(List<BoxMm> boxes, int i, boolean across) {
        BoxMm before = boxes.get(i - 1);
        BoxMm after = boxes.get(i);
        return across ? after.x() - before.x() - before.width() : after.y() - before.y() - before.height();
    }

    @Property(tries = 1000)
    void linedUpFramesShareTheirEdge(@ForAll("spots") List<Placement.Free> spots, @ForAll Alignment.Edge edge) {
        BoxMm all = Alignment.around(spots);
        for (Placement.Free spot : Alignment.linedUp(spots, edge, all)) {
            BoxMm box = bounds(spot);
            switch (edge) {
                case LEFT -> assertThat(box.x()).isEqualTo(all.x(), within(0.002));
                case CENTRE -> assertThat(box.centreX()).isEqualTo(all.centreX(), within(0.002));
                case RIGHT -> assertThat(box.x() + box.width()).isEqualTo(all.x() + all.width(), within(0.002));
                case TOP -> assertThat(box.y()).isEqualTo(all.y(), within(0.002));
                case MIDDLE -> assertThat(box.centreY()).isEqualTo(all.centreY(), within(0.002));
                case BOTTOM -> assertThat(box.y() + box.height()).isEqualTo(all.y() + all.height(), within(0.002));
            }
        }
    }

    @Property(tries = 1000)
    void onAnotherPageFramesKeepTheirProportionAndStillDoNotOverlap(
            @ForAll("spots") List<Placement.Free> spots, @ForAll boolean wider) {
        List<Placement.Free> scaled = spots.stream()
                .map(spot -> FreeScale.scaled(spot, format(300, 200), wider ? format(900, 300) : format(200, 300)))
                .toList();
        double scale = wider ? 1.5 : 2 / 3.0;
        for (int i = 0; i < spots.size(); i++) {
            assertThat(scaled.get(i).box().width().mm())
                    .isEqualTo(Math.max(2, spots.get(i).box().width().mm() * scale), within(0.001));
            assertThat(scaled.get(i).box().height().mm())
                    .isEqualTo(Math.max(2, spots.get(i).box().height().mm() * scale), within(0.001));
            for (int j = 0; j < i; j++) {
                if (!near(spots.get(i), spots.get(j), 0)
                        && spots.get(i).box().width().mm() > 3
                        && spots.get(i).box().height().mm() > 3
                        && spots.get(j).box().width().mm() > 3
                        && spots.get(j).box().height().mm() > 3) {
                    assertThat(near(scaled.get(i), scaled.get(j), -0.003)).isFalse();
                }
            }
        }
    }

    private static boolean near(Placement.Free one, Placement.Free other, double by) {
        return bounds(one)
                .inset(-by)
                .rectangle()
                .intersects(bounds(other).inset(-by).rectangle());
    }

    @Test
    void aLockedFrameKeepsItsSizeAndItsPlaceWhereThePageStillHasIt() {
        Placement.Free locked = free(250, 20, 40, 30);
        assertThat(FreeScale.kept(locked, format(600, 400))).isEqualTo(locked);
        assertThat(FreeScale.kept(locked, format(200, 200))).isEqualTo(free(180, 20, 40, 30));
    }

    private static BoxMm bounds(Placement.Free free) {
        return Place.of(free).bounds();
    }
}
