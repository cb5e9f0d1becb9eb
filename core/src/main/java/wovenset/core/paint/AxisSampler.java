package wovenset.core.paint;

import java.awt.Rectangle;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.lang.invoke.MethodHandles;
import java.lang.invoke.VarHandle;
import java.nio.ByteOrder;
import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * Samples a picture whose sides lie along those of the wanted one: each pixel between its four nearest (bilinear), first along the rows, then
 * between two of them; beyond its edges it goes on as they are. Shares are counted in 1 / 64, so that the three values of a pixel are mixed as
 * one number of 63 bits, 21 for each: 8 of the value, 6 and 6 of the shares. Cost: two mixtures of two for each pixel, rows on all processors.
 */
final class AxisSampler {
    private static final int BITS = 6;
    private static final int ONE = 1 << BITS;
    private static final int FIELD = 21;
    private static final long HALVES = (1L | 1L << FIELD | 1L << 2 * FIELD) << 2 * BITS - 1;
    private static final VarHandle FOUR = MethodHandles.byteArrayViewVarHandle(int[].class, ByteOrder.LITTLE_ENDIAN);
    private static final int BAND = 32;
    /** Fewer pixels are done before others would have begun. */
    private static final int FEW = 40_000;

    private final byte[] pixels;
    private final AffineTransform back;
    private final Axis width;
    private final Axis height;
    private final boolean turned;

    /**
     * @param picture of three bytes a pixel that are all its own
     * @param back from the wanted pixels' plane to the picture's, along the axes
     */
    AxisSampler(BufferedImage picture, AffineTransform back) {
        byte[] all = ((DataBufferByte) picture.getRaster().getDataBuffer()).getData();
        // Four bytes are read at once, even of a single pixel.
        this.pixels = all.length < Integer.BYTES ? Arrays.copyOf(all, Integer.BYTES) : all;
        this.back = back;
        width = new Axis(picture.getWidth(), 3);
        height = new Axis(picture.getHeight(), 3 * picture.getWidth());
        turned = Math.abs(back.getShearY()) > Math.abs(back.getScaleX());
    }

    /** @param step in bytes from one to the next */
    private record Axis(int pixels, int step) {}

    BufferedImage picture(Rectangle wanted) {
        BufferedImage picture = new BufferedImage(wanted.width, wanted.height, BufferedImage.TYPE_3BYTE_BGR);
        write(wanted, picture, 0, 0);
        return picture;
    }

    /**
     * @param into of three bytes a pixel that are all its own, or of four, alpha first, which becomes solid there
     * @param x where in it the wanted pixels come to lie
     */
    void write(Rectangle wanted, BufferedImage into, int x, int y) {
        boolean solid = into.getRaster().getNumDataElements() == Integer.BYTES;
        rows(wanted, into, x, y, solid ? Rows::writeSolid : Rows::write);
    }

    /** The same, laid on what is there. */
    void lay(Rectangle wanted, BufferedImage into, int x, int y, SolidBlend blend) {
        rows(wanted, into, x, y, (rows, share, bytes, start) -> rows.lay(share, bytes, start, blend));
    }

    /** What is done with two rows of the picture between which a wanted one lies. */
    private interface RowDrawing {
        void draw(Rows rows, int share, byte[] into, int start);
    }

    private void rows(Rectangle wanted, BufferedImage into, int x, int y, RowDrawing drawing) {
        byte[] bytes = ((DataBufferByte) into.getRaster().getDataBuffer()).getData();
        Places across = turned
                ? new Places(height, wanted.x, wanted.width, back.getShearY(), back.getTranslateY())
                : new Places(width, wanted.x, wanted.width, back.getScaleX(), back.getTranslateX());
        Places down = turned
                ? new Places(width, wanted.y, wanted.height, back.getShearX(), back.getTranslateX())
                : new Places(height, wanted.y, wanted.height, back.getScaleY(), back.getTranslateY());
        int step = into.getRaster().getNumDataElements();
        int line = step * into.getWidth();
        IntStream bands = IntStream.range(0, (wanted.height + BAND - 1) / BAND);
        (wanted.width * wanted.height < FEW ? bands : bands.parallel()).forEach(band -> {
            Rows rows = new Rows(pixels, across);
            int end = Math.min(wanted.height, (band + 1) * BAND);
            for (int row = band * BAND; row < end; row++) {
                rows.keep(down.first[row], down.second[row]);
                drawing.draw(rows, down.share[row], bytes, (y + row) * line + step * x);
            }
        });
    }

    /** For each wanted pixel along an axis: the two of the picture it lies between, in bytes, and how far it is to the second. */
    private static final class Places {
        private final int[] first;
        private final int[] second;
        private final int[] share;

        Places(Axis axis, int start, int count, double scale, double shift) {
            first = new int[count];
            second = new int[count];
            share = new int[count];
            for (int i = 0; i < count; i++) {
                double at = Math.max(0, Math.min(axis.pixels - 1.0, (start + i + 0.5) * scale + shift - 0.5));
                int whole = (int) at;
                first[i] = whole * axis.step;
                second[i] = Math.min(axis.pixels - 1, whole + 1) * axis.step;
                share[i] = (int) Math.round((at - whole) * ONE);
            }
        }
    }

    /** Mixes rows, of which the last two are kept: the next wanted one most often lies between the same or begins with the second. */
    private static final class Rows {
        private final byte[] pixels;
        private final Places across;
        private long[] upper;
        private long[] lower;
        private int upperAt = -1;
        private int lowerAt = -1;

        Rows(byte[] pixels, Places across) {
            this.pixels = pixels;
            this.across = across;
            upper = new long[across.first.length];
            lower = new long[across.first.length];
        }

        void write(int share, byte[] into, int start) {
            mix(upper, lower, share, into, start);
        }

        void writeSolid(int share, byte[] into, int start) {
            int rest = ONE - share;
            for (int i = 0, at = start; i < upper.length; i++, at += Integer.BYTES) {
                long mixed = upper[i] * rest + lower[i] * share + HALVES >>> 2 * BITS;
                FOUR.set(into, at, (int) (0xff
                        | (mixed & 0xff) << 8
                        | (mixed >>> FIELD - 16 & 0xff0000)
                        | (mixed >>> 2 * FIELD - 24 & 0xff000000L)));
            }
        }

        void lay(int share, byte[] into, int start, SolidBlend blend) {
            int rest = ONE - share;
            for (int i = 0, at = start; i < upper.length; i++, at += 3) {
                long mixed = upper[i] * rest + lower[i] * share + HALVES >>> 2 * BITS;
                into[at] = (byte) blend.of(into[at] & 255, (int) mixed & 255);
                into[at + 1] = (byte) blend.of(into[at + 1] & 255, (int) (mixed >>> FIELD) & 255);
                into[at + 2] = (byte) blend.of(into[at + 2] & 255, (int) (mixed >>> 2 * FIELD) & 255);
            }
        }

        void keep(int first, int second) {
            if (first != upperAt) {
                long[] other = upper;
                int otherAt = upperAt;
                upper = lower;
                upperAt = lowerAt;
                lower = other;
                lowerAt = otherAt;
            }
            if (first != upperAt) {
                along(pixels, first, across, upper);
                upperAt = first;
            }
            if (second != lowerAt) {
                along(pixels, second, across, lower);
                lowerAt = second;
            }
        }

        private static void along(byte[] pixels, int line, Places across, long[] mixed) {
            int[] firsts = across.first;
            int[] seconds = across.second;
            int[] shares = across.share;
            int lastAt = -1;
            long last = 0;
            for (int i = 0; i < mixed.length; i++) {
                int second = seconds[i];
                long here = firsts[i] == lastAt ? last : packed(pixels, line + firsts[i]);
                long next = packed(pixels, line + second);
                mixed[i] = here * (ONE - shares[i]) + next * shares[i];
                last = next;
                lastAt = second;
            }
        }

        /** The three values there, read at once with the one before them. */
        private static long packed(byte[] pixels, int at) {
            int read = at == 0 ? (int) FOUR.get(pixels, 0) << 8 : (int) FOUR.get(pixels, at - 1);
            return read >>> 8 & 0xffL | (read & 0xff0000L) << FIELD - 16 | (read & 0xff000000L) << 2 * FIELD - 24;
        }

        private static void mix(long[] upper, long[] lower, int share, byte[] into, int start) {
            int rest = ONE - share;
            for (int i = 0, at = start; i < upper.length; i++, at += 3) {
                long mixed = upper[i] * rest + lower[i] * share + HALVES >>> 2 * BITS;
                into[at] = (byte) mixed;
                into[at + 1] = (byte) (mixed >>> FIELD);
                into[at + 2] = (byte) (mixed >>> 2 * FIELD);
            }
        }
    }
}
