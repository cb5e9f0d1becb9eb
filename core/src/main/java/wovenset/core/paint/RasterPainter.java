package wovenset.core.paint;

import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import wovenset.core.display.Unit;
import wovenset.core.geometry.BoxMm;
import wovenset.core.scene.PageScene;

/** Draws units and windows of pages on pixels, at any scale. */
public final class RasterPainter {
    /**
     * A screen's picture of a unit begins at the nearest of so many parts of a pixel: fine enough that it cuts upright photos at the
     * pixels where the page itself does, coarse enough that a unit comes to the same picture when it is moved back.
     */
    public static final int PHASES = 256;

    private final PhotoRasters rasters;

    public RasterPainter(PhotoRasters rasters) {
        this.rasters = rasters;
    }

    /** Where a unit's picture lies: whole pixels around its ink, counted from where its own axes begin. */
    public record Bounds(int x, int y, int width, int height) {
        /**
         * @param phaseX by which part of a pixel the unit's axes are shifted to the right, 0 to 1
         */
        public static Bounds of(BoxMm ownInk, double pixelsPerMm, double phaseX, double phaseY) {
            int x = (int) Math.floor(ownInk.x() * pixelsPerMm + phaseX);
            int y = (int) Math.floor(ownInk.y() * pixelsPerMm + phaseY);
            return new Bounds(
                    x,
                    y,
                    (int) Math.ceil(ownInk.right() * pixelsPerMm + phaseX) - x,
                    (int) Math.ceil(ownInk.bottom() * pixelsPerMm + phaseY) - y);
        }
    }

    /**
     * A unit alone on transparent ground, {@link Bounds} large. Pixels are where they are on the page if the phase is the part of a
     * pixel by which the unit lies beyond a whole one.
     */
    public BufferedImage unit(Unit unit, double pixelsPerMm, double phaseX, double phaseY) {
        Bounds bounds = Bounds.of(unit.ownInk(), pixelsPerMm, phaseX, phaseY);
        BufferedImage image = new BufferedImage(
                Math.max(1, bounds.width()), Math.max(1, bounds.height()), BufferedImage.TYPE_4BYTE_ABGR);
        Graphics2D graphics = image.createGraphics();
        RasterBackend.prepare(graphics);
        graphics.translate(phaseX - bounds.x(), phaseY - bounds.y());
        graphics.scale(pixelsPerMm, pixelsPerMm);
        new RasterBackend(image, graphics, rasters).draw(unit.ops());
        graphics.dispose();
        return image;
    }

    /** The trimmed page. */
    public BufferedImage page(PageScene page, double pixelsPerMm) {
        BufferedImage image = new BufferedImage(
                (int) Math.max(1, Math.round(page.widthMm() * pixelsPerMm)),
                (int) Math.max(1, Math.round(page.heightMm() * pixelsPerMm)),
                BufferedImage.TYPE_3BYTE_BGR);
        window(page, image, 0, 0, pixelsPerMm, Ground.OF_PAGE);
        return image;
    }

    /**
     * The trimmed page as a small picture this wide. It is set to whole pixels on both sides: else its last row would be part photo,
     * part nothing.
     */
    public BufferedImage picture(PageScene page, int width) {
        int height = (int) Math.max(1, Math.round(page.heightMm() * width / page.widthMm()));
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
        draw(
                page,
                image,
                AffineTransform.getScaleInstance(width / page.widthMm(), height / page.heightMm()),
                Ground.OF_PAGE);
        return image;
    }

    /** Whether a page's ground is drawn. */
    public enum Ground {
        OF_PAGE,
        CLEAR
    }

    /**
     * Draws what of a page an image can hold.
     *
     * @param leftMm where on the page the image's left edge lies
     */
    public void window(
            PageScene page, BufferedImage image, double leftMm, double topMm, double pixelsPerMm, Ground ground) {
        AffineTransform toPixels = AffineTransform.getScaleInstance(pixelsPerMm, pixelsPerMm);
        toPixels.translate(-leftMm, -topMm);
        draw(page, image, toPixels, ground);
    }

    private void draw(PageScene page, BufferedImage image, AffineTransform toPixels, Ground ground) {
        Graphics2D graphics = image.createGraphics();
        RasterBackend.prepare(graphics);
        graphics.transform(toPixels);
        RasterBackend backend = new RasterBackend(image, graphics, rasters);
        if (ground == Ground.OF_PAGE) {
            // The page's last pixels may be part covered; nothing may shine through at the edge of a print.
            backend.draw(page.groundOps(1));
        }
        BoxMm window = new BoxMm(
                        -toPixels.getTranslateX() / toPixels.getScaleX(),
                        -toPixels.getTranslateY() / toPixels.getScaleY(),
                        image.getWidth() / toPixels.getScaleX(),
                        image.getHeight() / toPixels.getScaleY())
                .outset(1 / toPixels.getScaleX());
        for (Unit unit : page.units()) {
            if (unit.ink().meets(window)) {
                backend.group(unit.onPage());
            }
        }
        graphics.dispose();
    }
}
