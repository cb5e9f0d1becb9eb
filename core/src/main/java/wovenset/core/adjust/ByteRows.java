package wovenset.core.adjust;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.stream.IntStream;

/** The rows of a picture in bytes: blue, green, red, with alpha before them if it has some, which is in its colours already. */
final class ByteRows {
    /** What becomes of a row. */
    interface Row {
        /**
         * @param colours red, green and blue of each pixel, 0 to 255, to be changed; rounded and cut to that range afterwards
         */
        void change(int row, float[] colours);
    }

    final BufferedImage image;
    final int width;
    final int height;
    private final byte[] data;
    private final boolean clear;

    private ByteRows(BufferedImage image) {
        this.image = image;
        width = image.getWidth();
        height = image.getHeight();
        data = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        clear = image.getColorModel().hasAlpha();
    }

    /** A picture as it is, or a copy in bytes. */
    static ByteRows of(BufferedImage image) {
        int type = image.getColorModel().hasAlpha() ? BufferedImage.TYPE_4BYTE_ABGR_PRE : BufferedImage.TYPE_3BYTE_BGR;
        if (image.getType() == type && image.getRaster().getParent() == null) {
            return new ByteRows(image);
        }
        BufferedImage bytes = new BufferedImage(image.getWidth(), image.getHeight(), type);
        Graphics2D graphics = bytes.createGraphics();
        graphics.drawImage(image, 0, 0, null);
        graphics.dispose();
        return new ByteRows(bytes);
    }

    /** A black picture without anything clear. */
    static ByteRows blank(int width, int height) {
        return new ByteRows(new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR));
    }

    /** Without what is clear: there it is grey. */
    ByteRows opaque() {
        if (!clear) {
            return this;
        }
        BufferedImage whole = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = whole.createGraphics();
        graphics.setColor(Color.GRAY);
        graphics.fillRect(0, 0, width, height);
        graphics.drawImage(image, 0, 0, null);
        graphics.dispose();
        return new ByteRows(whole);
    }

    /** Its bytes, three a pixel where nothing is clear. */
    byte[] data() {
        return data;
    }

    /** A changed copy, with all processors; what is clear stays as clear. */
    BufferedImage changed(Toned toned, Row change) {
        ByteRows to = new ByteRows(new BufferedImage(width, height, image.getType()));
        IntStream.range(0, height).parallel().forEach(row -> {
            float[] colours = new float[3 * width];
            read(row, toned, colours);
            change.change(row, colours);
            to.write(row, colours, this);
        });
        return to.image;
    }

    /** Whether something of it may be. */
    boolean isClear() {
        return clear;
    }

    /** The same copy where nothing is clear and each channel is changed by itself alone. */
    BufferedImage mapped(Toned toned) {
        ByteRows to = new ByteRows(new BufferedImage(width, height, image.getType()));
        byte[] reds = toned.levels(0);
        byte[] greens = toned.levels(1);
        byte[] blues = toned.levels(2);
        IntStream.range(0, height).parallel().forEach(row -> to.look(row, this, blues, greens, reds));
        return to.image;
    }

    private void look(int row, ByteRows from, byte[] blues, byte[] greens, byte[] reds) {
        byte[] into = data;
        byte[] of = from.data;
        for (int at = 3 * row * width; at < 3 * (row + 1) * width; at += 3) {
            into[at] = blues[of[at] & 255];
            into[at + 1] = greens[of[at + 1] & 255];
            into[at + 2] = reds[of[at + 2] & 255];
        }
    }

    private void read(int row, Toned toned, float[] into) {
        if (!clear) {
            toned.row(data, 3 * row * width, into);
            return;
        }
        for (int x = 0, at = 4 * row * width + 1; x < width; x++, at += 4) {
            readPixel(at, toned, into, 3 * x);
        }
    }

    private void readPixel(int at, Toned toned, float[] into, int to) {
        int alpha = clear ? data[at - 1] & 0xff : 255;
        toned.pixel(whole(data[at + 2], alpha), whole(data[at + 1], alpha), whole(data[at], alpha), into, to);
    }

    private void write(int row, float[] colours, ByteRows from) {
        if (!clear) {
            byte[] into = data;
            for (int x = 0, at = 3 * row * width; x < colours.length; x += 3, at += 3) {
                into[at] = rounded(colours[x + 2]);
                into[at + 1] = rounded(colours[x + 1]);
                into[at + 2] = rounded(colours[x]);
            }
            return;
        }
        for (int x = 0, at = 4 * row * width + 1; x < width; x++, at += 4) {
            writePixel(at, colours, 3 * x, from);
        }
    }

    private void writePixel(int at, float[] colours, int of, ByteRows from) {
        int alpha = clear ? from.data[at - 1] & 0xff : 255;
        if (clear) {
            data[at - 1] = (byte) alpha;
        }
        data[at] = rounded(colours[of + 2], alpha);
        data[at + 1] = rounded(colours[of + 1], alpha);
        data[at + 2] = rounded(colours[of], alpha);
    }

    /** A colour as it is where nothing is clear. */
    private static int whole(byte value, int alpha) {
        int v = value & 0xff;
        return alpha == 255 ? v : alpha == 0 ? 0 : Math.min(255, (v * 255 + alpha / 2) / alpha);
    }

    /** Cut to the range as a whole number, which needs no comparison of fractions. */
    static byte rounded(float value) {
        return (byte) Math.max(0, Math.min(255, (int) (value + 0.5f)));
    }

    private static byte rounded(float value, int alpha) {
        return alpha == 255 ? rounded(value) : (byte) (Within.level(value) * alpha / 255 + 0.5f);
    }
}
