package wovenset.core.adjust;

import wovenset.core.photo.Adjustment;
import wovenset.core.photo.Adjustments;

/**
 * Light and colour of one pixel. Each channel goes through a table of its own ({@link Tone}); then colours move away from their grey, or
 * towards it: v' = Y + (1 + s)·(v − Y), Y the pixel's luma.
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
        saturation = (float) (1 + adjustments.of(Adjustment.SATURATION) / 100);
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
        into[at] = luma + saturation * (r - luma);
        into[at + 1] = luma + saturation * (g - luma);
        into[at + 2] = luma + saturation * (b - luma);
    }

    static float luma(float red, float green, float blue) {
        return (float) Tone.RED * red + (float) Tone.GREEN * green + (float) Tone.BLUE * blue;
    }
}
