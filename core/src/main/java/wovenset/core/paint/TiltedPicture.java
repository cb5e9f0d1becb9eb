package wovenset.core.paint;

import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.Arrays;
import java.util.stream.IntStream;
import wovenset.core.display.Op;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.Perspective;

/**
 * Pictures of what is seen at a slant: the plane is drawn straight on, as fine as its nearest part is seen, and each pixel is the mean of
 * four places of it, each interpolated between its four pixels. Only what is seen of the plane is drawn. Cost: linear in the pixels of
 * plane and picture.
 */
public final class TiltedPicture {
    /** What is nearer than this many times as large is drawn no finer. */
    private static final double MOST_ENLARGED = 2;

    private static final double[] PLACES = {0.25, 0.75};

    private final Op.Tilted tilted;
    private final AffineTransform toDevice;
    private final AffineTransform fromDevice;
    private final Rectangle region;

    private TiltedPicture(Op.Tilted tilted, AffineTransform toDevice, Rectangle region) {
        this.tilted = tilted;
        this.toDevice = toDevice;
        this.fromDevice = FadeMask.inverse(toDevice);
        this.region = region;
    }

    /** A picture of this region of the device, of premultiplied pixels. */
    public static BufferedImage of(Op.Tilted tilted, PhotoRasters rasters, AffineTransform toDevice, Rectangle region) {
        return new TiltedPicture(tilted, toDevice, region).drawn(rasters);
    }

    private BufferedImage drawn(PhotoRasters rasters) {
        BufferedImage picture = new BufferedImage(region.width, region.height, BufferedImage.TYPE_INT_ARGB_PRE);
        BoxMm ink = Op.ink(tilted.children());
        double scale = Math.sqrt(Math.abs(toDevice.getDeterminant())) * enlarged(ink);
        BoxMm part = seen().outset(2 / scale).shared(ink.outset(1 / scale));
        int width = (int) Math.ceil(part.width() * scale);
        int height = (int) Math.ceil(part.height() * scale);
        if (width < 1 || height < 1) {
            return picture;
        }
        BufferedImage plane = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D graphics = plane.createGraphics();
        RasterBackend.prepare(graphics);
        graphics.scale(scale, scale);
        graphics.translate(-part.x(), -part.y());
        new RasterBackend(plane, graphics, rasters).draw(tilted.children());
        graphics.dispose();
        AffineTransform toPlane = AffineTransform.getScaleInstance(scale, scale);
        toPlane.translate(-part.x(), -part.y());
        sample(picture, plane, toPlane);
        return picture;
    }

    private double enlarged(BoxMm ink) {
        Perspective seen = tilted.seen();
        double nearest = Math.min(
                Math.min(seen.depth(ink.x(), ink.y()), seen.depth(ink.right(), ink.y())),
                Math.min(seen.depth(ink.x(), ink.bottom()), seen.depth(ink.right(), ink.bottom())));
        return Math.max(1, Math.min(MOST_ENLARGED, 1 / nearest));
    }

    /** The box around what of the plane the region shows. */
    private BoxMm seen() {
        Point2D.Double first = place(region.x, region.y);
        BoxMm all = new BoxMm(first.x, first.y, 0, 0);
        for (int x : new int[] {region.x, region.x + region.width}) {
            for (int y : new int[] {region.y, region.y + region.height}) {
                Point2D.Double at = place(x, y);
                all = all.union(new BoxMm(at.x, at.y, 0, 0));
            }
        }
        return all;
    }

    private Point2D.Double place(double deviceX, double deviceY) {
        Point2D on = fromDevice.transform(new Point2D.Double(deviceX, deviceY), null);
        return tilted.seen().back(on.getX(), on.getY());
    }

    private void sample(BufferedImage picture, BufferedImage plane, AffineTransform toPlane) {
        int[] pixels = ((DataBufferInt) picture.getRaster().getDataBuffer()).getData();
        Plane source = new Plane(plane);
        double[] back = tilted.seen().inverse();
        double aboutX = tilted.seen().x();
        double aboutY = tilted.seen().y();
        // Rows know nothing of each other.
        IntStream.range(0, region.height).parallel().forEach(row -> {
            double[] sum = new double[4];
            for (int column = 0; column < region.width; column++) {
                Arrays.fill(sum, 0);
                for (double across : PLACES) {
                    for (double down : PLACES) {
                        double deviceX = region.x + column + across;
                        double deviceY = region.y + row + down;
                        double p = fromDevice.getScaleX() * deviceX
                                + fromDevice.getShearX() * deviceY
                                + fromDevice.getTranslateX()
                                - aboutX;
                        double q = fromDevice.getShearY() * deviceX
                                + fromDevice.getScaleY() * deviceY
                                + fromDevice.getTranslateY()
                                - aboutY;
                        double w = back[6] * p + back[7] * q + back[8];
                        double x = aboutX + (back[0] * p + back[1] * q + back[2]) / w;
                        double y = aboutY + (back[3] * p + back[4] * q + back[5]) / w;
                        source.add(
                                x * toPlane.getScaleX() + toPlane.getTranslateX(),
                                y * toPlane.getScaleY() + toPlane.getTranslateY(),
                                sum);
                    }
                }
                pixels[row * region.width + column] = pixel(sum);
            }
        });
    }

    private static int pixel(double[] sum) {
        int pixel = 0;
        for (double channel : sum) {
            pixel = pixel << 8 | (int) (channel / (PLACES.length * PLACES.length) + 0.5);
        }
        return pixel;
    }

    /** The plane's pixels; beyond its edges lies nothing. */
    private static final class Plane {
        private final int[] pixels;
        private final int width;
        private final int height;

        Plane(BufferedImage image) {
            pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
            width = image.getWidth();
            height = image.getHeight();
        }

        /** Adds the colour at a place in pixels, interpolated between their middles. */
        void add(double x, double y, double[] sum) {
            double left = x - 0.5;
            double top = y - 0.5;
            int column = (int) Math.floor(left);
            int row = (int) Math.floor(top);
            double across = left - column;
            double down = top - row;
            add(column, row, (1 - across) * (1 - down), sum);
            add(column + 1, row, across * (1 - down), sum);
            add(column, row + 1, (1 - across) * down, sum);
            add(column + 1, row + 1, across * down, sum);
        }

        private void add(int column, int row, double weight, double[] sum) {
            if (column < 0 || row < 0 || column >= width || row >= height) {
                return;
            }
            int pixel = pixels[row * width + column];
            sum[0] += weight * (pixel >>> 24);
            sum[1] += weight * (pixel >> 16 & 255);
            sum[2] += weight * (pixel >> 8 & 255);
            sum[3] += weight * (pixel & 255);
        }
    }
}
