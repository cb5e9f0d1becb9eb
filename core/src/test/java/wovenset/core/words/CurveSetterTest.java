package wovenset.core.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Arc2D;
import java.awt.geom.Line2D;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wovenset.core.style.TextStyle;

class CurveSetterTest {
    private static final double MM_PER_PT = 25.4 / 72;

    private static List<CurveSetter.Sign> signs(CurveSetter.Line line) {
        return line.signs();
    }

    @Test
    void onAStraightLineSignsStandAsTheyDoInALineOfWords() {
        String text = "AVA Tea";
        double width = WordFitter.fit(text, Setting.plain("Alegreya"), 20, 500, 1)
                .lines()
                .get(0)
                .widthMm();
        CurveSetter.Line line = CurveSetter.set(
                text, Setting.plain("Alegreya"), 20, new Line2D.Double(0, 0, 500, 0), TextStyle.Align.LEFT);
        assertThat(signs(line)).extracting(CurveSetter.Sign::text).containsExactly("A", "V", "A", "T", "e", "a");
        CurveSetter.Sign last = signs(line).get(5);
        assertThat(last.to().e() + last.widthMm() / 2).isCloseTo(width, within(0.01));
        // A and V are kerned: nearer than their widths.
        assertThat(signs(line).get(1).to().e() - signs(line).get(0).to().e())
                .isLessThan((signs(line).get(0).widthMm() + signs(line).get(1).widthMm()) / 2 - 0.2);
    }

    @ParameterizedTest
    @ValueSource(ints = {30, 100, 250})
    void onACircleEachSignStandsOnItAndIsTurnedButNeverBent(int radius) {
        Arc2D curve = new Arc2D.Double(-radius, -radius, 2.0 * radius, 2.0 * radius, 180, -180, Arc2D.OPEN);
        CurveSetter.Line line =
                CurveSetter.set("Over the gate", Setting.plain("Kalam"), 14, curve, TextStyle.Align.CENTRE);
        for (CurveSetter.Sign sign : line.signs()) {
            assertThat(Math.hypot(sign.to().e(), sign.to().f())).isCloseTo(radius, within(0.001 * radius));
            assertThat(sign.to().a() * sign.to().d() - sign.to().b() * sign.to().c())
                    .isCloseTo(1, within(1e-9));
            // Its up is away from the middle.
            assertThat(-sign.to().c() * sign.to().e()
                            - sign.to().d() * sign.to().f())
                    .isCloseTo(radius, within(0.1));
        }
        double first = line.signs().get(0).to().e() - line.signs().get(0).widthMm() / 2;
        double last = line.signs().get(line.signs().size() - 1).to().e();
        assertThat(Math.abs(first + last)).isLessThan(3);
    }

    @Test
    void wordsThatAreTooLongAreSetSmallerAndAtLastLeftOut() {
        Line2D short20 = new Line2D.Double(0, 0, 20, 0);
        CurveSetter.Line smaller =
                CurveSetter.set("A summer of kites", Setting.plain("Alegreya"), 30, short20, TextStyle.Align.CENTRE);
        assertThat(smaller.allShown()).isTrue();
        assertThat(smaller.sizePt()).isBetween(4.0, 10.0);
        double end = smaller.signs().get(smaller.signs().size() - 1).to().e();
        assertThat(end).isLessThan(20);
        CurveSetter.Line cut =
                CurveSetter.set("kite ".repeat(40), Setting.plain("Alegreya"), 30, short20, TextStyle.Align.LEFT);
        assertThat(cut.allShown()).isFalse();
        assertThat(cut.sizePt()).isEqualTo(TextStyle.SMALLEST);
        assertThat(cut.signs()).hasSizeBetween(10, 60);
        // As far as the last sign, so does a long line agree with itself set straight.
        String all = "A line with AVAT in it, ".repeat(200).strip();
        CurveSetter.Line whole = CurveSetter.set(
                all, Setting.plain("Alegreya"), 10, new Line2D.Double(0, 0, 90_000, 0), TextStyle.Align.LEFT);
        CurveSetter.Sign last = whole.signs().get(whole.signs().size() - 1);
        double width = WordFitter.fit(all, Setting.plain("Alegreya"), 10, 90_000, 1)
                .lines()
                .get(0)
                .widthMm();
        assertThat(last.to().e() + last.widthMm() / 2).isCloseTo(width, within(0.001 * width));
    }

    @Test
    void signsThatBelongTogetherStayTogetherAndMissingOnesAreTold() {
        Line2D line = new Line2D.Double(0, 0, 300, 0);
        assertThat(CurveSetter.set("e\u0301a", Setting.plain("Alegreya"), 20, line, TextStyle.Align.LEFT)
                        .signs())
                .hasSize(2);
        assertThat(CurveSetter.set("a\u16a0", Setting.plain("Alegreya"), 20, line, TextStyle.Align.LEFT)
                        .missing())
                .isEqualTo("\u16a0");
        assertThat(CurveSetter.set("  \n ", Setting.plain("Alegreya"), 20, line, TextStyle.Align.LEFT)
                        .signs())
                .isEmpty();
        assertThat(CurveSetter.set("A", Setting.plain("Alegreya"), 20, line, TextStyle.Align.RIGHT)
                        .signs()
                        .get(0)
                        .to()
                        .e())
                .isCloseTo(300 - 20 * MM_PER_PT * 0.33, within(1.0));
    }
}
