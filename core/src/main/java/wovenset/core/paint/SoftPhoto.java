package wovenset.core.paint;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import wovenset.core.display.Op;
import wovenset.core.picture.DerivedPixels;

/**
 * A softened photo at as few pixels as show it: reduced until the Gaussian's σ is {@value #SIGMA} pixels, and blurred there. The same
 * whatever it is drawn for, so that screen and print agree; the softer, the cheaper. Cost: linear in the reduced photo's pixels.
 */
public final class SoftPhoto {
    /** Pixels; enough that what is enlarged from it shows no steps. */
    private static final double SIGMA = 4;

    private static final double MOST_PIXELS = 3000;

    private SoftPhoto() {}

    static BufferedImage of(Op.SoftImage soft, PhotoRasters rasters) {
        Op.Image image = soft.image();
        double sigma = soft.sigmaMm() / image.mmPerPixel();
        double scale = Math.min(1, SIGMA / sigma);
        return DerivedPixels.softened(
                rasters.raster(image.pixels(), scale),
                reduced(image.widthPx(), scale),
                reduced(image.heightPx(), scale),
                sigma * scale);
    }

    /** The same at this many pixels a millimetre, for a program that may show pixels that it enlarges as squares. */
    public static BufferedImage fine(Op.SoftImage soft, PhotoRasters rasters, double pixelsPerMm) {
        BufferedImage small = of(soft, rasters);
        double wanted = soft.image().mmPerPixel() * soft.image().widthPx() * pixelsPerMm;
        double by = Math.max(1, Math.min(wanted, MOST_PIXELS) / small.getWidth());
        BufferedImage fine = new BufferedImage(
                (int) Math.round(small.getWidth() * by), (int) Math.round(small.getHeight() * by), small.getType());
        Graphics2D graphics = fine.createGraphics();
        RasterBackend.prepare(graphics);
        graphics.drawImage(small, 0, 0, fine.getWidth(), fine.getHeight(), null);
        graphics.dispose();
        return fine;
    }

    private static int reduced(int pixels, double scale) {
        return (int) Math.max(1, Math.round(pixels * scale));
    }
}
