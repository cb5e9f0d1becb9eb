package wovenset.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What lay freely on pages of an album whose photos are all gone, until it is laid on another page.
 *
 * @param pages what is left of each such page, at least one
 */
public record Waiting(List<Page> pages) {
    public Waiting {
        pages = List.copyOf(pages);
    }

    /** What waits if more comes to it; nothing if there is nothing. */
    public static Optional<Waiting> with(Optional<Waiting> before, List<Page> more) {
        List<Page> pages = new ArrayList<>(before.map(Waiting::pages).orElse(List.of()));
        pages.addAll(more);
        return pages.isEmpty() ? Optional.empty() : Optional.of(new Waiting(pages));
    }

    /** What waits without one of them. */
    public Optional<Waiting> without(UUID pageId) {
        return with(
                Optional.empty(),
                pages.stream().filter(page -> !page.id().equals(pageId)).toList());
    }
}
