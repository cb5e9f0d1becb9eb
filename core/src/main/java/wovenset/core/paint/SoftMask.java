package wovenset.core.paint;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.DataBufferInt;
import wovenset.core.display.Op;
import wovenset.core.ink.Rgb;

/**
 * How much of each pixel a shape with a soft edge covers: the shape's own cover convolved with a Gaussian of σ pixels.
 *
 * <p>A soft mask has no fine detail, so it is computed on a lattice of ⌊σ/3⌋ pixels and interpolated linearly in between. The
 * lattice lies at multiples of its step from the device's origin and reaches 3σ beyond what is asked for: any part of a page
 * comes out as it does in the whole. Cost: linear in the pixels asked for, and 6σ/step additions for each point of the lattice.
 */
public final class SoftMask {
    /** Pixels; below this a soft edge is no other than a smooth one. */
    private static final double SHARP = 0.2;

    private final int step;
    private final int left;
    private final int top;
    private final int width;
    private final float[] cover;

    private SoftMask(int step, int left, int top, int width, float[] cover) {
        this.step = step;
        this.left = left;
        this.top = top;
        this.width = width;
        this.cover = cover;
    }

    /**
     * @param shape in pixels of the device
     * @param region of the device that is asked for
     * @param sigma of the Gaussian, in pixels
     */
    static SoftMask of(Shape shape, Rectangle region, double sigma) {
        int step = Math.max(1, (int) (sigma / 3));
        int margin = (int) Math.ceil(3 * sigma / step) + 1;
        int left = Math.floorDiv(region.x, step) - margin;
        int top = Math.floorDiv(region.y, step) - margin;
        int width = Math.floorDiv(region.x + region.width - 1, step) + margin + 2 - left;
        int height = Math.floorDiv(region.y + region.height - 1, step) + margin + 2 - top;
        BufferedImage sharp = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D graphics = sharp.createGraphics();
        RasterBackend.prepare(graphics);
        graphics.scale(1.0 / step, 1.0 / step);
        graphics.translate(-left * (double) step, -top * (double) step);
        graphics.setColor(Color.WHITE);
        graphics.fill(shape);
        graphics.dispose();
        byte[] bytes = ((DataBufferByte) sharp.getRaster().getDataBuffer()).getData();
        float[] cover = new float[bytes.length];
        for (int i = 0; i < bytes.length; i++) {
            cover[i] = (bytes[i] & 255) / 255f;
        }
        // Straight lines between points of the lattice soften by a sixth of its step squared.
        double soft = step == 1 ? 0 : 1.0 / 6;
        float[] kernel = kernel(Math.sqrt(sigma * sigma / step / step - soft));
        if (kernel.length > 1) {
            blur(cover, width, height, kernel);
        }
        return new SoftMask(step, left, top, width, cover);
    }

    /** The normal distribution: Abramowitz and Stegun 26.2.17, good to 7.5e-8. */
    private static double upTo(double x) {
        double t = 1 / (1 + 0.2316419 * Math.abs(x));
        double poly = t * (0.319381530 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
        double beyond = Math.exp(-x * x / 2) / Math.sqrt(2 * Math.PI) * poly;
        return x < 0 ? beyond : 1 - beyond;
    }

    /** What of the Gaussian falls on each point's square. */
    private static float[] kernel(double sigma) {
        if (sigma < SHARP) {
            return new float[] {1};
        }
        int reach = (int) Math.ceil(3 * sigma);
        double[] weights = new double[2 * reach + 1];
        double sum = 0;
        for (int i = -reach; i <= reach; i++) {
            weights[i + reach] = upTo((i + 0.5) / sigma) - upTo((i - 0.5) / sigma);
            sum += weights[i + reach];
        }
        float[] kernel = new float[weights.length];
        for (int i = 0; i < kernel.length; i++) {
            kernel[i] = (float) (weights[i] / sum);
        }
        return kernel;
    }

    /** Along the rows and then down the columns; beyond the edges lies nothing. */
    private static void blur(float[] cover, int width, int height, float[] kernel) {
        float[] line = new float[Math.max(width, height)];
        for (int y = 0; y < height; y++) {
            blurLine(cover, y * width, 1, width, kernel, line);
        }
        for (int x = 0; x < width; x++) {
            blurLine(cover, x, width, height, kernel, line);
        }
    }

    private static void blurLine(float[] cover, int start, int stride, int count, float[] kernel, float[] line) {
        for (int i = 0; i < count; i++) {
            line[i] = cover[start + i * stride];
        }
        int reach = kernel.length / 2;
        for (int i = 0; i < count; i++) {
            float sum = 0;
            int to = Math.min(count - 1, i + reach);
            for (int at = Math.max(0, i - reach); at <= to; at++) {
                sum += line[at] * kernel[at - i + reach];
            }
            cover[start + i * stride] = sum;
        }
    }

    /** The share of this pixel of the device that is covered, 0 to 1. */
    float at(int x, int y) {
        double u = column(x);
        double v = row(y);
        int column = (int) u;
        int row = (int) v;
        float across = (float) (u - column);
        float down = (float) (v - row);
        int i = row * width + column;
        float upper = cover[i] + across * (cover[i + 1] - cover[i]);
        float lower = cover[i + width] + across * (cover[i + width + 1] - cover[i + width]);
        return upper + down * (lower - upper);
    }

    /** Where a pixel's middle lies on the lattice. */
    private double column(int x) {
        return (x + 0.5) / step - 0.5 - left;
    }

    private double row(int y) {
        return (y + 0.5) / step - 0.5 - top;
    }

    /** The lattice's cover at the height of a row of pixels. */
    private void blend(int y, float[] line) {
        double v = row(y);
        int row = (int) v;
        float down = (float) (v - row);
        for (int i = 0, at = row * width; i < width; i++, at++) {
            line[i] = cover[at] + down * (cover[at + width] - cover[at]);
        }
    }

    /** A picture of this region of the device in the shade's colour, as solid as it is covered. */
    public static BufferedImage picture(Op.Shade shade, AffineTransform toDevice, Rectangle region) {
        return picture(shade.shape().path(), shade.sigmaMm(), shade.colour(), shade.strength(), toDevice, region);
    }

    /** The same of letters. */
    public static BufferedImage picture(Op.LetterShade shade, AffineTransform toDevice, Rectangle region) {
        return picture(
                LetterShapes.of(shade.line()), shade.sigmaMm(), shade.colour(), shade.strength(), toDevice, region);
    }

    private static BufferedImage picture(
            Shape shape, double sigmaMm, Rgb colour, double solid, AffineTransform toDevice, Rectangle region) {
        double sigma = sigmaMm * Math.sqrt(Math.abs(toDevice.getDeterminant()));
        SoftMask mask = of(toDevice.createTransformedShape(shape), region, sigma);
        BufferedImage picture = new BufferedImage(region.width, region.height, BufferedImage.TYPE_INT_ARGB);
        int[] pixels = ((DataBufferInt) picture.getRaster().getDataBuffer()).getData();
        int rgb = colour.awt().getRGB() & 0xffffff;
        float strength = (float) (255 * solid);
        float[] line = new float[mask.width];
        for (int y = 0; y < region.height; y++) {
            mask.blend(region.y + y, line);
            for (int x = 0; x < region.width; x++) {
                double u = mask.column(region.x + x);
                int column = (int) u;
                float cover = line[column] + (float) (u - column) * (line[column + 1] - line[column]);
                pixels[y * region.width + x] = (int) (strength * cover + 0.5f) << 24 | rgb;
            }
        }
        return picture;
    }
}
