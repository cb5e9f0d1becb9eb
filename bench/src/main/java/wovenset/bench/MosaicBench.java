package wovenset.bench;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import wovenset.bench.figure.Benchmark;
import wovenset.bench.figure.Figure;
import wovenset.core.arrange.mosaic.MosaicChoice;
import wovenset.core.item.Mosaic;
import wovenset.core.item.MosaicTiles.Tile;
import wovenset.core.photo.ColourGrid;
import wovenset.core.photo.LabColour;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.Region;
import wovenset.core.picture.PhotoDecoder;
import wovenset.core.picture.PhotoInspector;
import wovenset.core.picture.PictureLimits;
import wovenset.core.subject.ColourGridFinder;

/**
 * How long the choice of 10 000 tiles from 200 photos takes, and how near the mosaic is to its photo: the mean CIEDE2000 of squares a
 * quarter of a tile wide, without tint and veil. The baselines are photos by chance, and those that are chosen by their mean colours alone.
 * The photos are parts of those of the demo.
 */
final class MosaicBench implements Benchmark {
    private static final int ACROSS = 87;
    private static final int PHOTOS = 200;
    private static final int SIDE = 640;
    /** Squares along a tile's side. */
    private static final int QUARTERS = 4;

    private static final Region WHOLE = new Region(0, 0, 1, 1);

    @Override
    public List<Figure> run(Path folder) {
        List<BufferedImage> scenes = scenes();
        BufferedImage base = scenes.get(0);
        int rows = Mosaic.rows(new PixelSize(base.getWidth(), base.getHeight()), ACROSS);
        Random random = new Random(4);
        List<ColourGrid> parts = new ArrayList<>();
        List<ColourGrid> quarters = new ArrayList<>();
        for (int i = 0; i < PHOTOS; i++) {
            BufferedImage scene = scenes.get(1 + i % (scenes.size() - 1));
            double side = 0.3 + 0.6 * random.nextDouble();
            PixelSize size = new PixelSize(scene.getWidth(), scene.getHeight());
            Region largest = Region.largest(size, 1, random.nextDouble(), random.nextDouble());
            Region part = new Region(
                    largest.x() + (1 - side) * largest.width() * random.nextDouble(),
                    largest.y() + (1 - side) * largest.height() * random.nextDouble(),
                    side * largest.width(),
                    side * largest.height());
            parts.add(ColourGridFinder.of(scene, part, MosaicChoice.GRID, MosaicChoice.GRID));
            quarters.add(ColourGridFinder.of(scene, part, QUARTERS, QUARTERS));
        }
        ColourGrid wanted = ColourGridFinder.of(base, WHOLE, ACROSS * MosaicChoice.GRID, rows * MosaicChoice.GRID);
        ColourGrid seen = ColourGridFinder.of(base, WHOLE, ACROSS * QUARTERS, rows * QUARTERS);
        Mosaic.Weave weave = new Mosaic.Weave(ACROSS, 1, 0);
        chosen(weave, rows, wanted, parts);
        long start = System.nanoTime();
        List<Tile> chosen = chosen(weave, rows, wanted, parts);
        double ms = (System.nanoTime() - start) / 1e6;
        List<Tile> byMeans = chosen(
                weave, rows, flat(wanted), parts.stream().map(MosaicBench::flat).toList());
        List<Tile> byChance = chosen.stream()
                .map(tile -> new Tile(tile.column(), tile.row(), tile.side(), random.nextInt(PHOTOS)))
                .toList();
        double off = difference(chosen, seen, quarters);
        return List.of(
                Figure.atMost("choice of " + chosen.size() + " tiles from 200 photos", ms, "ms", ms, 5000),
                Figure.atMost(
                        "mean CIEDE2000 of a mosaic to its photo, against chance",
                        off,
                        "ΔE",
                        difference(byChance, seen, quarters),
                        15),
                Figure.atMost(
                        "mean CIEDE2000 of a mosaic to its photo, against mean colours alone",
                        off,
                        "ΔE",
                        difference(byMeans, seen, quarters),
                        15));
    }

    private static List<BufferedImage> scenes() {
        try (Stream<Path> files = Files.list(Path.of("demo", "photos"))) {
            List<BufferedImage> scenes = new ArrayList<>();
            for (Path file : files.sorted().toList()) {
                scenes.add(PhotoDecoder.decode(file, PhotoInspector.inspect(file, PictureLimits.USUAL), SIDE));
            }
            return scenes;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<Tile> chosen(Mosaic.Weave weave, int rows, ColourGrid base, List<ColourGrid> photos) {
        List<UUID> names =
                IntStream.range(0, photos.size()).mapToObj(i -> new UUID(0, i)).toList();
        return new Mosaic(weave, rows, names, MosaicChoice.of(weave, rows, base, photos), 0, 0).tiles();
    }

    /** With the mean of each tile in all its parts. */
    private static ColourGrid flat(ColourGrid grid) {
        float[] values = new float[3 * grid.columns() * grid.rows()];
        for (int at = 0; at < values.length; at++) {
            int column = at / 3 % grid.columns() / MosaicChoice.GRID * MosaicChoice.GRID;
            int row = at / 3 / grid.columns() / MosaicChoice.GRID * MosaicChoice.GRID;
            for (int part = 0; part < MosaicChoice.GRID * MosaicChoice.GRID; part++) {
                values[at] += grid.value(column + part % MosaicChoice.GRID, row + part / MosaicChoice.GRID, at % 3)
                        / (MosaicChoice.GRID * MosaicChoice.GRID);
            }
        }
        return new ColourGrid(grid.columns(), grid.rows(), values);
    }

    private static double difference(List<Tile> tiles, ColourGrid seen, List<ColourGrid> photos) {
        double sum = 0;
        for (Tile tile : tiles) {
            for (int part = 0; part < QUARTERS * QUARTERS; part++) {
                int x = part % QUARTERS;
                int y = part / QUARTERS;
                sum += colour(seen, tile.column() * QUARTERS + x, tile.row() * QUARTERS + y)
                        .difference(colour(photos.get(tile.photo()), x, y));
            }
        }
        return sum / (tiles.size() * QUARTERS * QUARTERS);
    }

    private static LabColour colour(ColourGrid grid, int column, int row) {
        return new LabColour(grid.value(column, row, 0), grid.value(column, row, 1), grid.value(column, row, 2));
    }
}
