package wovenset.core.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wovenset.core.picture.file.PictureFormat;
import wovenset.core.picture.file.RefusedPhotoException;
import wovenset.core.said.Reason;
import wovenset.core.said.Said;
import wovenset.core.testing.TestPhotos;

class PhotoInspectorTest {
    @TempDir
    Path folder;

    private PhotoHeader inspect(byte[] file) {
        try {
            return PhotoInspector.inspect(Files.write(folder.resolve("photo"), file), PictureLimits.USUAL);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void checkRefused(byte[] file, Reason reason, Object... args) {
        assertThatThrownBy(() -> inspect(file))
                .isInstanceOf(RefusedPhotoException.class)
                .hasMessage(Said.of(reason, args).toString());
    }

    @Test
    void readsWhatTheCameraWrote() {
        PhotoHeader header = inspect(
                TestPhotos.withExif(TestPhotos.jpeg(640, 480, 1), 6, "2026:08:02 20:48:36", "Last boat home, älter"));
        assertThat(header)
                .isEqualTo(new PhotoHeader(
                        PictureFormat.JPEG,
                        640,
                        480,
                        Orientation.QUARTER_TURN,
                        false,
                        LocalDateTime.of(2026, 8, 2, 20, 48, 36),
                        null,
                        null,
                        "Last boat home, älter"));
        assertThat(header.width()).isEqualTo(480);
    }

    @Test
    void aClockThatWasNeverSetIsNoDate() {
        assertThat(inspect(TestPhotos.withExif(TestPhotos.jpeg(64, 48, 1), 1, "0000:00:00 00:00:00", ""))
                        .takenAt())
                .isNull();
        assertThat(inspect(TestPhotos.withExif(TestPhotos.jpeg(64, 48, 1), 1, "    :  :     :  :  ", ""))
                        .takenAt())
                .isNull();
    }

    @ParameterizedTest
    @CsvSource({"jpg, JPEG", "png, PNG", "gif, GIF", "bmp, BMP", "tiff, TIFF"})
    void formatsAreToldByTheirBytes(String written, PictureFormat format) {
        PhotoHeader header = inspect(TestPhotos.file(TestPhotos.corners(40, 24), written));
        assertThat(header.format()).isEqualTo(format);
        assertThat(header.storedWidth()).isEqualTo(40);
        assertThat(header.storedHeight()).isEqualTo(24);
    }

    @Test
    void emptyAndForeignFilesAreRefused() {
        checkRefused(new byte[0], Reason.FILE_EMPTY);
        checkRefused("Dear aunt, here are the photos".getBytes(StandardCharsets.UTF_8), Reason.FILE_NO_PICTURE);
        checkRefused(
                "<svg xmlns='http://www.w3.org/2000/svg'/>".getBytes(StandardCharsets.UTF_8), Reason.FILE_NO_PICTURE);
        checkRefused(new byte[] {(byte) 0xFF, (byte) 0xD8, (byte) 0xFF}, Reason.FILE_NO_SIZE);
    }

    @Test
    void aPictureThatSaysItIsHugeIsRefusedUndecoded() {
        checkRefused(TestPhotos.boastfulPng(60_000, 60_000), Reason.FILE_PIXELS, 60_000, 60_000, 30_000, 180L);
        checkRefused(TestPhotos.boastfulPng(20_000, 20_000), Reason.FILE_PIXELS, 20_000, 20_000, 30_000, 180L);
        checkRefused(TestPhotos.boastfulPng(-5, 20), Reason.FILE_NO_SIZE);
    }

    @ParameterizedTest
    @CsvSource({"jpg", "png", "bmp"})
    void filesCutShortAreRefusedAtAnyLength(String format) {
        byte[] whole = TestPhotos.file(TestPhotos.scene(160, 120, 3), format);
        for (double share : new double[] {0.3, 0.5, 0.9, 0.999}) {
            byte[] cut = Arrays.copyOf(whole, (int) (whole.length * share));
            assertThatThrownBy(() -> inspect(cut))
                    .as("%s of %s", share, format)
                    .isInstanceOf(RefusedPhotoException.class);
        }
    }

    @Test
    void damagedBytesAreReadOrRefusedAndNeverAnythingElse() {
        Random random = new Random(11);
        for (String format : new String[] {"jpg", "png", "gif", "bmp", "tiff"}) {
            byte[] whole = TestPhotos.file(TestPhotos.scene(60, 40, 3), format);
            for (int i = 0; i < 150; i++) {
                byte[] hurt = whole.clone();
                for (int n = 0; n <= i % 7; n++) {
                    hurt[random.nextInt(Math.min(hurt.length, 400))] = (byte) random.nextInt();
                }
                try {
                    assertThat(inspect(hurt).storedWidth()).isPositive();
                } catch (RefusedPhotoException e) {
                    assertThat(e.getMessage()).isNotBlank();
                }
            }
        }
    }

    @Test
    void inksAreNoticed() {
        assertThat(inspect(TestPhotos.inks(64, 48, 255, 0, 0, 0)).inks()).isTrue();
    }

    @Test
    void longCaptionsAreCutBetweenCharacters() {
        String caption = inspect(
                        TestPhotos.withExif(TestPhotos.jpeg(64, 48, 1), 1, "2026:08:02 20:48:36", "🪁".repeat(600)))
                .caption();
        assertThat(caption.codePointCount(0, caption.length())).isEqualTo(500);
        assertThat(caption).doesNotContain("\uFFFD");
    }
}
