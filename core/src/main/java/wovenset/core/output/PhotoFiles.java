package wovenset.core.output;

import java.nio.file.Path;
import wovenset.core.photo.PhotoId;
import wovenset.core.picture.PhotoHeader;

/** Where originals are and what their headers say. */
public interface PhotoFiles {
    /**
     * @throws wovenset.core.paint.PhotoRasters.MissingPhotoException if the photo is not stored
     */
    Original original(PhotoId photo);

    /**
     * A stored photo; its file is only read.
     *
     * @param name that the file had, to be shown
     */
    record Original(Path file, PhotoHeader header, String name) {}
}
