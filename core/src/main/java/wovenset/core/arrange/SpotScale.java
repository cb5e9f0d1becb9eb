package wovenset.core.arrange;

import wovenset.core.measure.Length;
import wovenset.core.piece.Format;
import wovenset.core.piece.Spot;

/**
 * Where frames with a place of their own go when the page changes size. A frame's centre keeps its place in proportion to the
 * page, c′ = c·(W′/W, H′/H), and its size is scaled by s = min(W′/W, H′/H): it keeps its proportion, and as no centre comes
 * nearer to another than s times as far, nothing overlaps that did not before. A locked frame keeps its size; it is moved only
 * as far as is needed to have its centre on the page. Cost: constant.
 */
public final class SpotScale {
    private SpotScale() {}

    public static Spot scaled(Spot spot, Format from, Format to) {
        double sx = to.width().mm() / from.width().mm();
        double sy = to.height().mm() / from.height().mm();
        double centreX = spot.x().mm() + spot.width().mm() / 2;
        double centreY = spot.y().mm() + spot.height().mm() / 2;
        if (spot.locked()) {
            return spot.movedBy(
                    Length.ofMm(Math.min(Math.max(centreX, 0), to.width().mm()) - centreX),
                    Length.ofMm(Math.min(Math.max(centreY, 0), to.height().mm()) - centreY));
        }
        Length width = side(spot.width(), Math.min(sx, sy));
        Length height = side(spot.height(), Math.min(sx, sy));
        return new Spot(
                Length.ofMm(centreX * sx - width.mm() / 2),
                Length.ofMm(centreY * sy - height.mm() / 2),
                width,
                height,
                spot.turnDegrees(),
                false,
                spot.group());
    }

    private static Length side(Length side, double scale) {
        Length scaled = Length.ofMm(side.mm() * scale);
        return scaled.compareTo(Spot.SMALLEST) < 0
                ? Spot.SMALLEST
                : scaled.compareTo(Format.LARGEST) > 0 ? Format.LARGEST : scaled;
    }
}
