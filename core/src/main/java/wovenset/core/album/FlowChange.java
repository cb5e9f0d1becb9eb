package wovenset.core.album;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;

/**
 * What it would come to if an album flowed.
 *
 * @param pages of the piece then
 * @param flowing pages that the flow fills then
 * @param changed flowing pages that are new or other ones
 * @param pinned pages that the flow leaves as they are
 * @param largest the most photos on a flowing page
 */
public record FlowChange(int pages, int flowing, int changed, int pinned, int largest) {
    public static FlowChange between(Piece before, Piece after) {
        Map<UUID, Page> old = new HashMap<>();
        before.pages().forEach(page -> old.put(page.id(), page));
        int flowing = 0;
        int changed = 0;
        int pinned = 0;
        int largest = 0;
        for (Page page : after.pages()) {
            pinned += page.flow() == Page.Flow.PINNED ? 1 : 0;
            if (page.flow() == Page.Flow.FLOWED) {
                flowing++;
                changed += page.equals(old.get(page.id())) ? 0 : 1;
                largest = Math.max(largest, page.slotted().size());
            }
        }
        return new FlowChange(after.pages().size(), flowing, changed, pinned, largest);
    }
}
