package wovenset.bench;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import wovenset.bench.figure.Benchmark;
import wovenset.bench.figure.Figure;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.PieceEdit;
import wovenset.core.measure.Resolution;
import wovenset.core.output.MakeRequest;
import wovenset.core.output.PieceMaker;
import wovenset.core.paint.PaintMemory;
import wovenset.core.piece.Piece;
import wovenset.core.scene.SceneResolver;
import wovenset.core.style.CaptionStyle;
import wovenset.core.testing.Pieces;

/**
 * A PDF of 40 A4 pages with four photos each, 160 different 12-megapixel JPEGs, unadjusted, with captions. The baseline
 * is the same photos' bytes copied into one file.
 */
final class PdfBench implements Benchmark {
    private static final int PAGES = 40;
    private static final int PHOTOS = 160;
    private static final int ROUNDS = 3;

    @Override
    public List<Figure> run(Path folder) throws Exception {
        Map<Integer, Path> files = new TreeMap<>();
        List<Path> pictures = LargePhotos.write(folder, 16);
        for (int i = 0; i < PHOTOS; i++) {
            files.put(i, LargePhotos.variant(pictures.get(i % pictures.size()), i));
        }
        StoredPhotos stored = StoredPhotos.of(files);
        Piece piece = piece();
        PieceMaker maker =
                new PieceMaker(new SceneResolver(stored), stored, new PaintMemory(500_000_000), Clock.systemUTC());
        MakeRequest request = new MakeRequest(
                MakeRequest.Kind.PDF,
                IntStream.range(0, PAGES).boxed().toList(),
                Resolution.PRINT,
                90,
                MakeRequest.Ground.PAGE_COLOUR,
                MakeRequest.Extent.TRIM,
                MakeRequest.Photos.ORIGINALS);
        double best = 0;
        double baseline = 0;
        for (int round = 0; round < ROUNDS; round++) {
            baseline = Math.max(baseline, PAGES / copied(files.values(), folder.resolve("copy")));
            long start = System.nanoTime();
            PieceMaker.Made made = maker.make(piece, request, folder, new Unwatched());
            best = Math.max(best, PAGES / ((System.nanoTime() - start) / 1e9));
            Files.delete(made.file());
        }
        return List.of(Figure.atLeast("PDF of 40 A4 pages with 160 photos of 12 MP", best, "pages/s", baseline, 15));
    }

    private static Piece piece() {
        Piece empty = Pieces.piece(Pieces.grid(2, 2, 12, 6), 1).withFormat(Pieces.format(210, 297));
        Piece piece = Pieces.applied(
                empty,
                new PieceEdit.SetCaptionStyle(empty.styles().captions().withShow(CaptionStyle.Show.WRITTEN)),
                new EntryEdit.AddPhotos(
                        IntStream.range(0, PHOTOS).mapToObj(Pieces::photo).toList()),
                new AlbumEdit.FlowEntries());
        if (piece.pages().size() != PAGES) {
            throw new IllegalStateException("The piece has other pages");
        }
        return piece;
    }

    private static double copied(Iterable<Path> files, Path target) throws IOException {
        long start = System.nanoTime();
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(target), 1 << 18)) {
            for (Path file : files) {
                Files.copy(file, out);
            }
        }
        double seconds = (System.nanoTime() - start) / 1e9;
        Files.delete(target);
        return seconds;
    }
}
