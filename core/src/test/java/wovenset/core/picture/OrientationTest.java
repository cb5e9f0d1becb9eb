package wovenset.core.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wovenset.core.testing.TestPhotos;

class OrientationTest {
    @TempDir
    Path folder;

    /** For each tag of Exif 2.32: where the stored corners (red, green, blue, white in reading order) lie upright. */
    @ParameterizedTest
    @CsvSource({"1, RGBW", "2, GRWB", "3, WBGR", "4, BWRG", "5, RBGW", "6, BRWG", "7, WGBR", "8, GWRB"})
    void cornersLieWhereTheTagSays(int tag, String upright) throws IOException {
        byte[] file =
                TestPhotos.withExif(TestPhotos.file(TestPhotos.corners(80, 48), "jpg"), tag, "2026:07:11 10:12:05", "");
        Path path = Files.write(folder.resolve("photo"), file);
        PhotoHeader header = PhotoInspector.inspect(path, PictureLimits.USUAL);
        BufferedImage image = PhotoDecoder.decode(path, header, 80);
        assertThat(header.width()).isEqualTo(tag >= 5 ? 48 : 80);
        assertThat(image.getWidth()).isEqualTo(header.width());
        assertThat(image.getHeight()).isEqualTo(header.height());
        assertThat(corners(image)).isEqualTo(upright);
        checkMatrixAgrees(Orientation.ofTag(tag), upright);
    }

    /** The matrix that a PDF draws a stored photo with says the same as the turned pixels. */
    private static void checkMatrixAgrees(Orientation orientation, String upright) {
        String stored = "RGBW";
        for (int i = 0; i < 4; i++) {
            Point2D at =
                    orientation.toUpright().transform(new Point2D.Double(0.25 + i % 2 * 0.5, 0.25 + i / 2 * 0.5), null);
            int place = (int) (at.getX() * 2) + 2 * (int) (at.getY() * 2);
            assertThat(upright.charAt(place)).isEqualTo(stored.charAt(i));
        }
    }

    private static String corners(BufferedImage image) {
        StringBuilder letters = new StringBuilder();
        for (int i = 0; i < 4; i++) {
            int rgb = image.getRGB(
                    image.getWidth() / 4 + i % 2 * image.getWidth() / 2,
                    image.getHeight() / 4 + i / 2 * image.getHeight() / 2);
            boolean red = (rgb >> 16 & 255) > 128;
            boolean green = (rgb >> 8 & 255) > 128;
            letters.append(red ? green ? 'W' : 'R' : green ? 'G' : 'B');
        }
        return letters.toString();
    }

    @Test
    void unknownTagsAreUpright() {
        assertThat(Orientation.ofTag(0)).isEqualTo(Orientation.UPRIGHT);
        assertThat(Orientation.ofTag(99)).isEqualTo(Orientation.UPRIGHT);
        assertThat(Orientation.UPRIGHT.toUpright().getTranslateX()).isCloseTo(0, within(1e-12));
    }
}
