package wovenset.server.piece;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;

/**
 * One side of a change: the piece's head, and those pages that differ from the other side.
 *
 * <p>Undo puts the earlier side back over the piece as it is; pages that no entry touched are taken as they are.
 */
record Snapshot(PieceDocuments.Head head, List<Page> pages) {
    static Snapshot of(Piece side, Piece other) {
        return new Snapshot(
                PieceDocuments.headOf(side),
                side.pages().stream()
                        .filter(page -> !other.page(page.id()).equals(Optional.of(page)))
                        .toList());
    }

    Piece over(Piece piece) {
        Map<UUID, Page> known = new HashMap<>();
        piece.pages().forEach(page -> known.put(page.id(), page));
        pages.forEach(page -> known.put(page.id(), page));
        return new Piece(
                piece.id(),
                head.name(),
                head.format(),
                head.dress(),
                head.photos(),
                head.pages().stream()
                        .map(id -> Objects.requireNonNull(known.get(id), "page of the journal"))
                        .toList(),
                head.subjects());
    }
}
