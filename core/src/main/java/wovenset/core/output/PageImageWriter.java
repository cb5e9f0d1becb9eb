package wovenset.core.output;

import java.awt.image.BufferedImage;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import wovenset.core.geometry.BoxMm;
import wovenset.core.paint.PaintMemory;
import wovenset.core.paint.RasterPainter;
import wovenset.core.said.Reason;
import wovenset.core.scene.PageScene;

/**
 * Draws a page strip by strip and writes each at once, as JPEG or PNG with its resolution and profile: memory holds two strips and
 * the photos that cross them, whatever the page's size.
 */
final class PageImageWriter {
    /** A JPEG's side has 16 bits; what is more than this many pixels no printer takes as one image. */
    static final int MOST_SIDE = 65_000;

    static final long MOST_PIXELS = 300_000_000L;

    private static final int STRIP_PIXELS = 2_000_000;

    /** Strips at a time: one that is packed, and one that is drawn meanwhile. More would hold more photos. */
    private static final int STRIPS = 2;

    private final ExportRasters rasters;
    private final RasterPainter painter;
    private final PaintMemory memory;
    private final MakeRequest request;

    /** @param memory that all pictures under way share */
    PageImageWriter(ExportRasters rasters, PaintMemory memory, MakeRequest request) {
        this.rasters = rasters;
        this.painter = new RasterPainter(rasters);
        this.memory = memory;
        this.request = request;
    }

    /** The pixel size of a page's picture. */
    record PixelExtent(int width, int height) {}

    PixelExtent extent(PageScene page) {
        BoxMm box = box(page);
        double pixelsPerMm = request.resolution().pixelsPerMm();
        long width = Math.max(1, Math.round(box.width() * pixelsPerMm));
        long height = Math.max(1, Math.round(box.height() * pixelsPerMm));
        if (width > MOST_SIDE || height > MOST_SIDE || width * height > MOST_PIXELS) {
            double fits = Math.sqrt(MOST_PIXELS / (box.width() * box.height())) * 25.4;
            double side = MOST_SIDE / Math.max(box.width(), box.height()) * 25.4;
            throw new MakeRefusedException(
                    Reason.MAKE_PIXELS,
                    Math.round(request.resolution().ppi()),
                    width,
                    height,
                    MOST_PIXELS / 1_000_000,
                    (int) Math.floor(Math.min(fits, side)));
        }
        return new PixelExtent((int) width, (int) height);
    }

    private BoxMm box(PageScene page) {
        return request.extent() == MakeRequest.Extent.BLEED
                ? page.bleedBox()
                : new BoxMm(0, 0, page.widthMm(), page.heightMm());
    }

    private boolean clear() {
        return request.kind() == MakeRequest.Kind.PNG && request.ground() == MakeRequest.Ground.CLEAR;
    }

    @SuppressWarnings("try") // It is only held.
    void write(PageScene page, Path target, MakeProgress progress, double from, double to) throws IOException {
        PixelExtent extent = extent(page);
        int rows = Math.max(1, STRIP_PIXELS / extent.width() / StripWriter.ROWS) * StripWriter.ROWS;
        ExportRasters.Needs photos = rasters.needs(page, request.resolution().pixelsPerMm());
        try (PaintMemory.Share room = room(photos, STRIPS * (long) extent.width() * rows, progress, from);
                OutputStream out = new BufferedOutputStream(Files.newOutputStream(target), 1 << 16)) {
            StripWriter strips = strips(extent, out);
            rasters.expect(photos);
            try (Ahead<Integer, BufferedImage> drawn = drawn(page, extent, rows)) {
                for (int y = 0; y < extent.height(); y += rows) {
                    progress.checkpoint();
                    strips.add(Objects.requireNonNull(drawn.take(y)));
                    progress.done(from + (to - from) * Math.min(1, (y + rows) / (double) extent.height()), "Drawing");
                }
            }
            strips.finish();
        } finally {
            rasters.close();
        }
    }

    /** The strips by their first rows, drawn while those before are packed. */
    private Ahead<Integer, BufferedImage> drawn(PageScene page, PixelExtent extent, int rows) {
        Map<Integer, Long> all = new LinkedHashMap<>();
        for (int y = 0; y < extent.height(); y += rows) {
            all.put(y, 1L);
        }
        return new Ahead<>(all, STRIPS - 1L, y -> strip(page, extent.width(), y, Math.min(rows, extent.height() - y)));
    }

    private PaintMemory.Share room(ExportRasters.Needs photos, long stripPixels, MakeProgress progress, double share) {
        return memory.take(stripPixels * (clear() ? 4 : 3) + photos.bytes(), () -> {
            progress.done(share, "Waiting for memory");
            progress.checkpoint();
        });
    }

    private StripWriter strips(PixelExtent extent, OutputStream out) throws IOException {
        return request.kind() == MakeRequest.Kind.PNG
                ? new PngStrips(out, extent.width(), extent.height(), clear(), request.resolution())
                : new JpegStrips(out, extent.width(), extent.height(), request.jpegQuality(), request.resolution());
    }

    private BufferedImage strip(PageScene page, int width, int top, int rows) {
        BufferedImage image =
                new BufferedImage(width, rows, clear() ? BufferedImage.TYPE_4BYTE_ABGR : BufferedImage.TYPE_3BYTE_BGR);
        BoxMm box = box(page);
        double pixelsPerMm = request.resolution().pixelsPerMm();
        painter.window(
                page,
                image,
                box.x(),
                box.y() + top / pixelsPerMm,
                pixelsPerMm,
                clear() ? RasterPainter.Ground.CLEAR : RasterPainter.Ground.OF_PAGE);
        return image;
    }
}
