package wovenset.bench;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import wovenset.bench.figure.Benchmark;
import wovenset.bench.figure.Figure;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.PieceEdit;
import wovenset.core.edit.StyleEdit;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.measure.Length;
import wovenset.core.output.MakeRequest;
import wovenset.core.output.PieceMaker;
import wovenset.core.piece.Piece;
import wovenset.core.style.Band;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.effect.InnerShadow;
import wovenset.core.style.effect.Shadow;
import wovenset.core.testing.Pieces;

/**
 * An A4 page at 300 ppi with 12 photos of 12 megapixels as a JPEG, with what styles add. The baseline is the same page with plain
 * frames.
 */
final class StyledBench implements Benchmark {
    private static final int PHOTOS = 12;
    private static final int ROUNDS = 5;

    @Override
    public List<Figure> run(Path folder) throws Exception {
        Map<Integer, Path> files = new TreeMap<>();
        List<Path> pictures = LargePhotos.write(folder, PHOTOS);
        IntStream.range(0, PHOTOS).forEach(i -> files.put(i, pictures.get(i)));
        StoredPhotos stored = StoredPhotos.of(files);
        PieceMaker maker = MadePage.maker(stored);
        Piece plain = piece();
        Length mm = Length.ofMm(1);
        Map<String, Piece> styled = new TreeMap<>(Map.of(
                "soft shadows of 2 mm",
                worn(plain, style -> style.with(new Shadow(mm, mm.times(2), 0.5, Rgb.INK))),
                "soft shadows of 16 mm",
                worn(plain, style -> style.with(new Shadow(mm, mm.times(16), 0.5, Rgb.INK))),
                "bevelled mats and shadows outside and in",
                worn(plain, style -> style.withBands(List.of(
                                new Band(mm.times(5), new Paint.Solid(new Rgb("#fffdf8")), Band.Side.OUTSIDE, mm)))
                        .with(new Shadow(mm, mm.times(3), 0.5, Rgb.INK))
                        .with(new InnerShadow(mm, mm.times(2), 0.5, Rgb.INK))),
                "a linen ground",
                Pieces.applied(plain, new PieceEdit.SetCommonGround(linen()))));
        best(maker, plain, folder);
        double baseline = best(maker, plain, folder);
        List<Figure> figures = new ArrayList<>();
        for (var one : styled.entrySet()) {
            double time = best(maker, one.getValue(), folder);
            figures.add(Figure.atMost("A4 of 12 photos with " + one.getKey(), time, "ms", baseline, 1200));
        }
        return figures;
    }

    private static Paint linen() {
        return new Paint.Texture(
                Paint.Texture.Material.LINEN, new Rgb("#f0e8d8"), new Rgb("#d3c6aa"), Length.ofMm(0.6), 0.7);
    }

    private static Piece worn(Piece piece, UnaryOperator<FrameStyle> dressing) {
        return Pieces.applied(piece, new StyleEdit.DressAll(dressing.apply(FrameStyle.plain(new UUID(1, 1), "Worn"))));
    }

    private static double best(PieceMaker maker, Piece piece, Path folder) throws Exception {
        double best = Double.MAX_VALUE;
        for (int round = 0; round < ROUNDS; round++) {
            best = Math.min(best, MadePage.ms(maker, piece, MakeRequest.Kind.JPEG, folder));
        }
        return best;
    }

    private static Piece piece() {
        Piece empty = Pieces.piece(Pieces.grid(4, 3, 12, 8), 1).withFormat(Pieces.format(210, 297));
        return Pieces.applied(
                empty,
                new EntryEdit.AddPhotos(
                        IntStream.range(0, PHOTOS).mapToObj(Pieces::photo).toList()),
                new AlbumEdit.FlowEntries());
    }
}
