package wovenset.core.paint;

import java.awt.Color;
import java.awt.Rectangle;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.stream.IntStream;
import wovenset.core.geometry.BoxMm;
import wovenset.core.ink.Paint;

/** Pictures of paints that are more than one colour. Cost: linear in the pixels. */
public final class PaintPicture {
    private PaintPicture() {}

    /** How much of the second colour there is at a place of the surface, millimetres. */
    private interface Share {
        double at(double x, double y);
    }

    /**
     * A picture of this region of the device.
     *
     * @param box around the surface, in the axes that are mapped to the device
     */
    public static BufferedImage of(Paint paint, BoxMm box, AffineTransform toDevice, Rectangle region) {
        double pixelMm = 1 / Math.sqrt(Math.abs(toDevice.getDeterminant()));
        return paint.accept(new Paint.Visitor<BufferedImage>() {
            @Override
            public BufferedImage solid(Paint.Solid solid) {
                return drawn(solid.colour().awt(), solid.colour().awt(), (x, y) -> 0, toDevice, region);
            }

            @Override
            public BufferedImage gradient(Paint.Gradient gradient) {
                Share share = along(gradient, box);
                return drawn(gradient.colour().awt(), gradient.to().awt(), share, toDevice, region);
            }

            @Override
            public BufferedImage texture(Paint.Texture texture) {
                double grain = texture.grain().mm();
                Share share = (x, y) ->
                        texture.strength() * Textures.at(texture.material(), x / grain, y / grain, pixelMm / grain);
                return drawn(texture.colour().awt(), texture.second().awt(), share, toDevice, region);
            }
        });
    }

    /** Where a gradient begins and ends on its box: the line through the middle, between the corners farthest along it. */
    public static double[] axis(Paint.Gradient gradient, BoxMm box) {
        double angle = Math.toRadians(gradient.towardsDegrees());
        double dx = Math.sin(angle);
        double dy = -Math.cos(angle);
        double half = (Math.abs(dx) * box.width() + Math.abs(dy) * box.height()) / 2;
        return new double[] {
            box.centreX() - dx * half, box.centreY() - dy * half, box.centreX() + dx * half, box.centreY() + dy * half
        };
    }

    private static Share along(Paint.Gradient gradient, BoxMm box) {
        double[] axis = axis(gradient, box);
        double dx = axis[2] - axis[0];
        double dy = axis[3] - axis[1];
        double length = Math.max(1e-9, dx * dx + dy * dy);
        return (x, y) -> Math.max(0, Math.min(1, ((x - axis[0]) * dx + (y - axis[1]) * dy) / length));
    }

    private static BufferedImage drawn(
            Color first, Color second, Share share, AffineTransform toDevice, Rectangle region) {
        BufferedImage picture = new BufferedImage(region.width, region.height, BufferedImage.TYPE_INT_RGB);
        int[] pixels = ((DataBufferInt) picture.getRaster().getDataBuffer()).getData();
        AffineTransform back = FadeMask.inverse(toDevice);
        int[] from = {first.getRed(), first.getGreen(), first.getBlue()};
        int[] by = {second.getRed() - from[0], second.getGreen() - from[1], second.getBlue() - from[2]};
        // Rows know nothing of each other.
        IntStream.range(0, region.height).parallel().forEach(row -> {
            double deviceY = region.y + row + 0.5;
            for (int column = 0; column < region.width; column++) {
                double deviceX = region.x + column + 0.5;
                double x = back.getScaleX() * deviceX + back.getShearX() * deviceY + back.getTranslateX();
                double y = back.getShearY() * deviceX + back.getScaleY() * deviceY + back.getTranslateY();
                double much = share.at(x, y);
                pixels[row * region.width + column] = (int) (from[0] + much * by[0] + 0.5) << 16
                        | (int) (from[1] + much * by[1] + 0.5) << 8
                        | (int) (from[2] + much * by[2] + 0.5);
            }
        });
        return picture;
    }
}
