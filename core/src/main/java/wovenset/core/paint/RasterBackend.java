package wovenset.core.paint;

import java.awt.AlphaComposite;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.TexturePaint;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;
import wovenset.core.display.Op;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.ink.Blend;
import wovenset.core.ink.Paint;

/**
 * Draws operations on pixels. The graphics' user space is that of the operations; it is left as it was found.
 *
 * <p>An upright rectangular clip cuts at whole pixels, as neighbours do. Any other clip would show steps: its content is drawn
 * on a layer of its own, and the clip's outline is filled with that layer as its paint, with a smooth edge. A group that is seen
 * through is drawn on a layer, too, and laid on as one thing.
 */
final class RasterBackend implements Op.Visitor {
    /** Shares of a photo; less than any pixel. */
    private static final double COVERS = 1e-4;

    private final Graphics2D graphics;
    private final PhotoRasters rasters;
    /** The soft clip that is being drawn for; an image that fills it is drawn a little beyond it. */
    private Optional<Shape> softClip = Optional.empty();

    private Map.@Nullable Entry<SolidLayer.Place, Optional<SolidLayer>> lastSolid;

    RasterBackend(Graphics2D graphics, PhotoRasters rasters) {
        this.graphics = graphics;
        this.rasters = rasters;
    }

    /** Sets the quality that all drawing here counts on. */
    static void prepare(Graphics2D graphics) {
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    }

    void draw(List<Op> ops) {
        ops.forEach(op -> op.accept(this));
    }

    @Override
    public void group(Op.Group group) {
        AffineTransform before = graphics.getTransform();
        graphics.transform(group.to().awt());
        if (group.isLayer()) {
            if (!laidSolid(group)) {
                onLayer(group, Optional.empty());
            }
        } else if (group.clip().isEmpty()) {
            draw(group.children());
        } else if (isUpright() && group.clip().get() instanceof ShapeMm.Rectangle rectangle) {
            Shape clip = graphics.getClip();
            graphics.clip(rectangle.path());
            draw(group.children());
            graphics.setClip(clip);
        } else {
            onLayer(group, group.clip());
        }
        graphics.setTransform(before);
    }

    private boolean isUpright() {
        AffineTransform now = graphics.getTransform();
        return now.getShearX() == 0 && now.getShearY() == 0;
    }

    /** Draws the group's content by itself and lays it on within the clip, as solid as the group is. */
    private void onLayer(Op.Group group, Optional<ShapeMm> clip) {
        AffineTransform toDevice = graphics.getTransform();
        Rectangle2D ink = clip.or(group::clip)
                .map(ShapeMm::path)
                .map(Shape::getBounds2D)
                .orElseGet(() -> Op.ink(group.children()).rectangle());
        Rectangle all = toDevice.createTransformedShape(ink).getBounds();
        all.grow(1, 1);
        Rectangle bounds = all.intersection(deviceClip());
        if (bounds.isEmpty()) {
            return;
        }
        BufferedImage layer = new BufferedImage(bounds.width, bounds.height, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D onLayer = layer.createGraphics();
        prepare(onLayer);
        onLayer.translate(-bounds.x, -bounds.y);
        onLayer.transform(toDevice);
        RasterBackend inner = new RasterBackend(onLayer, rasters);
        inner.softClip = clip.map(ShapeMm::path);
        if (clip.isEmpty() && group.clip().isPresent()) {
            inner.group(new Op.Group(Affine.IDENTITY, 1, group.clip(), group.children()));
        } else {
            inner.draw(group.children());
        }
        onLayer.dispose();
        group.fade().ifPresent(fade -> FadeMask.of(fade, toDevice, bounds).apply(layer, bounds));
        graphics.setTransform(new AffineTransform());
        if (clip.isPresent()) {
            graphics.setPaint(new TexturePaint(layer, bounds));
            graphics.fill(toDevice.createTransformedShape(clip.get().path()));
        } else {
            var solid = graphics.getComposite();
            graphics.setComposite(
                    group.blend() == Blend.NORMAL
                            ? AlphaComposite.SrcOver.derive((float) group.opacity())
                            : new BlendComposite(group.blend(), group.opacity()));
            graphics.drawImage(layer, bounds.x, bounds.y, null);
            graphics.setComposite(solid);
        }
        graphics.setTransform(toDevice);
    }

    /**
     * Lays a single photo on, if it is upright and nothing of it is clear: the same as {@link #onLayer} does, without pixels that could be.
     *
     * @return whether it was such a group
     */
    private boolean laidSolid(Op.Group group) {
        if (group.clip().isPresent()
                || group.fade().isPresent()
                || group.children().size() != 1
                || !(group.children().get(0) instanceof Op.Image image)
                || !isUpright()) {
            return false;
        }
        AffineTransform toDevice = graphics.getTransform();
        Optional<SolidLayer> layer = solidLayer(image, toDevice);
        layer.ifPresent(one -> {
            graphics.setTransform(new AffineTransform());
            var solid = graphics.getComposite();
            graphics.setComposite(new BlendComposite(group.blend(), group.opacity()));
            one.draw(graphics);
            graphics.setComposite(solid);
            graphics.setTransform(toDevice);
        });
        return layer.isPresent();
    }

    /** That of the last photo is kept: a tint and a veil are the same photo twice. */
    private Optional<SolidLayer> solidLayer(Op.Image image, AffineTransform toDevice) {
        SolidLayer.Place place = new SolidLayer.Place(image, toDevice, deviceClip());
        if (lastSolid == null || !lastSolid.getKey().equals(place)) {
            lastSolid = Map.entry(place, SolidLayer.of(place, raster(image)));
        }
        return lastSolid.getValue();
    }

    private BufferedImage raster(Op.Image image) {
        double deviceScale = Math.sqrt(Math.abs(graphics.getTransform().getDeterminant())) * image.mmPerPixel();
        return rasters.raster(image.pixels(), deviceScale);
    }

    /** What of the device can be drawn on, a pixel wider. */
    private Rectangle deviceClip() {
        Rectangle all = graphics.getDeviceConfiguration().getBounds();
        Shape clip = graphics.getClip();
        if (clip == null) {
            return all;
        }
        Rectangle bounds = graphics.getTransform().createTransformedShape(clip).getBounds();
        bounds.grow(1, 1);
        return bounds.intersection(all);
    }

    @Override
    public void fill(Op.Fill fill) {
        Shape path = fill.shape().path();
        if (fill.paint() instanceof Paint.Solid solid) {
            graphics.setColor(solid.colour().awt());
            graphics.fill(path);
            return;
        }
        AffineTransform toDevice = graphics.getTransform();
        Rectangle region = toDevice.createTransformedShape(path).getBounds();
        region.grow(1, 1);
        region = region.intersection(deviceClip());
        if (region.isEmpty()) {
            return;
        }
        BufferedImage picture = PaintPicture.of(fill.paint(), fill.shape().bounds(), toDevice, region);
        graphics.setTransform(new AffineTransform());
        graphics.setPaint(new TexturePaint(picture, region));
        graphics.fill(toDevice.createTransformedShape(path));
        graphics.setTransform(toDevice);
    }

    @Override
    public void shade(Op.Shade shade) {
        soft(shade.ink(), (toDevice, region) -> SoftMask.picture(shade, toDevice, region));
    }

    /** Draws what comes as a picture of a region of the device. */
    private void soft(BoxMm ink, BiFunction<AffineTransform, Rectangle, BufferedImage> drawn) {
        AffineTransform toDevice = graphics.getTransform();
        Rectangle region =
                toDevice.createTransformedShape(ink.rectangle()).getBounds().intersection(deviceClip());
        if (region.isEmpty()) {
            return;
        }
        BufferedImage picture = drawn.apply(toDevice, region);
        graphics.setTransform(new AffineTransform());
        graphics.drawImage(picture, region.x, region.y, null);
        graphics.setTransform(toDevice);
    }

    @Override
    public void image(Op.Image image) {
        AffineTransform device = graphics.getTransform();
        BufferedImage raster = raster(image);
        AffineTransform to = image.to().awt();
        to.scale(1.0 / raster.getWidth(), 1.0 / raster.getHeight());
        if (softClip.isPresent() && covers(image, softClip.get())) {
            // Where the image ends just at the outline, the outline's edge would be mixed with the empty layer: its own
            // colours go on a little beyond.
            graphics.drawImage(raster, outset(raster, to, device), null);
        }
        graphics.drawImage(raster, to, null);
    }

    @Override
    public void softImage(Op.SoftImage soft) {
        BufferedImage raster = SoftPhoto.of(soft, rasters);
        AffineTransform to = soft.image().to().awt();
        to.scale(1.0 / raster.getWidth(), 1.0 / raster.getHeight());
        graphics.drawImage(raster, to, null);
    }

    private static boolean covers(Op.Image image, Shape clip) {
        Rectangle2D box = clip.getBounds2D();
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

    /** The image's map, enlarged about its middle by two device pixels on each side. */
    private static AffineTransform outset(BufferedImage image, AffineTransform to, AffineTransform toDevice) {
        AffineTransform whole = new AffineTransform(toDevice);
        whole.concatenate(to);
        double width = image.getWidth() * Math.hypot(whole.getScaleX(), whole.getShearY());
        double height = image.getHeight() * Math.hypot(whole.getShearX(), whole.getScaleY());
        AffineTransform larger = new AffineTransform(to);
        larger.translate(image.getWidth() / 2.0, image.getHeight() / 2.0);
        larger.scale(1 + 4 / Math.max(1, width), 1 + 4 / Math.max(1, height));
        larger.translate(-image.getWidth() / 2.0, -image.getHeight() / 2.0);
        return larger;
    }

    @Override
    public void said(Op.Said said) {
        draw(said.signs());
    }

    /** Filled outlines, which stand exactly where they do in print at any scale. */
    @Override
    public void glyphs(Op.Glyphs line) {
        graphics.setColor(line.colour().awt());
        graphics.fill(LetterShapes.of(line));
    }

    @Override
    public void letterEdge(Op.LetterEdge edge) {
        graphics.setColor(edge.colour().awt());
        graphics.fill(LetterShapes.of(edge));
    }

    @Override
    public void letterShade(Op.LetterShade shade) {
        soft(shade.ink(), (toDevice, region) -> SoftMask.picture(shade, toDevice, region));
    }

    @Override
    public void tilted(Op.Tilted tilted) {
        soft(tilted.ink(), (toDevice, region) -> TiltedPicture.of(tilted, rasters, toDevice, region));
    }
}
