package wovenset.core.album;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import wovenset.core.arrangement.ByHand;
import wovenset.core.item.Item;
import wovenset.core.piece.Page;

/** What is left of a page that leaves an album because its photos are all gone: the things that a person laid on it. */
final class LeftThings {
    private LeftThings() {}

    /**
     * The things that wait for another page.
     *
     * @param headings what goes with a chapter, not with the page
     */
    static Optional<Page> of(Page page, Set<UUID> headings) {
        List<Item> loose = HandWork.looseOn(page, headings);
        return loose.isEmpty()
                ? Optional.empty()
                : Optional.of(page.with(new ByHand(page.arrangement().margins()), loose)
                        .withGuides(List.of())
                        .withFlow(Page.Flow.BY_HAND));
    }
}
