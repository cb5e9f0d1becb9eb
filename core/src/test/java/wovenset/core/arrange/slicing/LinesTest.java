package wovenset.core.arrange.slicing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.DoubleStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import wovenset.core.arrange.space.FrameTrim;
import wovenset.core.arrange.space.Space;
import wovenset.core.arrangement.SlicingTree;
import wovenset.core.geometry.BoxMm;

class LinesTest {
    private static final BoxMm ROOM = new BoxMm(15, 10, 270, 190);

    private static List<Double> proportions(int count, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        return DoubleStream.generate(() -> Math.exp(random.nextDouble(-0.7, 0.7)))
                .limit(count)
                .boxed()
                .toList();
    }

    @Property(tries = 500)
    void linesHoldTogetherAndFillTheirLength(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 40) int count, @ForAll boolean rows) {
        List<Double> proportions = proportions(count, seed);
        SlicingTree tree = Lines.tree(proportions, new Space(ROOM, 3, FrameTrim.NONE), rows)
                .orElseThrow();
        List<BoxMm> places = SlicingSums.places(tree, proportions, new Space(ROOM, 3, FrameTrim.NONE), true)
                .orElseThrow();
        SlicingSumsTest.holdsTogether(tree, places, 3);
        for (int i = 0; i < count; i++) {
            assertThat(places.get(i).width() / places.get(i).height() / proportions.get(i))
                    .isCloseTo(1, within(1e-6));
        }
    }

    /** Against every way to break seven photos, by brute force. */
    @Property(tries = 100)
    void noOtherBreaksIntoAsManyRowsAreLessRagged(@ForAll long seed) {
        List<Double> proportions = proportions(7, seed);
        SlicingTree tree = Lines.tree(proportions, new Space(ROOM, 3, FrameTrim.NONE), true)
                .orElseThrow();
        List<Integer> chosen = rowsOf(tree);
        double least = Double.POSITIVE_INFINITY;
        for (int breaks = 0; breaks < 64; breaks++) {
            List<Integer> rows = new ArrayList<>();
            int length = 1;
            for (int i = 0; i < 6; i++) {
                if ((breaks >> i & 1) == 1) {
                    rows.add(length);
                    length = 0;
                }
                length++;
            }
            rows.add(length);
            if (rows.size() == chosen.size()) {
                least = Math.min(least, raggedness(proportions, rows));
            }
        }
        assertThat(raggedness(proportions, chosen)).isCloseTo(least, within(1e-9));
    }

    private static List<Integer> rowsOf(SlicingTree tree) {
        // One row alone is a cut across (or a place), and rows of one photo are places.
        return tree instanceof SlicingTree.Cut cut && cut.way() == SlicingTree.Way.DOWN
                ? cut.parts().stream().map(SlicingTree::leaves).toList()
                : List.of(tree.leaves());
    }

    private static double raggedness(List<Double> proportions, List<Integer> rows) {
        double wanted = (ROOM.height() - 3 * (rows.size() - 1)) / rows.size();
        double sum = 0;
        int next = 0;
        for (int length : rows) {
            double slopes = proportions.subList(next, next + length).stream()
                    .mapToDouble(Double::doubleValue)
                    .sum();
            sum += Math.pow((ROOM.width() - 3 * (length - 1)) / slopes / wanted - 1, 2);
            next += length;
        }
        return sum;
    }

    @Test
    void sixSquaresOnAWidePageAreTwoRowsOfThree() {
        BoxMm room = new BoxMm(0, 0, 300, 200);
        assertThat(Lines.tree(Collections.nCopies(6, 1.0), new Space(room, 0, FrameTrim.NONE), true)
                        .orElseThrow()
                        .toString())
                .isEqualTo("[(ppp)(ppp)]");
        assertThat(Lines.tree(Collections.nCopies(6, 1.0), new Space(room, 0, FrameTrim.NONE), false)
                        .orElseThrow()
                        .toString())
                .isEqualTo("([pp][pp][pp])");
        assertThat(Lines.tree(List.of(1.0, 1.0), new Space(room, 400, FrameTrim.NONE), true))
                .isEmpty();
    }
}
