package wovenset.core.scene;

import java.util.Optional;
import wovenset.core.piece.PhotoId;

/** How large stored photos are. */
public interface PhotoSizes {
    /** The photo's upright pixel size; nothing if it is not stored. */
    Optional<PixelSize> size(PhotoId photo);

    /** Width and height in pixels, upright. */
    record PixelSize(int width, int height) {}
}
