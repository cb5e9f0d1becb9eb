package wovenset.core.frame;

import java.util.Optional;
import wovenset.core.frame.FrameLook.Reach;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.style.Band;
import wovenset.core.style.Corners;
import wovenset.core.style.Outline;

/**
 * The outlines of one frame, in axes whose origin is its upper left corner: of its edge, of bands around it, of the print's
 * silhouette. All follow the frame's form at an even distance.
 */
public final class FrameForms {
    private final FrameLook look;
    private final BoxMm frame;
    private final double inside;
    private final double outside;

    public FrameForms(FrameLook look) {
        this.look = look;
        this.frame = new BoxMm(0, 0, look.widthMm(), look.heightMm());
        this.inside = width(look, Band.Side.INSIDE);
        this.outside = width(look, Band.Side.OUTSIDE);
    }

    private static double width(FrameLook look, Band.Side side) {
        return look.bands().stream()
                .filter(band -> band.side() == side)
                .mapToDouble(band -> band.width().mm())
                .sum();
    }

    BoxMm frame() {
        return frame;
    }

    double outside() {
        return outside;
    }

    boolean hasBands() {
        return inside > 0 || outside > 0 || look.footMm() > 0;
    }

    /** The box that the photo is placed in. */
    BoxMm window() {
        return look.outline().picture(frame).inset(inside);
    }

    /** The form so far beyond the frame's edge. */
    ShapeMm shape(double beyondMm) {
        return look.outline().shape(frame, look.corners(), beyondMm);
    }

    /** What the photo shows through: the innermost band's inner edge, or the print's own. */
    ShapeMm opening() {
        return hasBands() || paper().isPresent() ? shape(-inside) : silhouette();
    }

    /** The paper that shows where a picture was torn off it. */
    Optional<ShapeMm> paper() {
        return look.outline() instanceof Outline.Torn torn ? Optional.of(torn.paper(frame)) : Optional.empty();
    }

    /** The print's outermost edge. */
    public ShapeMm silhouette() {
        if (outside == 0 && paper().isPresent()) {
            return paper().get();
        }
        BoxMm footed = new BoxMm(0, 0, frame.width(), frame.height() + look.footMm());
        if (look.outline() instanceof Outline.Rect && look.corners().size().isPositive()) {
            double size = look.corners().size().mm();
            if (look.corners().cut() == Corners.Cut.STAMP) {
                return new ShapeMm.Perforated(footed.outset(outside), size);
            }
            if (look.corners().cut() == Corners.Cut.DECKLE) {
                return new ShapeMm.Deckled(footed.outset(outside), size);
            }
        }
        return look.outline().shape(footed, look.corners(), outside);
    }

    /** A straight form with the sides that touch the trim run out into the bleed; another one as it is. */
    ShapeMm extended(ShapeMm shape) {
        Reach reach = look.reach();
        if (reach.isNone() || !(shape instanceof ShapeMm.Rectangle rectangle)) {
            return shape;
        }
        BoxMm box = rectangle.box();
        return new ShapeMm.Rectangle(new BoxMm(
                box.x() - reach.left(),
                box.y() - reach.top(),
                box.width() + reach.left() + reach.right(),
                box.height() + reach.top() + reach.bottom()));
    }
}
