package wovenset.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Path2D;
import java.util.Arrays;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Outlines of masks against what they are outlines of. */
class MaskOutlineTest {
    private static boolean[] mask(int width, int height, double outer, double inner) {
        boolean[] seen = new boolean[width * height];
        for (int i = 0; i < seen.length; i++) {
            double from = Math.hypot(i % width + 0.5 - width / 2.0, Math.floorDiv(i, width) + 0.5 - height / 2.0);
            seen[i] = from < outer && from >= inner;
        }
        return seen;
    }

    @Test
    void aRingHasItsOuterAndItsInnerCircle() {
        Path2D path =
                PathData.parse(MaskOutline.of(mask(200, 160, 60, 25), 200, 160)).orElseThrow();
        double area = EnclosedArea.of(path, 0.001).getArea() * 200 * 160;
        assertThat(area).isCloseTo(Math.PI * (60 * 60 - 25 * 25), within(0.02 * area));
        assertThat(path.contains(0.5, 0.5)).isFalse();
        assertThat(path.contains(0.5 + 40 / 200.0, 0.5)).isTrue();
        assertThat(path.getBounds2D().getMinX() * 200).isCloseTo(40, within(0.6));
    }

    @Test
    void nothingAndSpecksHaveNone() {
        assertThat(MaskOutline.of(new boolean[100], 10, 10)).isEmpty();
        assertThat(MaskOutline.of(mask(10, 10, 1, 0), 10, 10)).isEmpty();
    }

    @Test
    void whatGoesToTheEdgeIsClosedThere() {
        boolean[] all = new boolean[30 * 20];
        Arrays.fill(all, true);
        Path2D path = PathData.parse(MaskOutline.of(all, 30, 20)).orElseThrow();
        assertThat(EnclosedArea.of(path, 0.001).getArea()).isCloseTo(1, within(0.02));
    }

    /** However torn a mask is, each of its outlines ends, and encloses about what is seen. */
    @Property(tries = 60)
    void noiseHasAnOutline(@ForAll @IntRange(min = 1, max = 400) int seed) {
        Random random = new Random(seed);
        int width = 5 + random.nextInt(90);
        int height = 5 + random.nextInt(90);
        boolean[] seen = new boolean[width * height];
        for (int i = 0; i < seen.length; i++) {
            seen[i] = random.nextInt(100) < seed % 100;
        }
        String data = MaskOutline.of(seen, width, height);
        assertThat(data.length()).isLessThanOrEqualTo(PathData.MOST_CHARACTERS);
        assertThat(data.isEmpty() || PathData.parse(data).isPresent()).isTrue();
    }
}
