package wovenset.core.picture.file;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;

/** The parts of which a PNG (ISO/IEC 15948) of 8 bits a sample is made. */
public final class PngForm {
    /** What a chunk takes beside its data. */
    public static final int CHUNK_FRAME = 12;

    private static final byte[] SIGNATURE = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'};
    private static final int HEADER = 13;
    /** Bytes of {@link #start}. */
    public static final int START = SIGNATURE.length + HEADER + CHUNK_FRAME;

    private PngForm() {}

    /** The signature and the header. */
    public static void start(ByteBuffer out, int width, int height, boolean clear) {
        out.put(SIGNATURE);
        byte[] header = ByteBuffer.allocate(HEADER)
                .putInt(width)
                .putInt(height)
                .put((byte) 8)
                .put((byte) (clear ? 6 : 2))
                .array();
        chunk(out, "IHDR", header, header.length);
    }

    public static void chunk(ByteBuffer out, String name, byte[] data, int length) {
        byte[] type = name.getBytes(StandardCharsets.US_ASCII);
        CRC32 sum = new CRC32();
        sum.update(type);
        sum.update(data, 0, length);
        out.putInt(length).put(type).put(data, 0, length).putInt((int) sum.getValue());
    }

    /** Red, green, blue and alpha of a row, from Java's alpha, blue, green, red. */
    public static void samples(byte[] pixels, int from, byte[] row, int to, int width, int channels) {
        for (int x = 0; x < width; x++, from += channels, to += channels) {
            row[to] = pixels[from + channels - 1];
            row[to + 1] = pixels[from + channels - 2];
            row[to + 2] = pixels[from + channels - 3];
            if (channels == 4) {
                row[to + 3] = pixels[from];
            }
        }
    }
}
