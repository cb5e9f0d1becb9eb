package wovenset.server.scene;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import org.springframework.stereotype.Component;
import wovenset.core.paint.PhotoRasters;
import wovenset.core.paint.RasterScale;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.picture.Derivatives;
import wovenset.core.picture.DerivedPixels;
import wovenset.core.picture.PhotoHeader;
import wovenset.core.picture.file.RefusedPhotoException;
import wovenset.core.retouch.Development;
import wovenset.server.photo.PhotoStore;
import wovenset.server.recent.Recent;

/** Pixels for the screen from the photos' derived sizes, kept in memory up to a fifth of the heap. */
@Component
class ScreenRasters implements PhotoRasters {
    /** A quarter of the small size: enough for pages as small as those in the run. */
    private static final int QUARTER = Derivatives.SMALL / 4;

    private final PhotoStore store;
    private final Recent<Key, BufferedImage> kept =
            Recent.bytes(Runtime.getRuntime().maxMemory() / 5, ScreenRasters::size);

    ScreenRasters(PhotoStore store) {
        this.store = store;
    }

    /** @param derived whether it is a derived size as it is stored, or reduced from one */
    private record Key(PhotoPixels pixels, boolean derived, int longEdge) {}

    private static int size(BufferedImage image) {
        return image.getColorModel().getNumComponents() * image.getWidth() * image.getHeight();
    }

    @Override
    public BufferedImage raster(PhotoPixels pixels, double wantedScale) {
        PhotoHeader header = store.header(pixels.photo());
        int longEdge = RasterScale.longEdge(header.width(), header.height(), wantedScale);
        if (pixels.arePlain()) {
            return plain(pixels, longEdge);
        }
        int edge = Development.edge(pixels, longEdge, Math.max(header.width(), header.height()));
        return kept.get(
                new Key(pixels, false, longEdge),
                key -> DerivedPixels.within(Development.of(plain(pixels.plain(), edge), pixels), longEdge));
    }

    private BufferedImage plain(PhotoPixels pixels, int longEdge) {
        int derived = base(longEdge);
        BufferedImage base = kept.get(new Key(pixels, true, derived), key -> read(pixels.photo(), derived));
        return longEdge >= Math.max(base.getWidth(), base.getHeight())
                ? base
                : kept.get(new Key(pixels, false, longEdge), key -> DerivedPixels.within(base, longEdge));
    }

    /** At least twice as fine as what is averaged from it, while there is such a one: fine patterns would else come out otherwise. */
    private static int base(int longEdge) {
        if (longEdge <= QUARTER / 2) {
            return QUARTER;
        }
        return longEdge <= Derivatives.SMALL / 2 ? Derivatives.SMALL : Derivatives.LARGE;
    }

    private BufferedImage read(PhotoId photo, int derived) {
        try {
            return derived == QUARTER
                    ? DerivedPixels.readQuarter(Files.readAllBytes(store.derived(photo, Derivatives.SMALL)))
                    : DerivedPixels.read(Files.readAllBytes(store.derived(photo, derived)));
        } catch (IOException | UncheckedIOException | RefusedPhotoException e) {
            throw MissingPhotoException.damaged(store.original(photo).name(), e);
        }
    }
}
