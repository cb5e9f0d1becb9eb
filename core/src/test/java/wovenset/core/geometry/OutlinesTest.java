package wovenset.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Shape;
import java.awt.geom.Area;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Outlines against known geometry: areas by the shoelace formula, offsets by Steiner's. */
class OutlinesTest {
    private static final BoxMm BOX = new BoxMm(10, 20, 60, 40);

    /** Area and length of a flattened outline of one ring. */
    private record Measures(double area, double length) {
        static Measures of(Shape shape) {
            double area = 0;
            double length = 0;
            double[] at = new double[6];
            double[] before = new double[2];
            double[] start = new double[2];
            PathIterator path = new FlatteningPathIterator(shape.getPathIterator(null), 0.001, 16);
            for (; !path.isDone(); path.next()) {
                int segment = path.currentSegment(at);
                double x = segment == PathIterator.SEG_CLOSE ? start[0] : at[0];
                double y = segment == PathIterator.SEG_CLOSE ? start[1] : at[1];
                if (segment == PathIterator.SEG_MOVETO) {
                    start = new double[] {x, y};
                } else {
                    area += before[0] * y - x * before[1];
                    length += Math.hypot(x - before[0], y - before[1]);
                }
                before = new double[] {x, y};
            }
            return new Measures(Math.abs(area) / 2, length);
        }
    }

    @ParameterizedTest
    @EnumSource
    void everyFormTouchesAllFourSidesOfItsBox(Form form) {
        Rectangle2D bounds = new Area(new ShapeMm.Formed(BOX, form).path()).getBounds2D();
        assertThat(bounds.getX()).isCloseTo(BOX.x(), within(1e-3));
        assertThat(bounds.getY()).isCloseTo(BOX.y(), within(1e-3));
        assertThat(bounds.getMaxX()).isCloseTo(BOX.right(), within(1e-3));
        assertThat(bounds.getMaxY()).isCloseTo(BOX.bottom(), within(1e-3));
    }

    static Stream<ShapeMm> convex() {
        return Stream.of(
                new ShapeMm.Rectangle(BOX),
                new ShapeMm.Oval(BOX),
                new ShapeMm.Rounded(BOX, 7),
                new ShapeMm.Cut(BOX, 9),
                new ShapeMm.Formed(BOX, Form.HEXAGON),
                new ShapeMm.Formed(BOX, Form.DIAMOND),
                new ShapeMm.Formed(BOX, Form.ARCH));
    }

    /** Steiner: a convex form of area A and length L, grown by d, has the area A + L·d + π·d². */
    @ParameterizedTest
    @MethodSource("convex")
    void grownOutlinesHaveTheAreaOfSteinersFormula(ShapeMm shape) {
        Measures own = Measures.of(shape.path());
        for (double by : new double[] {0.5, 3, 12}) {
            double area = Measures.of(new ShapeMm.Offset(shape, by).path()).area();
            double expected = own.area() + own.length() * by + Math.PI * by * by;
            assertThat(area).as(shape + " by " + by).isCloseTo(expected, within(expected * 5e-4));
        }
    }

    @Test
    void aCircleShrinksToACircleAndOneThatIsTooSmallToNothing() {
        ShapeMm circle = new ShapeMm.Oval(new BoxMm(0, 0, 40, 40));
        assertThat(Measures.of(new ShapeMm.Offset(circle, -5).path()).area()).isCloseTo(Math.PI * 15 * 15, within(0.5));
        assertThat(new ShapeMm.Offset(circle, -21).path().getBounds2D().isEmpty())
                .isTrue();
    }

    /** An oval enlarged would be wider at its ends than at its sides. */
    @Test
    void aBorderOfAnOvalIsEvenAllRound() {
        Shape outer = new ShapeMm.Offset(new ShapeMm.Oval(BOX), 5).path();
        double[] at = new double[6];
        PathIterator path =
                new FlatteningPathIterator(new ShapeMm.Oval(BOX).path().getPathIterator(null), 0.01);
        for (; !path.isDone(); path.next()) {
            if (path.currentSegment(at) == PathIterator.SEG_LINETO) {
                double u = (at[0] - BOX.centreX()) / 30;
                double v = (at[1] - BOX.centreY()) / 20;
                double slope = Math.hypot(u / 30, v / 20);
                double nx = u / 30 / slope;
                double ny = v / 20 / slope;
                assertThat(outer.contains(at[0] + 4.97 * nx, at[1] + 4.97 * ny)).isTrue();
                assertThat(outer.contains(at[0] + 5.03 * nx, at[1] + 5.03 * ny)).isFalse();
            }
        }
    }

    @Test
    void scallopsStaySharpWhenTheyGrow() {
        Area grown = new Area(new ShapeMm.Offset(new ShapeMm.Scalloped(BOX, 8), 3).path());
        assertThat(grown.getBounds2D().getWidth()).isCloseTo(BOX.width() + 6, within(1e-6));
        assertThat(grown.getBounds2D().getHeight()).isCloseTo(BOX.height() + 6, within(1e-6));
        // Where the side meets the bite, at the bite's radius less the growth from the old corner.
        assertThat(grown.contains(BOX.x() + 5.1, BOX.y() - 2.9)).isTrue();
        assertThat(grown.contains(BOX.x() + 4.9, BOX.y() - 2.9)).isFalse();
    }

    @ParameterizedTest
    @ValueSource(doubles = {1, 2.5, 6})
    void aStampHasWholeHolesOnAllSides(double diameter) {
        double bitten = 60 * 40
                - Measures.of(new ShapeMm.Perforated(BOX, diameter).path()).area();
        double holes = bitten / (Math.PI * diameter * diameter / 8);
        assertThat(holes).isCloseTo(Math.round(holes), within(0.02 * holes));
        assertThat(Math.round(holes) % 2).as("as many on sides across").isZero();
        assertThat(new ShapeMm.Perforated(BOX, diameter)
                        .path()
                        .contains(BOX.inset(diameter / 2 + 1e-6).rectangle()))
                .isTrue();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.3, 2, 9})
    void aDeckleStaysBetweenItsEdgeAndItsDepthAndIsAlwaysTheSame(double depth) {
        Area deckle = new Area(new ShapeMm.Deckled(BOX, depth).path());
        assertThat(deckle.isSingular()).isTrue();
        assertThat(BOX.outset(1e-9).rectangle().contains(deckle.getBounds2D())).isTrue();
        assertThat(deckle.contains(BOX.inset(depth + 1e-9).rectangle())).isTrue();
        assertThat(deckle.equals(new Area(new ShapeMm.Deckled(BOX, depth).path())))
                .isTrue();
    }

    @Test
    void anOutlineReadsBackFromItsTextAndNothingElseDoes() {
        Shape ring = new ShapeMm.Ring(new ShapeMm.Oval(BOX), new ShapeMm.Rounded(BOX.inset(10), 4)).path();
        String data = PathData.ofUnit(ring);
        assertThat(PathData.ofUnit(PathData.parse(data).orElseThrow())).isEqualTo(data);
        Shape traced = new ShapeMm.Traced(BOX, data).path();
        assertThat(traced.getBounds2D().getMaxX()).isCloseTo(BOX.right(), within(1e-2));
        for (String wrong : new String[] {
            "",
            "L 1 1",
            "M 1",
            "M 0 0 A 1 1",
            "m 0 0",
            "M 0 0 L 1e999x 2",
            "M 0 0 L NaN 1",
            "M 0 0 L 9e9 1",
            "<svg/>",
            "M 0 0 ".repeat(5000)
        }) {
            assertThat(PathData.parse(wrong)).as(wrong).isEmpty();
        }
    }

    /** Sizes that nobody would choose: the outline stays one, and has no more points than anybody sees. */
    @ParameterizedTest
    @ValueSource(doubles = {0.001, 500})
    void oddSizesAreCutToWhatFits(double size) {
        for (ShapeMm shape : new ShapeMm[] {
            new ShapeMm.Perforated(BOX, size),
            new ShapeMm.Deckled(BOX, size),
            new ShapeMm.Cut(BOX, size),
            new ShapeMm.Scalloped(BOX, size)
        }) {
            Measures measures = Measures.of(shape.path());
            assertThat(measures.area()).as(shape.toString()).isBetween(300.0, 2400.1);
            assertThat(measures.length()).as(shape.toString()).isLessThan(2000);
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 7, -3, 99_999, Integer.MAX_VALUE})
    void everyTornSheetIsOneClosedPieceWithItsPictureOnItsPaper(int seed) {
        for (double rough : new double[] {0, 0.5, 3, 50}) {
            Tear tear = new Tear(true, seed % 2 == 0, true, false, rough, seed);
            Area paper = new Area(new ShapeMm.Torn(BOX, tear, Tear.Layer.CORE).path());
            Area picture = new Area(new ShapeMm.Torn(BOX, tear, Tear.Layer.PICTURE).path());
            assertThat(paper.isSingular() && picture.isSingular()).isTrue();
            assertThat(BOX.outset(1e-9).rectangle().contains(paper.getBounds2D()))
                    .isTrue();
            assertThat(picture.contains(BOX.inset(Math.min(2 * rough, 8) + 0.01).rectangle()))
                    .isTrue();
            Area beyond = new Area(picture);
            beyond.subtract(paper);
            assertThat(Measures.of(beyond).area())
                    .as("picture beyond its paper")
                    .isLessThan(0.05);
            assertThat(paper.equals(new Area(new ShapeMm.Torn(BOX, tear, Tear.Layer.CORE).path())))
                    .isTrue();
            if (rough > 0) {
                Tear again = new Tear(true, seed % 2 == 0, true, false, rough, seed + 1);
                assertThat(paper.equals(new Area(new ShapeMm.Torn(BOX, again, Tear.Layer.CORE).path())))
                        .isFalse();
            }
        }
    }
}
