package wovenset.core.paint;

import java.awt.BasicStroke;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import wovenset.core.geometry.BoxMm;
import wovenset.core.scene.PageScene;
import wovenset.core.scene.PageScene.FrameScene;
import wovenset.core.scene.PageScene.PhotoScene;

/** Draws pages and frames. The graphics' user space is page millimetres; it is left as it was found. */
public final class Painter {
    private final PhotoRasters rasters;

    public Painter(PhotoRasters rasters) {
        this.rasters = rasters;
    }

    /** Sets the quality that all drawing here counts on. */
    public static void prepare(Graphics2D graphics) {
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    }

    /** Fills the page and its bleed with the page's colour. */
    public void paintGround(Graphics2D graphics, PageScene page) {
        graphics.setColor(page.colour().awt());
        graphics.fill(page.bleedBox().rectangle());
    }

    /** Draws a frame with its photo, border and words; an empty frame draws nothing but its words. */
    public void paintFrame(Graphics2D graphics, FrameScene frame) {
        AffineTransform before = graphics.getTransform();
        if (frame.turnDegrees() != 0) {
            graphics.rotate(
                    Math.toRadians(frame.turnDegrees()),
                    frame.outer().centreX(),
                    frame.outer().centreY());
        }
        if (frame.photo() != null) {
            paintPhoto(graphics, frame, frame.photo());
            paintBorder(graphics, frame);
        }
        if (frame.words() != null) {
            WordsPainter.draw(graphics, frame.words());
        }
        graphics.setTransform(before);
    }

    private void paintPhoto(Graphics2D graphics, FrameScene frame, PhotoScene photo) {
        double deviceScale = Math.sqrt(Math.abs(graphics.getTransform().getDeterminant())) * photo.mmPerPixel();
        PhotoRasters.Raster raster = rasters.raster(photo.photo(), deviceScale);
        AffineTransform toPage = new AffineTransform(photo.toPage());
        toPage.concatenate(raster.toUpright());
        toPage.scale(1.0 / raster.image().getWidth(), 1.0 / raster.image().getHeight());
        Shape clip = graphics.getClip();
        Shape window = rounded(frame.window(), frame.windowRadiusMm());
        if ((frame.windowRadiusMm() > 0 || frame.turnDegrees() != 0) && SoftClip.applies(graphics)) {
            SoftClip.drawImage(graphics, raster.image(), toPage, window);
        } else {
            graphics.clip(window);
            graphics.drawImage(raster.image(), toPage, null);
            graphics.setClip(clip);
        }
    }

    private static void paintBorder(Graphics2D graphics, FrameScene frame) {
        if (frame.borderMm() <= 0) {
            return;
        }
        graphics.setColor(frame.borderColour().awt());
        BoxMm outer = frame.outer();
        double border = frame.borderMm();
        if (frame.cornerRadiusMm() <= 0 && 2 * border < Math.min(outer.width(), outer.height())) {
            // The same ring as below, as a line: the platform draws a rectangle's line without tracing paths.
            graphics.setStroke(new BasicStroke((float) border, BasicStroke.CAP_SQUARE, BasicStroke.JOIN_MITER));
            graphics.draw(new Rectangle2D.Double(
                    outer.x() + border / 2, outer.y() + border / 2, outer.width() - border, outer.height() - border));
            return;
        }
        Path2D ring = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        ring.append(rounded(outer, frame.cornerRadiusMm()), false);
        ring.append(rounded(frame.window(), frame.windowRadiusMm()), false);
        graphics.fill(ring);
    }

    private static Shape rounded(BoxMm box, double radius) {
        return radius <= 0
                ? box.rectangle()
                : new RoundRectangle2D.Double(box.x(), box.y(), box.width(), box.height(), 2 * radius, 2 * radius);
    }
}
