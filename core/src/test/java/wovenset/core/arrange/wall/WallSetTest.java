package wovenset.core.arrange.wall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.testing.Pieces.mm;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import wovenset.core.measure.Length;
import wovenset.core.measure.LengthUnit;

class WallSetTest {
    private static final WallSet.Wall SOFA = new WallSet.Wall(mm(2100), mm(1200), LengthUnit.CM);

    /** By hand: two thirds of 210 cm are 140 cm; less two gaps of 4 cm, a third of that is 44 cm. */
    @Test
    void threeSquaresOverASofa() {
        WallSet set = WallSet.each(SOFA, 3, mm(40), 1).orElseThrow();
        assertThat(set.width()).isEqualTo(mm(440));
        assertThat(set.height()).isEqualTo(mm(440));
        assertThat(set.span()).isEqualTo(mm(1400));
    }

    /** A photo of 2 : 1 that leaves its gaps out is 140 × 70 cm, its parts are 44 cm wide; bridged it is 132 × 66 cm. */
    @Test
    void onePhotoOverThreeIsWhole() {
        WallSet window = WallSet.parts(SOFA, 3, mm(40), false, 2).orElseThrow();
        assertThat(window.width()).isEqualTo(mm(440));
        assertThat(window.height()).isEqualTo(mm(700));
        WallSet bridged = WallSet.parts(SOFA, 3, mm(40), true, 2).orElseThrow();
        assertThat(bridged.width()).isEqualTo(mm(440));
        assertThat(bridged.height()).isEqualTo(mm(660));
    }

    @Test
    void inchesComeInQuarters() {
        WallSet.Wall wall = new WallSet.Wall(Length.ofInches(80), Length.ofInches(48), LengthUnit.IN);
        WallSet set = WallSet.each(wall, 3, Length.ofInches(2), 2 / 3.0).orElseThrow();
        assertThat(set.width().micrometres() % 6350).isZero();
        assertThat(set.height().micrometres() % 6350).isZero();
    }

    @Test
    void gapsThatTakeAllLeaveNothing() {
        assertThat(WallSet.each(SOFA, 12, mm(150), 1)).isEmpty();
    }

    @Property(tries = 300)
    void aSetFillsOneSideAndStaysWithinBoth(
            @ForAll @IntRange(min = 2, max = 12) int parts,
            @ForAll @DoubleRange(min = 0.3, max = 4) double proportion,
            @ForAll @IntRange(min = 600, max = 4000) int wide,
            @ForAll @IntRange(min = 300, max = 2400) int high,
            @ForAll boolean whole,
            @ForAll boolean bridged) {
        WallSet.Wall wall = new WallSet.Wall(mm(wide), mm(high), LengthUnit.MM);
        var made = whole
                ? WallSet.parts(wall, parts, mm(20), bridged, proportion)
                : WallSet.each(wall, parts, mm(20), proportion);
        if (made.isEmpty()) {
            return;
        }
        WallSet set = made.get();
        double mostWide = wide * WallSet.TAKEN;
        double mostHigh = high * WallSet.TAKEN;
        assertThat(set.span().mm()).isLessThanOrEqualTo(mostWide + 0.01);
        assertThat(set.height().mm()).isLessThanOrEqualTo(mostHigh + 0.01);
        boolean fillsAcross = set.span().mm() > mostWide - 5.0 * parts - 0.01;
        boolean fillsDown = set.height().mm() > mostHigh - 5.01;
        assertThat(fillsAcross || fillsDown).isTrue();
        if (!whole) {
            // Both sides lose less than a step.
            assertThat((set.width().mm() + 2.5) / (set.height().mm() + 2.5))
                    .isCloseTo(
                            proportion,
                            within(proportion
                                    * (2.5 / set.width().mm()
                                            + 2.5 / set.height().mm())));
        }
    }
}
