package wovenset.core.arrange.slicing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.DoubleStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import wovenset.core.arrange.space.FrameTrim;
import wovenset.core.arrange.space.Space;
import wovenset.core.arrangement.SlicingTree;
import wovenset.core.arrangement.SlicingTree.Cut;
import wovenset.core.arrangement.SlicingTree.Leaf;
import wovenset.core.arrangement.SlicingTree.Way;
import wovenset.core.geometry.BoxMm;
import wovenset.core.said.Reason;

public class SlicingSumsTest {
    private static final BoxMm ROOM = new BoxMm(15, 10, 270, 190);
    private static final double MICROMETRE = 0.001;

    private static List<Double> proportions(int count, SplittableRandom random) {
        return DoubleStream.generate(() -> Math.exp(random.nextDouble(-1.1, 1.1)))
                .limit(count)
                .boxed()
                .toList();
    }

    /** A tree of so many places, cut at random. */
    private static SlicingTree tree(int count, SplittableRandom random) {
        return SlicingTree.parse(text(count, random.nextBoolean(), random));
    }

    private static String text(int count, boolean upright, SplittableRandom random) {
        if (count == 1) {
            return "p";
        }
        StringBuilder parts = new StringBuilder();
        int left = count;
        boolean first = true;
        while (left > 0) {
            int part = 1 + random.nextInt(first ? count - 1 : left);
            parts.append(text(part, !upright, random));
            left -= part;
            first = false;
        }
        return upright ? "(" + parts + ")" : "[" + parts + "]";
    }

    @Property(tries = 2000)
    void wholePicturesKeepTheirProportionAndGapsAreExact(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 40) int count) {
        SplittableRandom random = new SplittableRandom(seed);
        double gap = random.nextDouble(0, 3);
        FrameTrim trim = random.nextBoolean()
                ? FrameTrim.NONE
                : new FrameTrim(random.nextDouble(0, 0.5), 0, random.nextDouble(0, 2));
        boolean alike = random.nextBoolean();
        Space space = new Space(
                ROOM,
                gap,
                trim,
                alike
                        ? List.of()
                        : DoubleStream.generate(() -> random.nextDouble(0, 1))
                                .limit(count)
                                .mapToObj(border -> new FrameTrim(border, border / 2, trim.stripMm()))
                                .toList());
        List<Double> proportions = proportions(count, random);
        SlicingTree tree = tree(count, random);
        Optional<List<BoxMm>> solved = SlicingSums.places(tree, proportions, space, true);
        if (solved.isEmpty()) {
            return;
        }
        List<BoxMm> places = solved.get();
        for (int i = 0; i < count; i++) {
            BoxMm place = places.get(i);
            double shown = (place.width() - space.trim(i).across())
                    / (place.height() - space.trim(i).down());
            assertThat(shown / proportions.get(i)).isCloseTo(1, within(1e-6));
        }
        holdsTogether(tree, places, gap);
        double right = places.stream().mapToDouble(p -> p.x() + p.width()).max().orElseThrow();
        double left = places.stream().mapToDouble(BoxMm::x).min().orElseThrow();
        double bottom =
                places.stream().mapToDouble(p -> p.y() + p.height()).max().orElseThrow();
        double top = places.stream().mapToDouble(BoxMm::y).min().orElseThrow();
        assertThat(Math.min(ROOM.width() - (right - left), ROOM.height() - (bottom - top)))
                .as("touches one pair of margins")
                .isLessThan(MICROMETRE);
    }

    @Property(tries = 2000)
    void aFillingBlockReachesAllMarginsAndGapsAreExact(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 40) int count) {
        SplittableRandom random = new SplittableRandom(seed);
        double gap = random.nextDouble(0, 3);
        SlicingTree tree = tree(count, random);
        SlicingSums.places(tree, proportions(count, random), new Space(ROOM, gap, FrameTrim.NONE), false)
                .ifPresent(places -> {
                    holdsTogether(tree, places, gap);
                    double area = places.stream()
                            .mapToDouble(p -> p.width() * p.height())
                            .sum();
                    assertThat(area).isLessThanOrEqualTo(ROOM.width() * ROOM.height() + MICROMETRE);
                    assertThat(places.stream().mapToDouble(BoxMm::x).min().orElseThrow())
                            .isCloseTo(ROOM.x(), within(MICROMETRE));
                    assertThat(places.stream()
                                    .mapToDouble(p -> p.x() + p.width())
                                    .max()
                                    .orElseThrow())
                            .isCloseTo(ROOM.x() + ROOM.width(), within(MICROMETRE));
                    assertThat(places.stream()
                                    .mapToDouble(p -> p.y() + p.height())
                                    .max()
                                    .orElseThrow())
                            .isCloseTo(ROOM.y() + ROOM.height(), within(MICROMETRE));
                });
    }

    /** No overlap, inside the room, and at every cut the parts stand exactly a gap apart. */
    public static void holdsTogether(SlicingTree tree, List<BoxMm> places, double gap) {
        for (int i = 0; i < places.size(); i++) {
            BoxMm a = places.get(i);
            assertThat(a.x()).isGreaterThanOrEqualTo(ROOM.x() - MICROMETRE);
            assertThat(a.y()).isGreaterThanOrEqualTo(ROOM.y() - MICROMETRE);
            assertThat(a.x() + a.width()).isLessThanOrEqualTo(ROOM.x() + ROOM.width() + MICROMETRE);
            assertThat(a.y() + a.height()).isLessThanOrEqualTo(ROOM.y() + ROOM.height() + MICROMETRE);
            for (int j = 0; j < i; j++) {
                BoxMm b = places.get(j);
                double apart = Math.max(
                        Math.max(a.x() - (b.x() + b.width()), b.x() - (a.x() + a.width())),
                        Math.max(a.y() - (b.y() + b.height()), b.y() - (a.y() + a.height())));
                assertThat(apart).isGreaterThanOrEqualTo(gap - MICROMETRE);
            }
        }
        cutsAreAGapWide(tree, places, gap, new int[1]);
    }

    private static BoxMm cutsAreAGapWide(SlicingTree tree, List<BoxMm> places, double gap, int[] next) {
        if (tree instanceof Leaf) {
            return places.get(next[0]++);
        }
        Cut cut = (Cut) tree;
        BoxMm whole = cutsAreAGapWide(cut.parts().get(0), places, gap, next);
        for (SlicingTree part : cut.parts().subList(1, cut.parts().size())) {
            BoxMm box = cutsAreAGapWide(part, places, gap, next);
            boolean across = cut.way() == Way.ACROSS;
            assertThat(across ? box.x() - whole.x() - whole.width() : box.y() - whole.y() - whole.height())
                    .isCloseTo(gap, within(MICROMETRE));
            assertThat(across ? box.height() - whole.height() : box.width() - whole.width())
                    .as("edges in line")
                    .isCloseTo(0, within(MICROMETRE));
            whole = across
                    ? new BoxMm(whole.x(), whole.y(), box.x() + box.width() - whole.x(), whole.height())
                    : new BoxMm(whole.x(), whole.y(), whole.width(), box.y() + box.height() - whole.y());
        }
        return whole;
    }

    @Test
    void aKnownPageComesOutAsReckonedByHand() {
        // A square beside two stacked squares with a gap of 6: heights h, and widths h + 6 + (h − 6)/2.
        List<BoxMm> places = SlicingSums.places(
                        SlicingTree.parse("(p[pp])"),
                        List.of(1.0, 1.0, 1.0),
                        new Space(new BoxMm(0, 0, 153, 200), 6, FrameTrim.NONE),
                        true)
                .orElseThrow();
        double h = (153 - 6 + 3) / 1.5;
        assertThat(places.get(0)).isEqualTo(new BoxMm(0, (200 - h) / 2, h, h));
        assertThat(places.get(1).width()).isCloseTo((h - 6) / 2, within(1e-9));
        assertThat(places.get(2).y() - places.get(1).y()).isCloseTo((h + 6) / 2, within(1e-9));
    }

    @Test
    void noRoomIsAnAnswer() {
        assertThat(SlicingSums.places(
                        SlicingTree.parse("(ppp)"), List.of(1.0, 1.0, 1.0), new Space(ROOM, 140, FrameTrim.NONE), true))
                .isEmpty();
        assertThat(SlicingSums.places(
                        SlicingTree.parse("(ppp)"),
                        List.of(1.0, 1.0, 1.0),
                        new Space(ROOM, 134.9, FrameTrim.NONE),
                        false))
                .isEmpty();
        assertThat(SlicingSums.places(
                        SlicingTree.parse("[pp]"),
                        List.of(1.0, 1.0),
                        new Space(ROOM, 0, new FrameTrim(1, 0, 120)),
                        false))
                .isEmpty();
        assertThatThrownBy(() -> SlicingSums.places(
                        SlicingTree.parse("(pp)"), List.of(1.0), new Space(ROOM, 0, FrameTrim.NONE), true))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("2 places for 1 frames");
    }

    @Property(tries = 500)
    void treesAreWrittenAndReadBack(@ForAll long seed, @ForAll @IntRange(min = 1, max = 60) int count) {
        SlicingTree tree = tree(count, new SplittableRandom(seed));
        assertThat(SlicingTree.parse(tree.toString())).isEqualTo(tree);
        assertThat(tree.leaves()).isEqualTo(count);
    }

    @Test
    void aTextThatIsNoTreeSaysWhere() {
        assertThat(SlicingTree.parse("(p1.5[pp0.75])").toString()).isEqualTo("(p1.5[pp0.75])");
        for (String text :
                List.of("", "(p)", "(pp", "pp", "[p(pp]", "(px)", "p0.001", "(pp1.2.3)", "(".repeat(100_000))) {
            assertThatThrownBy(() -> SlicingTree.parse(text)).isInstanceOf(IllegalArgumentException.class);
        }
        assertThatThrownBy(() -> SlicingTree.parse("(p[pp)")).hasMessageContaining(Reason.CUTS_SIGN.code() + "[6]");
    }
}
