package wovenset.core.adjust;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import wovenset.core.photo.Adjustment;
import wovenset.core.photo.Adjustments;
import wovenset.core.said.UnfitValueException;

/** Light and colour of pixels, against the formulas of docs/algorithms/adjusting.md reckoned one pixel at a time. */
class AdjustingTest {
    private static final Random RANDOM = new Random(7);

    private static BufferedImage noise(int type) {
        BufferedImage image = new BufferedImage(64, 48, type);
        for (int y = 0; y < 48; y++) {
            for (int x = 0; x < 64; x++) {
                image.setRGB(x, y, RANDOM.nextInt());
            }
        }
        return image;
    }

    private static Adjustments only(Adjustment which, double amount) {
        return Adjustments.NONE.with(which, amount);
    }

    private static Color adjusted(Color colour, Adjustments adjustments) {
        BufferedImage image = new BufferedImage(1, 1, BufferedImage.TYPE_3BYTE_BGR);
        image.setRGB(0, 0, colour.getRGB());
        return new Color(Adjusting.of(image, adjustments).getRGB(0, 0));
    }

    @Test
    void nothingChangedIsTheSamePicture() {
        BufferedImage image = noise(BufferedImage.TYPE_3BYTE_BGR);
        assertThat(Adjusting.of(image, Adjustments.NONE)).isSameAs(image);
        assertThat(Adjustments.NONE.with(Adjustment.CONTRAST, 0)).isEqualTo(Adjustments.NONE);
    }

    @Property(tries = 60)
    void eachPixelIsWhatTheFormulasSay(
            @ForAll @DoubleRange(min = -3, max = 3) double exposure,
            @ForAll @DoubleRange(min = -100, max = 100) double brightness,
            @ForAll @DoubleRange(min = -100, max = 100) double contrast,
            @ForAll @DoubleRange(min = -100, max = 100) double highlights) {
        double shadows = -highlights / 2;
        double saturation = contrast / 3;
        double warmth = brightness / 2;
        double tint = -brightness / 3;
        Adjustments all = new Adjustments(Map.of(
                Adjustment.EXPOSURE, exposure,
                Adjustment.BRIGHTNESS, brightness,
                Adjustment.CONTRAST, contrast,
                Adjustment.HIGHLIGHTS, highlights,
                Adjustment.SHADOWS, shadows,
                Adjustment.SATURATION, saturation,
                Adjustment.WARMTH, warmth,
                Adjustment.TINT, tint));
        BufferedImage before = noise(BufferedImage.TYPE_3BYTE_BGR);
        BufferedImage after = Adjusting.of(before, all);
        double[] gains = {Math.exp(Math.log(2) * 0.006 * warmth), Math.exp(Math.log(2) * -0.004 * tint), 0};
        gains[2] = 1 / gains[0];
        double grey = 0.2126 * gains[0] + 0.7152 * gains[1] + 0.0722 * gains[2];
        for (int i = 0; i < 40; i++) {
            int x = RANDOM.nextInt(64);
            int y = RANDOM.nextInt(48);
            float[] rgb = new Color(before.getRGB(x, y)).getRGBColorComponents(null);
            double[] toned = new double[3];
            for (int c = 0; c < 3; c++) {
                double light = rgb[c] > 0.04045 ? Math.pow((rgb[c] + 0.055) / 1.055, 2.4) : rgb[c] / 12.92;
                light = Math.min(1, light * Math.pow(2, exposure) * gains[c] / grey);
                double v = light > 0.0031308 ? 1.055 * Math.pow(light, 1 / 2.4) - 0.055 : 12.92 * light;
                v = Math.pow(v, Math.pow(2, -brightness / 100));
                v = v
                        + 0.95 * shadows / 100 * v * Math.pow(1 - v, 3)
                        + 0.95 * highlights / 100 * Math.pow(v, 3) * (1 - v);
                double q = contrast / 100;
                if (q < 0) {
                    v = 0.5 + (v - 0.5) * (1 + 0.6 * q);
                } else if (v < 0.5) {
                    v = 0.5 * Math.pow(2 * v, Math.pow(2, q));
                } else {
                    v = 1 - 0.5 * Math.pow(2 - 2 * v, Math.pow(2, q));
                }
                toned[c] = v;
            }
            double luma = 0.2126 * toned[0] + 0.7152 * toned[1] + 0.0722 * toned[2];
            Color is = new Color(after.getRGB(x, y));
            int[] got = {is.getRed(), is.getGreen(), is.getBlue()};
            for (int c = 0; c < 3; c++) {
                double expected = luma + (toned[c] - luma) * (1 + saturation / 100);
                assertThat((double) got[c]).isCloseTo(255 * Math.max(0, Math.min(1, expected)), within(1.0));
            }
        }
    }

    /** No step of light turns back, so none becomes a band of another tone. */
    @Property(tries = 100)
    void darkerStaysDarker(
            @ForAll @DoubleRange(min = -100, max = 100) double shadows,
            @ForAll @DoubleRange(min = -100, max = 100) double highlights,
            @ForAll @DoubleRange(min = -100, max = 100) double contrast) {
        Tone tone = new Tone(new Adjustments(
                Map.of(Adjustment.SHADOWS, shadows, Adjustment.HIGHLIGHTS, highlights, Adjustment.CONTRAST, contrast)));
        double last = -1;
        for (int v = 0; v < 256; v++) {
            double now = tone.of(v / 255.0, 1);
            assertThat(now).isBetween(0.0, 1.0).isGreaterThanOrEqualTo(last);
            last = now;
        }
    }

    @Test
    void eachAmountDoesWhatItsNameSays() {
        Color grey = new Color(120, 120, 120);
        assertThat(adjusted(grey, only(Adjustment.WARMTH, 60)).getRed()).isGreaterThan(130);
        assertThat(adjusted(grey, only(Adjustment.WARMTH, 60)).getBlue()).isLessThan(110);
        Color tinted = adjusted(grey, only(Adjustment.TINT, 60));
        assertThat(tinted.getGreen()).isLessThan(120);
        assertThat(tinted.getRed()).isGreaterThan(125).isEqualTo(tinted.getBlue());
        Color warm = adjusted(grey, only(Adjustment.WARMTH, 60));
        double luminance = 0.2126 * Tone.linear(warm.getRed() / 255.0)
                + 0.7152 * Tone.linear(warm.getGreen() / 255.0)
                + 0.0722 * Tone.linear(warm.getBlue() / 255.0);
        assertThat(luminance).as("a grey keeps its light").isCloseTo(Tone.linear(120 / 255.0), within(0.004));
        Color colour = new Color(200, 40, 90);
        Color bare = adjusted(colour, only(Adjustment.SATURATION, -100));
        assertThat(bare.getRed()).isEqualTo(bare.getGreen()).isEqualTo(bare.getBlue());
        for (Adjustment ends : new Adjustment[] {Adjustment.BRIGHTNESS, Adjustment.SHADOWS, Adjustment.HIGHLIGHTS}) {
            assertThat(adjusted(Color.BLACK, only(ends, 70))).as(ends.name()).isEqualTo(Color.BLACK);
            assertThat(adjusted(Color.WHITE, only(ends, -70))).as(ends.name()).isEqualTo(Color.WHITE);
        }
    }

    @Test
    void whatIsClearStaysAsClearAndGreyPicturesAndSingleRowsAreTaken() {
        BufferedImage clear = noise(BufferedImage.TYPE_4BYTE_ABGR_PRE);
        BufferedImage after = Adjusting.of(clear, only(Adjustment.EXPOSURE, 1));
        for (int i = 0; i < 64; i++) {
            assertThat(after.getRGB(i, 5) >>> 24).isEqualTo(clear.getRGB(i, 5) >>> 24);
        }
        BufferedImage grey = new BufferedImage(100, 1, BufferedImage.TYPE_BYTE_GRAY);
        BufferedImage warm = Adjusting.of(grey.getSubimage(10, 0, 50, 1), only(Adjustment.WARMTH, 100));
        assertThat(warm.getWidth()).isEqualTo(50);
        assertThat(warm.getRGB(3, 0)).isEqualTo(Color.BLACK.getRGB());
        assertThatThrownBy(() -> only(Adjustment.EXPOSURE, 3.5)).isInstanceOf(UnfitValueException.class);
        assertThatThrownBy(() -> only(Adjustment.TINT, Double.NaN)).isInstanceOf(UnfitValueException.class);
    }
}
