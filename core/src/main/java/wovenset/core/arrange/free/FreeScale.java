package wovenset.core.arrange.free;

import wovenset.core.geometry.Box;
import wovenset.core.item.Placement;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;

/**
 * Where frames with a place of their own go when the page changes size. A frame's centre keeps its place in proportion to the
 * page, c′ = c·(W′/W, H′/H), and its size is scaled by s = min(W′/W, H′/H): it keeps its proportion, and as no centre comes
 * nearer to another than s times as far, nothing overlaps that did not before. A locked frame keeps its size; it is moved only
 * as far as is needed to have its centre on the page. Cost: constant.
 */
public final class FreeScale {
    private FreeScale() {}

    public static Placement.Free scaled(Placement.Free free, Format from, Format to) {
        return free.withBox(scaled(free.box(), from, to));
    }

    /** The box of a frame, or of a print, on the page of the new size. */
    public static Box scaled(Box box, Format from, Format to) {
        double sx = to.width().mm() / from.width().mm();
        double sy = to.height().mm() / from.height().mm();
        Length width = side(box.width(), Math.min(sx, sy));
        Length height = side(box.height(), Math.min(sx, sy));
        return new Box(
                Length.ofMm(box.mm().centreX() * sx - width.mm() / 2),
                Length.ofMm(box.mm().centreY() * sy - height.mm() / 2),
                width,
                height);
    }

    /** The place of a locked frame. */
    public static Placement.Free kept(Placement.Free free, Format to) {
        double x = free.box().mm().centreX();
        double y = free.box().mm().centreY();
        return free.withBox(free.box()
                .movedBy(
                        Length.ofMm(Math.min(Math.max(x, 0), to.width().mm()) - x),
                        Length.ofMm(Math.min(Math.max(y, 0), to.height().mm()) - y)));
    }

    private static Length side(Length side, double scale) {
        Length scaled = Length.ofMm(side.mm() * scale);
        if (scaled.compareTo(Placement.Free.SMALLEST) < 0) {
            return Placement.Free.SMALLEST;
        }
        return scaled.compareTo(Format.LARGEST) > 0 ? Format.LARGEST : scaled;
    }
}
