package wovenset.server.scene;

import java.util.Optional;
import java.util.UUID;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;

/** Finds a page of a stored piece; the room of pieces provides it, so that this one need not know that room. */
public interface PageLookup {
    /** @throws wovenset.server.web.NotFoundException if there is no such piece */
    Optional<FoundPage> page(UUID piece, UUID page);

    /**
     * A page and the piece that it is in.
     *
     * @param look names the page's present look
     */
    record FoundPage(Piece piece, Page page, long look) {}
}
