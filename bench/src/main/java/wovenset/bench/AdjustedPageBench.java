package wovenset.bench;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.IntStream;
import wovenset.bench.figure.Benchmark;
import wovenset.bench.figure.Figure;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.ItemChange;
import wovenset.core.output.MakeRequest;
import wovenset.core.photo.Adjustment;
import wovenset.core.photo.Adjustments;
import wovenset.core.piece.Piece;
import wovenset.core.testing.Pieces;

/**
 * A page of 42 × 31.5 cm at 300 ppi with nine photos of 12 megapixels, each with more contrast, more colour and sharper, as a JPEG. The
 * baseline is libvips doing the same to the same files with the same number of pixels. Both read the files from
 * the start each time.
 */
final class AdjustedPageBench implements Benchmark {
    private static final int PHOTOS = 9;
    private static final int ROUNDS = 5;

    @Override
    public List<Figure> run(Path folder) throws Exception {
        Map<Integer, Path> files = new TreeMap<>();
        List<Path> pictures = LargePhotos.write(folder, PHOTOS);
        IntStream.range(0, PHOTOS).forEach(i -> files.put(i, pictures.get(i)));
        StoredPhotos stored = StoredPhotos.of(files);
        Piece piece = piece();
        LibvipsPage libvips = new LibvipsPage();
        double best = Double.MAX_VALUE;
        Map<LibvipsPage.Way, Double> baselines = new EnumMap<>(LibvipsPage.Way.class);
        for (int round = 0; round < ROUNDS; round++) {
            // A maker of its own each time: what was decoded before is not held.
            best = Math.min(best, MadePage.ms(MadePage.maker(stored), piece, MakeRequest.Kind.JPEG, folder));
            for (LibvipsPage.Way way : LibvipsPage.Way.values()) {
                LibvipsPage.Change change = new LibvipsPage.Change(1.15, -19, 1.2, way);
                long before = System.nanoTime();
                libvips.write(pictures, 3, 1654, 1240, change, MadePage.QUALITY, folder.resolve("libvips.jpg"));
                baselines.merge(way, (System.nanoTime() - before) / 1e6, Math::min);
            }
        }
        String name = "a page of nine adjusted photos as a JPEG, best of " + ROUNDS + ", against libvips with colour ";
        List<Figure> figures = new ArrayList<>();
        for (Map.Entry<LibvipsPage.Way, Double> one : baselines.entrySet()) {
            figures.add(Figure.atMost(name + one.getKey(), best, "ms", one.getValue(), Math.rint(one.getValue())));
        }
        return figures;
    }

    private static Piece piece() {
        Piece empty = Pieces.piece(Pieces.grid(3, 3, 0, 0), 1).withFormat(Pieces.format(420, 315));
        Piece filled = Pieces.applied(
                empty,
                new EntryEdit.AddPhotos(
                        IntStream.range(0, PHOTOS).mapToObj(Pieces::photo).toList()),
                new AlbumEdit.FlowEntries());
        Adjustments all = new Adjustments(
                Map.of(Adjustment.CONTRAST, 20.0, Adjustment.SATURATION, 20.0, Adjustment.SHARPEN, 40.0));
        return Pieces.applied(
                filled,
                Pieces.patch(
                        filled,
                        new ItemChange.SetAdjustments(all),
                        Pieces.frames(filled).toArray(UUID[]::new)));
    }
}
