package wovenset.core.arrange.mosaic;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import wovenset.core.item.Mosaic;
import wovenset.core.item.MosaicTiles;
import wovenset.core.item.MosaicTiles.Tile;
import wovenset.core.photo.ColourGrid;

/**
 * Chooses the photos of a mosaic's tiles. Tile and photo are compared in CIELAB by their means m and by {@value #GRID} × {@value #GRID} parts each:
 * c = ‖m − m′‖² + Σ‖pₖ − p′ₖ‖²/9. Tiles are taken in an order by chance, each the cheapest photo that is not within {@value #APART} columns and rows and has
 * not come as often as it may; then pairs change their photos where that is cheaper and keeps both rules, {@value #SWAPS} tries a tile.
 * With fewer photos than a neighbourhood has tiles they may come nearer, and more often where else they would not do.
 * Cost: tiles · photos for the choice, linear in the tiles for the rest.
 */
public final class MosaicChoice {
    /** Parts of a tile along each side. */
    public static final int GRID = 3;

    static final int APART = 3;
    private static final int SWAPS = 40;
    /** What is less varied than this (CIELAB) is even: tiles twice as large do, and four times. */
    private static final double EVEN = 3.5;

    private static final int PART_VALUES = 3 * GRID * GRID;

    private final Mosaic.Weave weave;
    private final int rows;
    private final ColourGrid base;
    private final float[][] photos;
    private final int most;
    private final int apart;
    private final int[] taken;
    private final int[] uses;
    private final Random random = new Random(1);

    private MosaicChoice(Mosaic.Weave weave, int rows, ColourGrid base, List<ColourGrid> photos) {
        this.weave = weave;
        this.rows = rows;
        this.base = base;
        this.photos = photos.stream().map(MosaicChoice::parts).toArray(float[][]::new);
        // Of a neighbourhood of (2a + 1)² tiles each can have another photo.
        this.apart = Math.min(APART, (int) (Math.sqrt(photos.size()) - 1) / 2);
        this.taken = new int[weave.across() * rows];
        this.uses = new int[photos.size()];
        int tiles = taken.length;
        this.most = weave.most() == 0 ? tiles : Math.max(weave.most(), -Math.floorDiv(-tiles, photos.size()));
        Arrays.fill(taken, -1);
    }

    /**
     * @param base colours of the photo, {@link #GRID} in each direction for a column or row
     * @param photos colours of each, {@link #GRID} × {@link #GRID}; at least one
     * @return see {@link MosaicTiles}
     */
    public static String of(Mosaic.Weave weave, int rows, ColourGrid base, List<ColourGrid> photos) {
        return MosaicTiles.text(new MosaicChoice(weave, rows, base, photos).chosen());
    }

    private List<Tile> chosen() {
        List<Tile> places =
                MosaicTiles.places(weave, rows, (column, row, side, before) -> spread(column, row, side) < EVEN);
        float[][] wanted = places.stream()
                .map(place -> parts(place.column(), place.row(), place.side()))
                .toArray(float[][]::new);
        int[] photoOf = new int[places.size()];
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            order.add(i);
        }
        Collections.shuffle(order, random);
        for (int tile : order) {
            photoOf[tile] = cheapest(places.get(tile), wanted[tile]);
            put(places.get(tile), photoOf[tile]);
        }
        swap(places, wanted, photoOf);
        List<Tile> tiles = new ArrayList<>();
        for (int i = 0; i < photoOf.length; i++) {
            Tile place = places.get(i);
            tiles.add(new Tile(place.column(), place.row(), place.side(), photoOf[i]));
        }
        return tiles;
    }

    /** The cheapest photo that both rules allow; if none is left, the one that has come least. */
    private int cheapest(Tile place, float[] wanted) {
        boolean[] near = near(place);
        int best = -1;
        double least = Double.MAX_VALUE;
        for (int photo = 0; photo < photos.length; photo++) {
            if (near[photo] || uses[photo] >= most) {
                continue;
            }
            double cost = cost(wanted, photos[photo]);
            if (cost < least) {
                least = cost;
                best = photo;
            }
        }
        if (best >= 0) {
            return best;
        }
        for (int photo = 0; photo < photos.length; photo++) {
            boolean better = best < 0 || (near[best] && !near[photo]);
            boolean worse = best >= 0 && !near[best] && near[photo];
            best = better || !worse && uses[photo] < uses[best] ? photo : best;
        }
        return best;
    }

    private void swap(List<Tile> places, float[][] wanted, int[] photoOf) {
        int n = places.size();
        for (long i = 0; i < (long) SWAPS * n && n > 1; i++) {
            int one = random.nextInt(n);
            int other = random.nextInt(n);
            int a = photoOf[one];
            int b = photoOf[other];
            if (a == b
                    || cost(wanted[one], photos[b]) + cost(wanted[other], photos[a])
                            >= cost(wanted[one], photos[a]) + cost(wanted[other], photos[b]) - 1e-6) {
                continue;
            }
            put(places.get(one), -1);
            put(places.get(other), -1);
            boolean allowed = !near(places.get(one))[b];
            put(places.get(one), b);
            allowed = allowed && !near(places.get(other))[a];
            put(places.get(one), allowed ? b : a);
            put(places.get(other), allowed ? a : b);
            photoOf[one] = allowed ? b : a;
            photoOf[other] = allowed ? a : b;
        }
    }

    private void put(Tile place, int photo) {
        int before = taken[place.row() * weave.across() + place.column()];
        if (before >= 0) {
            uses[before]--;
        }
        if (photo >= 0) {
            uses[photo]++;
        }
        for (int row = place.row(); row < place.row() + place.side(); row++) {
            int from = row * weave.across() + place.column();
            Arrays.fill(taken, from, from + place.side(), photo);
        }
    }

    /** The photos that lie too near to a place. */
    private boolean[] near(Tile place) {
        boolean[] near = new boolean[photos.length];
        int right = Math.min(weave.across(), place.column() + place.side() + apart);
        int bottom = Math.min(rows, place.row() + place.side() + apart);
        for (int row = Math.max(0, place.row() - apart); row < bottom; row++) {
            for (int column = Math.max(0, place.column() - apart); column < right; column++) {
                int photo = taken[row * weave.across() + column];
                if (photo >= 0) {
                    near[photo] = true;
                }
            }
        }
        return near;
    }

    private static double cost(float[] wanted, float[] photo) {
        double parts = 0;
        for (int i = 0; i < PART_VALUES; i++) {
            double off = wanted[i] - photo[i];
            parts += off * off;
        }
        double means = 0;
        for (int i = PART_VALUES; i < PART_VALUES + 3; i++) {
            double off = wanted[i] - photo[i];
            means += off * off;
        }
        return means + parts / (GRID * GRID);
    }

    /** Of the photo's own parts, and their means after them. */
    private static float[] parts(ColourGrid grid) {
        float[] parts = new float[PART_VALUES + 3];
        for (int part = 0; part < GRID * GRID; part++) {
            for (int channel = 0; channel < 3; channel++) {
                parts[3 * part + channel] = grid.value(part % GRID, part / GRID, channel);
            }
        }
        return withMeans(parts);
    }

    /** Of what of the base lies under a tile. */
    private float[] parts(int column, int row, int side) {
        float[] parts = new float[PART_VALUES + 3];
        for (int part = 0; part < GRID * GRID; part++) {
            int left = column * GRID + part % GRID * side;
            int top = row * GRID + part / GRID * side;
            for (int channel = 0; channel < 3; channel++) {
                float sum = 0;
                for (int at = 0; at < side * side; at++) {
                    sum += base.value(left + at % side, top + at / side, channel);
                }
                parts[3 * part + channel] = sum / (side * side);
            }
        }
        return withMeans(parts);
    }

    private static float[] withMeans(float[] parts) {
        for (int i = 0; i < PART_VALUES; i++) {
            parts[PART_VALUES + i % 3] += parts[i] / (GRID * GRID);
        }
        return parts;
    }

    /** How far the parts of a block are from their mean: the root of the mean of squares. */
    private double spread(int column, int row, int side) {
        double[] sum = new double[3];
        double squares = 0;
        int n = GRID * side;
        for (int y = 0; y < n; y++) {
            for (int x = 0; x < n; x++) {
                for (int channel = 0; channel < 3; channel++) {
                    double value = base.value(column * GRID + x, row * GRID + y, channel);
                    sum[channel] += value;
                    squares += value * value;
                }
            }
        }
        double count = (double) n * n;
        double means = (sum[0] * sum[0] + sum[1] * sum[1] + sum[2] * sum[2]) / (count * count);
        return Math.sqrt(Math.max(0, squares / count - means));
    }
}
