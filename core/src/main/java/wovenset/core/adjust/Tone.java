package wovenset.core.adjust;

import wovenset.core.ink.Srgb;
import wovenset.core.photo.Adjustment;
import wovenset.core.photo.Adjustments;
import wovenset.core.photo.Balance;

/**
 * What becomes of one channel of a pixel before colours are made stronger or weaker. Values are from 0 to 1, encoded as sRGB has it (IEC
 * 61966-2-1); light is added and colours of light are changed in linear light, tones in the encoding, which is about as the eye sees them.
 */
final class Tone {
    /** Of luminance (ITU-R BT.709). */
    static final double RED = 0.2126;

    static final double GREEN = 0.7152;
    static final double BLUE = 0.0722;

    /** The most at which a curve still rises all the way. */
    private static final double ENDS = 0.95;
    /** At -100 percent contrast so much of it is gone. */
    private static final double FLATTEST = 0.6;

    private final double brightness;
    private final double contrast;
    private final double highlights;
    private final double shadows;
    private final double[] gains;

    Tone(Adjustments adjustments) {
        brightness = Math.pow(2, -adjustments.of(Adjustment.BRIGHTNESS) / 100);
        contrast = adjustments.of(Adjustment.CONTRAST) / 100;
        highlights = adjustments.of(Adjustment.HIGHLIGHTS) / 100;
        shadows = adjustments.of(Adjustment.SHADOWS) / 100;
        double warm = Balance.WARM_STOPS * adjustments.of(Adjustment.WARMTH) / 100;
        double red = Math.pow(2, warm);
        double green = Math.pow(2, -Balance.TINT_STOPS * adjustments.of(Adjustment.TINT) / 100);
        double blue = Math.pow(2, -warm);
        // A grey keeps its luminance under another light.
        double light = Math.pow(2, adjustments.of(Adjustment.EXPOSURE)) / (RED * red + GREEN * green + BLUE * blue);
        gains = new double[] {red * light, green * light, blue * light};
    }

    /** @param channel 0 red, 1 green, 2 blue */
    double of(double value, int channel) {
        double v = Srgb.encoded(Math.min(1, gains[channel] * Srgb.linear(value)));
        v = Math.pow(v, brightness);
        v += ENDS * (shadows * v * cube(1 - v) + highlights * cube(v) * (1 - v));
        return contrasted(v);
    }

    private double contrasted(double v) {
        double fromMiddle = 2 * v - 1;
        if (contrast < 0) {
            return 0.5 + 0.5 * fromMiddle * (1 + FLATTEST * contrast);
        }
        double steep = 1 - Math.pow(1 - Math.abs(fromMiddle), Math.pow(2, contrast));
        return 0.5 + 0.5 * Math.signum(fromMiddle) * steep;
    }

    private static double cube(double v) {
        return v * v * v;
    }
}
