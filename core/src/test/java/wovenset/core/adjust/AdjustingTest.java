package wovenset.core.adjust;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.bytedeco.javacpp.FloatPointer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import wovenset.core.ink.Rgb;
import wovenset.core.ink.Srgb;
import wovenset.core.photo.Adjustment;
import wovenset.core.photo.Adjustments;
import wovenset.core.photo.Treatment;
import wovenset.core.said.UnfitValueException;

/** Light and colour of pixels, against the formulas of docs/algorithms/adjusting.md reckoned one pixel at a time. */
class AdjustingTest {
    private static final Random RANDOM = new Random(7);
    private static final BufferedImage LARGE = shapes(1200, 900);
    private static final BufferedImage REDUCED = reduced(LARGE);

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

    /** A photo of three bytes is changed by looking them up where that will do, one with alpha pixel by pixel. */
    @Property(tries = 60)
    void channelsByThemselvesComeToTheSameAsPixels(
            @ForAll @DoubleRange(min = -3, max = 3) double exposure,
            @ForAll @DoubleRange(min = -100, max = 100) double warmth) {
        BufferedImage bytes = noise(BufferedImage.TYPE_3BYTE_BGR);
        BufferedImage solid = new BufferedImage(64, 48, BufferedImage.TYPE_4BYTE_ABGR_PRE);
        solid.createGraphics().drawImage(bytes, 0, 0, null);
        Adjustments adjustments = only(Adjustment.EXPOSURE, exposure).with(Adjustment.WARMTH, warmth);
        assertThat(colours(Adjusting.of(bytes, adjustments))).isEqualTo(colours(Adjusting.of(solid, adjustments)));
    }

    private static int[] colours(BufferedImage image) {
        return image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
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
        double luminance = 0.2126 * Srgb.linear(warm.getRed() / 255.0)
                + 0.7152 * Srgb.linear(warm.getGreen() / 255.0)
                + 0.0722 * Srgb.linear(warm.getBlue() / 255.0);
        assertThat(luminance).as("a grey keeps its light").isCloseTo(Srgb.linear(120 / 255.0), within(0.004));
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

    /** Soft shapes, as photos have them. */
    private static BufferedImage shapes(int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                double u = x / (double) width;
                double v = y / (double) height;
                int red = (int) (128 + 90 * Math.sin(9 * u + 3 * v));
                int green = (int) (120 + 80 * Math.cos(5 * v - 4 * u));
                int blue = Math.hypot(u - 0.5, v - 0.5) < 0.2 ? 220 : 60;
                image.setRGB(x, y, new Color(red, green, blue).getRGB());
            }
        }
        return image;
    }

    private static Adjustments treated(Treatment.Kind kind, double strength) {
        return Adjustments.NONE.withTreatment(Optional.of(Treatment.of(kind, strength)));
    }

    /** v + a·(Y − Y blurred), the blur reckoned by the library and in floats. */
    @Test
    void localContrastAndSharpnessAreUnsharpMasksOfTheLuma() {
        BufferedImage before = shapes(900, 600);
        float[] luma = new float[900 * 600];
        for (int i = 0; i < luma.length; i++) {
            Color c = new Color(before.getRGB(i % 900, i / 900));
            luma[i] = 0.2126f * c.getRed() + 0.7152f * c.getGreen() + 0.0722f * c.getBlue();
        }
        checkMask(before, luma, Adjustment.SHARPEN, 60, 2 * 0.6, 0.0004 * 900, 1);
        // The wide blur is one of a reduced picture.
        checkMask(before, luma, Adjustment.LOCAL_CONTRAST, -50, 0.9 * -0.5, 0.02 * 900, 2);
    }

    private static void checkMask(
            BufferedImage before, float[] luma, Adjustment which, double amount, double by, double sigma, double off) {
        BufferedImage after = Adjusting.of(before, only(which, amount));
        float[] blurred = new float[luma.length];
        try (Mat from = new Mat(600, 900, opencv_core.CV_32F);
                Mat to = new Mat();
                Size any = new Size(0, 0)) {
            new FloatPointer(from.data()).put(luma);
            opencv_imgproc.GaussianBlur(from, to, any, sigma);
            new FloatPointer(to.data()).get(blurred);
        }
        for (int i = 0; i < luma.length; i += 37) {
            int x = i % 900;
            int y = i / 900;
            int expected = new Color(before.getRGB(x, y)).getGreen();
            assertThat((double) new Color(after.getRGB(x, y)).getGreen())
                    .as(which + " at " + x + ", " + y)
                    .isCloseTo(Math.max(0, Math.min(255, expected + by * (luma[i] - blurred[i]))), within(off + 0.5));
        }
    }

    @Test
    void treatmentsOfColourAreWhatTheirFormulasSay() {
        Color colour = new Color(180, 90, 40);
        float luma = 0.2126f * 180 + 0.7152f * 90 + 0.0722f * 40;
        assertThat(adjusted(colour, treated(Treatment.Kind.GREY, 100)).getRed()).isEqualTo(Math.round(luma));
        assertThat(adjusted(colour, treated(Treatment.Kind.GREY, 50)).getBlue()).isEqualTo(Math.round((luma + 40) / 2));
        assertThat(adjusted(colour, treated(Treatment.Kind.GREY_RED, 100)).getRed())
                .isGreaterThan(
                        adjusted(colour, treated(Treatment.Kind.GREY_BLUE, 100)).getRed() + 80);
        Treatment two = new Treatment(Treatment.Kind.TWO_COLOURS, 100, List.of(new Rgb("#102030"), new Rgb("#f0e0d0")));
        Adjustments both = Adjustments.NONE.withTreatment(Optional.of(two));
        assertThat(adjusted(Color.BLACK, both)).isEqualTo(new Color(0x102030));
        assertThat(adjusted(Color.WHITE, both)).isEqualTo(new Color(0xf0e0d0));
        assertThat((double) adjusted(colour, both).getGreen())
                .isCloseTo(0x20 + luma / 255 * (0xe0 - 0x20), within(1.0));
        Adjustments hue = treated(Treatment.Kind.ONE_HUE, 100);
        for (Color one : List.of(Color.BLACK, Color.WHITE, colour, new Color(20, 60, 200))) {
            Color is = adjusted(one, hue);
            assertThat(0.2126 * is.getRed() + 0.7152 * is.getGreen() + 0.0722 * is.getBlue())
                    .as("as bright as it was")
                    .isCloseTo(0.2126 * one.getRed() + 0.7152 * one.getGreen() + 0.0722 * one.getBlue(), within(1.5));
        }
        assertThatThrownBy(() -> new Treatment(Treatment.Kind.ONE_HUE, 100, List.of(Rgb.INK, Rgb.PAPER)))
                .isInstanceOf(UnfitValueException.class);
        assertThatThrownBy(() -> Treatment.of(Treatment.Kind.GREY, 0)).isInstanceOf(UnfitValueException.class);
    }

    /** The screen shows the print, reduced: each treatment and detail of a small picture is the large one's, made small. */
    @ParameterizedTest
    @MethodSource("looks")
    void screenAndPrintLookAlike(String name, Adjustments adjustments) {
        BufferedImage expected = reduced(Adjusting.of(LARGE, adjustments));
        BufferedImage small = Adjusting.of(REDUCED, adjustments);
        double off = 0;
        for (int y = 0; y < 300; y++) {
            for (int x = 0; x < 400; x++) {
                Color one = new Color(expected.getRGB(x, y));
                Color other = new Color(small.getRGB(x, y));
                off += Math.abs(one.getRed() - other.getRed())
                        + Math.abs(one.getGreen() - other.getGreen())
                        + Math.abs(one.getBlue() - other.getBlue());
            }
        }
        assertThat(off / (3 * 300 * 400)).as(name).isLessThan(3);
    }

    static Stream<Arguments> looks() {
        Stream<Arguments> treatments =
                Arrays.stream(Treatment.Kind.values()).map(kind -> Arguments.of(kind.name(), treated(kind, 100)));
        Stream<Arguments> details = Stream.of(
                        Adjustment.LOCAL_CONTRAST,
                        Adjustment.SHARPEN,
                        Adjustment.SOFTEN,
                        Adjustment.VIGNETTE,
                        Adjustment.GRAIN)
                .map(which -> Arguments.of(which.name(), only(which, 70)));
        return Stream.concat(treatments, details);
    }

    private static BufferedImage reduced(BufferedImage image) {
        BufferedImage small = new BufferedImage(400, 300, BufferedImage.TYPE_3BYTE_BGR);
        int by = image.getWidth() / 400;
        for (int y = 0; y < 300; y++) {
            for (int x = 0; x < 400; x++) {
                int[] sums = new int[3];
                for (int i = 0; i < by * by; i++) {
                    Color c = new Color(image.getRGB(by * x + i % by, by * y + i / by));
                    sums[0] += c.getRed();
                    sums[1] += c.getGreen();
                    sums[2] += c.getBlue();
                }
                small.setRGB(x, y, new Color(sums[0] / (by * by), sums[1] / (by * by), sums[2] / (by * by)).getRGB());
            }
        }
        return small;
    }

    @ParameterizedTest
    @MethodSource("looks")
    void theOddestPicturesAreTaken(String name, Adjustments adjustments) {
        for (int[] size : new int[][] {{1, 1}, {100, 1}, {1, 100}}) {
            BufferedImage row = new BufferedImage(size[0], size[1], BufferedImage.TYPE_3BYTE_BGR);
            assertThat(Adjusting.of(row, adjustments).getWidth()).as(name).isEqualTo(size[0]);
        }
        BufferedImage clear = new BufferedImage(40, 30, BufferedImage.TYPE_4BYTE_ABGR_PRE);
        clear.setRGB(20, 10, 0xff3366aa);
        BufferedImage after = Adjusting.of(clear, adjustments);
        assertThat(after.getRGB(0, 0) >>> 24).as(name).isZero();
        assertThat(after.getRGB(20, 10) >>> 24).isEqualTo(255);
    }
}
