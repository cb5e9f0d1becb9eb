package wovenset.core.album;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import wovenset.core.arrangement.ByHand;
import wovenset.core.item.Frame;
import wovenset.core.item.Item;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Album;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;

/** Flowed pages after some of their photos are gone: what stays closes up, and of a page without photos the things that a person laid on it wait. */
public final class ClosingUp {
    private ClosingUp() {}

    /**
     * A flowed page without some of what flows: what stays closes up.
     *
     * @param out entries of photos, and frames of words that stand among them
     * @return nothing if none of that is left on it; what else lies there is {@link #left}
     */
    public static Optional<Page> closedUp(Piece piece, Page page, Set<UUID> out, PhotoFacts facts) {
        Album album = piece.album().orElse(null);
        if (album == null || !HandWork.isFlowed(page)) {
            return Optional.of(page);
        }
        List<Frame> stay = page.slotted().stream()
                .filter(frame -> HandWork.isBlock(frame)
                        ? !out.contains(frame.id())
                        : piece.entryOf(page, frame)
                                .filter(entry -> !out.contains(entry.id()))
                                .isPresent())
                .toList();
        if (stay.size() == page.slotted().size()) {
            return Optional.of(page);
        }
        if (stay.isEmpty()) {
            return Optional.empty();
        }
        List<Item> loose = HandWork.looseOn(page, Set.of());
        int first = page.items().indexOf(stay.get(0));
        List<Item> behind = loose.stream()
                .filter(item -> page.items().indexOf(item) < first)
                .toList();
        List<Item> front = loose.stream().filter(item -> !behind.contains(item)).toList();
        return Optional.of(new PageComposer(piece, album, facts)
                .composed(page, piece.indexOf(page.id()) % 2 == 1, stay, behind, front));
    }

    /** What a person laid on a page that leaves the album, but for the titles of chapters. */
    public static Optional<Page> left(Album album, Page page) {
        Set<UUID> chapters = new HashSet<>();
        album.chapters().forEach(chapter -> chapters.add(chapter.id()));
        return things(page, chapters);
    }

    /**
     * The things that wait for another page.
     *
     * @param headings what goes with a chapter, not with the page
     */
    static Optional<Page> things(Page page, Set<UUID> headings) {
        List<Item> loose = HandWork.looseOn(page, headings);
        return loose.isEmpty()
                ? Optional.empty()
                : Optional.of(page.with(new ByHand(page.arrangement().margins()), loose)
                        .withGuides(List.of())
                        .withFlow(Page.Flow.BY_HAND));
    }
}
