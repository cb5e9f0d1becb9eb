package wovenset.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import wovenset.core.measure.Resolution;
import wovenset.core.output.MakeRequest;
import wovenset.core.output.PieceMaker;
import wovenset.core.paint.PaintMemory;
import wovenset.core.piece.Piece;
import wovenset.core.scene.SceneResolver;

/** The first page of a piece made as a file for print, at 300 ppi and quality 90. */
final class MadePage {
    static final int QUALITY = 90;

    private MadePage() {}

    static PieceMaker maker(StoredPhotos stored) {
        return new PieceMaker(new SceneResolver(stored), stored, new PaintMemory(500_000_000), Clock.systemUTC());
    }

    /** Milliseconds until the file is there, which is then deleted. */
    static double ms(PieceMaker maker, Piece piece, MakeRequest.Kind kind, Path folder) throws IOException {
        MakeRequest request = new MakeRequest(
                kind,
                List.of(0),
                Resolution.PRINT,
                QUALITY,
                MakeRequest.Ground.PAGE_COLOUR,
                MakeRequest.Extent.TRIM,
                MakeRequest.Photos.FITTED);
        long start = System.nanoTime();
        PieceMaker.Made made = maker.make(piece, request, folder, new Unwatched());
        double ms = (System.nanoTime() - start) / 1e6;
        Files.delete(made.file());
        return ms;
    }
}
