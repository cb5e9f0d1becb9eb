package wovenset.core.output;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgcodecs;
import org.bytedeco.opencv.opencv_core.Mat;
import wovenset.core.geometry.BoxMm;
import wovenset.core.paint.PaintMemory;
import wovenset.core.paint.RasterPainter;
import wovenset.core.said.Reason;
import wovenset.core.scene.PageScene;

/**
 * Draws a page in strips into memory outside the Java heap and writes it as JPEG or PNG with its resolution and profile.
 * The heap holds one strip and the photos that cross it, whatever the page's size.
 */
final class PageImageWriter {
    /** A JPEG's side has 16 bits; what is more than this many pixels no printer takes as one image. */
    static final int MOST_SIDE = 65_000;

    static final long MOST_PIXELS = 300_000_000L;

    private static final int STRIP_PIXELS = 6_000_000;
    private static final int PNG_COMPRESSION = 3;

    private final RasterPainter painter;
    private final PaintMemory memory;
    private final MakeRequest request;

    /** @param memory that all pictures under way share */
    PageImageWriter(RasterPainter painter, PaintMemory memory, MakeRequest request) {
        this.painter = painter;
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
        Path bare = Files.createTempFile(
                target.getParent(), "page", request.kind() == MakeRequest.Kind.PNG ? ".png" : ".jpg");
        try (PaintMemory.Share room = room(extent, progress, from);
                Mat picture =
                        new Mat(extent.height(), extent.width(), clear() ? opencv_core.CV_8UC4 : opencv_core.CV_8UC3)) {
            int rows = Math.max(16, STRIP_PIXELS / extent.width());
            for (int y = 0; y < extent.height(); y += rows) {
                progress.checkpoint();
                strip(page, extent, picture, y, Math.min(rows, extent.height() - y));
                progress.done(from + (to - from) * 0.9 * Math.min(1, (y + rows) / (double) extent.height()), "Drawing");
            }
            progress.checkpoint();
            encode(picture, bare);
            Stamp.copy(bare, target, request.kind(), request.resolution());
            progress.done(to, "Writing");
        } finally {
            Files.deleteIfExists(bare);
        }
    }

    private PaintMemory.Share room(PixelExtent extent, MakeProgress progress, double share) {
        return memory.take((long) extent.width() * extent.height() * (clear() ? 4 : 3), () -> {
            progress.done(share, "Waiting for memory");
            progress.checkpoint();
        });
    }

    private void strip(PageScene page, PixelExtent extent, Mat picture, int top, int rows) {
        BufferedImage image = new BufferedImage(
                extent.width(), rows, clear() ? BufferedImage.TYPE_4BYTE_ABGR : BufferedImage.TYPE_3BYTE_BGR);
        BoxMm box = box(page);
        double pixelsPerMm = request.resolution().pixelsPerMm();
        painter.window(
                page,
                image,
                box.x(),
                box.y() + top / pixelsPerMm,
                pixelsPerMm,
                clear() ? RasterPainter.Ground.CLEAR : RasterPainter.Ground.OF_PAGE);
        byte[] pixels = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        if (clear()) {
            alphaLast(pixels);
        }
        try (Mat part = picture.rowRange(top, top + rows)) {
            part.data().put(pixels);
        }
    }

    /** Alpha, blue, green, red to blue, green, red, alpha. */
    private static void alphaLast(byte[] pixels) {
        for (int i = 0; i < pixels.length; i += 4) {
            byte alpha = pixels[i];
            pixels[i] = pixels[i + 1];
            pixels[i + 1] = pixels[i + 2];
            pixels[i + 2] = pixels[i + 3];
            pixels[i + 3] = alpha;
        }
    }

    private void encode(Mat picture, Path file) throws IOException {
        try (IntPointer options = request.kind() == MakeRequest.Kind.PNG
                ? new IntPointer(opencv_imgcodecs.IMWRITE_PNG_COMPRESSION, PNG_COMPRESSION)
                : new IntPointer(
                        opencv_imgcodecs.IMWRITE_JPEG_QUALITY,
                        request.jpegQuality(),
                        opencv_imgcodecs.IMWRITE_JPEG_SAMPLING_FACTOR,
                        0x111111)) {
            if (!opencv_imgcodecs.imwrite(file.toString(), picture, options)) {
                throw new IOException("The disk did not take the file " + file.getFileName());
            }
        }
    }
}
