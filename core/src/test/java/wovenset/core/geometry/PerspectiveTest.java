package wovenset.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Point2D;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class PerspectiveTest {
    private static final BoxMm BOX = new BoxMm(10, 20, 80, 60);

    @Property(tries = 200)
    void whatIsSeenComesFromWhereItLies(
            @ForAll @DoubleRange(min = -60, max = 60) double side,
            @ForAll @DoubleRange(min = -60, max = 60) double back,
            @ForAll @DoubleRange(min = -20, max = 120) double x,
            @ForAll @DoubleRange(min = 0, max = 150) double y) {
        Perspective seen = Perspective.of(BOX, side, back);
        Point2D.Double at = seen.map(x, y);
        Point2D.Double from = seen.back(at.x, at.y);
        assertThat(from.x).isCloseTo(x, within(1e-6));
        assertThat(from.y).isCloseTo(y, within(1e-6));
    }

    /** By hand: at 60° the right edge of a box 80 wide lies 40 sin 60° = 34.64 farther, seen from 200. */
    @Test
    void theMiddleStaysAndTheFarEdgeIsShorter() {
        Perspective seen = Perspective.of(BOX, 60, 0);
        assertThat(seen.map(50, 50)).isEqualTo(new Point2D.Double(50, 50));
        double depth = (200 + 40 * Math.sin(Math.toRadians(60))) / 200;
        Point2D.Double upper = seen.map(90, 20);
        Point2D.Double lower = seen.map(90, 80);
        assertThat(upper.x).isCloseTo(50 + 40 * 0.5 / depth, within(1e-9));
        assertThat(lower.y - upper.y).isCloseTo(60 / depth, within(1e-9));
        assertThat(seen.map(10, 80).y - seen.map(10, 20).y).isGreaterThan(60);
        Perspective leaning = Perspective.of(BOX, 0, 30);
        assertThat(leaning.map(90, 20).x - leaning.map(10, 20).x)
                .isLessThan(leaning.map(90, 80).x - leaning.map(10, 80).x);
    }

    /** Straight lines stay straight. */
    @Property(tries = 100)
    void pointsInARowStayInARow(
            @ForAll @DoubleRange(min = -60, max = 60) double side,
            @ForAll @DoubleRange(min = -60, max = 60) double back,
            @ForAll @DoubleRange(min = 0, max = 1) double share) {
        Perspective seen = Perspective.of(BOX, side, back);
        Point2D.Double a = seen.map(10, 20);
        Point2D.Double b = seen.map(90, 80);
        Point2D.Double c = seen.map(10 + 80 * share, 20 + 60 * share);
        assertThat((b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x)).isCloseTo(0, within(1e-6));
    }
}
