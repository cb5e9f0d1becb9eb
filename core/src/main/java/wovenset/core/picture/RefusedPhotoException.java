package wovenset.core.picture;

/** A file that is not taken in as a photo; the message says why, for the person who brought it. */
public final class RefusedPhotoException extends RuntimeException {
    public RefusedPhotoException(String reason) {
        super(reason);
    }

    public RefusedPhotoException(String reason, Throwable cause) {
        super(reason, cause);
    }
}
