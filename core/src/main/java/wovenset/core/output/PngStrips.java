package wovenset.core.output;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import wovenset.core.measure.Resolution;
import wovenset.core.picture.file.PngForm;

/**
 * A PNG (ISO/IEC 15948) of 8 bits a sample with its resolution (pHYs, 11.3.5.3) and profile (iCCP, 11.3.3.3). Each row is written as
 * differences to its left or to the row above, whichever are smaller in sum (12.8).
 */
final class PngStrips implements StripWriter {
    private static final int COMPRESSION = 3;
    private static final int CHUNK = 1 << 16;
    private static final byte LEFT = 1;
    private static final byte ABOVE = 2;

    private final OutputStream out;
    private final int width;
    private final int samples;
    private final Deflater deflater = new Deflater(COMPRESSION);
    private final byte[] packed = new byte[CHUNK];
    private final ByteBuffer chunk = ByteBuffer.allocate(CHUNK + PngForm.CHUNK_FRAME);
    private byte[] above;
    private byte[] row;
    private final byte[] left;
    private final byte[] up;

    /** @param clear whether there is an alpha channel: strips are then of alpha, blue, green, red */
    PngStrips(OutputStream out, int width, int height, boolean clear, Resolution resolution) throws IOException {
        this.out = out;
        this.width = width;
        samples = clear ? 4 : 3;
        above = new byte[width * samples];
        row = new byte[width * samples];
        left = new byte[1 + width * samples];
        up = new byte[1 + width * samples];
        left[0] = LEFT;
        up[0] = ABOVE;
        PngForm.start(chunk, width, height, clear);
        flush();
        chunk("iCCP", profile());
        int perMetre = (int) Math.round(resolution.ppi() / 0.0254);
        chunk(
                "pHYs",
                ByteBuffer.allocate(9)
                        .putInt(perMetre)
                        .putInt(perMetre)
                        .put((byte) 1)
                        .array());
    }

    private static byte[] profile() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        bytes.write("sRGB\0\0".getBytes(StandardCharsets.ISO_8859_1));
        try (DeflaterOutputStream deflating = new DeflaterOutputStream(bytes)) {
            deflating.write(SrgbProfile.BYTES);
        }
        return bytes.toByteArray();
    }

    @Override
    public void add(BufferedImage strip) throws IOException {
        byte[] pixels = ((DataBufferByte) strip.getRaster().getDataBuffer()).getData();
        for (int y = 0; y < strip.getHeight(); y++) {
            PngForm.samples(pixels, y * width * samples, row, 0, width, samples);
            deflater.setInput(smaller());
            pack();
            byte[] done = above;
            above = row;
            row = done;
        }
    }

    private byte[] smaller() {
        int sumLeft = 0;
        int sumUp = 0;
        for (int i = 0; i < row.length; i++) {
            left[i + 1] = (byte) (row[i] - (i < samples ? 0 : row[i - samples]));
            up[i + 1] = (byte) (row[i] - above[i]);
            sumLeft += Math.abs(left[i + 1]);
            sumUp += Math.abs(up[i + 1]);
        }
        return sumUp < sumLeft ? up : left;
    }

    private void pack() throws IOException {
        int length;
        while ((length = deflater.deflate(packed)) > 0) {
            chunk("IDAT", packed, length);
        }
    }

    @Override
    public void finish() throws IOException {
        deflater.finish();
        pack();
        deflater.end();
        chunk("IEND", new byte[0]);
    }

    private void chunk(String name, byte[] data) throws IOException {
        chunk(name, data, data.length);
    }

    private void chunk(String name, byte[] data, int length) throws IOException {
        PngForm.chunk(chunk, name, data, length);
        flush();
    }

    private void flush() throws IOException {
        out.write(chunk.array(), 0, chunk.position());
        chunk.clear();
    }
}
