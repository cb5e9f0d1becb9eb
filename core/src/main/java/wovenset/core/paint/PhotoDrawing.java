package wovenset.core.paint;

import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import wovenset.core.display.Op;

/** Draws photos on a device: those along its pixels as {@link UprightPhoto}, those at a slant as the platform does. */
final class PhotoDrawing {
    /** Shares of a photo; less than any pixel. */
    private static final double COVERS = 1e-4;

    /** Pixels of the device. */
    private static final int BEYOND = 2;

    private final BufferedImage target;
    private final Graphics2D graphics;
    private final DeviceClip clip;
    private final PhotoRasters rasters;
    private final Optional<Shape> softClip;

    /**
     * @param graphics of the target
     * @param softClip that is being drawn for; an image that fills it is drawn a little beyond it
     */
    PhotoDrawing(
            BufferedImage target,
            Graphics2D graphics,
            DeviceClip clip,
            PhotoRasters rasters,
            Optional<Shape> softClip) {
        this.target = target;
        this.graphics = graphics;
        this.clip = clip;
        this.rasters = rasters;
        this.softClip = softClip;
    }

    void draw(Op.Image image) {
        // Where the image ends just at the outline, the outline's edge would be mixed with the empty layer: its own
        // colours go
        // on a little beyond.
        int beyond = softClip.isPresent() && covers(image, softClip.get()) ? BEYOND : 0;
        BufferedImage raster = raster(image);
        Optional<UprightPhoto> upright = UprightPhoto.of(place(image), raster, beyond);
        if (upright.isPresent()) {
            upright.get().draw(target, graphics);
            return;
        }
        AffineTransform to = image.to().awt();
        to.scale(1.0 / raster.getWidth(), 1.0 / raster.getHeight());
        if (beyond > 0) {
            graphics.drawImage(raster, outset(raster, to, graphics.getTransform()), null);
        }
        graphics.drawImage(raster, to, null);
    }

    void draw(Op.SoftImage soft) {
        BufferedImage raster = SoftPhoto.of(soft, rasters);
        AffineTransform to = soft.image().to().awt();
        to.scale(1.0 / raster.getWidth(), 1.0 / raster.getHeight());
        graphics.drawImage(raster, to, null);
    }

    /**
     * Lays a photo that is the only child of groups on as solid as they are, if nothing of it is clear and it does not lie at a slant.
     *
     * @param groups one after the other, as a tint and a veil are
     * @return whether it was such a photo
     */
    boolean laidOn(List<Op.Group> groups, Op.Image image) {
        Optional<UprightPhoto> upright = UprightPhoto.of(place(image), raster(image), 0);
        upright.ifPresent(photo -> photo.lay(target, graphics, groups));
        return upright.isPresent();
    }

    private UprightPhoto.Place place(Op.Image image) {
        return new UprightPhoto.Place(image, graphics.getTransform(), clip.pixels());
    }

    private BufferedImage raster(Op.Image image) {
        double deviceScale = Math.sqrt(Math.abs(graphics.getTransform().getDeterminant())) * image.mmPerPixel();
        return rasters.raster(image.pixels(), deviceScale);
    }

    private static boolean covers(Op.Image image, Shape outline) {
        Rectangle2D box = outline.getBounds2D();
        try {
            AffineTransform toUnit = image.to().awt().createInverse();
            for (double x : new double[] {box.getMinX(), box.getMaxX()}) {
                for (double y : new double[] {box.getMinY(), box.getMaxY()}) {
                    Point2D at = toUnit.transform(new Point2D.Double(x, y), null);
                    if (Math.min(at.getX(), at.getY()) < -COVERS || Math.max(at.getX(), at.getY()) > 1 + COVERS) {
                        return false;
                    }
                }
            }
            return true;
        } catch (NoninvertibleTransformException e) {
            return false;
        }
    }

    /** The image's map, enlarged about its middle by {@link #BEYOND} device pixels on each side. */
    private static AffineTransform outset(BufferedImage image, AffineTransform to, AffineTransform toDevice) {
        AffineTransform whole = new AffineTransform(toDevice);
        whole.concatenate(to);
        double width = image.getWidth() * Math.hypot(whole.getScaleX(), whole.getShearY());
        double height = image.getHeight() * Math.hypot(whole.getShearX(), whole.getScaleY());
        AffineTransform larger = new AffineTransform(to);
        larger.translate(image.getWidth() / 2.0, image.getHeight() / 2.0);
        larger.scale(1 + 2 * BEYOND / Math.max(1, width), 1 + 2 * BEYOND / Math.max(1, height));
        larger.translate(-image.getWidth() / 2.0, -image.getHeight() / 2.0);
        return larger;
    }
}
