package wovenset.core.adjust;

import java.awt.Color;
import wovenset.core.ink.Rgb;

/** Treatments of each pixel by itself; Y is its luma, 0 to 1, and all colours are as sRGB encodes them. */
final class Tinting {
    static final Rgb SEPIA_DARK = new Rgb("#2a1b10");
    static final Rgb SEPIA_LIGHT = new Rgb("#fbf0dc");

    static final float FADED_BLACK = 31;
    static final float FADED_SPAN = 0.8f;
    static final float FADED_COLOUR = 0.6f;
    static final float FADED_WARMTH = 6;

    private Tinting() {}

    /** What becomes of one pixel. */
    private interface Pixel {
        void change(float[] colours, int at);
    }

    private static ByteRows.Row each(Pixel pixel) {
        return (row, colours) -> {
            for (int at = 0; at < colours.length; at += 3) {
                pixel.change(colours, at);
            }
        };
    }

    /** A grey of so much of each channel: w·(r, g, b). */
    static ByteRows.Row grey(double red, double green, double blue) {
        return each((colours, at) -> {
            float grey = (float) (red * colours[at] + green * colours[at + 1] + blue * colours[at + 2]);
            set(colours, at, grey, grey, grey);
        });
    }

    /** D + Y·(L − D). */
    static ByteRows.Row between(Rgb dark, Rgb light) {
        Color from = dark.awt();
        Color to = light.awt();
        return each((colours, at) -> {
            float y = light(colours, at);
            set(
                    colours,
                    at,
                    from.getRed() + y * (to.getRed() - from.getRed()),
                    from.getGreen() + y * (to.getGreen() - from.getGreen()),
                    from.getBlue() + y * (to.getBlue() - from.getBlue()));
        });
    }

    /** From black through the colour, where its own luma is Y, to white. */
    static ByteRows.Row through(Rgb colour) {
        Color through = colour.awt();
        float own = Math.max(
                1 / 255f,
                Math.min(254 / 255f, Toned.luma(through.getRed(), through.getGreen(), through.getBlue()) / 255));
        return each((colours, at) -> {
            float y = light(colours, at);
            float share = y < own ? y / own : (1 - y) / (1 - own);
            float rest = y < own ? 0 : 255 * (1 - share);
            set(
                    colours,
                    at,
                    share * through.getRed() + rest,
                    share * through.getGreen() + rest,
                    share * through.getBlue() + rest);
        });
    }

    /** Black is lifted, colours are paler, and the paper is yellowish. */
    static ByteRows.Row faded() {
        return each((colours, at) -> {
            float luma = Toned.luma(colours[at], colours[at + 1], colours[at + 2]);
            for (int c = 0; c < 3; c++) {
                float paler = luma + FADED_COLOUR * (colours[at + c] - luma);
                colours[at + c] = FADED_BLACK + FADED_SPAN * paler + (1 - c) * FADED_WARMTH;
            }
        });
    }

    /** Each channel by so much; black and white keep their light. */
    static ByteRows.Row toned(double red, double green, double blue) {
        float[] gains = {(float) red, (float) green, (float) blue};
        return each((colours, at) -> {
            for (int c = 0; c < 3; c++) {
                float v = Within.one(colours[at + c] / 255);
                // 1 for middle tones, 0 at both ends.
                float middle = 4 * v * (1 - v);
                colours[at + c] = 255 * (v + (gains[c] - 1) * middle * 0.7f);
            }
        });
    }

    private static float light(float[] colours, int at) {
        return Within.one(Toned.luma(colours[at], colours[at + 1], colours[at + 2]) / 255);
    }

    private static void set(float[] colours, int at, float red, float green, float blue) {
        colours[at] = red;
        colours[at + 1] = green;
        colours[at + 2] = blue;
    }
}
