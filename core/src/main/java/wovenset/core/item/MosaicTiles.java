package wovenset.core.item;

import java.util.ArrayList;
import java.util.List;

/**
 * Which photo each tile of a mosaic shows, as text: three signs a tile, the photo's number in two digits to the base 36, and 0, 1 or 2 for
 * a side of one, two or four columns. Blocks as large as the largest tile follow each other row by row; a block is one tile, or its four
 * quarters in the same order. What of a block lies beyond the photo has no tiles.
 */
public final class MosaicTiles {
    private static final int SIGNS = 3;
    private static final int BASE = 36;

    private MosaicTiles() {}

    /**
     * @param side in columns
     * @param photo counted from 0
     */
    public record Tile(int column, int row, int side, int photo) {}

    /** One answer for each block that lies wholly within the photo: whether it is one tile. */
    public interface Blocks {
        /** @param before tiles that come before it */
        boolean isOne(int column, int row, int side, int before);
    }

    /** The tiles' places, with no photo chosen, as blocks are parted. */
    public static List<Tile> places(Mosaic.Weave weave, int rows, Blocks blocks) {
        List<Tile> places = new ArrayList<>();
        int largest = 1 << (weave.sizes() - 1);
        for (int row = 0; row < rows; row += largest) {
            for (int column = 0; column < weave.across(); column += largest) {
                part(column, row, largest, weave.across(), rows, blocks, places);
            }
        }
        return places;
    }

    private static void part(int column, int row, int side, int across, int rows, Blocks blocks, List<Tile> into) {
        if (column >= across || row >= rows) {
            return;
        }
        boolean within = column + side <= across && row + side <= rows;
        if (side == 1 || within && blocks.isOne(column, row, side, into.size())) {
            into.add(new Tile(column, row, side, 0));
            return;
        }
        int half = side / 2;
        for (int quarter = 0; quarter < 4; quarter++) {
            part(column + quarter % 2 * half, row + quarter / 2 * half, half, across, rows, blocks, into);
        }
    }

    /** @param tiles in the order of {@link #places} */
    public static String text(List<Tile> tiles) {
        StringBuilder text = new StringBuilder(SIGNS * tiles.size());
        for (Tile tile : tiles) {
            text.append(Character.forDigit(tile.photo() / BASE, BASE))
                    .append(Character.forDigit(tile.photo() % BASE, BASE))
                    .append(Integer.numberOfTrailingZeros(tile.side()));
        }
        return text.toString();
    }

    /** Whether a text says a photo for each tile of a mosaic, in this order, and nothing else. */
    static boolean isOne(String text, Mosaic.Weave weave, int rows, int photos) {
        if (text.isEmpty() || text.length() % SIGNS != 0 || !text.matches("(?:[0-9a-z]{2}[0-2])+")) {
            return false;
        }
        List<Tile> tiles = read(text, weave, rows);
        return tiles.size() * SIGNS == text.length()
                && text.equals(text(tiles))
                && tiles.stream().allMatch(tile -> tile.photo() < photos);
    }

    /** The tiles of a text; their sides are as far as they can be what it says. */
    static List<Tile> read(String text, Mosaic.Weave weave, int rows) {
        int said = text.length() / SIGNS;
        List<Tile> places = places(
                weave,
                rows,
                (column, row, side, before) -> before < said && 1 << (text.charAt(SIGNS * before + 2) - '0') == side);
        List<Tile> tiles = new ArrayList<>();
        for (int i = 0; i < Math.min(said, places.size()); i++) {
            Tile place = places.get(i);
            int photo = Character.digit(text.charAt(SIGNS * i), BASE) * BASE
                    + Character.digit(text.charAt(SIGNS * i + 1), BASE);
            tiles.add(new Tile(place.column(), place.row(), place.side(), photo));
        }
        return places.size() == said ? tiles : List.of();
    }
}
