package wovenset.core.arrange.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static wovenset.core.testing.Pieces.mm;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wovenset.core.arrange.sheet.SheetPacking.Laid;
import wovenset.core.arrange.sheet.SheetPacking.Size;
import wovenset.core.geometry.Box;
import wovenset.core.geometry.BoxMm;
import wovenset.core.measure.Length;

class SheetPackingTest {
    /** A4 with margins of 5 mm. */
    private static final Box A4 = new Box(mm(5), mm(5), mm(200), mm(287));

    private static List<Laid> laid(List<Size> prints) {
        return SheetPacking.lay(prints, A4, List.of(), mm(4)).orElseThrow();
    }

    private static int sheets(List<Laid> laid) {
        return laid.stream().mapToInt(Laid::sheet).max().orElse(-1) + 1;
    }

    /** As many as rows and columns of one direction hold. */
    @ParameterizedTest
    @CsvSource({"130, 90, 4", "150, 100, 2", "90, 90, 6", "70, 50, 10", "200, 287, 1", "60, 40, 18"})
    void printsOfOneSizeLieAsCloseAsInTheBestGrid(double width, double height, int each) {
        List<Laid> laid = laid(Collections.nCopies(2 * each, new Size(mm(width), mm(height))));
        assertThat(sheets(laid)).isEqualTo(2);
    }

    /** Two of 13 × 18 would lie turned on half a sheet each; small ones fill what is left beside them. */
    @Test
    void smallPrintsFillWhatLargeOnesLeave() {
        List<Size> prints = List.of(
                new Size(mm(50), mm(70)),
                new Size(mm(180), mm(130)),
                new Size(mm(50), mm(70)),
                new Size(mm(180), mm(130)));
        assertThat(sheets(laid(prints))).isEqualTo(2);
        List<Size> mixed = List.of(
                new Size(mm(130), mm(180)),
                new Size(mm(60), mm(90)),
                new Size(mm(60), mm(90)),
                new Size(mm(60), mm(90)),
                new Size(mm(90), mm(130)));
        assertThat(sheets(laid(mixed))).isEqualTo(1);
    }

    @Test
    void whatLiesThereStays() {
        Box there = new Box(mm(5), mm(5), mm(200), mm(100));
        List<Laid> laid = SheetPacking.lay(
                        List.of(new Size(mm(190), mm(180)), new Size(mm(190), mm(180))),
                        A4,
                        List.of(List.of(there)),
                        mm(4))
                .orElseThrow();
        assertThat(laid.get(0).box().y()).isEqualTo(mm(109));
        assertThat(laid.get(1).sheet()).isEqualTo(1);
        assertThat(SheetPacking.lay(List.of(new Size(mm(201), mm(288))), A4, List.of(), mm(4)))
                .isEqualTo(Optional.empty());
    }

    @Provide
    Arbitrary<List<Size>> prints() {
        Arbitrary<Length> side = Arbitraries.longs().between(20_000, 200_000).map(Length::new);
        return side.flatMap(width -> side.map(height -> new Size(width, height)))
                .list()
                .ofMaxSize(30);
    }

    @Property(tries = 150)
    void printsKeepTheirSizeTheirGapAndTheirSheet(@ForAll("prints") List<Size> prints) {
        List<Laid> laid = laid(prints);
        assertThat(laid).hasSameSizeAs(prints);
        for (int i = 0; i < laid.size(); i++) {
            Laid one = laid.get(i);
            Size size = prints.get(i);
            assertThat(one.box().width()).isEqualTo(one.turned() ? size.height() : size.width());
            assertThat(one.box().height()).isEqualTo(one.turned() ? size.width() : size.height());
            BoxMm box = one.box().mm();
            assertThat(List.of(box.x() - 5, box.y() - 5, 205 - box.right(), 292 - box.bottom()))
                    .allMatch(room -> room > -1e-9);
            for (int j = 0; j < i; j++) {
                if (laid.get(j).sheet() == one.sheet()) {
                    assertThat(laid.get(j).box().mm().outset(4 - 1e-9).meets(box))
                            .isFalse();
                }
            }
        }
    }
}
