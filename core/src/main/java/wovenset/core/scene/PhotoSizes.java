package wovenset.core.scene;

import java.util.Optional;
import java.util.OptionalDouble;
import wovenset.core.arrange.PhotoTraits;
import wovenset.core.piece.PhotoId;

/** How large stored photos are. */
public interface PhotoSizes extends PhotoTraits {
    /** The photo's upright pixel size; nothing if it is not stored. */
    Optional<PixelSize> size(PhotoId photo);

    @Override
    default OptionalDouble proportion(PhotoId photo) {
        return size(photo)
                .map(size -> OptionalDouble.of((double) size.width() / size.height()))
                .orElse(OptionalDouble.empty());
    }

    /** Width and height in pixels, upright. */
    record PixelSize(int width, int height) {}
}
