package wovenset.server.make;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wovenset.core.output.MakeRequest;

/**
 * A file being made, or made.
 *
 * @param share done, 0 to 1
 * @param fileName once it is done
 * @param message why it failed; null otherwise
 * @param bytes the file's size; null if there is none
 * @param revision of the piece that it shows; null while it waits
 */
record MakeView(
        UUID id,
        UUID pieceId,
        State state,
        MakeRequest request,
        double share,
        String doing,
        @Nullable String fileName,
        @Nullable String message,
        String createdAt,
        @Nullable Long bytes,
        @Nullable Long revision) {
    MakeView withBytes(Long bytes) {
        return new MakeView(id, pieceId, state, request, share, doing, fileName, message, createdAt, bytes, revision);
    }

    enum State {
        WAITING,
        MAKING,
        DONE,
        FAILED,
        CANCELLED;

        boolean ended() {
            return this == DONE || this == FAILED || this == CANCELLED;
        }
    }
}
