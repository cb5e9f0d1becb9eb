package wovenset.core.adjust;

import java.awt.Color;
import java.util.Optional;
import wovenset.core.adjust.Surroundings.Around;
import wovenset.core.ink.Rgb;

/**
 * Treatments that look at what lies around a pixel. All widths are shares of the photo's longer side. Lines are differences of two Gaussians
 * (Winnemöller, Kyprianidis and Olsen, 2012).
 */
final class Drawn {
    /** Squares along the longer side. */
    static final int SQUARES = 48;

    static final double LEAD = 0.006;
    static final double LINE = 0.0011;
    /** The wider of two Gaussians by the narrower. */
    static final double WIDER = 1.6;

    private static final double FINEST = 0.7;

    static final double PLAIN = 0.0025;
    static final int TONES = 4;

    /** Brush strokes are laid in a picture of this many pixels along its longer side, so that they are as wide on screen as in print. */
    private static final int BRUSHED = 1000;

    private static final int STROKE = 11;

    private Drawn() {}

    static ByteRows.Row pixels(Surroundings around) {
        double side = Math.max(1, around.longEdge() / (double) SQUARES);
        Samples squares = around.colours((int) Math.max(1, Math.round(around.rows.width / side)), (int)
                Math.max(1, Math.round(around.rows.height / side)));
        return (row, colours) -> {
            float[] from = squares.row(Math.min(squares.height - 1, row * squares.height / around.rows.height));
            int width = around.rows.width;
            for (int square = 0, x = 0; square < squares.width; square++) {
                int end = Math.min(width, ((square + 1) * width + squares.width - 1) / squares.width);
                for (; x < end; x++) {
                    System.arraycopy(from, 3 * square, colours, 3 * x, 3);
                }
            }
        };
    }

    static ByteRows.Row brush(Surroundings around) {
        double scale = Math.min(1, BRUSHED / (double) around.longEdge());
        double wide = around.longEdge() * scale / BRUSHED;
        Samples painted = Strokes.painted(
                around.colours((int) Math.max(1, Math.round(around.rows.width * scale)), (int)
                        Math.max(1, Math.round(around.rows.height * scale))),
                (int) Math.max(2, Math.round(STROKE * wide)));
        Around strokes = around.between(painted);
        return (row, colours) -> System.arraycopy(strokes.row(row), 0, colours, 0, colours.length);
    }

    /** Y by the light around it: plain areas stay white, edges are drawn. */
    static ByteRows.Row pencil(Surroundings around) {
        Optional<Around> light = around.light(LEAD);
        return (row, colours) -> {
            float[] blurred = light(light, row, colours);
            for (int at = 0; at < colours.length; at += 3) {
                float y = luma(colours, at);
                float share = Within.one((y + 4) / (blurred[at / 3] + 4));
                float lead = 255 * Math.max(0.12f, 1 - 2.2f * (1 - share)) - 0.06f * (255 - y);
                colours[at] = lead;
                colours[at + 1] = lead;
                colours[at + 2] = lead;
            }
        };
    }

    static ByteRows.Row ink(Surroundings around, Rgb ink, Rgb paper) {
        Optional<Around> narrow = around.light(line(around));
        Optional<Around> wide = around.light(WIDER * line(around));
        Color dark = ink.awt();
        Color light = paper.awt();
        return (row, colours) -> {
            float[] fine = light(narrow, row, colours);
            float[] broad = light(wide, row, colours);
            for (int at = 0; at < colours.length; at += 3) {
                float line = 1 + 0.09f * (fine[at / 3] - broad[at / 3]);
                // Deep shadows are filled.
                float filled = Within.smooth((broad[at / 3] - 30) / 40);
                float share = Within.one(line) * filled;
                colours[at] = dark.getRed() + share * (light.getRed() - dark.getRed());
                colours[at + 1] = dark.getGreen() + share * (light.getGreen() - dark.getGreen());
                colours[at + 2] = dark.getBlue() + share * (light.getBlue() - dark.getBlue());
            }
        };
    }

    static ByteRows.Row poster(Surroundings around) {
        Optional<Around> plain = around.colours(PLAIN);
        return (row, colours) -> {
            float[] from = plain.map(one -> one.row(row)).orElse(colours);
            for (int at = 0; at < colours.length; at += 3) {
                float y = Math.max(1, Math.min(255, luma(from, at)));
                float tone = y / 255 * (TONES - 1);
                int below = (int) tone;
                float plainTone = 255 * (below + Within.smooth((tone - below - 0.4f) / 0.2f)) / (TONES - 1);
                // In the lightest tone and the darkest no colour is left else.
                float step = 0.1f * 255 + 0.82f * plainTone;
                for (int c = 0; c < 3; c++) {
                    colours[at + c] = step + 1.3f * (from[at + c] - y);
                }
            }
        };
    }

    static ByteRows.Row glow(Surroundings around) {
        Optional<Around> narrow = around.light(line(around));
        Optional<Around> wide = around.colours(2 * WIDER * line(around));
        return (row, colours) -> {
            float[] fine = light(narrow, row, colours);
            float[] broad = wide.map(one -> one.row(row)).orElse(colours);
            for (int at = 0; at < colours.length; at += 3) {
                float edge = Math.abs(fine[at / 3] - luma(broad, at));
                float shine = Within.one(0.06f * (edge - 2.5f));
                float most = larger(larger(1, broad[at]), larger(broad[at + 1], broad[at + 2]));
                for (int c = 0; c < 3; c++) {
                    float hue = 255 * broad[at + c] / most;
                    colours[at + c] = 8 + 0.12f * broad[at + c] + shine * (0.35f * 255 + 0.65f * hue);
                }
            }
        };
    }

    /** A line is never finer than pixels can show it. */
    private static double line(Surroundings around) {
        return Math.max(LINE, FINEST / around.longEdge());
    }

    private static float larger(float one, float other) {
        return one > other ? one : other;
    }

    private static float[] light(Optional<Around> around, int row, float[] colours) {
        if (around.isPresent()) {
            return around.get().row(row);
        }
        float[] own = new float[colours.length / 3];
        for (int x = 0; x < own.length; x++) {
            own[x] = luma(colours, 3 * x);
        }
        return own;
    }

    private static float luma(float[] colours, int at) {
        return Toned.luma(colours[at], colours[at + 1], colours[at + 2]);
    }
}
