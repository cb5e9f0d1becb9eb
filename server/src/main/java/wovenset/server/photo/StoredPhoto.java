package wovenset.server.photo;

import org.jspecify.annotations.Nullable;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.Subject;
import wovenset.core.picture.PhotoHeader;

/**
 * A photo in the store.
 *
 * @param fileName as it was first brought in
 * @param subject what it is about; null until it was looked at
 */
public record StoredPhoto(PhotoId id, PhotoHeader header, long bytes, String fileName, @Nullable Subject subject) {
    StoredPhoto withSubject(Subject found) {
        return new StoredPhoto(id, header, bytes, fileName, found);
    }
}
