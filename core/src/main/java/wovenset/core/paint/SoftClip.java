package wovenset.core.paint;

import java.awt.Graphics2D;
import java.awt.Image;
import java.awt.Rectangle;
import java.awt.Shape;
import java.awt.TexturePaint;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;

/**
 * Draws an image inside a curved outline with a smooth edge on a pixel device. A raster clip cuts whole pixels there;
 * filling the outline with the image as its paint does not.
 */
final class SoftClip {
    private SoftClip() {}

    /** Whether the device is made of pixels; a PDF clips along the true curve by itself. */
    static boolean applies(Graphics2D graphics) {
        return graphics.getDeviceConfiguration() != null
                && graphics.getDeviceConfiguration().getDevice().getType() == java.awt.GraphicsDevice.TYPE_IMAGE_BUFFER;
    }

    static void drawImage(Graphics2D graphics, BufferedImage image, AffineTransform toUser, Shape outline) {
        AffineTransform toDevice = graphics.getTransform();
        Rectangle bounds = toDevice.createTransformedShape(outline).getBounds();
        bounds.grow(1, 1);
        if (graphics.getClipBounds() != null) {
            bounds = bounds.intersection(
                    toDevice.createTransformedShape(graphics.getClipBounds()).getBounds());
            bounds.grow(1, 1);
        }
        if (bounds.isEmpty()) {
            return;
        }
        BufferedImage layer = new BufferedImage(bounds.width, bounds.height, BufferedImage.TYPE_INT_RGB);
        Graphics2D onLayer = layer.createGraphics();
        onLayer.setRenderingHints(graphics.getRenderingHints());
        onLayer.translate(-bounds.x, -bounds.y);
        onLayer.transform(toDevice);
        // Where the image ends just at the outline, the outline's edge would be mixed with the empty layer: its own
        // colours go on
        // a little beyond.
        onLayer.drawImage((Image) image, outset(image, toUser, toDevice), null);
        onLayer.drawImage((Image) image, toUser, null);
        onLayer.dispose();
        Shape onDevice = toDevice.createTransformedShape(outline);
        graphics.setTransform(new AffineTransform());
        graphics.setPaint(new TexturePaint(layer, bounds));
        graphics.fill(onDevice);
        graphics.setTransform(toDevice);
    }

    /** The image's map, enlarged about its middle by two device pixels on each side. */
    private static AffineTransform outset(BufferedImage image, AffineTransform toUser, AffineTransform toDevice) {
        AffineTransform whole = new AffineTransform(toDevice);
        whole.concatenate(toUser);
        double width = image.getWidth() * Math.hypot(whole.getScaleX(), whole.getShearY());
        double height = image.getHeight() * Math.hypot(whole.getShearX(), whole.getScaleY());
        AffineTransform larger = new AffineTransform(toUser);
        larger.translate(image.getWidth() / 2.0, image.getHeight() / 2.0);
        larger.scale(1 + 4 / Math.max(1, width), 1 + 4 / Math.max(1, height));
        larger.translate(-image.getWidth() / 2.0, -image.getHeight() / 2.0);
        return larger;
    }
}
