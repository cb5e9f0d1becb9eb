package wovenset.core.arrange.propose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wovenset.core.arrange.slicing.SlicingSumsTest;
import wovenset.core.arrange.space.FrameTrim;
import wovenset.core.arrange.space.Space;
import wovenset.core.geometry.BoxMm;
import wovenset.core.testing.Golden;

class ProposalsTest {
    private static final BoxMm ROOM = new BoxMm(15, 10, 270, 190);
    private static final double[] PROPORTIONS = {1.5, 1.5, 2 / 3.0, 4 / 3.0, 0.75, 1, 16 / 9.0};

    private static List<Wish> wishes(int count, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        return IntStream.range(0, count)
                .mapToObj(i -> Wish.plain(PROPORTIONS[random.nextInt(PROPORTIONS.length)]))
                .toList();
    }

    private static List<Proposal> proposals(List<Wish> wishes) {
        return Proposals.of(wishes, new Space(ROOM, 4, FrameTrim.NONE), 8, 1);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 7, 12, 24, 60})
    void eightClearlyDifferentProposalsEachWithEveryPhotoOnce(int count) {
        for (long seed = 0; seed < 3; seed++) {
            List<Wish> wishes = wishes(count, seed);
            List<Proposal> proposals = proposals(wishes);
            assertThat(proposals).hasSize(8);
            for (int i = 0; i < proposals.size(); i++) {
                Proposal one = proposals.get(i);
                List<Integer> order = new ArrayList<>(one.order());
                Collections.sort(order);
                assertThat(order).isEqualTo(IntStream.range(0, count).boxed().toList());
                SlicingSumsTest.holdsTogether(one.tree(), one.places(), 4);
                for (Proposal other : proposals.subList(0, i)) {
                    assertThat(one.distance(other, ROOM)).isGreaterThanOrEqualTo(0.05);
                }
            }
        }
    }

    @Test
    void theSameAskGivesTheSameAnswer() {
        assertThat(proposals(wishes(17, 3))).isEqualTo(proposals(wishes(17, 3)));
    }

    @Test
    void littleIsLostAndWholePhotosNearlyCoverThePage() {
        for (int count = 5; count <= 40; count += 7) {
            List<Proposal> proposals = proposals(wishes(count, count));
            assertThat(proposals.get(0).lost()).isLessThan(0.05);
            assertThat(proposals.stream()
                            .filter(Proposal::whole)
                            .mapToDouble(Proposal::covered)
                            .max()
                            .orElse(0))
                    .isGreaterThan(0.92);
            assertThat(proposals.stream().filter(Proposal::whole).filter(p -> p.lost() > 0))
                    .isEmpty();
        }
    }

    @Test
    void marksAreFollowed() {
        List<Wish> wishes = new ArrayList<>(wishes(12, 4));
        double p = wishes.get(5).proportion();
        wishes.set(5, new Wish(p, true, true, false, false, 0, 0, 0));
        wishes.set(8, new Wish(wishes.get(8).proportion(), false, false, true, false, 0, 0, 0));
        wishes.set(2, new Wish(wishes.get(2).proportion(), false, false, false, true, 0, 0, 0));
        wishes.set(1, new Wish(wishes.get(1).proportion(), false, false, false, false, 1, 0, 0));
        wishes.set(10, new Wish(wishes.get(10).proportion(), false, false, false, false, 1, 0, 0));
        Proposal best = proposals(wishes).get(0);
        int large = best.order().indexOf(5);
        double mean = best.places().stream()
                .mapToDouble(b -> b.width() * b.height())
                .average()
                .orElseThrow();
        BoxMm place = best.places().get(large);
        assertThat(place.width() * place.height()).as("the larger photo").isGreaterThan(1.4 * mean);
        assertThat(Math.abs(place.width() / place.height() / p - 1))
                .as("kept whole")
                .isLessThan(0.02);
        assertThat(best.order().get(0)).isEqualTo(8);
        assertThat(best.order().get(11)).isEqualTo(2);
        assertThat(Math.abs(best.order().indexOf(1) - best.order().indexOf(10)))
                .as("together")
                .isEqualTo(1);
    }

    @Test
    void aPanoramaAmongSquaresIsShownAtItsProportion() {
        List<Wish> wishes = new ArrayList<>(Collections.nCopies(8, Wish.plain(1)));
        wishes.add(Wish.plain(10));
        Proposal best = proposals(wishes).get(0);
        BoxMm panorama = best.places().get(best.order().indexOf(8));
        assertThat(panorama.width() / panorama.height()).isBetween(8.0, 12.0);
    }

    @Test
    void noRoomAndTooManyPhotosAreAnswered() {
        assertThat(Proposals.of(wishes(12, 1), new Space(ROOM, 300, FrameTrim.NONE), 8, 1))
                .isEmpty();
        assertThatThrownBy(() -> proposals(wishes(61, 1)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("1 to 60");
    }

    @ParameterizedTest
    @CsvSource({
        "1, a535c714ae6d",
        "2, a092614e830c",
        "5, 2befed8522ca",
        "9, 8e60bbc9b559",
        "16, 4cf20a682ccf",
        "30, 144a45c2dd7e"
    })
    void theSameSeedProposesAsEver(int count, String golden) {
        List<Wish> wishes = new ArrayList<>(wishes(count, 40 + count));
        wishes.set(0, new Wish(wishes.get(0).proportion(), true, count % 2 == 0, false, count > 4, 0, 0.3, 0.6));
        if (count > 5) {
            wishes.set(3, new Wish(wishes.get(3).proportion(), false, false, false, false, 1, 0.7, 0.2));
            wishes.set(5, new Wish(wishes.get(5).proportion(), false, true, true, false, 1, 0, 0));
        }
        Space space = new Space(ROOM, 3, new FrameTrim(1, 1.5, 5));
        List<String> found = new ArrayList<>();
        for (Proposal one : Proposals.of(wishes, space, 8, 3)) {
            found.add(one.tree() + " " + one.whole() + " " + one.order() + " " + Math.round(1e4 * one.lost()) + " "
                    + Math.round(1e4 * one.covered()) + " "
                    + one.places().stream().map(Golden::box).toList());
        }
        assertThat(Golden.name(found)).as(found.toString()).isEqualTo(golden);
    }
}
