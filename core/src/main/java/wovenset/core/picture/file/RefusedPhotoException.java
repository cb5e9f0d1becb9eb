package wovenset.core.picture.file;

import org.jspecify.annotations.Nullable;
import wovenset.core.said.Reason;
import wovenset.core.said.Said;

/** A file that is not taken in as a photo, and why. */
public final class RefusedPhotoException extends RuntimeException {
    private final transient Said said;

    public RefusedPhotoException(Reason reason, Object... args) {
        this(Said.of(reason, args), null);
    }

    public RefusedPhotoException(Said said, @Nullable Throwable cause) {
        super(said.toString(), cause);
        this.said = said;
    }

    /** For a file that cannot be read as the format that it has. */
    public static RefusedPhotoException because(Throwable cause, Reason reason) {
        return new RefusedPhotoException(Said.of(reason), cause);
    }

    public Said said() {
        return said;
    }
}
