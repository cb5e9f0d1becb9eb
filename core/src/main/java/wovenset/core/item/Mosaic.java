package wovenset.core.item;

import java.util.List;
import java.util.UUID;
import java.util.function.UnaryOperator;
import wovenset.core.photo.PixelSize;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * How a photo is made up of others: a grid of tiles over the whole of it, each a photo. Which came where is kept; the weave says how they
 * were chosen, to choose again. As it belongs to the photo, not to its frame, crops and sizes move no tile.
 *
 * @param rows of the grid; its columns are the weave's
 * @param photos the entries of the piece that tiles show; those that are gone leave the photo itself to be seen
 * @param chosen see {@link MosaicTiles}
 * @param tint how far the photo's own colours are laid on the tiles, 0 to 1
 * @param veil how much of the photo itself lies over them, 0 to 1
 */
public record Mosaic(Weave weave, int rows, List<UUID> photos, String chosen, double tint, double veil) {
    public static final int MOST_ACROSS = 200;
    public static final int MOST_TILES = 20_000;
    /** Two digits of 36 name one. */
    public static final int MOST_PHOTOS = 36 * 36;

    /**
     * @param across columns
     * @param sizes 1: all tiles are of one size; 2 and 3: where the photo is even, tiles twice as large, and four times
     * @param most how often a photo may come; 0 for as often as it suits
     */
    public record Weave(int across, int sizes, int most) {
        public Weave {
            boolean within = across >= 4 && across <= MOST_ACROSS && sizes >= 1 && sizes <= 3 && most >= 0;
            Checks.that(within, Reason.MOSAIC_WEAVE, MOST_ACROSS);
        }
    }

    public Mosaic {
        photos = List.copyOf(photos);
        boolean within = rows >= 1 && weave.across() * rows <= MOST_TILES && photos.size() <= MOST_PHOTOS;
        Checks.that(within, Reason.MOSAIC_TILES, MOST_TILES);
        Checks.that(tint >= 0 && tint <= 1 && veil >= 0 && veil <= 1, Reason.MOSAIC_SHARES);
        Checks.that(MosaicTiles.isOne(chosen, weave, rows, photos.size()), Reason.MOSAIC_CHOSEN);
    }

    /** The tiles, in the order of the text. */
    public List<MosaicTiles.Tile> tiles() {
        return MosaicTiles.read(chosen, weave, rows);
    }

    /** The width of a tile by its height on a photo of this size. */
    public double proportion(PixelSize photo) {
        return photo.proportion() * rows / weave.across();
    }

    /** As many rows as make tiles about square. */
    public static int rows(PixelSize photo, int across) {
        return Math.max(1, (int) Math.round(across / photo.proportion()));
    }

    public Mosaic withShares(double newTint, double newVeil) {
        return new Mosaic(weave, rows, photos, chosen, newTint, newVeil);
    }

    public Mosaic mapPhotos(UnaryOperator<UUID> change) {
        return new Mosaic(weave, rows, photos.stream().map(change).toList(), chosen, tint, veil);
    }
}
