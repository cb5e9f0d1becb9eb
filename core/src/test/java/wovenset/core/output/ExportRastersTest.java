package wovenset.core.output;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.piece.Piece;
import wovenset.core.scene.PageScene;
import wovenset.core.scene.SceneResolver;
import wovenset.core.testing.Pieces;
import wovenset.core.testing.TestPhotos;

class ExportRastersTest {
    private static final double PER_MM = 300 / 25.4;

    @TempDir
    Path folder;

    /** Three photos side by side are enlarged as far as all have room, so that no strip of the page makes one anew: of 80 MB three quarters, 6.7 million pixels each. */
    @ParameterizedTest
    @CsvSource({"400, 3543, 3545", "80, 2800, 3162", "1, 600, 1500"})
    void photosSideBySideAreEnlargedAsFarAsTheyHaveRoom(int megabytes, int least, int most) throws Exception {
        Folder files = new Folder(folder);
        List<PhotoPixels> photos = new ArrayList<>();
        for (int i = 1; i <= 3; i++) {
            files = files.with(Pieces.photo(i), TestPhotos.jpeg(600, 400, i));
            photos.add(new PhotoPixels(Pieces.photo(i)));
        }
        Piece piece =
                Pieces.placed(Pieces.piece(Pieces.grid(1, 3, 0, 0), 1).withFormat(Pieces.format(900, 200)), 1, 2, 3);
        PageScene page = new SceneResolver(files).resolve(piece, Pieces.first(piece));
        try (ExportRasters rasters = new ExportRasters(files, Optional.empty(), PER_MM, megabytes * 1_000_000L)) {
            rasters.expect(rasters.needs(page, PER_MM));
            double scale = 300 * PER_MM / 600;
            List<BufferedImage> first = new ArrayList<>();
            photos.forEach(photo -> first.add(rasters.raster(photo, scale)));
            assertThat(first).allSatisfy(image -> assertThat(image.getWidth()).isBetween(least, most));
            for (int i = 0; i < 3 && megabytes > 1; i++) {
                assertThat(rasters.raster(photos.get(i), scale)).isSameAs(first.get(i));
            }
        }
    }
}
