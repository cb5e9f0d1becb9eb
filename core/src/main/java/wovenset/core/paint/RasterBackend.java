package wovenset.core.paint;

import java.awt.AlphaComposite;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.TexturePaint;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
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
    private final Graphics2D graphics;
    private final PhotoRasters rasters;
    private final DeviceClip deviceClip;
    private final PhotoDrawing photos;

    /** @param graphics of the image */
    RasterBackend(BufferedImage image, Graphics2D graphics, PhotoRasters rasters) {
        this(image, graphics, rasters, Optional.empty());
    }

    private RasterBackend(BufferedImage image, Graphics2D graphics, PhotoRasters rasters, Optional<Shape> softClip) {
        this.graphics = graphics;
        this.rasters = rasters;
        deviceClip = new DeviceClip(image);
        photos = new PhotoDrawing(image, graphics, deviceClip, rasters, softClip);
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
        for (int at = 0; at < ops.size(); ) {
            List<Op.Group> veils = veils(ops.subList(at, ops.size()));
            if (veils.size() > 1 && laidOn(veils)) {
                at += veils.size();
            } else {
                ops.get(at).accept(this);
                at++;
            }
        }
    }

    /** Those at the beginning that are one photo laid on again and again. */
    private static List<Op.Group> veils(List<Op> ops) {
        List<Op.Group> veils = new ArrayList<>();
        for (Op op : ops) {
            if (!(op instanceof Op.Group group)
                    || !group.isLayer()
                    || photoAlone(group).isEmpty()
                    || !veils.isEmpty()
                            && !(group.to().equals(veils.get(0).to())
                                    && group.children().equals(veils.get(0).children()))) {
                break;
            }
            veils.add(group);
        }
        return veils;
    }

    /** Whether they are a photo that could be laid on. */
    private boolean laidOn(List<Op.Group> veils) {
        Op.Group first = veils.get(0);
        AffineTransform before = graphics.getTransform();
        graphics.transform(first.to().awt());
        boolean laidOn =
                photoAlone(first).filter(photo -> photos.laidOn(veils, photo)).isPresent();
        graphics.setTransform(before);
        return laidOn;
    }

    @Override
    public void group(Op.Group group) {
        if (group.isLayer() && laidOn(List.of(group))) {
            return;
        }
        AffineTransform before = graphics.getTransform();
        graphics.transform(group.to().awt());
        if (group.isLayer()) {
            onLayer(group, Optional.empty());
        } else if (group.clip().isEmpty()) {
            draw(group.children());
        } else if (isUpright() && group.clip().get() instanceof ShapeMm.Rectangle rectangle) {
            within(rectangle, group.children());
        } else {
            onLayer(group, group.clip());
        }
        graphics.setTransform(before);
    }

    /** Draws what of them lies there; most tiles of a mosaic lie in another strip of the page. */
    private void within(ShapeMm.Rectangle rectangle, List<Op> children) {
        Rectangle before = deviceClip.pixels();
        deviceClip.narrow(rectangle.path().getBounds2D(), graphics.getTransform());
        if (!deviceClip.pixels().isEmpty()) {
            Shape clip = graphics.getClip();
            graphics.clip(rectangle.path());
            draw(children);
            graphics.setClip(clip);
        }
        deviceClip.putBack(before);
    }

    /** The photo that is all there is in it. */
    private static Optional<Op.Image> photoAlone(Op.Group group) {
        return group.clip().isEmpty()
                        && group.fade().isEmpty()
                        && group.children().size() == 1
                        && group.children().get(0) instanceof Op.Image image
                ? Optional.of(image)
                : Optional.empty();
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
        Rectangle bounds = all.intersection(deviceClip.wider());
        if (bounds.isEmpty()) {
            return;
        }
        BufferedImage layer = new BufferedImage(bounds.width, bounds.height, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D onLayer = layer.createGraphics();
        prepare(onLayer);
        onLayer.translate(-bounds.x, -bounds.y);
        onLayer.transform(toDevice);
        RasterBackend inner = new RasterBackend(layer, onLayer, rasters, clip.map(ShapeMm::path));
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
        region = region.intersection(deviceClip.wider());
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
                toDevice.createTransformedShape(ink.rectangle()).getBounds().intersection(deviceClip.wider());
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
        photos.draw(image);
    }

    @Override
    public void softImage(Op.SoftImage soft) {
        photos.draw(soft);
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
