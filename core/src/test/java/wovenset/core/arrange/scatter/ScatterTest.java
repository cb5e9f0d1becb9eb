package wovenset.core.arrange.scatter;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.PathIterator;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import wovenset.core.arrange.space.FrameTrim;
import wovenset.core.arrange.space.Place;
import wovenset.core.arrange.space.Space;
import wovenset.core.arrangement.Scattered;
import wovenset.core.geometry.BoxMm;
import wovenset.core.photo.Region;
import wovenset.core.testing.Golden;

class ScatterTest {
    private static final double[] PROPORTIONS = {1.5, 2 / 3.0, 4 / 3.0, 1, 3 / 4.0, 2.4};

    private static List<Double> proportions(int count, long seed) {
        Random random = new Random(seed);
        return IntStream.range(0, count)
                .mapToObj(i -> PROPORTIONS[random.nextInt(PROPORTIONS.length)])
                .toList();
    }

    private static Scattered.Recipe recipe(long seed, double hidden) {
        return new Scattered.Recipe(seed, 1.1, 12, hidden);
    }

    private static List<Region> middles(int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> new Region(0.3, 0.3, 0.4, 0.4))
                .toList();
    }

    private static Area area(Place place) {
        BoxMm cell = place.box();
        return new Area(
                AffineTransform.getRotateInstance(Math.toRadians(place.turnDegrees()), cell.centreX(), cell.centreY())
                        .createTransformedShape(cell.rectangle()));
    }

    /** Measured by the areas' outlines, so by another way than the search counts. */
    private static double size(Area area) {
        double sum = 0;
        double[] point = new double[6];
        double startX = 0;
        double startY = 0;
        double x = 0;
        double y = 0;
        for (var path = area.getPathIterator(null, 0.01); !path.isDone(); path.next()) {
            int kind = path.currentSegment(point);
            double nextX = kind == PathIterator.SEG_CLOSE ? startX : point[0];
            double nextY = kind == PathIterator.SEG_CLOSE ? startY : point[1];
            if (kind == PathIterator.SEG_MOVETO) {
                startX = nextX;
                startY = nextY;
            } else {
                sum += x * nextY - nextX * y;
            }
            x = nextX;
            y = nextY;
        }
        return Math.abs(sum) / 2;
    }

    @Property(tries = 150)
    void noPrintIsHiddenByMoreThanTheLimitAndAllLieBetweenTheMargins(
            @ForAll @IntRange(min = 1, max = 30) int count,
            @ForAll @IntRange(min = 0, max = 5000) int seed,
            @ForAll boolean wide) {
        Space space = new Space(new BoxMm(10, 10, wide ? 280 : 180, wide ? 180 : 280), 0, FrameTrim.NONE);
        List<Double> proportions = proportions(count, seed);
        List<Place> places = Scatter.places(recipe(seed, 0.2), proportions, middles(count), space);
        assertThat(places).hasSize(count);
        List<Area> areas = places.stream().map(ScatterTest::area).toList();
        for (int i = 0; i < count; i++) {
            BoxMm cell = places.get(i).box();
            assertThat(cell.width() / cell.height()).isCloseTo(proportions.get(i), Assertions.within(1e-6));
            assertThat(Math.abs(places.get(i).turnDegrees())).isLessThanOrEqualTo(12);
            assertThat(areas.get(i).getBounds2D().getMinX()).isGreaterThan(10 - 1e-6);
            assertThat(areas.get(i).getBounds2D().getMaxY())
                    .isLessThan(10 + space.box().height() + 1e-6);
            Area seen = new Area(areas.get(i));
            for (int j = i + 1; j < count; j++) {
                seen.subtract(areas.get(j));
            }
            assertThat(1 - size(seen) / size(areas.get(i))).isLessThan(0.2 + 0.02);
        }
    }

    /**
     * By the index of P. Clark and F. Evans (1954): the mean way to the nearest neighbour, by what it would be among points by chance; 1 is by chance, 2.15 the
     * most there can be. A hole is a circle that no print reaches into, by the way from print to print.
     */
    @Property(tries = 60)
    void thereAreNoClumpsAndNoHoles(
            @ForAll @IntRange(min = 9, max = 40) int count, @ForAll @IntRange(min = 0, max = 5000) int seed) {
        Space space = new Space(new BoxMm(10, 10, 280, 180), 0, FrameTrim.NONE);
        List<Place> places = Scatter.places(recipe(seed, 0.2), proportions(count, seed), middles(count), space);
        double spacing = Math.sqrt(280.0 * 180 / count);
        double sum = 0;
        for (Place one : places) {
            sum += places.stream()
                    .filter(other -> !other.equals(one))
                    .mapToDouble(other -> Math.hypot(
                            other.box().centreX() - one.box().centreX(),
                            other.box().centreY() - one.box().centreY()))
                    .min()
                    .orElseThrow();
        }
        double index = sum / count / (0.5 * spacing);
        double hole = 0;
        for (int i = 0; i < 60 * 40; i++) {
            double x = 10 + 280 * (i % 60 + 0.5) / 60;
            double y = 10 + 180 * (Math.floorDiv(i, 60) + 0.5) / 40;
            double nearest = places.stream()
                    .mapToDouble(one -> Math.hypot(
                            Math.max(
                                    0,
                                    Math.abs(x - one.box().centreX())
                                            - one.box().width() / 2),
                            Math.max(
                                    0,
                                    Math.abs(y - one.box().centreY())
                                            - one.box().height() / 2)))
                    .min()
                    .orElseThrow();
            hole = Math.max(hole, nearest);
        }
        assertThat(index).isGreaterThan(1.3);
        assertThat(hole / spacing).isLessThan(1);
    }

    @Test
    void theSameNumbersGiveTheSamePageAndAnotherSeedAnother() {
        Space space = new Space(new BoxMm(10, 10, 280, 180), 0, new FrameTrim(2, 0, 8));
        List<Place> once = Scatter.places(recipe(3, 0.25), proportions(9, 1), middles(9), space);
        assertThat(Scatter.places(recipe(3, 0.25), proportions(9, 1), middles(9), space))
                .isEqualTo(once);
        assertThat(Scatter.places(recipe(4, 0.25), proportions(9, 1), middles(9), space))
                .isNotEqualTo(once);
        assertThat(once.stream()
                        .mapToDouble(place -> place.box().width() * place.box().height())
                        .sum())
                .as("prints are as large as was asked, near enough")
                .isGreaterThan(0.6 * 280 * 180);
    }

    @Test
    void subjectsStayInSight() {
        Space space = new Space(new BoxMm(0, 0, 300, 200), 0, FrameTrim.NONE);
        double hiddenOfSubjects = 0;
        double hiddenOfPrints = 0;
        for (int seed = 0; seed < 20; seed++) {
            List<Place> places = Scatter.places(recipe(seed, 0.4), proportions(10, seed), middles(10), space);
            for (int i = 0; i < 10; i++) {
                BoxMm cell = places.get(i).box();
                Place middle = new Place(
                        cell.inset(0.3 * Math.min(cell.width(), cell.height())),
                        places.get(i).turnDegrees());
                hiddenOfSubjects += hidden(area(middle), places.subList(i + 1, 10));
                hiddenOfPrints += hidden(area(places.get(i)), places.subList(i + 1, 10));
            }
        }
        assertThat(hiddenOfPrints / 200).as("prints do lie over each other").isGreaterThan(0.03);
        assertThat(hiddenOfSubjects).isLessThan(hiddenOfPrints / 2);
    }

    @ParameterizedTest
    @EnumSource(names = {"BELOW", "RIGHT"})
    void wordsWithPrintsStayInSight(FrameTrim.Side side) {
        double room = side == FrameTrim.Side.RIGHT ? 30 : 8;
        double shown = 0;
        for (int seed = 0; seed < 20; seed++) {
            Space space = new Space(new BoxMm(0, 0, 300, 200), 0, new FrameTrim(0, 0, room, side));
            List<Place> places = Scatter.places(recipe(seed, 0.4), proportions(10, seed), middles(10), space);
            for (int i = 0; i < 10; i++) {
                BoxMm cell = places.get(i).box();
                BoxMm written = side == FrameTrim.Side.RIGHT
                        ? new BoxMm(cell.right(), cell.bottom() - cell.height() / 4, room, cell.height() / 4)
                        : new BoxMm(cell.x(), cell.bottom(), cell.width(), room);
                Area words = new Area(AffineTransform.getRotateInstance(
                                Math.toRadians(places.get(i).turnDegrees()), cell.centreX(), cell.centreY())
                        .createTransformedShape(written.rectangle()));
                shown += 1 - hidden(words, places.subList(i + 1, 10));
            }
        }
        assertThat(shown / 200).as("without a care for words it is a half").isGreaterThan(0.55);
    }

    private static double hidden(Area area, List<Place> over) {
        double whole = size(area);
        over.forEach(place -> area.subtract(area(place)));
        return 1 - size(area) / whole;
    }

    @Test
    void aPageTooSmallForSoManyIsSaid() {
        Space space = new Space(new BoxMm(0, 0, 20, 20), 0, FrameTrim.NONE);
        assertThat(Scatter.places(recipe(1, 0.1), proportions(300, 1), middles(300), space))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"1, 1, beada4dbb207", "5, 2, fa37708002b0", "14, 3, a7c9545eab6b", "40, 4, b2c187a57cd2"})
    void theSameSeedStrewsTheSamePrintsAsEver(int count, long seed, String golden) {
        assertThat(named(Scatter.places(recipe(seed, 0.25), proportions(count, seed), middles(count), TRIMMED)))
                .isEqualTo(golden);
    }

    @ParameterizedTest
    @CsvSource({"1, 1, beada4dbb207", "5, 2, c84ca7db5b73", "14, 3, e4c56bd2f91e", "40, 4, f74aa2eddb2c"})
    void oldPagesAreStrewnAsTheyWere(int count, long seed, String golden) {
        assertThat(named(Scatter.placesAsBefore(recipe(seed, 0.25), proportions(count, seed), middles(count), TRIMMED)))
                .isEqualTo(golden);
    }

    private static final Space TRIMMED = new Space(new BoxMm(10, 12, 280, 176), 0, new FrameTrim(1, 2, 6));

    private static String named(List<Place> places) {
        return Golden.name(places.stream()
                .map(place -> Golden.box(place.box()) + "@" + Math.round(1000 * place.turnDegrees()))
                .toList());
    }
}
