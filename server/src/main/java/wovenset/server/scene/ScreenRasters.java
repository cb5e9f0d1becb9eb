package wovenset.server.scene;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import org.springframework.stereotype.Component;
import wovenset.core.paint.PhotoRasters;
import wovenset.core.paint.RasterScale;
import wovenset.core.picture.Derivatives;
import wovenset.core.picture.DerivedPixels;
import wovenset.core.picture.RefusedPhotoException;
import wovenset.core.piece.PhotoId;
import wovenset.server.photo.PhotoStore;
import wovenset.server.recent.Recent;

/** Pixels for the screen from the photos' derived sizes, kept in memory up to a fifth of the heap. */
@Component
class ScreenRasters implements PhotoRasters {
    private final PhotoStore store;
    private final Recent<String, BufferedImage> kept =
            Recent.bytes(Runtime.getRuntime().maxMemory() / 5, image -> 3 * image.getWidth() * image.getHeight());

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
        return Raster.upright(kept.get(
                photo.sha256() + "/at" + longEdge,
                key -> DerivedPixels.reduced(
                        base,
                        Math.max(1, (int) Math.round(base.getWidth() * (double) longEdge / edge)),
                        Math.max(1, (int) Math.round(base.getHeight() * (double) longEdge / edge)))));
    }

    private BufferedImage read(PhotoId photo, int derived) {
        try {
            return DerivedPixels.read(Files.readAllBytes(store.derived(photo, derived)));
        } catch (IOException | UncheckedIOException | RefusedPhotoException e) {
            throw new MissingPhotoException("The photo's file cannot be read.", e);
        }
    }
}
