package wovenset.bench;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.IntStream;
import wovenset.bench.figure.Benchmark;
import wovenset.bench.figure.Figure;
import wovenset.core.arrange.mosaic.MosaicChoice;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.ItemChange;
import wovenset.core.item.Fill;
import wovenset.core.item.Mosaic;
import wovenset.core.output.MakeRequest;
import wovenset.core.photo.Adjustment;
import wovenset.core.photo.ColourGrid;
import wovenset.core.photo.PixelSize;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Piece;
import wovenset.core.testing.Pieces;

/**
 * A page of 40 × 30 cm at 300 ppi filled by a mosaic of 10 000 tiles from 200 photos of 12 megapixels, plain and with the photo laid over
 * it, as a JPEG and as a PDF, in a heap of 512 MB. The baseline is the page with the photo itself, in the
 * PDF with its light changed.
 */
final class MosaicPageBench implements Benchmark {
    private static final int PHOTOS = 200;
    private static final int ACROSS = 115;
    private static final int ROUNDS = 8;

    @Override
    public List<Figure> run(Path folder) throws Exception {
        Map<Integer, Path> files = new TreeMap<>();
        List<Path> pictures = LargePhotos.write(folder, 17);
        files.put(0, pictures.get(1));
        for (int i = 1; i <= PHOTOS; i++) {
            files.put(i, LargePhotos.variant(pictures.get(i % pictures.size()), i));
        }
        StoredPhotos stored = StoredPhotos.of(files);
        stored.reduce();
        Piece plain = Pieces.applied(
                Pieces.piece(Pieces.grid(1, 1, 0, 0), 1).withFormat(Pieces.format(400, 300)),
                new EntryEdit.AddPhotos(List.of(Pieces.photo(0))),
                new AlbumEdit.FlowEntries(),
                new EntryEdit.AddPhotos(
                        IntStream.rangeClosed(1, PHOTOS).mapToObj(Pieces::photo).toList()));
        List<Figure> figures = new ArrayList<>();
        for (MakeRequest.Kind kind : List.of(MakeRequest.Kind.JPEG, MakeRequest.Kind.PDF)) {
            double[] best = best(
                    stored,
                    List.of(
                            kind == MakeRequest.Kind.PDF ? recoded(plain) : plain,
                            woven(plain, 0, 0),
                            woven(plain, 0.3, 0.15)),
                    kind,
                    folder);
            double most = Math.rint(2 * best[0]);
            figures.add(Figure.atMost("mosaic page, " + kind, best[1], "ms", best[0], most));
            figures.add(Figure.atMost("the same with tint and veil, " + kind, best[2], "ms", best[0], most));
        }
        return figures;
    }

    /** With more contrast: into a PDF the photo itself would go as it came. */
    private static Piece recoded(Piece piece) {
        return Pieces.applied(
                piece,
                Pieces.patch(piece, new ItemChange.SetAdjustment(Adjustment.CONTRAST, 10), Pieces.frame(piece, 0)));
    }

    /** Photos and wanted colours by chance: what is drawn takes as long. */
    private static Piece woven(Piece piece, double tint, double veil) {
        Mosaic.Weave weave = new Mosaic.Weave(ACROSS, 1, 0);
        int rows = Mosaic.rows(new PixelSize(LargePhotos.WIDTH, LargePhotos.HEIGHT), ACROSS);
        Random random = new Random(9);
        List<ColourGrid> parts =
                IntStream.range(0, PHOTOS).mapToObj(i -> grid(random, 1, 1)).toList();
        String chosen = MosaicChoice.of(weave, rows, grid(random, ACROSS, rows), parts);
        List<UUID> entries =
                piece.entries().list().stream().skip(1).map(Entry::id).toList();
        Mosaic mosaic = new Mosaic(weave, rows, entries, chosen, tint, veil);
        return piece.withPages(List.of(Pieces.first(piece)
                .mapFrames(frame -> frame.fill() instanceof Fill.OwnPhoto own
                        ? frame.refilled(own.withMosaic(Optional.of(mosaic)))
                        : frame)));
    }

    private static ColourGrid grid(Random random, int across, int down) {
        float[] values = new float[3 * across * down * MosaicChoice.GRID * MosaicChoice.GRID];
        for (int i = 0; i < values.length; i++) {
            values[i] = 60 * random.nextFloat();
        }
        return new ColourGrid(across * MosaicChoice.GRID, down * MosaicChoice.GRID, values);
    }

    /** The best of some rounds for each, in turn, so that all meet the same machine. */
    private static double[] best(StoredPhotos stored, List<Piece> pieces, MakeRequest.Kind kind, Path folder)
            throws Exception {
        double[] best = new double[pieces.size()];
        Arrays.fill(best, Double.MAX_VALUE);
        for (int round = 0; round < ROUNDS; round++) {
            for (int i = 0; i < best.length; i++) {
                best[i] = Math.min(best[i], MadePage.ms(MadePage.maker(stored), pieces.get(i), kind, folder));
            }
        }
        return best;
    }
}
