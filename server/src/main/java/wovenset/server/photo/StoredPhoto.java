package wovenset.server.photo;

import wovenset.core.picture.PhotoHeader;
import wovenset.core.piece.PhotoId;

/**
 * A photo in the store.
 *
 * @param fileName as it was first brought in
 */
public record StoredPhoto(PhotoId id, PhotoHeader header, long bytes, String fileName) {}
