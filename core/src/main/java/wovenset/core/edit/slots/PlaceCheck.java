package wovenset.core.edit.slots;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.space.PlacesOutcome;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;

/**
 * No edit leaves a page whose frames have no place or no room for a picture. Looked at once, after the edit: sizes, grids,
 * styles, words, and where places follow from the photos, other photos, can each be too much.
 */
public final class PlaceCheck {
    private PlaceCheck() {}

    /** @throws EditRefusedException naming what stands in the way on a page that the edit changed */
    public static void changed(Piece before, Piece after, PhotoFacts facts) {
        boolean all =
                !before.format().equals(after.format()) || !before.styles().equals(after.styles());
        Set<UUID> entries = changedEntries(before, after);
        Map<UUID, Page> old = new HashMap<>();
        before.pages().forEach(page -> old.put(page.id(), page));
        pages(
                after,
                after.pages().stream()
                        .filter(page -> all || !page.equals(old.get(page.id())) || shows(after, page, entries))
                        .toList(),
                facts);
    }

    private static Set<UUID> changedEntries(Piece before, Piece after) {
        Set<UUID> changed = new HashSet<>();
        if (!before.entries().equals(after.entries())) {
            for (Entry entry : after.entries()) {
                if (!before.entries().find(entry.id()).filter(entry::equals).isPresent()) {
                    changed.add(entry.id());
                }
            }
        }
        return changed;
    }

    private static boolean shows(Piece piece, Page page, Set<UUID> entries) {
        return !entries.isEmpty()
                && page.frames().stream().anyMatch(frame -> piece.entryOf(page, frame)
                        .filter(entry -> entries.contains(entry.id()))
                        .isPresent());
    }

    /** The same for every page of a piece. */
    public static void all(Piece piece, PhotoFacts facts) {
        pages(piece, piece.pages(), facts);
    }

    private static void pages(Piece piece, List<Page> pages, PhotoFacts facts) {
        for (Page page : pages) {
            if (Places.of(piece, page, facts) instanceof PlacesOutcome.DoesNotFit problem) {
                if (piece.pages().size() == 1) {
                    throw new EditRefusedException(problem.field(), problem.reason());
                }
                throw EditRefusedException.of(
                        problem.field(), Reason.ON_PAGE, piece.indexOf(page.id()) + 1, problem.reason());
            }
        }
    }
}
