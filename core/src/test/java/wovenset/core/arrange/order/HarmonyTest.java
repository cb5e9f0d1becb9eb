package wovenset.core.arrange.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wovenset.core.geometry.BoxMm;
import wovenset.core.photo.LabColour;
import wovenset.core.testing.Golden;

class HarmonyTest {
    private static final List<BoxMm> PLACES = IntStream.range(0, 24)
            .mapToObj(i -> new BoxMm(i % 6 * 50, (i / 6) * 40, 46, 36))
            .toList();

    private static List<LabColour> colours(Random random) {
        return IntStream.range(0, 24)
                .mapToObj(i -> new LabColour(
                        100 * random.nextDouble(), 60 * random.nextGaussian(), 60 * random.nextGaussian()))
                .toList();
    }

    private static List<Boolean> pins(int... pinned) {
        List<Boolean> pins = new ArrayList<>(Collections.nCopies(24, false));
        for (int pin : pinned) {
            pins.set(pin, true);
        }
        return pins;
    }

    private static List<LabColour> placed(List<LabColour> colours, List<Integer> order) {
        assertThat(order)
                .as("each photo comes to one place")
                .containsExactlyInAnyOrderElementsOf(
                        IntStream.range(0, 24).boxed().toList());
        return order.stream().map(colours::get).toList();
    }

    @Test
    void evenedOutEveryPartOfThePageLooksMoreLikeAllOfIt() {
        double before = 0;
        double after = 0;
        for (int seed = 0; seed < 30; seed++) {
            List<LabColour> colours = colours(new Random(seed));
            List<Integer> order = Harmony.order(colours, PLACES, pins(), Harmony.Mode.EVEN, 1);
            before += Harmony.unevenness(colours, PLACES);
            after += Harmony.unevenness(placed(colours, order), PLACES);
            assertThat(Harmony.order(colours, PLACES, pins(), Harmony.Mode.EVEN, 1))
                    .isEqualTo(order);
        }
        assertThat(after).isLessThan(before / 20);
    }

    @Test
    void pinnedPhotosStay() {
        List<LabColour> colours = colours(new Random(3));
        for (Harmony.Mode mode : Harmony.Mode.values()) {
            List<Integer> order = Harmony.order(colours, PLACES, pins(0, 7, 23), mode, 1);
            placed(colours, order);
            assertThat(List.of(order.get(0), order.get(7), order.get(23))).containsExactly(0, 7, 23);
        }
        List<Integer> same = IntStream.range(0, 24).boxed().toList();
        assertThat(Harmony.order(colours, PLACES, Collections.nCopies(24, true), Harmony.Mode.EVEN, 1))
                .isEqualTo(same);
    }

    @Test
    void aRunGoesFromLightToDarkAcrossThePage() {
        List<LabColour> greys = IntStream.range(0, 24)
                .mapToObj(i -> new LabColour((i * 7) % 24 * 4, 0, 0))
                .toList();
        List<LabColour> run = placed(greys, Harmony.order(greys, PLACES, pins(), Harmony.Mode.RUN, 1));
        assertThat(run.get(0).lightness()).isEqualTo(92);
        assertThat(run.get(23).lightness()).isEqualTo(0);
        for (int i = 0; i < 24; i++) {
            if (i % 6 > 0) {
                assertThat(run.get(i).lightness()).isLessThan(run.get(i - 1).lightness());
            }
            if (i >= 6) {
                assertThat(run.get(i).lightness()).isLessThan(run.get(i - 6).lightness());
            }
        }
    }

    @Test
    void theSameSeedOrdersAsEver() {
        List<LabColour> colours = colours(new Random(11));
        List<Integer> even = Harmony.order(colours, PLACES, pins(2, 9), Harmony.Mode.EVEN, 5);
        List<Integer> run = Harmony.order(colours, PLACES, pins(2, 9), Harmony.Mode.RUN, 5);
        assertThat(Golden.name(even)).as(even.toString()).isEqualTo("ba5a71be840d");
        assertThat(Golden.name(run)).as(run.toString()).isEqualTo("5fc0e2ca4446");
        assertThat(Harmony.unevenness(colours, PLACES)).isCloseTo(10554.441634172903, within(1e-6));
    }
}
