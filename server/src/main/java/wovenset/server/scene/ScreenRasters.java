package wovenset.server.scene;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import org.springframework.stereotype.Component;
import wovenset.core.paint.PhotoRasters;
import wovenset.core.paint.RasterScale;
import wovenset.core.picture.Derivatives;
import wovenset.core.picture.DerivedPixels;
import wovenset.core.piece.PhotoId;
import wovenset.server.photo.PhotoStore;

/** Pixels for the screen from the photos' derived sizes, kept in memory up to a fifth of the heap. */
@Component
class ScreenRasters implements PhotoRasters {
    private final PhotoStore store;
    private final Cache<String, BufferedImage> kept = Caffeine.newBuilder()
            // A value is computed under its bin's lock: with few bins, photos would wait for each other.
            .initialCapacity(1024)
            .maximumWeight(Runtime.getRuntime().maxMemory() / 5)
            .weigher((String key, BufferedImage image) -> 3 * image.getWidth() * image.getHeight())
            .build();

    ScreenRasters(PhotoStore store) {
        this.store = store;
    }

    @Override
    public Raster raster(PhotoId photo, double wantedScale) {
        var header = store.header(photo);
        int longEdge = RasterScale.longEdge(header.width(), header.height(), wantedScale);
        int derived = longEdge <= Derivatives.SMALL ? Derivatives.SMALL : Derivatives.LARGE;
        BufferedImage base = kept.get(photo.sha256() + "/" + derived, key -> read(photo, derived));
        int edge = Math.max(base.getWidth(), base.getHeight());
        if (longEdge >= edge) {
            return Raster.upright(base);
        }
        return Raster.upright(kept.get(photo.sha256() + "/at" + longEdge, key -> DerivedPixels.reduced(base,
                Math.max(1, (int) Math.round(base.getWidth() * (double) longEdge / edge)),
                Math.max(1, (int) Math.round(base.getHeight() * (double) longEdge / edge)))));
    }

    private BufferedImage read(PhotoId photo, int derived) {
        try {
            return DerivedPixels.read(Files.readAllBytes(store.derived(photo, derived)));
        } catch (IOException e) {
            throw new MissingPhotoException("The photo's file cannot be read.", e);
        }
    }
}
