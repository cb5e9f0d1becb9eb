package wovenset.server.piece;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import wovenset.core.arrangement.Arrangement;
import wovenset.core.delta.Splice;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Item;
import wovenset.core.piece.Guide;
import wovenset.core.piece.Page;
import wovenset.core.piece.SharedPicture;
import wovenset.core.style.Ground;
import wovenset.server.scene.SceneView;

/**
 * What of a page's content is another one than at an earlier look. Lists hold what is new or changed, and an order is null if
 * it stays; what is small comes whole.
 *
 * @param before the look that it starts from: who does not know the page at it reads the page anew
 * @param frameOrder of the scene's frames
 * @param unitOrder of what is drawn, by the item whose it is
 */
record PageChange(
        UUID pageId,
        long revision,
        long look,
        long before,
        Ground ground,
        Arrangement arrangement,
        List<Guide> guides,
        List<SharedPicture> pictures,
        Page.Flow flow,
        boolean numbered,
        List<Item> items,
        @Nullable Splice itemOrder,
        double widthMm,
        double heightMm,
        double bleedMm,
        Rgb colour,
        List<SceneView.FrameView> frames,
        @Nullable Splice frameOrder,
        List<SceneView.UnitView> units,
        @Nullable Splice unitOrder,
        SceneView.@Nullable GridView grid) {

    static PageChange of(PieceViews.PageView before, PieceViews.PageView after) {
        Page page = after.page();
        SceneView scene = after.scene();
        SceneView old = before.scene();
        return new PageChange(
                page.id(),
                after.revision(),
                after.look(),
                before.look(),
                page.ground(),
                page.arrangement(),
                page.guides(),
                page.pictures(),
                page.flow(),
                page.numbered(),
                changed(before.page().items(), page.items(), Item::id),
                order(before.page().items(), page.items(), Item::id),
                scene.widthMm(),
                scene.heightMm(),
                scene.bleedMm(),
                scene.colour(),
                changed(old.frames(), scene.frames(), SceneView.FrameView::frameId),
                order(old.frames(), scene.frames(), SceneView.FrameView::frameId),
                changed(old.units(), scene.units(), SceneView.UnitView::itemId),
                order(old.units(), scene.units(), SceneView.UnitView::itemId),
                scene.grid());
    }

    private static <T> List<T> changed(List<T> before, List<T> after, Function<? super T, UUID> id) {
        Map<UUID, T> there = new HashMap<>();
        before.forEach(value -> there.put(id.apply(value), value));
        return after.stream()
                .filter(value -> !value.equals(there.get(id.apply(value))))
                .toList();
    }

    private static <T> @Nullable Splice order(List<T> before, List<T> after, Function<? super T, UUID> id) {
        return Splice.of(
                        before.stream().map(id).toList(), after.stream().map(id).toList())
                .orElse(null);
    }
}
