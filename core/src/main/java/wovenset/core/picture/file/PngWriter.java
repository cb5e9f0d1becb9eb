package wovenset.core.picture.file;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.zip.Adler32;
import java.util.zip.Deflater;

/**
 * Writes pictures for the screen as PNG (ISO/IEC 15948), lossless and fast: the usual encoders search for the smallest
 * file, and their calls alone cost more than a small sprite. Small pictures are stored as they are; of larger ones each
 * row is told as its difference from the one above (filter 2) and packed lightly. Cost: linear in the pixels.
 */
public final class PngWriter {
    private static final byte ABOVE = 2;
    /** Bytes; below this, packing takes longer than sending over a loopback line, where the application is used. */
    private static final int SMALL = 1_500_000;

    /** Bytes in a stored block: its length is told in 16 bits. */
    private static final int MOST_STORED = 0xFFFF;

    private PngWriter() {}

    /**
     * @param image of type 4BYTE_ABGR, written with its transparency, or 3BYTE_BGR
     * @throws IllegalArgumentException for any other type
     */
    public static byte[] png(BufferedImage image) {
        boolean clear = image.getType() == BufferedImage.TYPE_4BYTE_ABGR;
        if (!clear && image.getType() != BufferedImage.TYPE_3BYTE_BGR) {
            throw new IllegalArgumentException(
                    "Only pictures of blue, green and red, with or without alpha, are written");
        }
        byte[] rows = rows(image, clear ? 4 : 3);
        byte[] data;
        if (rows.length < SMALL) {
            data = stored(rows);
        } else {
            filter(rows, image.getHeight());
            data = packed(rows);
        }
        ByteBuffer out = ByteBuffer.allocate(PngForm.START + data.length + 2 * PngForm.CHUNK_FRAME);
        PngForm.start(out, image.getWidth(), image.getHeight(), clear);
        PngForm.chunk(out, "IDAT", data, data.length);
        PngForm.chunk(out, "IEND", new byte[0], 0);
        return out.array();
    }

    /** Each row after a filter byte of 0. */
    private static byte[] rows(BufferedImage image, int channels) {
        byte[] pixels = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        int width = image.getWidth();
        byte[] rows = new byte[(width * channels + 1) * image.getHeight()];
        for (int y = 0; y < image.getHeight(); y++) {
            PngForm.samples(pixels, y * width * channels, rows, y * (width * channels + 1) + 1, width, channels);
        }
        return rows;
    }

    /** From the last row up, so that each still finds the one above as it was. */
    private static void filter(byte[] rows, int height) {
        int length = rows.length / height;
        for (int y = height - 1; y >= 0; y--) {
            int start = y * length;
            rows[start] = ABOVE;
            for (int i = start + length - 1; y > 0 && i > start; i--) {
                rows[i] -= rows[i - length];
            }
        }
    }

    /** A zlib stream (RFC 1950) of stored blocks (RFC 1951, 3.2.4): the bytes as they are, without a packer's set-up. */
    private static byte[] stored(byte[] rows) {
        int blocks = Math.max(1, (rows.length + MOST_STORED - 1) / MOST_STORED);
        ByteBuffer stream = ByteBuffer.allocate(rows.length + 5 * blocks + 6);
        stream.putShort((short) 0x7801);
        for (int block = 0; block < blocks; block++) {
            int start = block * MOST_STORED;
            int length = Math.min(MOST_STORED, rows.length - start);
            stream.put((byte) (block == blocks - 1 ? 1 : 0));
            stream.putShort(Short.reverseBytes((short) length)).putShort(Short.reverseBytes((short) ~length));
            stream.put(rows, start, length);
        }
        Adler32 sum = new Adler32();
        sum.update(rows);
        return stream.putInt((int) sum.getValue()).array();
    }

    private static byte[] packed(byte[] rows) {
        Deflater deflater = new Deflater(Deflater.BEST_SPEED);
        try {
            deflater.setInput(rows);
            deflater.finish();
            byte[] packed = new byte[rows.length + rows.length / 1000 + 64];
            int length = 0;
            while (!deflater.finished()) {
                if (length == packed.length) {
                    packed = Arrays.copyOf(packed, packed.length * 2);
                }
                length += deflater.deflate(packed, length, packed.length - length);
            }
            return Arrays.copyOf(packed, length);
        } finally {
            deflater.end();
        }
    }
}
