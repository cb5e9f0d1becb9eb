package wovenset.core.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Shape;
import java.awt.geom.Rectangle2D;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.PathData;
import wovenset.core.geometry.ShapeMm;

class LetterRowTest {
    @ParameterizedTest
    @CsvSource({"Source Sans 3 Bold, kites", "Alegreya Bold, LATVIA", "Kalam Bold, Ötzi 2026", "Alegreya Bold, AVATAR"})
    void lettersAreOfOneHeightAndTheAreaBetweenThemIsEven(String face, String word) {
        List<LetterRow.Letter> letters = LetterRow.of(face, word);
        for (LetterRow.Letter letter : letters) {
            Rectangle2D box = letter.outline().getBounds2D();
            assertThat(box.getHeight()).isCloseTo(1, within(1e-6));
            assertThat(box.getY()).isCloseTo(0, within(1e-6));
            assertThat(box.getWidth()).isCloseTo(letter.width(), within(1e-6));
        }
        for (int i = 1; i < letters.size(); i++) {
            LetterRow.Letter one = letters.get(i - 1);
            LetterRow.Letter next = letters.get(i);
            double[] right = LetterRow.sides(one.outline(), one.width())[1];
            double[] left = LetterRow.sides(next.outline(), next.width())[0];
            double apart = next.x() - one.x() - one.width();
            double area = LetterRow.area(right, left) + apart;
            String pair = one.text() + next.text();
            if (word.contains(" ") && "I2".equals(pair)) {
                assertThat(area).as("a space").isGreaterThan(2 * LetterRow.AREA);
            } else if (area > LetterRow.AREA * 1.0001) {
                assertThat(nearest(right, left, apart))
                        .as(pair + " would touch")
                        .isCloseTo(LetterRow.CLEAR, within(1e-9));
            } else {
                assertThat(area).as(pair).isCloseTo(LetterRow.AREA, within(0.02 * LetterRow.AREA));
            }
            assertThat(nearest(right, left, apart)).as(pair).isGreaterThanOrEqualTo(LetterRow.CLEAR - 1e-9);
        }
    }

    private static double nearest(double[] right, double[] left, double apart) {
        double nearest = Double.MAX_VALUE;
        for (int row = 0; row < right.length; row++) {
            nearest = Math.min(nearest, right[row] + left[row] + apart);
        }
        return nearest;
    }

    /** Slanted sides that lie alongside come together, which upright ones do not. */
    @Test
    void anAAndAVStandNearerThanTwoStems() {
        List<LetterRow.Letter> slanted = LetterRow.of("Source Sans 3 Bold", "AV");
        List<LetterRow.Letter> upright = LetterRow.of("Source Sans 3 Bold", "HI");
        assertThat(slanted.get(1).x() - slanted.get(0).width()).isNegative();
        assertThat(upright.get(1).x() - upright.get(0).width()).isPositive();
    }

    /** What is inside an O is no part of it, also where the O is grown by a border. */
    @Test
    void countersStayOpenWhenLettersGrow() {
        LetterRow.Letter letter = LetterRow.of("Source Sans 3 Bold", "O").get(0);
        ShapeMm drawn = new ShapeMm.Traced(new BoxMm(0, 0, 60, 80), PathData.ofUnit(letter.outline()));
        for (double by : new double[] {0, 2, -2}) {
            Shape path = by == 0 ? drawn.path() : new ShapeMm.Offset(drawn, by).path();
            assertThat(path.contains(30, 40)).as("the counter, grown by " + by).isFalse();
            assertThat(path.contains(6, 40)).as("the stroke, grown by " + by).isTrue();
        }
        assertThat(new ShapeMm.Offset(drawn, 25).path().contains(30, 40))
                .as("closed at last")
                .isTrue();
    }
}
