package wovenset.core.paint;

import java.awt.Rectangle;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;

/** What of an image is drawn on, in its pixels: narrowed by clips along them, and put back. */
final class DeviceClip {
    private final Rectangle all;
    private Rectangle pixels;

    DeviceClip(BufferedImage image) {
        all = new Rectangle(image.getWidth(), image.getHeight());
        pixels = all;
    }

    /** Those that are drawn on. */
    Rectangle pixels() {
        return pixels;
    }

    /** The same and one more on each side, as far as there are any. */
    Rectangle wider() {
        Rectangle wider = new Rectangle(pixels);
        wider.grow(1, 1);
        return wider.intersection(all);
    }

    /** From now on only those among them whose middles lie in a box as it is seen. */
    void narrow(Rectangle2D box, AffineTransform to) {
        pixels = middlesIn(box, to).intersection(pixels);
    }

    void putBack(Rectangle before) {
        pixels = before;
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
