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
        String createdAt) {
    enum State {
        WAITING,
        MAKING,
        DONE,
        FAILED,
        CANCELLED
    }
}
