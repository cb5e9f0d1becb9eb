package wovenset.core.adjust;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.stream.IntStream;
import wovenset.core.photo.Adjustment;
import wovenset.core.photo.Adjustments;

/**
 * Changes light and colour of decoded pixels. Each channel goes through a table of its own ({@link Tone}); then colours move away from their
 * grey, or towards it: v' = Y + (1 + s)·(v − Y), Y the pixel's luma. Cost: linear in the pixels, three look-ups and some ten sums each,
 * on all processors.
 */
public final class Adjusting {
    private final float[][] tables = new float[3][256];
    private final float saturation;

    private Adjusting(Adjustments adjustments) {
        Tone tone = new Tone(adjustments);
        for (int channel = 0; channel < 3; channel++) {
            for (int value = 0; value < 256; value++) {
                tables[channel][value] = (float) (255 * tone.of(value / 255.0, channel));
            }
        }
        saturation = (float) (1 + adjustments.of(Adjustment.SATURATION) / 100);
    }

    /**
     * The pixels with these adjustments; the same image if there are none. What is clear stays as clear.
     *
     * @param image in sRGB, which stays as it is
     */
    public static BufferedImage of(BufferedImage image, Adjustments adjustments) {
        if (adjustments.areNone()) {
            return image;
        }
        BufferedImage from = inBytes(image);
        BufferedImage to = new BufferedImage(from.getWidth(), from.getHeight(), from.getType());
        Adjusting adjusting = new Adjusting(adjustments);
        IntStream.range(0, from.getHeight()).parallel().forEach(row -> adjusting.row(from, to, row));
        return to;
    }

    /** In bytes blue, green, red, with alpha before them if it has some. */
    private static BufferedImage inBytes(BufferedImage image) {
        int type = image.getColorModel().hasAlpha() ? BufferedImage.TYPE_4BYTE_ABGR_PRE : BufferedImage.TYPE_3BYTE_BGR;
        if (image.getType() == type && image.getRaster().getParent() == null) {
            return image;
        }
        BufferedImage bytes = new BufferedImage(image.getWidth(), image.getHeight(), type);
        Graphics2D graphics = bytes.createGraphics();
        graphics.drawImage(image, 0, 0, null);
        graphics.dispose();
        return bytes;
    }

    private void row(BufferedImage from, BufferedImage to, int row) {
        byte[] source = ((DataBufferByte) from.getRaster().getDataBuffer()).getData();
        byte[] target = ((DataBufferByte) to.getRaster().getDataBuffer()).getData();
        boolean clear = from.getColorModel().hasAlpha();
        int step = clear ? 4 : 3;
        int end = (row + 1) * from.getWidth() * step;
        for (int at = row * from.getWidth() * step; at < end; at += step) {
            int alpha = clear ? source[at] & 0xff : 255;
            int first = at + step - 3;
            if (clear) {
                target[at] = source[at];
            }
            if (alpha > 0) {
                pixel(source, target, first, alpha);
            }
        }
    }

    private void pixel(byte[] source, byte[] target, int at, int alpha) {
        float blue = tables[2][whole(source[at], alpha)];
        float green = tables[1][whole(source[at + 1], alpha)];
        float red = tables[0][whole(source[at + 2], alpha)];
        float luma = (float) Tone.RED * red + (float) Tone.GREEN * green + (float) Tone.BLUE * blue;
        target[at] = rounded(luma + saturation * (blue - luma), alpha);
        target[at + 1] = rounded(luma + saturation * (green - luma), alpha);
        target[at + 2] = rounded(luma + saturation * (red - luma), alpha);
    }

    /** A colour as it is where nothing is clear: pixels with alpha have it in their colours already. */
    private static int whole(byte value, int alpha) {
        int v = value & 0xff;
        return alpha == 255 ? v : Math.min(255, (v * 255 + alpha / 2) / alpha);
    }

    private static byte rounded(float value, int alpha) {
        float within = Math.max(0, Math.min(255, value));
        return (byte) (alpha == 255 ? within + 0.5f : within * alpha / 255 + 0.5f);
    }
}
