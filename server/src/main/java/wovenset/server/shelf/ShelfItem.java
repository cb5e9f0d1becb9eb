package wovenset.server.shelf;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wovenset.core.measure.Format;

/**
 * A piece on the shelf.
 *
 * @param format null if the piece cannot be read
 * @param kind null if nobody has said so
 * @param changedAt as an ISO instant
 * @param coverPage the first page
 * @param coverLook names its present look
 * @param damaged why it cannot be read; null if it can
 */
record ShelfItem(
        UUID id,
        String name,
        @Nullable Format format,
        @Nullable PieceKind kind,
        int pages,
        int photos,
        long revision,
        String changedAt,
        @Nullable UUID coverPage,
        long coverLook,
        @Nullable String damaged) {}
