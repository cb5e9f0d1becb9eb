package wovenset.core.delta;

import java.util.List;
import wovenset.core.arrangement.Arrangement;
import wovenset.core.piece.Guide;
import wovenset.core.piece.Page;
import wovenset.core.piece.SharedPicture;
import wovenset.core.style.Ground;

/** What of a page is not an item. */
public record PageShell(
        Ground ground,
        Arrangement arrangement,
        List<Guide> guides,
        List<SharedPicture> pictures,
        Page.Flow flow,
        boolean numbered) {
    static PageShell of(Page page) {
        return new PageShell(
                page.ground(), page.arrangement(), page.guides(), page.pictures(), page.flow(), page.numbered());
    }
}
