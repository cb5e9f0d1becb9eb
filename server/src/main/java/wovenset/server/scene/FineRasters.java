package wovenset.server.scene;

import java.awt.image.BufferedImage;
import org.springframework.stereotype.Component;
import wovenset.core.paint.PhotoRasters;
import wovenset.core.paint.RasterScale;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.picture.Derivatives;
import wovenset.core.picture.PhotoDecoder;
import wovenset.core.picture.PhotoHeader;
import wovenset.core.picture.file.RefusedPhotoException;
import wovenset.core.retouch.Development;
import wovenset.server.photo.PhotoStore;
import wovenset.server.recent.Recent;

/**
 * Pixels for who looks closely: from the photos' derived sizes while these are fine enough, else from the originals, no finer than
 * {@value #MOST_PIXELS} pixels. The last few are kept, up to an eighth of the heap.
 */
@Component
class FineRasters implements PhotoRasters {
    private static final double MOST_PIXELS = 16e6;

    private final ScreenRasters screen;
    private final PhotoStore store;
    private final Recent<Key, BufferedImage> kept = Recent.bytes(
            Runtime.getRuntime().maxMemory() / 8,
            image -> image.getColorModel().getNumComponents() * image.getWidth() * image.getHeight());

    FineRasters(ScreenRasters screen, PhotoStore store) {
        this.screen = screen;
        this.store = store;
    }

    private record Key(PhotoPixels pixels, int longEdge) {}

    @Override
    public BufferedImage raster(PhotoPixels pixels, double wantedScale) {
        PhotoHeader header = store.header(pixels.photo());
        int wanted = RasterScale.longEdge(header.width(), header.height(), wantedScale);
        if (wanted <= Derivatives.LARGE) {
            return screen.raster(pixels, wantedScale);
        }
        double most = Math.sqrt(MOST_PIXELS / ((double) header.width() * header.height()));
        int longEdge = (int) Math.min(wanted, most * Math.max(header.width(), header.height()));
        // Another amount needs no other decoding.
        BufferedImage plain =
                kept.get(new Key(pixels.plain(), longEdge), key -> decoded(pixels.plain(), header, longEdge));
        return pixels.arePlain() ? plain : kept.get(new Key(pixels, longEdge), key -> Development.of(plain, pixels));
    }

    private BufferedImage decoded(PhotoPixels pixels, PhotoHeader header, int longEdge) {
        var original = store.original(pixels.photo());
        try {
            return PhotoDecoder.decode(original.file(), header, longEdge);
        } catch (RefusedPhotoException e) {
            throw MissingPhotoException.damaged(original.name(), e);
        }
    }
}
