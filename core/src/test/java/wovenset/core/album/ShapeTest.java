package wovenset.core.album;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import wovenset.core.arrange.slicing.SlicingSums;
import wovenset.core.arrange.space.FrameTrim;
import wovenset.core.arrange.space.Space;
import wovenset.core.geometry.BoxMm;

class ShapeTest {
    /** As many as there are ways to put brackets around so many photos (Schröder 1870), for each of the two first cuts. */
    @Test
    void upToFivePhotosAreCutInEveryWay() {
        assertThat(List.of(1, 2, 3, 4, 5))
                .map(photos -> Shape.of(photos).size())
                .containsExactly(1, 2, 6, 22, 90);
        for (int photos = 1; photos <= 9; photos++) {
            List<String> trees = Shape.of(photos).stream()
                    .map(shape -> shape.tree.toString())
                    .toList();
            assertThat(trees).doesNotHaveDuplicates().hasSizeLessThan(700);
        }
    }

    /** The quick sums are those of the places themselves. */
    @Test
    void proportionAndSharesAreThoseOfTheBlockWithoutGaps() {
        double[] proportions = {9, 1.5, 0.66, 1, 0.75, 2.2, 1.33, 0.5, 1.5, 0.8};
        Space space = new Space(new BoxMm(0, 0, 300, 200), 0, FrameTrim.NONE);
        for (int photos = 1; photos <= 9; photos++) {
            Shape.Sums sums = new Shape.Sums(photos);
            List<Double> shown =
                    Arrays.stream(proportions, 1, 1 + photos).boxed().toList();
            for (Shape shape : Shape.of(photos)) {
                double block = shape.proportion(proportions, 1, sums);
                List<BoxMm> places =
                        SlicingSums.places(shape.tree, shown, space, true).orElseThrow();
                double left = places.stream().mapToDouble(BoxMm::x).min().orElseThrow();
                double top = places.stream().mapToDouble(BoxMm::y).min().orElseThrow();
                double width = places.stream().mapToDouble(BoxMm::right).max().orElseThrow() - left;
                double height = places.stream().mapToDouble(BoxMm::bottom).max().orElseThrow() - top;
                assertThat(block).as(shape.tree.toString()).isCloseTo(width / height, within(1e-9));
                for (int i = 0; i < photos; i++) {
                    BoxMm place = places.get(i);
                    assertThat(sums.share[i])
                            .isCloseTo(place.width() * place.height() / (width * height), within(1e-9));
                }
            }
        }
    }
}
