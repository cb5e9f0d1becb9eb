package wovenset.core.arrange.mosaic;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wovenset.core.item.Mosaic;
import wovenset.core.item.MosaicTiles;
import wovenset.core.item.MosaicTiles.Tile;
import wovenset.core.photo.ColourGrid;
import wovenset.core.photo.LabColour;
import wovenset.core.said.UnfitValueException;

/** Which photo comes to which tile. */
class MosaicChoiceTest {
    private static final int GRID = MosaicChoice.GRID;

    /** A slope from dark to light, with a round of another colour. */
    private static ColourGrid base(int across, int rows) {
        float[] values = new float[3 * across * rows * GRID * GRID];
        int width = across * GRID;
        for (int at = 0; at < values.length / 3; at++) {
            double x = (at % width + 0.5) / width;
            double y = (Math.floorDiv(at, width) + 0.5) / (rows * GRID);
            boolean round = Math.hypot(x - 0.5, y - 0.5) < 0.3;
            values[3 * at] = (float) (20 + 60 * x);
            values[3 * at + 1] = round ? 40 : -10;
            values[3 * at + 2] = (float) (30 * y);
        }
        return new ColourGrid(width, rows * GRID, values);
    }

    private static List<ColourGrid> photos(int count, long seed) {
        Random random = new Random(seed);
        List<ColourGrid> photos = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            float[] values = new float[3 * GRID * GRID];
            double light = 15 + 75 * random.nextDouble();
            double green = -20 + 70 * random.nextDouble();
            double blue = -20 + 60 * random.nextDouble();
            double slope = 12 * random.nextGaussian();
            for (int part = 0; part < GRID * GRID; part++) {
                values[3 * part] = (float) (light + slope * (part % GRID - 1));
                values[3 * part + 1] = (float) green;
                values[3 * part + 2] = (float) blue;
            }
            photos.add(new ColourGrid(GRID, GRID, values));
        }
        return photos;
    }

    private static List<Tile> chosen(Mosaic.Weave weave, int rows, List<ColourGrid> photos) {
        String text = MosaicChoice.of(weave, rows, base(weave.across(), rows), photos);
        List<UUID> names = photos.stream().map(photo -> UUID.randomUUID()).toList();
        return new Mosaic(weave, rows, names, text, 0, 0).tiles();
    }

    /** Every place has one photo, no photo comes twice within three tiles if there are enough, none too often. */
    @Property(tries = 60)
    void theRulesAreKept(
            @ForAll @IntRange(min = 4, max = 30) int across,
            @ForAll @IntRange(min = 1, max = 30) int rows,
            @ForAll @IntRange(min = 1, max = 3) int sizes,
            @ForAll @IntRange(min = 1, max = 90) int count,
            @ForAll @IntRange(max = 12) int most,
            @ForAll long seed) {
        List<Tile> tiles = chosen(new Mosaic.Weave(across, sizes, most), rows, photos(count, seed));
        int[] at = new int[across * rows];
        Map<Integer, Integer> uses = new HashMap<>();
        for (Tile tile : tiles) {
            uses.merge(tile.photo(), 1, Integer::sum);
            for (int i = 0; i < tile.side() * tile.side(); i++) {
                at[(tile.row() + i / tile.side()) * across + tile.column() + i % tile.side()]++;
            }
        }
        assertThat(at).containsOnly(1);
        if (most > 0 && sizes == 1 && count >= 49 + tiles.size() / most) {
            assertThat(uses.values()).allMatch(times -> times <= most);
        }
        if (count >= 49 && most == 0 && sizes == 1) {
            for (Tile one : tiles) {
                for (Tile other : tiles) {
                    boolean near =
                            Math.abs(one.column() - other.column()) <= 3 && Math.abs(one.row() - other.row()) <= 3;
                    assertThat(near && one.photo() == other.photo() && !one.equals(other))
                            .isFalse();
                }
            }
        }
    }

    @Test
    void onePhotoMakesAMosaicToo() {
        assertThat(chosen(new Mosaic.Weave(8, 1, 0), 6, photos(1, 1)))
                .hasSize(48)
                .allMatch(tile -> tile.photo() == 0);
    }

    /** Large tiles lie where the photo is even, and only there. */
    @Test
    void evenPartsHaveLargerTiles() {
        List<Tile> tiles = chosen(new Mosaic.Weave(60, 3, 0), 40, photos(80, 2));
        assertThat(tiles.stream().map(Tile::side).distinct()).contains(1, 4);
        assertThat(tiles.size()).isLessThan(60 * 40 / 2);
        ColourGrid base = base(60, 40);
        assertThat(tiles)
                .filteredOn(tile -> tile.side() == 4)
                .allMatch(tile -> Math.abs(base.value(tile.column() * GRID, tile.row() * GRID, 1)
                                - base.value((tile.column() + 4) * GRID - 1, (tile.row() + 4) * GRID - 1, 1))
                        < 1);
    }

    /** As seen from afar it is nearer to the photo than by chance, by less than half. */
    @Test
    void itLooksLikeThePhoto() {
        List<ColourGrid> photos = photos(200, 3);
        Mosaic.Weave weave = new Mosaic.Weave(40, 1, 0);
        List<Tile> tiles = chosen(weave, 30, photos);
        Random random = new Random(5);
        double off = 0;
        double byChance = 0;
        for (Tile tile : tiles) {
            LabColour wanted = mean(base(40, 30), tile.column() * GRID, tile.row() * GRID);
            off += wanted.difference(mean(photos.get(tile.photo()), 0, 0));
            byChance += wanted.difference(mean(photos.get(random.nextInt(200)), 0, 0));
        }
        assertThat(off).isLessThan(byChance / 2);
    }

    private static LabColour mean(ColourGrid grid, int left, int top) {
        double[] sum = new double[3];
        for (int i = 0; i < 3 * GRID * GRID; i++) {
            sum[i % 3] += grid.value(left + i / 3 % GRID, top + i / 3 / GRID, i % 3) / (GRID * GRID);
        }
        return new LabColour(sum[0], sum[1], sum[2]);
    }

    /** A text that does not fit its grid is none. */
    @ParameterizedTest
    @CsvSource({"'000000'", "'000000000000x'", "'0z0000000000'", "'002000000000'", "''"})
    void onlyWholeTextsAreTaken(String text) {
        assertThatThrownBy(() -> new Mosaic(new Mosaic.Weave(4, 1, 0), 1, List.of(new UUID(0, 1)), text, 0, 0))
                .isInstanceOf(UnfitValueException.class);
        assertThat(MosaicTiles.text(MosaicTiles.places(new Mosaic.Weave(4, 1, 0), 1, (c, r, s, b) -> true)))
                .isEqualTo("000000000000");
    }

    /** Pairs of the paper's table. */
    @ParameterizedTest
    @CsvSource({
        "50, 2.6772, -79.7751, 50, 0, -82.7485, 2.0425",
        "50, -1.3802, -84.2814, 50, 0, -82.7485, 1.0000",
        "50, -1, 2, 50, 0, 0, 2.3669",
        "50, 2.5, 0, 50, 0, -2.5, 4.3065",
        "50, 2.5, 0, 73, 25, -18, 27.1492",
        "60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644",
        "63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.2630",
        "2.0776, 0.0795, -1.1350, 0.9033, -0.0636, -0.5514, 0.9082"
    })
    void differencesAreThoseOfThePaper(
            double l, double a, double b, double l2, double a2, double b2, double difference) {
        assertThat(new LabColour(l, a, b).difference(new LabColour(l2, a2, b2))).isCloseTo(difference, within(0.00005));
    }
}
