package wovenset.core.adjust;

import wovenset.core.photo.Adjustment;
import wovenset.core.photo.Adjustments;

/**
 * Light and colour of one pixel. Each channel goes through a table of its own ({@link Tone}); then colours move away from their grey, or
 * towards it: v' = v + s·(v − Y), Y the pixel's luma.
 */
final class Toned {
    private final float[][] tables = new float[3][256];
    private final float saturation;

    Toned(Adjustments adjustments) {
        Tone tone = new Tone(adjustments);
        for (int channel = 0; channel < 3; channel++) {
            for (int value = 0; value < 256; value++) {
                tables[channel][value] = (float) (255 * tone.of(value / 255.0, channel));
            }
        }
        saturation = (float) (adjustments.of(Adjustment.SATURATION) / 100);
    }

    /** Whether no channel changes with the others: then looking up bytes is all there is to do. */
    boolean keepsChannelsApart() {
        return saturation == 0;
    }

    /**
     * What becomes of each value of a channel by itself.
     *
     * @param channel red, green, blue
     */
    byte[] levels(int channel) {
        byte[] levels = new byte[256];
        for (int value = 0; value < levels.length; value++) {
            levels[value] = ByteRows.rounded(tables[channel][value]);
        }
        return levels;
    }

    /**
     * A pixel's colour, each channel 0 to 255.
     *
     * @param into takes red, green and blue from this place on, which may lie outside 0 to 255
     */
    void pixel(int red, int green, int blue, float[] into, int at) {
        float r = tables[0][red];
        float g = tables[1][green];
        float b = tables[2][blue];
        float luma = luma(r, g, b);
        into[at] = r + saturation * (r - luma);
        into[at + 1] = g + saturation * (g - luma);
        into[at + 2] = b + saturation * (b - luma);
    }

    /**
     * The lumas alone of a row of pixels.
     *
     * @param bytes blue, green and red of each pixel
     * @param from the first of the row
     */
    void light(byte[] bytes, int from, float[] into) {
        // Names of its own for the tables: they are looked up once, not for each pixel.
        float[] reds = tables[0];
        float[] greens = tables[1];
        float[] blues = tables[2];
        for (int x = 0, at = from; x < into.length; x++, at += 3) {
            into[x] = luma(reds[bytes[at + 2] & 255], greens[bytes[at + 1] & 255], blues[bytes[at] & 255]);
        }
    }

    /**
     * The colours of a row of pixels, none of which is clear.
     *
     * @param into takes red, green and blue of each
     */
    void row(byte[] bytes, int from, float[] into) {
        float[] reds = tables[0];
        float[] greens = tables[1];
        float[] blues = tables[2];
        float saturated = saturation;
        for (int x = 0, at = from; x < into.length; x += 3, at += 3) {
            float r = reds[bytes[at + 2] & 255];
            float g = greens[bytes[at + 1] & 255];
            float b = blues[bytes[at] & 255];
            float luma = luma(r, g, b);
            into[x] = r + saturated * (r - luma);
            into[x + 1] = g + saturated * (g - luma);
            into[x + 2] = b + saturated * (b - luma);
        }
    }

    static float luma(float red, float green, float blue) {
        return (float) Tone.RED * red + (float) Tone.GREEN * green + (float) Tone.BLUE * blue;
    }
}
