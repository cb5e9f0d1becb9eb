package wovenset.core.frame;

import java.util.List;
import java.util.Optional;
import wovenset.core.item.Mosaic;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.Region;

/**
 * A mosaic with what of its photos is known.
 *
 * @param photos in the mosaic's order; nothing for those that are gone
 */
public record Woven(Mosaic mosaic, List<Optional<TilePhoto>> photos) {
    public Woven {
        photos = List.copyOf(photos);
    }

    /** @param part what of it a tile shows */
    public record TilePhoto(PhotoPixels pixels, PixelSize size, Region part) {}
}
