package wovenset.core.picture.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.Random;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wovenset.core.testing.TestPhotos;

class PngWriterTest {
    @ParameterizedTest
    @CsvSource({"1, 1, 5", "7, 3, 5", "7, 3, 6", "90, 110, 6", "700, 600, 6", "900, 700, 5", "3000, 1, 5", "1, 900, 6"})
    void everyPixelReadsBackAsItWas(int width, int height, int type) throws IOException {
        BufferedImage image = new BufferedImage(width, height, type);
        Random random = new Random(width);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                image.setRGB(x, y, random.nextInt());
            }
        }
        byte[] file = PngWriter.png(image);
        PngChunks.checkComplete(ByteBuffer.wrap(file));
        BufferedImage read = ImageIO.read(new ByteArrayInputStream(file));
        assertThat(read.getWidth()).isEqualTo(width);
        assertThat(read.getHeight()).isEqualTo(height);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                assertThat(read.getRGB(x, y)).isEqualTo(image.getRGB(x, y));
            }
        }
    }

    @Test
    void largePicturesArePackedAndOtherTypesRefused() {
        assertThat(PngWriter.png(TestPhotos.scene(1200, 800, 1)).length).isLessThan(1200 * 800 * 3 / 4);
        assertThatThrownBy(() -> PngWriter.png(new BufferedImage(2, 2, BufferedImage.TYPE_INT_RGB)))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
