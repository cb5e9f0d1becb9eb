package wovenset.server.photo;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wovenset.core.piece.PhotoId;

/** Where photos go once they are stored; the room of pieces provides it. */
public interface PhotoGathering {
    /** @throws wovenset.server.web.NotFoundException if there is no such piece */
    void check(UUID piece);

    /** @param batch names what was brought together, which is one step of the history */
    void add(UUID piece, List<PhotoId> photos, String batch, @Nullable String window);

    List<PhotoId> gathered(UUID piece);
}
