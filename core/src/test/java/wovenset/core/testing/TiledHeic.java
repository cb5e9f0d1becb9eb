package wovenset.core.testing;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** A HEIC whose picture lies in tiles beside each other, as phones write it (ISO/IEC 23008-12, 6.6.2.3: image grid). */
public final class TiledHeic {
    private final List<byte[]> tiles = new ArrayList<>();
    private final byte[] settings;
    private final int tileWidth;
    private final int height;

    /** @param files HEICs of one picture each, equally large, from left to right */
    private TiledHeic(List<byte[]> files, int tileWidth, int height) {
        for (byte[] file : files) {
            byte[] data = box(file, "mdat");
            tiles.add(Arrays.copyOfRange(data, 8, data.length));
        }
        settings = box(files.get(0), "hvcC");
        this.tileWidth = tileWidth;
        this.height = height;
    }

    /** @param width of the whole, which may be less than all tiles are */
    public static byte[] of(List<byte[]> files, int tileWidth, int height, int width) {
        TiledHeic heic = new TiledHeic(files, tileWidth, height);
        byte[] type = named("ftyp", bytes("heic"), number(0, 4), bytes("mif1heic"));
        int begin = type.length + heic.meta(0, width).length + 8;
        byte[] data = {};
        for (byte[] tile : heic.tiles) {
            data = TestPhotos.concat(data, tile);
        }
        return joined(type, heic.meta(begin, width), named("mdat", data));
    }

    private int whole() {
        return tiles.size() + 1;
    }

    private byte[] meta(int begin, int width) {
        byte[] grid =
                joined(number(0, 2), number(0, 1), number(tiles.size() - 1, 1), number(width, 2), number(height, 2));
        ByteArrayOutputStream places = new ByteArrayOutputStream();
        ByteArrayOutputStream items = new ByteArrayOutputStream();
        ByteArrayOutputStream parts = new ByteArrayOutputStream();
        ByteArrayOutputStream traits = new ByteArrayOutputStream();
        int at = begin;
        for (int i = 1; i < whole(); i++) {
            int length = tiles.get(i - 1).length;
            places.writeBytes(joined(number(i, 2), number(0, 4), number(1, 2), number(at, 4), number(length, 4)));
            items.writeBytes(item(i, "hvc1"));
            parts.writeBytes(number(i, 2));
            traits.writeBytes(joined(number(i, 2), number(2, 1), new byte[] {(byte) 0x81, 2}));
            at += length;
        }
        places.writeBytes(joined(
                number(whole(), 2), number(1, 2), number(0, 2), number(1, 2), number(0, 4), number(grid.length, 4)));
        items.writeBytes(item(whole(), "grid"));
        traits.writeBytes(joined(number(whole(), 2), number(1, 1), new byte[] {3}));
        return full(
                "meta",
                0,
                full("hdlr", 0, number(0, 4), bytes("pict"), new byte[12], number(0, 1)),
                full("pitm", 0, number(whole(), 2)),
                full("iloc", 1, new byte[] {0x44, 0}, number(whole(), 2), places.toByteArray()),
                full("iinf", 0, number(whole(), 2), items.toByteArray()),
                full("iref", 0, named("dimg", number(whole(), 2), number(tiles.size(), 2), parts.toByteArray())),
                named(
                        "iprp",
                        named("ipco", settings, size(tileWidth), size(width)),
                        full("ipma", 0, number(whole(), 4), traits.toByteArray())),
                named("idat", grid));
    }

    private byte[] size(int width) {
        return full("ispe", 0, number(width, 4), number(height, 4));
    }

    private static byte[] item(int id, String kind) {
        return full("infe", 2, number(id, 2), number(0, 2), bytes(kind), number(0, 1));
    }

    /** The first box of a name, wherever it lies. */
    private static byte[] box(byte[] file, String name) {
        byte[] sign = bytes(name);
        for (int i = 4; i < file.length - 4; i++) {
            if (ByteBuffer.wrap(file, i, 4).equals(ByteBuffer.wrap(sign))) {
                int length = ByteBuffer.wrap(file).getInt(i - 4);
                return Arrays.copyOfRange(file, i - 4, i - 4 + length);
            }
        }
        throw new IllegalArgumentException("There is no box " + name);
    }

    private static byte[] full(String name, int version, byte[]... parts) {
        return named(name, number(version, 1), number(0, 3), joined(parts));
    }

    private static byte[] named(String name, byte[]... parts) {
        byte[] content = joined(parts);
        return joined(number(8 + content.length, 4), bytes(name), content);
    }

    private static byte[] joined(byte[]... parts) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        for (byte[] part : parts) {
            out.writeBytes(part);
        }
        return out.toByteArray();
    }

    private static byte[] number(int value, int size) {
        byte[] all = ByteBuffer.allocate(4).putInt(value).array();
        return Arrays.copyOfRange(all, 4 - size, 4);
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.US_ASCII);
    }
}
