package wovenset.core.decode.read;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.awt.image.IndexColorModel;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Random;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wovenset.core.decode.answer.Raw;
import wovenset.core.decode.answer.RowSink;
import wovenset.core.decode.answer.UnreadableException;
import wovenset.core.testing.TestPhotos;

/** Beside the platform's own reader, pixel by pixel. */
class PngSourceTest {
    @TempDir
    Path folder;

    private static final class Pixels implements RowSink {
        private Raw raw;
        private byte[] all;
        private int at;

        @Override
        public void begin(Raw told) {
            raw = told;
            all = new byte[told.rowBytes() * told.height()];
        }

        @Override
        public void rows(byte[] pixels, int length) {
            System.arraycopy(pixels, 0, all, at, length);
            at += length;
        }

        int rgb(int x, int y) {
            int i = y * raw.rowBytes() + x * raw.samples().count();
            int alpha = raw.samples().count() == 4 ? all[i + 3] & 255 : 255;
            return alpha << 24 | (all[i + 2] & 255) << 16 | (all[i + 1] & 255) << 8 | all[i] & 255;
        }
    }

    private Pixels decoded(byte[] file) throws IOException {
        Pixels pixels = new Pixels();
        new PngSource().decode(Files.write(folder.resolve("a.png"), file), pixels);
        assertThat(pixels.at).isEqualTo(pixels.all.length);
        return pixels;
    }

    private void checkSame(byte[] file) throws IOException {
        Pixels ours = decoded(file);
        BufferedImage theirs = ImageIO.read(folder.resolve("a.png").toFile());
        for (int y = 0; y < theirs.getHeight(); y++) {
            for (int x = 0; x < theirs.getWidth(); x++) {
                assertThat(ours.rgb(x, y)).as("%d, %d", x, y).isEqualTo(theirs.getRGB(x, y));
            }
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {BufferedImage.TYPE_INT_RGB, BufferedImage.TYPE_INT_ARGB, BufferedImage.TYPE_BYTE_BINARY})
    void pixelsAreThoseOfTheFile(int type) throws IOException {
        BufferedImage image = new BufferedImage(61, 43, type);
        Random random = new Random(type);
        for (int i = 0; i < 61 * 43; i++) {
            image.setRGB(i % 61, i / 61, random.nextInt());
        }
        checkSame(TestPhotos.file(image, "png"));
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 4, 8})
    void palettesOfAnyDepthAreRead(int bits) throws IOException {
        Random random = new Random(bits);
        byte[][] colours = new byte[4][1 << bits];
        for (byte[] channel : colours) {
            random.nextBytes(channel);
        }
        IndexColorModel model = new IndexColorModel(bits, 1 << bits, colours[0], colours[1], colours[2], colours[3]);
        BufferedImage image = new BufferedImage(
                53, 20, bits < 8 ? BufferedImage.TYPE_BYTE_BINARY : BufferedImage.TYPE_BYTE_INDEXED, model);
        for (int i = 0; i < 53 * 20; i++) {
            image.getRaster().setSample(i % 53, i / 53, 0, random.nextInt(1 << bits));
        }
        checkSame(TestPhotos.file(image, "png"));
    }

    /** The smooth scene makes the writer use filters. */
    @Test
    void filteredRowsAndSixteenBitsAreRead() throws IOException {
        checkSame(TestPhotos.file(TestPhotos.scene(300, 200, 3), "png"));
        BufferedImage grey = new BufferedImage(40, 30, BufferedImage.TYPE_USHORT_GRAY);
        for (int i = 0; i < 1200; i++) {
            grey.getRaster().setSample(i % 40, i / 40, 0, i * 50);
        }
        Pixels read = decoded(TestPhotos.file(grey, "png"));
        for (int i = 0; i < 1200; i++) {
            assertThat(read.rgb(i % 40, i / 40) & 255).isEqualTo(Math.round(i * 50 / 257f));
        }
    }

    @Test
    void whatIsInterlacedOrDamagedIsRefused() throws IOException {
        byte[] file = TestPhotos.file(TestPhotos.scene(300, 200, 3), "png");
        byte[] interlaced = file.clone();
        interlaced[28] = 1;
        assertThatThrownBy(() -> decoded(interlaced)).hasMessageContaining("FILE_INTERLACED");
        byte[] hurt = file.clone();
        Arrays.fill(hurt, hurt.length / 2, hurt.length / 2 + 60, (byte) 0x5A);
        assertThatThrownBy(() -> decoded(hurt)).isInstanceOf(UnreadableException.class);
        byte[] cut = Arrays.copyOf(file, file.length / 2);
        assertThatThrownBy(() -> decoded(cut)).isInstanceOf(UnreadableException.class);
    }
}
