package wovenset.core.paint;

import java.awt.Rectangle;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import wovenset.core.display.Fade;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.Smoothstep;

/** How solid each pixel of a region of a device is under a fade, 0 to 1. Cost: linear in its pixels, see {@link SoftMask}. */
@FunctionalInterface
public interface FadeMask {
    double at(int x, int y);

    /** @param region of the device that is asked for */
    static FadeMask of(Fade fade, AffineTransform toDevice, Rectangle region) {
        return fade.accept(new Fade.Visitor<>() {
            @Override
            public FadeMask softShape(Fade.SoftShape soft) {
                double sigma = soft.sigmaMm() * Math.sqrt(Math.abs(toDevice.getDeterminant()));
                Shape shape = toDevice.createTransformedShape(soft.shape().path());
                return SoftMask.of(shape, region, sigma)::at;
            }

            @Override
            public FadeMask downwards(Fade.Downwards down) {
                AffineTransform from = inverse(toDevice);
                return (x, y) -> {
                    double at = from.getShearY() * (x + 0.5) + from.getScaleY() * (y + 0.5) + from.getTranslateY();
                    double gone = (at - down.fromY()) / (down.toY() - down.fromY());
                    return down.solid() * (1 - Math.max(0, Math.min(1, gone)));
                };
            }

            @Override
            public FadeMask along(Fade.Along along) {
                AffineTransform from = inverse(toDevice);
                double wayX = along.toX() - along.fromX();
                double wayY = along.toY() - along.fromY();
                double length = wayX * wayX + wayY * wayY;
                return onPage(from, (x, y) -> left(((x - along.fromX()) * wayX + (y - along.fromY()) * wayY) / length));
            }

            @Override
            public FadeMask around(Fade.Around around) {
                BoxMm box = around.box();
                return onPage(inverse(toDevice), (x, y) -> {
                    double out = Math.hypot(
                            (x - box.centreX()) / (box.width() / 2), (y - box.centreY()) / (box.height() / 2));
                    return left((out - around.from()) / (around.to() - around.from()));
                });
            }
        });
    }

    /** How solid each place of the page is. */
    @FunctionalInterface
    interface OnPage {
        double at(double x, double y);
    }

    private static FadeMask onPage(AffineTransform from, OnPage solid) {
        return (x, y) -> solid.at(
                from.getScaleX() * (x + 0.5) + from.getShearX() * (y + 0.5) + from.getTranslateX(),
                from.getShearY() * (x + 0.5) + from.getScaleY() * (y + 0.5) + from.getTranslateY());
    }

    /** What is left after a share of the way: 1 − 3t² + 2t³, which begins and ends without a visible edge. */
    private static double left(double share) {
        return 1 - Smoothstep.of(share);
    }

    /** What maps back from the device; the identity where all falls together. */
    static AffineTransform inverse(AffineTransform transform) {
        try {
            return transform.createInverse();
        } catch (NoninvertibleTransformException e) {
            return new AffineTransform();
        }
    }

    /** @param layer of premultiplied pixels, whose first one lies at the region's corner */
    default void apply(BufferedImage layer, Rectangle region) {
        int[] pixels = ((DataBufferInt) layer.getRaster().getDataBuffer()).getData();
        for (int y = 0; y < region.height; y++) {
            for (int x = 0; x < region.width; x++) {
                int i = y * region.width + x;
                if (pixels[i] != 0) {
                    pixels[i] = scaled(pixels[i], at(region.x + x, region.y + y));
                }
            }
        }
    }

    private static int scaled(int pixel, double by) {
        int factor = (int) Math.round(256 * by);
        int alphaGreen = (pixel >>> 8 & 0xff00ff) * factor & 0xff00ff00;
        int redBlue = (pixel & 0xff00ff) * factor >>> 8 & 0xff00ff;
        return alphaGreen | redBlue;
    }

    /** A byte for each pixel, row by row: 255 where all is solid, 0 where nothing shows. */
    default byte[] grey(int width, int height) {
        byte[] levels = new byte[width * height];
        for (int i = 0; i < levels.length; i++) {
            levels[i] = (byte) Math.round(255 * at(i % width, i / width));
        }
        return levels;
    }
}
