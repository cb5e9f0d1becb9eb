package wovenset.core.edit;

import java.util.List;
import java.util.Optional;
import wovenset.core.arrange.PhotoTraits;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.PlacesOutcome;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;

/**
 * No edit leaves a page whose frames have no place or no room for a picture. Looked at once, after the edit: sizes, grids,
 * dress, and where places follow from the photos, other photos, can each be too much.
 */
final class PlaceCheck {
    private PlaceCheck() {}

    /** @throws EditRefusedException naming what stands in the way on a page that the edit changed */
    static void changed(Piece before, Piece after, PhotoTraits proportions) {
        boolean all = !before.format().equals(after.format()) || !before.dress().equals(after.dress());
        pages(
                after,
                after.pages().stream()
                        .filter(page -> all || !before.page(page.id()).equals(Optional.of(page)))
                        .toList(),
                proportions);
    }

    /** The same for every page of a piece. */
    static void all(Piece piece, PhotoTraits proportions) {
        pages(piece, piece.pages(), proportions);
    }

    private static void pages(Piece piece, List<Page> pages, PhotoTraits proportions) {
        for (Page page : pages) {
            if (Places.of(piece, page, proportions) instanceof PlacesOutcome.DoesNotFit problem) {
                String where = piece.pages().size() == 1 ? "" : "Page " + (piece.indexOf(page.id()) + 1) + ": ";
                throw new EditRefusedException(problem.field(), where + problem.reason());
            }
        }
    }
}
