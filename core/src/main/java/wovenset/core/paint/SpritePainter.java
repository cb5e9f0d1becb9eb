package wovenset.core.paint;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import wovenset.core.geometry.BoxMm;
import wovenset.core.scene.PageScene;
import wovenset.core.scene.PageScene.FrameScene;

/** Draws one frame, or a whole page, for a screen. */
public final class SpritePainter {
    private final Painter painter;

    public SpritePainter(PhotoRasters rasters) {
        this.painter = new Painter(rasters);
    }

    /**
     * Where a frame's sprite lies on a screen: whole pixels around all that it draws, so that sprites of neighbours meet the same
     * pixel grid as the whole page would.
     */
    public record Bounds(int x, int y, int width, int height) {
        public static Bounds of(BoxMm box, double pixelsPerMm) {
            int x = (int) Math.floor(box.x() * pixelsPerMm);
            int y = (int) Math.floor(box.y() * pixelsPerMm);
            return new Bounds(
                    x,
                    y,
                    (int) Math.ceil((box.x() + box.width()) * pixelsPerMm) - x,
                    (int) Math.ceil((box.y() + box.height()) * pixelsPerMm) - y);
        }
    }

    /** A frame alone on transparent ground, {@link Bounds} large. */
    public BufferedImage frame(FrameScene frame, double pixelsPerMm) {
        Bounds bounds = Bounds.of(frame.bounds(), pixelsPerMm);
        BufferedImage image = new BufferedImage(
                Math.max(1, bounds.width()), Math.max(1, bounds.height()), BufferedImage.TYPE_4BYTE_ABGR);
        Graphics2D graphics = image.createGraphics();
        Painter.prepare(graphics);
        graphics.translate(-bounds.x(), -bounds.y());
        graphics.scale(pixelsPerMm, pixelsPerMm);
        painter.paintFrame(graphics, frame);
        graphics.dispose();
        return image;
    }

    /** The trimmed page with all its frames. */
    public BufferedImage page(PageScene page, double pixelsPerMm) {
        BufferedImage image = new BufferedImage(
                (int) Math.max(1, Math.round(page.widthMm() * pixelsPerMm)),
                (int) Math.max(1, Math.round(page.heightMm() * pixelsPerMm)),
                BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = image.createGraphics();
        Painter.prepare(graphics);
        graphics.scale(pixelsPerMm, pixelsPerMm);
        painter.paintGround(graphics, page);
        page.frames().forEach(frame -> painter.paintFrame(graphics, frame));
        graphics.dispose();
        return image;
    }
}
