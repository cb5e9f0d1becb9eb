package wovenset.server.photo;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wovenset.core.photo.PhotoId;

/** Where photos go once they are stored; the room of pieces provides it. */
public interface PhotoGathering {
    /**
     * @param batch names what was brought together, which is one step of the history
     * @return those of them that the piece had already
     */
    Set<PhotoId> add(UUID piece, List<PhotoId> photos, String batch, @Nullable String window);

    /** @throws wovenset.server.web.NotFoundException if there is no such piece */
    List<PhotoId> gathered(UUID piece);
}
