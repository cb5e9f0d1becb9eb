package wovenset.core.paint;

import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.Optional;
import wovenset.core.display.Op;
import wovenset.core.picture.DerivedPixels;

/**
 * An upright photo alone on a layer, to be laid on what is there: just the pixels whose middles it covers, none of which is clear. Bytes
 * without alpha are drawn and laid on in a tenth of the time.
 */
final class SolidLayer {
    private final BufferedImage picture;
    private final Rectangle covered;

    private SolidLayer(BufferedImage picture, Rectangle covered) {
        this.picture = picture;
        this.covered = covered;
    }

    /** @param region of the device that can be drawn on */
    record Place(Op.Image image, AffineTransform toDevice, Rectangle region) {}

    /** @return nothing if the photo is turned, mirrored or partly clear */
    static Optional<SolidLayer> of(Place place, BufferedImage raster) {
        AffineTransform to = place.image().to().awt();
        to.scale(1.0 / raster.getWidth(), 1.0 / raster.getHeight());
        AffineTransform whole = new AffineTransform(place.toDevice());
        whole.concatenate(to);
        if (raster.getType() != BufferedImage.TYPE_3BYTE_BGR
                || whole.getShearX() != 0
                || whole.getShearY() != 0
                || whole.getScaleX() <= 0
                || whole.getScaleY() <= 0) {
            return Optional.empty();
        }
        Rectangle2D box = whole.createTransformedShape(new Rectangle(raster.getWidth(), raster.getHeight()))
                .getBounds2D();
        int left = (int) Math.ceil(box.getMinX() - 0.5);
        int top = (int) Math.ceil(box.getMinY() - 0.5);
        Rectangle covered = new Rectangle(
                        left,
                        top,
                        (int) Math.ceil(box.getMaxX() - 0.5) - left,
                        (int) Math.ceil(box.getMaxY() - 0.5) - top)
                .intersection(place.region());
        if (covered.isEmpty()) {
            return Optional.of(new SolidLayer(raster, covered));
        }
        BufferedImage picture = DerivedPixels.shifted(
                raster,
                whole.getScaleX(),
                whole.getScaleY(),
                whole.getTranslateX() - covered.x,
                whole.getTranslateY() - covered.y,
                covered.width,
                covered.height);
        return Optional.of(new SolidLayer(picture, covered));
    }

    void draw(Graphics2D graphics) {
        if (!covered.isEmpty()) {
            graphics.drawImage(picture, covered.x, covered.y, null);
        }
    }
}
