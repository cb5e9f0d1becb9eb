package wovenset.core.paint;

import java.awt.Composite;
import java.awt.CompositeContext;
import java.awt.RenderingHints;
import java.awt.image.ColorModel;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.util.Optional;
import java.util.stream.IntStream;
import wovenset.core.ink.Blend;

/**
 * Lays pixels on others as a blend has it: with the alphas a of what is laid on and b of what lies behind, the colour is
 * {@code a (1 − b) own + a b blend(behind, own) + (1 − a) b behind}, over the alpha {@code a + b − a b}. A table has the blend of
 * each two of 256 levels, another what comes of two where both are solid, as nearly all are. Cost: linear in the pixels.
 */
final class BlendComposite implements Composite {
    private static final int LEVELS = SolidBlend.LEVELS;

    private final double opacity;
    private final byte[] table = new byte[LEVELS * LEVELS];
    private final SolidBlend solid;

    BlendComposite(Blend blend, double opacity) {
        this.opacity = opacity;
        solid = SolidBlend.of(blend, opacity);
        for (int behind = 0; behind < LEVELS; behind++) {
            for (int own = 0; own < LEVELS; own++) {
                table[behind * LEVELS + own] = (byte) Math.round(255 * blend.of(behind / 255.0, own / 255.0));
            }
        }
    }

    @Override
    public CompositeContext createContext(ColorModel own, ColorModel behind, RenderingHints hints) {
        return new CompositeContext() {
            @Override
            public void dispose() {
                // Holds nothing.
            }

            @Override
            public void compose(Raster src, Raster dstIn, WritableRaster dstOut) {
                if (composeBytes(src, dstIn, dstOut)) {
                    return;
                }
                int width = Math.min(src.getWidth(), dstIn.getWidth());
                int height = Math.min(src.getHeight(), dstIn.getHeight());
                PixelRow ownRow = new PixelRow(src, width);
                PixelRow behindRow = new PixelRow(dstIn, width);
                for (int y = 0; y < height; y++) {
                    int[] top = ownRow.read(src, y);
                    int[] below = behindRow.read(dstIn, y);
                    for (int x = 0; x < width; x++) {
                        if ((top[x] & below[x]) >>> 24 == 255) {
                            below[x] = solid(top[x], below[x]);
                        } else if (top[x] >>> 24 != 0) {
                            below[x] = kept(laid(apart(top[x], own), apart(below[x], behind)), behind);
                        }
                    }
                    behindRow.write(dstOut, y);
                }
            }
        };
    }

    /** The same, byte by byte and on all processors, where nothing can be clear; whether that is so. */
    private boolean composeBytes(Raster src, Raster dstIn, WritableRaster dstOut) {
        Optional<SolidRows> top = SolidRows.of(src);
        Optional<SolidRows> below = SolidRows.of(dstIn);
        if (top.isEmpty() || below.isEmpty() || !dstIn.getDataBuffer().equals(dstOut.getDataBuffer())) {
            return false;
        }
        int bytes = 3 * Math.min(src.getWidth(), dstIn.getWidth());
        byte[] from = top.get().data();
        byte[] into = below.get().data();
        IntStream.range(0, Math.min(src.getHeight(), dstIn.getHeight()))
                .parallel()
                .forEach(row ->
                        solid.lay(from, top.get().row(row), into, below.get().row(row), bytes));
        return true;
    }

    private int solid(int top, int below) {
        return 0xff000000
                | solid.of(below >> 16 & 255, top >> 16 & 255) << 16
                | solid.of(below >> 8 & 255, top >> 8 & 255) << 8
                | solid.of(below & 255, top & 255);
    }

    /** With alpha apart from colour, as a model that has both in one says it. */
    private static int apart(int pixel, ColorModel model) {
        int alpha = pixel >>> 24;
        if (!model.isAlphaPremultiplied() || alpha == 255 || alpha == 0) {
            return pixel;
        }
        int apart = alpha << 24;
        for (int shift = 0; shift <= 16; shift += 8) {
            apart |= Math.min(255, Math.round((pixel >> shift & 255) * 255f / alpha)) << shift;
        }
        return apart;
    }

    /** As the model keeps it. */
    private static int kept(int pixel, ColorModel model) {
        int alpha = pixel >>> 24;
        if (!model.isAlphaPremultiplied() || alpha == 255) {
            return pixel;
        }
        int kept = alpha << 24;
        for (int shift = 0; shift <= 16; shift += 8) {
            kept |= Math.round((pixel >> shift & 255) * alpha / 255f) << shift;
        }
        return kept;
    }

    /** Both, and what comes of them, with alpha apart from colour. */
    private int laid(int own, int behind) {
        double a = (own >>> 24) / 255.0 * opacity;
        double b = (behind >>> 24) / 255.0;
        double alpha = a + b - a * b;
        int laid = (int) Math.round(255 * alpha) << 24;
        for (int shift = 0; shift <= 16; shift += 8) {
            int top = own >> shift & 255;
            int below = behind >> shift & 255;
            int blended = table[below * LEVELS + top] & 255;
            double colour = (a * (1 - b) * top + a * b * blended + (1 - a) * b * below) / alpha;
            laid |= (int) Math.min(255, Math.round(colour)) << shift;
        }
        return laid;
    }
}
