package wovenset.core.output;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.picture.DerivedPixels;
import wovenset.core.picture.PhotoDecoder;
import wovenset.core.testing.Pieces;
import wovenset.core.testing.TestPhotos;

class PrintPixelsTest {
    @TempDir
    Path folder;

    /** A tile of a mosaic comes from the small picture that is stored, upright, and is what the photo itself would have given. */
    @ParameterizedTest
    @ValueSource(ints = {90, 45})
    void whatIsPrintedSmallComesFromTheStoredPictureAndLooksTheSame(int edge) throws Exception {
        PhotoId id = Pieces.photo(1);
        byte[] jpeg = TestPhotos.withExif(TestPhotos.jpeg(2400, 1800, 5), 6, "2026:07:11 10:12:05", "");
        Folder files = new Folder(folder).with(id, jpeg);
        BufferedImage small = PrintPixels.of(files, new PhotoPixels(id), edge);
        assertThat(Math.max(small.getWidth(), small.getHeight())).isEqualTo(edge);
        assertThat(small.getHeight()).as("held sideways").isGreaterThan(small.getWidth());
        assertThat(Files.exists(folder.resolve("derived").resolve(id.sha256()))).isTrue();

        PhotoFiles.Original original = files.original(id);
        BufferedImage own = DerivedPixels.within(PhotoDecoder.decode(original.file(), original.header(), edge), edge);
        double sum = 0;
        for (int y = 0; y < own.getHeight(); y++) {
            for (int x = 0; x < own.getWidth(); x++) {
                sum += Math.abs(new Color(own.getRGB(x, y)).getGreen() - new Color(small.getRGB(x, y)).getGreen());
            }
        }
        assertThat(sum / (own.getWidth() * own.getHeight())).isLessThan(2.5);
    }

    @Test
    void whatIsPrintedLargeComesFromThePhotoItself() {
        PhotoId id = Pieces.photo(2);
        Folder files = new Folder(folder).with(id, TestPhotos.jpeg(1900, 1200, 6));
        BufferedImage large = PrintPixels.of(files, new PhotoPixels(id), 900);
        assertThat(large.getWidth()).isGreaterThanOrEqualTo(900);
        assertThat(folder.resolve("derived")).doesNotExist();
    }
}
