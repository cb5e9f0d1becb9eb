package wovenset.core.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.function.IntBinaryOperator;
import org.bytedeco.opencv.opencv_core.Mat;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wovenset.core.picture.file.RefusedPhotoException;
import wovenset.core.testing.Likeness;
import wovenset.core.testing.TestPhotos;

class PhotoDecoderTest {
    @TempDir
    Path folder;

    private BufferedImage decode(byte[] file, int longEdge) {
        try {
            Path path = Files.write(folder.resolve("photo"), file);
            return PhotoDecoder.decode(path, PhotoInspector.inspect(path, PictureLimits.USUAL), longEdge);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void checkColour(BufferedImage image, Color colour, int tolerance) {
        Color seen = new Color(image.getRGB(image.getWidth() / 2, image.getHeight() / 2));
        assertThat(seen.getRed()).as("red of %s", seen).isCloseTo(colour.getRed(), within(tolerance));
        assertThat(seen.getGreen()).as("green of %s", seen).isCloseTo(colour.getGreen(), within(tolerance));
        assertThat(seen.getBlue()).as("blue of %s", seen).isCloseTo(colour.getBlue(), within(tolerance));
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "bmp", "tiff"})
    void losslessFormatsComeThroughToTheLastBit(String format) {
        BufferedImage scene = TestPhotos.scene(60, 40, 5);
        BufferedImage read = decode(TestPhotos.file(scene, format), 60);
        for (int y = 0; y < 40; y++) {
            for (int x = 0; x < 60; x++) {
                assertThat(read.getRGB(x, y)).isEqualTo(scene.getRGB(x, y));
            }
        }
    }

    @Test
    void gifAndWebpAreRead() {
        BufferedImage scene = TestPhotos.scene(80, 60, 5);
        assertThat(Likeness.of(decode(TestPhotos.file(scene, "gif"), 80), scene))
                .isGreaterThan(0.8);
        byte[] webp = TestPhotos.file(scene, "webp");
        assertThat(Likeness.of(decode(webp, 80), scene)).isGreaterThan(0.95);
    }

    @ParameterizedTest
    @ValueSource(ints = {1600, 800, 799, 400, 200, 123, 50, 1})
    void theLongEdgeIsWhatWasAskedFor(int longEdge) {
        BufferedImage image = decode(TestPhotos.jpeg(1600, 1067, 2), longEdge);
        assertThat(image.getWidth()).isEqualTo(longEdge);
        assertThat(image.getHeight())
                .isCloseTo((int) Math.round(longEdge * 1067 / 1600.0), within(1))
                .isPositive();
    }

    @Test
    void smallPhotosAreNotEnlarged() {
        assertThat(decode(TestPhotos.jpeg(300, 200, 2), 1600).getWidth()).isEqualTo(300);
    }

    @Test
    void reducingLooksLikeTheWholePicture() {
        BufferedImage scene = TestPhotos.scene(1600, 1200, 8);
        BufferedImage expected = DerivedPixels.reduced(scene, 400, 300);
        assertThat(Likeness.of(decode(TestPhotos.file(scene, "jpg"), 400), expected))
                .isGreaterThan(0.97);
    }

    /** Against sums over areas as a sheet of paper would have them, on noise, which is harder than any photo. */
    @ParameterizedTest
    @ValueSource(ints = {292, 250, 200, 165})
    void reducingALittleComesToWhatAveragingAreasDoes(int longEdge) throws IOException {
        BufferedImage noise = grey(300, 200, (x, y) -> random.nextInt(256));
        BufferedImage reduced = quick(TestPhotos.file(noise, "png"), longEdge);
        double by = 300.0 / reduced.getWidth();
        double off = 0;
        double plain = 0;
        for (int y = 2; y < reduced.getHeight() - 2; y++) {
            for (int x = 2; x < reduced.getWidth() - 2; x++) {
                double mean = mean(noise, x * by, y * by, by);
                off += Math.abs((reduced.getRGB(x, y) & 255) - mean);
                plain += Math.abs((noise.getRGB((int) ((x + 0.5) * by), (int) ((y + 0.5) * by)) & 255) - mean);
            }
        }
        assertThat(off)
                .as("from area means, as a share of what one pixel of each is")
                .isLessThan(plain / 2);
    }

    /** A cloth of single threads: what comes of it is quiet grey wherever the threads cannot be told apart. */
    @Test
    void finePatternsDoNotShimmer() throws IOException {
        BufferedImage cloth = grey(400, 300, (x, y) -> (x + y) % 2 * 255);
        BufferedImage reduced = quick(TestPhotos.file(cloth, "png"), 220);
        for (int y = 2; y < reduced.getHeight() - 2; y++) {
            for (int x = 2; x < reduced.getWidth() - 2; x++) {
                assertThat(reduced.getRGB(x, y) & 255).isBetween(108, 148);
            }
        }
    }

    private BufferedImage quick(byte[] file, int longEdge) throws IOException {
        Path path = Files.write(folder.resolve("photo"), file);
        PhotoHeader header = PhotoInspector.inspect(path, PictureLimits.USUAL);
        try (Mat picture = PhotoDecoder.upright(path, header, longEdge, PhotoDecoder.Reduction.QUICK)) {
            return PhotoDecoder.image(picture);
        }
    }

    private final Random random = new Random(11);

    private static BufferedImage grey(int width, int height, IntBinaryOperator value) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                image.setRGB(x, y, value.applyAsInt(x, y) * 0x010101);
            }
        }
        return image;
    }

    /** Of a square's area, each pixel counted by what of it lies inside. */
    private static double mean(BufferedImage image, double left, double top, double side) {
        double sum = 0;
        for (int y = (int) top; y < top + side; y++) {
            for (int x = (int) left; x < left + side; x++) {
                double across = Math.min(x + 1, left + side) - Math.max(x, left);
                double down = Math.min(y + 1, top + side) - Math.max(y, top);
                sum += across * down * (image.getRGB(x, y) & 255);
            }
        }
        return sum / (side * side);
    }

    @Test
    void clearPartsStayClear() {
        BufferedImage clear = new BufferedImage(40, 40, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = clear.createGraphics();
        graphics.setColor(new Color(255, 0, 0, 128));
        graphics.fillRect(0, 0, 40, 40);
        graphics.dispose();
        int half = decode(TestPhotos.file(clear, "png"), 20).getRGB(10, 10);
        assertThat(half >>> 24).isCloseTo(128, within(1));
        assertThat(half & 0xffffff)
                .as("its colour is not darkened by what is clear")
                .isEqualTo(0xff0000);
        BufferedImage empty = new BufferedImage(40, 40, BufferedImage.TYPE_INT_ARGB);
        assertThat(decode(TestPhotos.file(empty, "png"), 40).getRGB(20, 20) >>> 24)
                .isZero();
    }

    @Test
    void inksComeOutInTheirColours() {
        checkInks(0, 0, 0, 0, Color.WHITE, 1);
        checkInks(0, 0, 0, 255, new Color(46, 45, 45), 25);
        checkInks(255, 0, 0, 0, new Color(0, 158, 224), 25);
        checkInks(0, 255, 0, 0, new Color(230, 0, 126), 25);
        checkInks(0, 0, 255, 0, new Color(255, 237, 0), 25);
        checkInks(0, 255, 255, 0, new Color(227, 30, 36), 25);
        checkInks(128, 128, 128, 0, new Color(130, 120, 118), 25);
    }

    private void checkInks(int cyan, int magenta, int yellow, int black, Color colour, int tolerance) {
        checkColour(decode(TestPhotos.inks(64, 64, cyan, magenta, yellow, black), 64), colour, tolerance);
        checkColour(
                decode(TestPhotos.inksByBrightness(64, 64, cyan, magenta, yellow, black), 64), colour, tolerance + 5);
    }

    @Test
    void anEmbeddedProfileIsHonoured() {
        BufferedImage grey = new BufferedImage(32, 32, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = grey.createGraphics();
        graphics.setColor(new Color(128, 128, 128));
        graphics.fillRect(0, 0, 32, 32);
        graphics.dispose();
        byte[] jpeg = TestPhotos.file(grey, "jpg");
        byte[] linear = ICC_Profile.getInstance(ColorSpace.CS_LINEAR_RGB).getData();
        // Half the light is 188 of 255 in sRGB's curve (IEC 61966-2-1).
        checkColour(decode(TestPhotos.withProfile(jpeg, linear), 32), new Color(188, 188, 188), 3);
        checkColour(
                decode(
                        TestPhotos.withProfile(
                                jpeg,
                                ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData()),
                        32),
                new Color(128, 128, 128),
                1);
        checkColour(decode(TestPhotos.withProfile(jpeg, new byte[200]), 32), new Color(128, 128, 128), 1);
    }

    @Test
    void damageInsideThePictureIsRefusedAndNotHalfShown() {
        byte[] png = TestPhotos.file(TestPhotos.scene(200, 200, 3), "png");
        Arrays.fill(png, png.length / 3, png.length / 3 + 300, (byte) 7);
        assertThatThrownBy(() -> decode(png, 200))
                .isInstanceOf(RefusedPhotoException.class)
                .hasMessageContaining("FILE_PIXELS_DAMAGED");
    }

    /** A quarter of a derived file is what averaging it would give, of a JPEG and of a picture with clear parts. */
    @Test
    void aQuarterOfADerivedFileLooksAsTheWhole() {
        for (byte[] file : List.of(TestPhotos.jpeg(400, 300, 8), TestPhotos.clearPng(400, 300, 9))) {
            BufferedImage quarter = DerivedPixels.readQuarter(file);
            assertThat(quarter.getWidth()).isEqualTo(100);
            assertThat(quarter.getHeight()).isEqualTo(75);
            BufferedImage whole = DerivedPixels.read(file);
            assertThat(quarter.getColorModel().hasAlpha())
                    .isEqualTo(whole.getColorModel().hasAlpha());
            assertThat(Likeness.of(onWhite(quarter), onWhite(DerivedPixels.reduced(whole, 100, 75))))
                    .isGreaterThan(0.98);
        }
    }

    private static BufferedImage onWhite(BufferedImage picture) {
        BufferedImage white = new BufferedImage(picture.getWidth(), picture.getHeight(), BufferedImage.TYPE_3BYTE_BGR);
        white.createGraphics().drawImage(picture, 0, 0, Color.WHITE, null);
        return white;
    }
}
