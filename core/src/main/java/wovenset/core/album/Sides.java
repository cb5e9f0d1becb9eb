package wovenset.core.album;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.arrangement.Margins;
import wovenset.core.piece.Album;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.SharedPicture;
import wovenset.core.piece.Spreads;

/**
 * The sides that the pages of an album lie on after one was put in, moved or taken out between them: from there on right is left. Before a
 * picture across the fold, and before a chapter that is to begin on the right, a page with nothing on it comes, or the one that was there goes;
 * of two that come after each other one stays; flowed pages get the margins of their side, and what is on them moves by the difference. No photo comes onto another page. Cost: linear in
 * the pages.
 */
public final class Sides {
    private Sides() {}

    /**
     * The piece with its pages on their sides; the same one where no page has come to another place.
     *
     * @param ids gives names to pages with nothing on them
     */
    public static Piece settled(Piece before, Piece after, Supplier<UUID> ids) {
        Optional<Album> album = after.album();
        if (album.isEmpty() || order(before).equals(order(after))) {
            return after;
        }
        List<Page> pages = new ArrayList<>();
        for (int i = 0; i < after.pages().size(); i++) {
            Page page = after.pages().get(i);
            boolean afterBlank = !pages.isEmpty() && Openings.isBlank(pages.get(pages.size() - 1));
            if (afterBlank && Openings.isBlank(page)) {
                continue;
            }
            boolean isLeft = Spreads.isLeft(pages.size());
            if (isLeft ? beginsOnRight(after, album.get(), i) : beginsAcross(after.pages(), i)) {
                if (afterBlank) {
                    pages.remove(pages.size() - 1);
                } else {
                    pages.add(Openings.blank(album.get(), ids));
                }
            }
            pages.add(onItsSide(album.get(), page, Spreads.isLeft(pages.size())));
        }
        return pages.size() > Piece.MOST_PAGES || pages.equals(after.pages()) ? after : after.withPages(pages);
    }

    private static List<UUID> order(Piece piece) {
        return piece.pages().stream().map(Page::id).toList();
    }

    private static Page onItsSide(Album album, Page page, boolean isLeft) {
        Margins margins = album.margins(isLeft);
        return HandWork.isFlowed(page) && page.arrangement().margins().equals(album.margins(!isLeft))
                ? page.with(page.arrangement().withMargins(margins), page.items())
                : page;
    }

    /** Whether a chapter begins here that is to begin on the right. */
    private static boolean beginsOnRight(Piece piece, Album album, int index) {
        Page page = piece.pages().get(index);
        boolean opened = index > 0 && piece.pages().get(index - 1).flow() == Page.Flow.OPENING;
        return album.onRight()
                && (page.flow() == Page.Flow.OPENING
                        || !opened
                                && HandWork.isFlowed(page)
                                && piece.slottedEntries(page).stream()
                                        .limit(1)
                                        .anyMatch(first -> album.chapters().stream()
                                                .anyMatch(chapter ->
                                                        chapter.first().equals(first))));
    }

    /** Whether a picture lies over this page and the next one, and over no other beside them. */
    private static boolean beginsAcross(List<Page> pages, int index) {
        return pages.get(index).pictures().stream()
                .anyMatch(picture -> shows(pages, index + 1, picture)
                        && !shows(pages, index + 2, picture)
                        && !shows(pages, index - 1, picture));
    }

    private static boolean shows(List<Page> pages, int index, SharedPicture picture) {
        return index >= 0
                && index < pages.size()
                && pages.get(index).picture(picture.id()).isPresent();
    }
}
