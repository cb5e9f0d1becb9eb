package wovenset.server.scene;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import org.springframework.stereotype.Component;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.picture.PhotoHeader;
import wovenset.core.picture.file.PngWriter;
import wovenset.server.photo.PhotoStore;

/** Photos without their frames, as PNG. */
@Component
class WholePhotos {
    private final PhotoStore store;
    private final ScreenRasters rasters;

    WholePhotos(PhotoStore store, ScreenRasters rasters) {
        this.store = store;
        this.rasters = rasters;
    }

    /** @param edge so many pixels along the longer side, or a few more; no more than the photo has */
    byte[] png(PhotoPixels pixels, int edge) {
        PhotoHeader header = store.header(pixels.photo());
        double scale = Math.min(1, edge / (double) Math.max(header.width(), header.height()));
        return PngWriter.png(plain(rasters.raster(pixels, scale)));
    }

    private static BufferedImage plain(BufferedImage image) {
        if (image.getType() == BufferedImage.TYPE_3BYTE_BGR) {
            return image;
        }
        BufferedImage plain = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_4BYTE_ABGR);
        Graphics2D graphics = plain.createGraphics();
        graphics.drawImage(image, 0, 0, null);
        graphics.dispose();
        return plain;
    }
}
