package wovenset.core.paint;

import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;

/**
 * What of an image can be drawn on, in its pixels. Clips are rectangles along them.
 *
 * @param graphics of the image
 */
record DeviceClip(BufferedImage image, Graphics2D graphics) {
    /** One pixel wider than what can be drawn on. */
    Rectangle wider() {
        Rectangle pixels = pixels();
        pixels.grow(1, 1);
        return pixels.intersection(all());
    }

    /** Those that are drawn on: whose middles lie in the clip. */
    Rectangle pixels() {
        Shape clip = graphics.getClip();
        return clip == null
                ? all()
                : middlesIn(clip.getBounds2D(), graphics.getTransform()).intersection(all());
    }

    private Rectangle all() {
        return new Rectangle(image.getWidth(), image.getHeight());
    }

    /** The pixels whose middles lie in the box around a box as it is seen. */
    static Rectangle middlesIn(Rectangle2D box, AffineTransform to) {
        int left = first(to.getTranslateX()
                + Math.min(to.getScaleX() * box.getMinX(), to.getScaleX() * box.getMaxX())
                + Math.min(to.getShearX() * box.getMinY(), to.getShearX() * box.getMaxY()));
        int right = first(to.getTranslateX()
                + Math.max(to.getScaleX() * box.getMinX(), to.getScaleX() * box.getMaxX())
                + Math.max(to.getShearX() * box.getMinY(), to.getShearX() * box.getMaxY()));
        int top = first(to.getTranslateY()
                + Math.min(to.getShearY() * box.getMinX(), to.getShearY() * box.getMaxX())
                + Math.min(to.getScaleY() * box.getMinY(), to.getScaleY() * box.getMaxY()));
        int bottom = first(to.getTranslateY()
                + Math.max(to.getShearY() * box.getMinX(), to.getShearY() * box.getMaxX())
                + Math.max(to.getScaleY() * box.getMinY(), to.getScaleY() * box.getMaxY()));
        return new Rectangle(left, top, right - left, bottom - top);
    }

    /** The first pixel whose middle lies there or farther. */
    private static int first(double edge) {
        return (int) Math.ceil(edge - 0.5);
    }
}
