package wovenset.core.testing;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.CRC32;

/** Files of several frames, and of more than four gigabytes' reach, written by hand: no library at hand writes them. */
public final class MovingPictures {
    private static final int SIGNATURE = 8;
    private static final int HEADER = 25;

    private MovingPictures() {}

    /** An animated PNG (PNG, third edition, 11.3.5): the first picture is its first frame. */
    public static byte[] png(BufferedImage first, BufferedImage second) {
        byte[] one = TestPhotos.file(first, "png");
        byte[] other = TestPhotos.file(second, "png");
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(one, 0, SIGNATURE + HEADER);
        chunk(out, "acTL", ByteBuffer.allocate(8).putInt(2).putInt(0));
        frame(out, 0, first);
        int length = ByteBuffer.wrap(one).getInt(SIGNATURE + HEADER);
        out.write(one, SIGNATURE + HEADER, length + 12);
        frame(out, 1, second);
        int more = ByteBuffer.wrap(other).getInt(SIGNATURE + HEADER);
        chunk(out, "fdAT", ByteBuffer.allocate(4 + more).putInt(2).put(other, SIGNATURE + HEADER + 8, more));
        chunk(out, "IEND", ByteBuffer.allocate(0));
        return out.toByteArray();
    }

    private static void frame(ByteArrayOutputStream out, int number, BufferedImage image) {
        chunk(
                out,
                "fcTL",
                ByteBuffer.allocate(26)
                        .putInt(number)
                        .putInt(image.getWidth())
                        .putInt(image.getHeight())
                        .putInt(0)
                        .putInt(0)
                        .putShort((short) 1)
                        .putShort((short) 2)
                        .putShort((short) 0));
    }

    private static void chunk(ByteArrayOutputStream out, String name, ByteBuffer content) {
        byte[] bytes = TestPhotos.concat(name.getBytes(StandardCharsets.US_ASCII), content.array());
        CRC32 sum = new CRC32();
        sum.update(bytes);
        out.writeBytes(ByteBuffer.allocate(4).putInt(content.capacity()).array());
        out.writeBytes(bytes);
        out.writeBytes(ByteBuffer.allocate(4).putInt((int) sum.getValue()).array());
    }

    /** An animated WebP (RFC 9649, 2.7.1) of two frames as large as its screen. */
    public static byte[] webp(BufferedImage first, BufferedImage second) {
        ByteArrayOutputStream frames = new ByteArrayOutputStream();
        int width = first.getWidth() - 1;
        int height = first.getHeight() - 1;
        ByteBuffer screen = little(10).putInt(0x02);
        three(screen, width);
        three(screen, height);
        riff(frames, "VP8X", screen.array());
        riff(frames, "ANIM", little(6).array());
        for (BufferedImage image : new BufferedImage[] {first, second}) {
            byte[] file = TestPhotos.file(image, "webp");
            ByteBuffer frame = little(16 + file.length - 12);
            three(frame, 0);
            three(frame, 0);
            three(frame, width);
            three(frame, height);
            three(frame, 100);
            frame.put((byte) 0).put(file, 12, file.length - 12);
            riff(frames, "ANMF", frame.array());
        }
        ByteBuffer out = little(12 + frames.size());
        out.put("RIFF".getBytes(StandardCharsets.US_ASCII)).putInt(4 + frames.size());
        return out.put("WEBP".getBytes(StandardCharsets.US_ASCII))
                .put(frames.toByteArray())
                .array();
    }

    private static void riff(ByteArrayOutputStream out, String name, byte[] content) {
        out.writeBytes(name.getBytes(StandardCharsets.US_ASCII));
        out.writeBytes(little(4).putInt(content.length).array());
        out.writeBytes(content);
        if (content.length % 2 == 1) {
            out.write(0);
        }
    }

    private static void three(ByteBuffer buffer, int number) {
        buffer.put((byte) number).put((byte) (number >> 8)).put((byte) (number >> 16));
    }

    private static ByteBuffer little(int size) {
        return ByteBuffer.allocate(size).order(ByteOrder.LITTLE_ENDIAN);
    }

    /** A TIFF whose offsets have 64 bits (BigTIFF), with one strip of plain colours. */
    public static byte[] bigTiff(BufferedImage image) {
        return bigTiff(image, 1, "");
    }

    /**
     * The same with the way in which it is to be turned, and embedded words.
     *
     * @param xmp empty for none
     */
    public static byte[] bigTiff(BufferedImage image, int orientation, String xmp) {
        int width = image.getWidth();
        int height = image.getHeight();
        int pixels = width * height * 3;
        byte[] words = xmp.getBytes(StandardCharsets.UTF_8);
        List<long[]> tags = new ArrayList<>(List.of(
                new long[] {256, 4, 1, width},
                new long[] {257, 4, 1, height},
                new long[] {258, 3, 3, 0x0008_0008_0008L},
                new long[] {259, 3, 1, 1},
                new long[] {262, 3, 1, 2},
                new long[] {273, 16, 1, 16},
                new long[] {274, 3, 1, orientation},
                new long[] {277, 3, 1, 3},
                new long[] {278, 4, 1, height},
                new long[] {279, 16, 1, pixels}));
        if (words.length > 0) {
            tags.add(new long[] {700, 1, words.length, 16 + pixels});
        }
        ByteBuffer out = little(16 + pixels + words.length + 8 + tags.size() * 20 + 8);
        out.put((byte) 'I')
                .put((byte) 'I')
                .putShort((short) 43)
                .putShort((short) 8)
                .putShort((short) 0);
        out.putLong(16 + pixels + words.length);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int rgb = image.getRGB(x, y);
                out.put((byte) (rgb >> 16)).put((byte) (rgb >> 8)).put((byte) rgb);
            }
        }
        out.put(words);
        out.putLong(tags.size());
        for (long[] tag : tags) {
            out.putShort((short) tag[0])
                    .putShort((short) tag[1])
                    .putLong(tag[2])
                    .putLong(tag[3]);
        }
        return out.putLong(0).array();
    }
}
