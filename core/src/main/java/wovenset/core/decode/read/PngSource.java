package wovenset.core.decode.read;

import java.io.BufferedInputStream;
import java.io.DataInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;
import wovenset.core.decode.answer.Raw;
import wovenset.core.decode.answer.RowSink;
import wovenset.core.decode.answer.UnreadableException;
import wovenset.core.said.Reason;

/**
 * A PNG (ISO/IEC 15948) row by row: for pictures that would fill the memory as a whole. What is told in several passes cannot be read
 * so, and is refused. Sums of chunks are not checked: the rows' own packing has one.
 */
final class PngSource implements Source {
    private static final int HEADER = 13;
    private static final int BLOCK = 1 << 20;

    private int width;
    private int height;
    private PngPixels pixels = PngPixels.NONE;
    private byte[] palette = {};
    private byte[] transparency = {};

    @Override
    public int[] size(Path file) throws IOException {
        try (DataInputStream in = open(file)) {
            header(in);
            return new int[] {width, height};
        }
    }

    private static DataInputStream open(Path file) throws IOException {
        DataInputStream in = new DataInputStream(new BufferedInputStream(Files.newInputStream(file), 1 << 16));
        in.skipNBytes(8);
        return in;
    }

    private void header(DataInputStream in) throws IOException {
        if (in.readInt() != HEADER) {
            throw new UnreadableException(Reason.FILE_HEADER);
        }
        in.readInt();
        width = in.readInt();
        height = in.readInt();
        int depth = in.readByte();
        int type = in.readByte();
        in.skipNBytes(2);
        if (in.readByte() != 0) {
            throw new UnreadableException(Reason.FILE_INTERLACED);
        }
        in.skipNBytes(4);
        pixels = PngPixels.of(type, depth);
    }

    @Override
    public void decode(Path file, RowSink sink) throws IOException {
        try (DataInputStream in = open(file)) {
            header(in);
            int length = in.readInt();
            String name = name(in);
            while (!name.equals("IDAT")) {
                switch (name) {
                    case "PLTE" -> palette = in.readNBytes(length);
                    case "tRNS" -> transparency = in.readNBytes(length);
                    case "IEND" -> throw new UnreadableException(Reason.FILE_PIXELS_DAMAGED);
                    default -> in.skipNBytes(length);
                }
                in.skipNBytes(4);
                length = in.readInt();
                name = name(in);
            }
            rows(new Packed(in, length), sink);
        } catch (DataFormatException | EOFException e) {
            throw new UnreadableException(Reason.FILE_PIXELS_DAMAGED, e);
        }
    }

    private void rows(Packed packed, RowSink sink) throws IOException, DataFormatException {
        boolean clear = pixels.hasAlpha() || transparency.length > 0;
        Raw raw = new Raw(
                width, height, clear ? Raw.Samples.BLUE_GREEN_RED_ALPHA : Raw.Samples.BLUE_GREEN_RED, new byte[0]);
        sink.begin(raw);
        int rowBytes = pixels.rowBytes(width);
        byte[] before = new byte[rowBytes];
        byte[] row = new byte[rowBytes];
        byte[] filter = new byte[1];
        int count = Math.max(1, BLOCK / raw.rowBytes());
        byte[] block = new byte[count * raw.rowBytes()];
        int filled = 0;
        for (int y = 0; y < height; y++) {
            packed.read(filter, 1);
            packed.read(row, rowBytes);
            unfilter(filter[0], row, before, pixels.step());
            pixels.send(row, width, palette, transparency, block, filled);
            filled += raw.rowBytes();
            if (filled == block.length || y == height - 1) {
                sink.rows(block, filled);
                filled = 0;
            }
            byte[] swap = before;
            before = row;
            row = swap;
        }
        packed.end();
    }

    /** Clause 9 of the standard: each byte was told as its difference from neighbours. */
    private static void unfilter(int filter, byte[] row, byte[] above, int step) {
        for (int i = 0; i < row.length; i++) {
            int left = i >= step ? row[i - step] & 255 : 0;
            int up = above[i] & 255;
            int corner = i >= step ? above[i - step] & 255 : 0;
            int guess =
                    switch (filter) {
                        case 0 -> 0;
                        case 1 -> left;
                        case 2 -> up;
                        case 3 -> (left + up) / 2;
                        case 4 -> paeth(left, up, corner);
                        default -> throw new UnreadableException(Reason.FILE_PIXELS_DAMAGED);
                    };
            row[i] += (byte) guess;
        }
    }

    private static int paeth(int left, int up, int corner) {
        int guess = left + up - corner;
        int toLeft = Math.abs(guess - left);
        int toUp = Math.abs(guess - up);
        int toCorner = Math.abs(guess - corner);
        if (toLeft <= toUp && toLeft <= toCorner) {
            return left;
        }
        return toUp <= toCorner ? up : corner;
    }

    private static String name(InputStream in) throws IOException {
        return new String(in.readNBytes(4), StandardCharsets.ISO_8859_1);
    }

    /** The rows as the data chunks hold them, unpacked. */
    private static final class Packed {
        private final DataInputStream in;
        private final Inflater inflater = new Inflater();
        private final byte[] buffer = new byte[1 << 16];
        private int left;

        Packed(DataInputStream in, int first) {
            this.in = in;
            this.left = first;
        }

        void read(byte[] into, int length) throws IOException, DataFormatException {
            int got = 0;
            while (got < length) {
                int n = inflater.inflate(into, got, length - got);
                got += n;
                if (n == 0 && (inflater.finished() || inflater.needsDictionary())) {
                    throw new EOFException();
                }
                if (n == 0) {
                    feed();
                }
            }
        }

        private void feed() throws IOException {
            while (left == 0) {
                in.skipNBytes(4);
                left = in.readInt();
                if (!name(in).equals("IDAT")) {
                    throw new EOFException();
                }
            }
            int n = in.read(buffer, 0, Math.min(buffer.length, left));
            if (n < 0) {
                throw new EOFException();
            }
            left -= n;
            inflater.setInput(buffer, 0, n);
        }

        void end() {
            inflater.end();
        }
    }
}
