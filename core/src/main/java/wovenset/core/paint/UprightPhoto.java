package wovenset.core.paint;

import java.awt.Composite;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import wovenset.core.display.Op;

/**
 * A photo without clear parts that lies along the pixels, mirrored and turned by quarters or not: just the pixels whose middles it covers. It is
 * sampled by {@link AxisSampler} and laid on as bytes, in a fifth of the time that the platform's drawing at any slant takes.
 */
final class UprightPhoto {
    /** Of a step from pixel to pixel: what a quarter turn is beside a true one. */
    private static final double ALONG = 1e-9;

    private final AxisSampler sampler;
    private final Rectangle covered;

    private UprightPhoto(AxisSampler sampler, Rectangle covered) {
        this.sampler = sampler;
        this.covered = covered;
    }

    /** @param region of the device that is drawn on, to the pixel */
    record Place(Op.Image image, AffineTransform toDevice, Rectangle region) {}

    /**
     * @param beyond so many pixels more on each side, as those at its edge are
     * @return nothing if the photo lies at a slant or is partly clear
     */
    static Optional<UprightPhoto> of(Place place, BufferedImage raster, int beyond) {
        AffineTransform whole = new AffineTransform(place.toDevice());
        whole.concatenate(place.image().to().awt());
        whole.scale(1.0 / raster.getWidth(), 1.0 / raster.getHeight());
        if (raster.getType() != BufferedImage.TYPE_3BYTE_BGR || !isAlongPixels(whole)) {
            return Optional.empty();
        }
        try {
            AffineTransform back = whole.createInverse();
            Rectangle covered = DeviceClip.middlesIn(new Rectangle(raster.getWidth(), raster.getHeight()), whole);
            covered.grow(beyond, beyond);
            return Optional.of(new UprightPhoto(new AxisSampler(raster, back), covered.intersection(place.region())));
        } catch (NoninvertibleTransformException e) {
            return Optional.empty();
        }
    }

    private static boolean isAlongPixels(AffineTransform to) {
        double along = Math.abs(to.getScaleX()) + Math.abs(to.getScaleY());
        double across = Math.abs(to.getShearX()) + Math.abs(to.getShearY());
        return Math.min(along, across) <= ALONG * Math.max(along, across);
    }

    /** @param graphics of the target, which lays on what is solid as it is */
    void draw(BufferedImage target, Graphics2D graphics) {
        if (covered.isEmpty()) {
            return;
        }
        if (target.getType() == BufferedImage.TYPE_3BYTE_BGR || target.getType() == BufferedImage.TYPE_4BYTE_ABGR) {
            sampler.write(covered, target, covered.x, covered.y);
            return;
        }
        AffineTransform device = graphics.getTransform();
        graphics.setTransform(new AffineTransform());
        graphics.drawImage(sampler.picture(covered), covered.x, covered.y, null);
        graphics.setTransform(device);
    }

    /** Lays it on what is there, one blend after the other. */
    void lay(BufferedImage target, Graphics2D graphics, List<Op.Group> groups) {
        if (covered.isEmpty()) {
            return;
        }
        if (target.getType() == BufferedImage.TYPE_3BYTE_BGR) {
            groups.stream()
                    .map(group -> SolidBlend.of(group.blend(), group.opacity()))
                    .reduce(SolidBlend::then)
                    .ifPresent(blend -> sampler.lay(covered, target, covered.x, covered.y, blend));
            return;
        }
        BufferedImage picture = sampler.picture(covered);
        AffineTransform device = graphics.getTransform();
        Composite solid = graphics.getComposite();
        graphics.setTransform(new AffineTransform());
        for (Op.Group group : groups) {
            graphics.setComposite(new BlendComposite(group.blend(), group.opacity()));
            graphics.drawImage(picture, covered.x, covered.y, null);
        }
        graphics.setComposite(solid);
        graphics.setTransform(device);
    }
}
