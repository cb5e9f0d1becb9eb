package wovenset.core.paint;

import java.awt.Composite;
import java.awt.CompositeContext;
import java.awt.RenderingHints;
import java.awt.image.ColorModel;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import wovenset.core.ink.Blend;

/**
 * Lays pixels on others as a blend has it: with the alphas a of what is laid on and b of what lies behind, the colour is
 * {@code a (1 − b) own + a b blend(behind, own) + (1 − a) b behind}, over the alpha {@code a + b − a b}. A table has the blend of
 * each two of 256 levels. Cost: linear in the pixels.
 */
final class BlendComposite implements Composite {
    private static final int LEVELS = 256;

    private final double opacity;
    private final byte[] table = new byte[LEVELS * LEVELS];

    BlendComposite(Blend blend, double opacity) {
        this.opacity = opacity;
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
                int width = Math.min(src.getWidth(), dstIn.getWidth());
                int height = Math.min(src.getHeight(), dstIn.getHeight());
                Object ownPixel = null;
                Object behindPixel = null;
                Object laidPixel = null;
                for (int y = 0; y < height; y++) {
                    for (int x = 0; x < width; x++) {
                        ownPixel = src.getDataElements(x + src.getMinX(), y + src.getMinY(), ownPixel);
                        int top = own.getRGB(ownPixel);
                        if (top >>> 24 == 0) {
                            continue;
                        }
                        behindPixel = dstIn.getDataElements(x + dstIn.getMinX(), y + dstIn.getMinY(), behindPixel);
                        laidPixel = behind.getDataElements(laid(top, behind.getRGB(behindPixel)), laidPixel);
                        dstOut.setDataElements(x + dstOut.getMinX(), y + dstOut.getMinY(), laidPixel);
                    }
                }
            }
        };
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
