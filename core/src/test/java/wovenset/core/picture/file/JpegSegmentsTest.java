package wovenset.core.picture.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import wovenset.core.testing.TestPhotos;

class JpegSegmentsTest {
    private static byte[] pictureOnly(byte[] file) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        JpegSegments.read(ByteBuffer.wrap(file)).writePictureOnly(out);
        return out.toByteArray();
    }

    @Test
    void whatTheCameraToldStaysBehindAndThePictureDoesNotChange() throws IOException {
        byte[] plain = TestPhotos.jpeg(320, 200, 4);
        byte[] chatty = TestPhotos.withSegment(
                TestPhotos.withExif(plain, 6, "2026:07:11 10:12:05", "secret words"),
                0xFE,
                "comment of a program".getBytes(StandardCharsets.UTF_8));
        byte[] trailing = TestPhotos.concat(chatty, "hidden tail".getBytes(StandardCharsets.UTF_8));
        byte[] bare = pictureOnly(trailing);
        String text = new String(bare, StandardCharsets.ISO_8859_1);
        assertThat(text).doesNotContain("Exif", "secret words", "SECRET-PLACE", "comment of", "hidden tail");
        BufferedImage before = ImageIO.read(new ByteArrayInputStream(plain));
        BufferedImage after = ImageIO.read(new ByteArrayInputStream(bare));
        for (int y = 0; y < 200; y += 7) {
            for (int x = 0; x < 320; x += 7) {
                assertThat(after.getRGB(x, y)).isEqualTo(before.getRGB(x, y));
            }
        }
        assertThat(pictureOnly(bare)).isEqualTo(bare);
    }

    @Test
    void aProfileIsJoinedFromItsParts() {
        byte[] jpeg = TestPhotos.jpeg(40, 30, 4);
        byte[] second =
                TestPhotos.withSegment(jpeg, 0xE2, "ICC_PROFILE\0\2\2world".getBytes(StandardCharsets.ISO_8859_1));
        assertThat(JpegSegments.read(ByteBuffer.wrap(second)).profile())
                .as("a part is missing")
                .isEmpty();
        byte[] both =
                TestPhotos.withSegment(second, 0xE2, "ICC_PROFILE\0\1\2hello ".getBytes(StandardCharsets.ISO_8859_1));
        assertThat(new String(JpegSegments.read(ByteBuffer.wrap(both)).profile(), StandardCharsets.US_ASCII))
                .isEqualTo("hello world");
    }

    /** Each scan is decoded over the whole picture: hundreds would keep a processor busy for a minute. */
    @Test
    void moreScansThanAnyProgramWritesAreRefused() {
        byte[] jpeg = TestPhotos.jpeg(64, 48, 1);
        int scan = 0;
        while ((jpeg[scan] & 255) != 0xFF || (jpeg[scan + 1] & 255) != 0xDA) {
            scan++;
        }
        byte[] one = Arrays.copyOfRange(jpeg, scan, jpeg.length - 2);
        byte[] many = Arrays.copyOf(jpeg, jpeg.length - 2);
        for (int i = 0; i < 99; i++) {
            many = TestPhotos.concat(many, one);
        }
        byte[] end = {(byte) 0xFF, (byte) 0xD9};
        byte[] most = TestPhotos.concat(many, end);
        assertThat(JpegSegments.read(ByteBuffer.wrap(most)).width()).isEqualTo(64);
        byte[] tooMany = TestPhotos.concat(TestPhotos.concat(many, one), end);
        assertThatThrownBy(() -> JpegSegments.read(ByteBuffer.wrap(tooMany))).hasMessageContaining("FILE_TOO_LONG");
    }
}
