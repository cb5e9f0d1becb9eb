package wovenset.core.output;

import java.nio.file.Path;
import java.util.Optional;
import wovenset.core.photo.PhotoId;
import wovenset.core.picture.PhotoHeader;

/** Where originals are and what their headers say. */
public interface PhotoFiles {
    /**
     * @throws wovenset.core.paint.PhotoRasters.MissingPhotoException if the photo is not stored
     */
    Original original(PhotoId photo);

    /**
     * A smaller picture of the photo that is stored beside it, upright and in sRGB.
     *
     * @param longEdge in pixels; it is at least as long as this
     * @return nothing if there is none that is smaller than the photo itself
     */
    Optional<Path> reduced(PhotoId photo, int longEdge);

    /**
     * A stored photo; its file is only read.
     *
     * @param name that the file had, to be shown
     */
    record Original(Path file, PhotoHeader header, String name) {}
}
