package wovenset.core.album;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import wovenset.core.item.Items;
import wovenset.core.piece.Album;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;

/**
 * The pages that the flow goes past, each behind the photo that it followed. The photos before and behind such a page never come together on
 * one page. What a person laid on pages whose photos are all gone waits. Cost: linear in the pages.
 */
final class OwnPages {
    private final Piece piece;
    private final Album album;
    private final HandWork work;
    private final List<Page> front = new ArrayList<>();
    private final Map<UUID, List<Page>> after = new HashMap<>();
    private final List<Page> left = new ArrayList<>();

    OwnPages(Piece piece, Album album, HandWork work) {
        this.piece = piece;
        this.album = album;
        this.work = work;
        Set<UUID> titles = new HashSet<>(work.headings.keySet());
        titles.addAll(work.openings.keySet());
        Optional<UUID> last = Optional.empty();
        for (Page page : piece.pages()) {
            if (page.flow() == Page.Flow.BY_HAND) {
                if (!isBlankStart(page)) {
                    follows(last, page);
                }
                continue;
            }
            if (isGone(page)) {
                ClosingUp.things(page, titles).ifPresent(left::add);
            }
            for (UUID entry : work.shown(page)) {
                last = work.flows(entry) || work.fixed.containsKey(entry) ? Optional.of(entry) : last;
            }
        }
    }

    private void follows(Optional<UUID> entry, Page page) {
        entry.map(id -> after.computeIfAbsent(id, absent -> new ArrayList<>()))
                .orElse(front)
                .add(page);
    }

    /** Those that come before all photos. */
    List<Page> stayingAtFront() {
        return front;
    }

    /** Those that come right behind a photo. */
    List<Page> after(UUID entry) {
        return after.getOrDefault(entry, List.of());
    }

    /** What is left of the pages whose photos are all gone. */
    List<Page> left() {
        return left;
    }

    private boolean isGone(Page page) {
        return !(HandWork.isFixed(page) && !work.shown(page).isEmpty())
                && !opens(page)
                && piece.slottedEntries(page).stream().noneMatch(work::flows);
    }

    /** Whether a page goes on being the one for a chapter's title. */
    private boolean opens(Page page) {
        return album.openings()
                && album.chapters().stream()
                        .anyMatch(chapter -> page.equals(work.openings.get(chapter.id()))
                                && !chapter.title().isBlank());
    }

    /** The page that a piece begins with, while the flow has filled none. */
    private boolean isBlankStart(Page page) {
        return piece.pages().stream().allMatch(one -> one.flow() == Page.Flow.BY_HAND)
                && Items.frames(page.items()).stream().allMatch(frame -> frame.isSlotted() && frame.isEmpty());
    }
}
