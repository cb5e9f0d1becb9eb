package wovenset.core.output;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.display.Op;
import wovenset.core.display.Unit;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.scene.PageGround;
import wovenset.core.scene.PageScene;

/**
 * The two sides of the sheet that a card of four pages is folded from: back and front outside, the second and the third page inside.
 * Pages meet at the fold, where each ends without its bleed; beyond the trim, a short line shows where to fold. Where the fold is at the
 * top, the back stands on its head: who turns the card over reads it upright.
 */
final class FoldedSheets {
    private static final Rgb MARK = new Rgb("#7a7a7a");
    private static final double MARK_MM = 0.1;
    /** Of the bleed, from its outer edge inwards. */
    private static final double MARK_SHARE = 0.6;

    private final boolean side;
    private final PageScene model;

    private FoldedSheets(PageScene model, MakeRequest.Fold fold) {
        this.model = model;
        this.side = fold == MakeRequest.Fold.SIDE;
    }

    /** @param pages front, two inside, back, all of one size */
    static List<PageScene> of(List<PageScene> pages, MakeRequest.Fold fold) {
        FoldedSheets sheets = new FoldedSheets(pages.get(0), fold);
        return List.of(
                sheets.sheet(pages.get(3), !sheets.side, pages.get(0)),
                sheets.sheet(pages.get(1), false, pages.get(2)));
    }

    /** @param onHead whether the first one is turned by half a turn */
    private PageScene sheet(PageScene first, boolean onHead, PageScene second) {
        double width = model.widthMm();
        double height = model.heightMm();
        Affine beyond = side ? Affine.shift(width, 0) : Affine.shift(0, height);
        Affine turned = onHead ? Affine.turn(180, width / 2, height / 2) : Affine.IDENTITY;
        List<Unit> units = new ArrayList<>(List.of(
                new Unit(first.pageId(), 0, 0, List.of(face(first, turned, true))),
                new Unit(second.pageId(), 0, 0, List.of(face(second, beyond, false)))));
        double sheetWidth = side ? 2 * width : width;
        double sheetHeight = side ? height : 2 * height;
        if (model.bleedMm() > 0) {
            units.add(new Unit(new UUID(0, 0), 0, 0, marks(sheetWidth, sheetHeight)));
        }
        return new PageScene(
                first.pageId(),
                sheetWidth,
                sheetHeight,
                model.bleedMm(),
                new PageGround(new Paint.Solid(new Rgb("#ffffff")), Optional.empty(), new Rgb("#ffffff")),
                units,
                List.of());
    }

    /** One page in its half, with its bleed on the three sides that are cut. */
    private Op face(PageScene page, Affine to, boolean before) {
        double bleed = page.bleedMm();
        BoxMm trim = new BoxMm(0, 0, page.widthMm(), page.heightMm());
        double left = side && !before ? 0 : bleed;
        double right = side && before ? 0 : bleed;
        double top = !side && !before ? 0 : bleed;
        double bottom = !side && before ? 0 : bleed;
        BoxMm place = to.bounds(trim);
        ShapeMm half = new ShapeMm.Rectangle(new BoxMm(
                place.x() - left, place.y() - top, place.width() + left + right, place.height() + top + bottom));
        List<Op> all = new ArrayList<>(page.groundOps(0));
        page.units().forEach(unit -> all.add(unit.onPage()));
        return new Op.Group(Affine.IDENTITY, 1, Optional.of(half), List.of(new Op.Group(to, 1, Optional.empty(), all)));
    }

    private List<Op> marks(double width, double height) {
        double bleed = model.bleedMm();
        double length = MARK_SHARE * bleed;
        BoxMm one = side
                ? new BoxMm(width / 2 - MARK_MM / 2, -bleed, MARK_MM, length)
                : new BoxMm(-bleed, height / 2 - MARK_MM / 2, length, MARK_MM);
        BoxMm other = side ? one.movedBy(0, height + 2 * bleed - length) : one.movedBy(width + 2 * bleed - length, 0);
        return List.of(new Op.Fill(new ShapeMm.Rectangle(one), MARK), new Op.Fill(new ShapeMm.Rectangle(other), MARK));
    }
}
