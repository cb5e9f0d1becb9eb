package wovenset.server.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Shape;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.geometry.PathData;
import wovenset.core.said.Reason;

class SvgOutlineTest {
    private static String svg(String content) {
        return "<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' width='20mm' height='10mm'"
                + " viewBox='0 0 200 100'>" + content + "</svg>";
    }

    private static Shape shape(SvgOutline outline) {
        return PathData.parse(outline.data()).orElseThrow();
    }

    /** A house: walls moved and scaled by their group, a roof with relative commands, a round window cut out. */
    @Test
    void closedShapesBecomeOneOutlineInTheirProportion() {
        SvgOutline house =
                SvgOutline.read(svg("<g transform='translate(50 40) scale(2)'><rect width='50' height='20'/></g>"
                        + "<path d='M50,40 l50,-40 l50,40 z'/>"));
        assertThat(house.proportion()).isCloseTo(100 / 80.0, within(0.001));
        assertThat(shape(house).contains(0.5, 0.2)).isTrue();
        assertThat(shape(house).contains(0.02, 0.2)).isFalse();
        assertThat(shape(house).contains(0.02, 0.9)).isTrue();
        assertThat(house.leftOut()).isEmpty();
        SvgOutline circle = SvgOutline.read(svg("<circle cx='70' cy='50' r='30'/>"));
        assertThat(circle.proportion()).isCloseTo(1, within(0.001));
        assertThat(shape(circle).contains(0.1, 0.1)).isFalse();
    }

    @Test
    void whatIsNoClosedShapeIsLeftOutAndTold() {
        SvgOutline some = SvgOutline.read(svg("<title>A sign</title><script>alert(1)</script><text>words</text>"
                + "<image xlink:href='http://example.org/a.png'/><rect width='10' height='10' onload='x()'/>"
                + "<path d='M0 0 L90 90'/><g display='none'><circle r='500'/></g>"));
        assertThat(some.leftOut()).containsExactly("image", "script", "text");
        assertThat(some.proportion()).isCloseTo(1, within(0.001));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "<svg|SVG_UNREADABLE",
                "not xml at all|SVG_UNREADABLE",
                "<!DOCTYPE svg [<!ENTITY a 'b'>]><svg><rect width='1' height='1'/></svg>|SVG_DOCTYPE",
                "<svg><text>only words</text></svg>|SVG_WITHOUT_SHAPES",
                "<svg><path d='M0 0 L5 5'/></svg>|SVG_WITHOUT_SHAPES",
                "<svg><rect width='0' height='3'/></svg>|SVG_WITHOUT_SHAPES"
            })
    void whatCannotBeUsedSaysWhy(String text, Reason reason) {
        checkRefused(text, reason);
    }

    private static void checkRefused(String text, Reason reason) {
        assertThatThrownBy(() -> SvgOutline.read(text))
                .isInstanceOfSatisfying(
                        EditRefusedException.class,
                        refused -> assertThat(refused.said().code()).isEqualTo(reason.code()));
    }

    @Test
    void whatIsTooMuchIsRefusedBeforeItCostsAnything() {
        checkRefused(svg("<path d='M0 0" + " L1 1 2 0".repeat(100_000) + "z'/>"), Reason.SVG_DETAILED);
        StringBuilder comb = new StringBuilder("0,90 200,90");
        for (int x = 5000; x > 0; x--) {
            comb.append(' ').append(x / 25.0).append(',').append(x % 2 * 10);
        }
        checkRefused(svg("<polygon points='" + comb + "'/>"), Reason.SVG_DETAILED);
        checkRefused("<g>".repeat(5000) + "</g>".repeat(5000), Reason.SVG_DEEP);
        checkRefused(svg("<rect width='1' height='1'/>".repeat(600)), Reason.SVG_DETAILED);
        checkRefused(svg(" ".repeat(1_000_001)), Reason.SVG_LARGE);
    }
}
