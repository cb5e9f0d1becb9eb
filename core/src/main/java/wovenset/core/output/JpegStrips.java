package wovenset.core.output;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgcodecs;
import org.bytedeco.opencv.opencv_core.Mat;
import wovenset.core.measure.Resolution;

/**
 * A JPEG with its resolution (JFIF 1.02) and profile (ICC.1:2010, annex B.4), put together from strips: the entropy-coded rows
 * between two restart markers do not depend on what stands before them (ITU-T T.81, E.1.4 and F.1.2.1), so that strips that are
 * packed by themselves with the same tables and one restart interval for each row of blocks are one picture when their markers
 * are counted through.
 */
final class JpegStrips implements StripWriter {
    private static final int BLOCK = 8;
    private static final int MOST_IN_SEGMENT = 65_519;
    private static final int RESTART = 0xD0;
    private static final int START_OF_FRAME = 0xC0;
    private static final int START_OF_SCAN = 0xDA;
    private static final int APPLICATION = 0xE0;
    private static final int COMMENT = 0xFE;

    private final DataOutputStream out;
    private final int width;
    private final int height;
    private final int quality;
    private int restarts;
    private boolean begun;

    /** @param quality 1 to 100; colours are as fine as light */
    JpegStrips(OutputStream out, int width, int height, int quality, Resolution resolution) throws IOException {
        this.out = new DataOutputStream(out);
        this.width = width;
        this.height = height;
        this.quality = quality;
        head((int) Math.round(resolution.ppi()));
    }

    private void head(int ppi) throws IOException {
        out.writeShort(0xFFD8);
        out.writeShort(0xFFE0);
        out.writeShort(16);
        out.writeBytes("JFIF\0");
        out.writeShort(0x0102);
        out.writeByte(1);
        out.writeShort(ppi);
        out.writeShort(ppi);
        out.writeShort(0);
        byte[] profile = SrgbProfile.BYTES;
        int parts = (profile.length + MOST_IN_SEGMENT - 1) / MOST_IN_SEGMENT;
        for (int part = 0; part < parts; part++) {
            int start = part * MOST_IN_SEGMENT;
            int length = Math.min(MOST_IN_SEGMENT, profile.length - start);
            out.writeShort(0xFFE2);
            out.writeShort(length + 16);
            out.writeBytes("ICC_PROFILE\0");
            out.writeByte(part + 1);
            out.writeByte(parts);
            out.write(profile, start, length);
        }
    }

    @Override
    public void add(BufferedImage strip) throws IOException {
        byte[] bytes = pack(strip);
        ByteBuffer packed = ByteBuffer.wrap(bytes);
        packed.getShort();
        while (true) {
            int marker = packed.getShort() & 0xFF;
            byte[] segment = new byte[(packed.getShort() & 0xFFFF) - 2];
            packed.get(segment);
            if (!begun && marker != COMMENT && (marker & 0xF0) != APPLICATION) {
                if (marker == START_OF_FRAME) {
                    ByteBuffer.wrap(segment).putShort(1, (short) height);
                }
                out.writeByte(0xFF);
                out.writeByte(marker);
                out.writeShort(segment.length + 2);
                out.write(segment);
            }
            if (marker == START_OF_SCAN) {
                break;
            }
        }
        if (begun) {
            restart();
        }
        begun = true;
        rows(bytes, packed.position());
    }

    /** All up to the end of the picture, its restarts counted on. */
    private void rows(byte[] bytes, int start) throws IOException {
        int from = start;
        int end = bytes.length - 2;
        for (int at = from; at < end; at++) {
            if (bytes[at] == (byte) 0xFF && (bytes[at + 1] & 0xF8) == RESTART) {
                out.write(bytes, from, at - from);
                restart();
                from = at + 2;
                at++;
            }
        }
        out.write(bytes, from, end - from);
    }

    private void restart() throws IOException {
        out.writeByte(0xFF);
        out.writeByte(RESTART | restarts++ & 7);
    }

    private byte[] pack(BufferedImage strip) throws IOException {
        byte[] pixels = ((DataBufferByte) strip.getRaster().getDataBuffer()).getData();
        try (BytePointer data = new BytePointer(pixels);
                Mat rows = new Mat(strip.getHeight(), width, opencv_core.CV_8UC3, data);
                BytePointer packed = new BytePointer();
                IntPointer options = new IntPointer(
                        opencv_imgcodecs.IMWRITE_JPEG_QUALITY,
                        quality,
                        opencv_imgcodecs.IMWRITE_JPEG_SAMPLING_FACTOR,
                        0x111111,
                        opencv_imgcodecs.IMWRITE_JPEG_RST_INTERVAL,
                        (width + BLOCK - 1) / BLOCK)) {
            if (!opencv_imgcodecs.imencode(".jpg", rows, packed, options)) {
                throw new IOException("A strip of a JPEG could not be packed");
            }
            byte[] bytes = new byte[(int) packed.limit()];
            packed.get(bytes);
            return bytes;
        }
    }

    @Override
    public void finish() throws IOException {
        out.writeShort(0xFFD9);
        out.flush();
    }
}
