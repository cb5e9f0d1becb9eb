package wovenset.core.frame;

import java.util.ArrayList;
import java.util.List;
import wovenset.core.display.Op;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.style.Band;

/** Draws the bands of a frame, each a ring between two outlines. Cost: linear in bands, and in the points of a bevelled edge. */
final class BandOps {
    private final FrameLook look;
    private final FrameForms forms;
    private final List<Op> ops = new ArrayList<>();

    private BandOps(FrameLook look, FrameForms forms) {
        this.look = look;
        this.forms = forms;
    }

    static List<Op> of(FrameLook look, FrameForms forms) {
        BandOps bands = new BandOps(look, forms);
        bands.draw(Band.Side.INSIDE, forms.outside() == 0);
        bands.draw(Band.Side.OUTSIDE, true);
        if (bands.ops.isEmpty() && look.footMm() > 0) {
            bands.ops.add(new Op.Fill(
                    new ShapeMm.Ring(forms.silhouette(), forms.shape(0)),
                    look.bands().get(0).paint()));
        }
        return bands.ops;
    }

    /** @param outermost whether the last of them is the outermost of all */
    private void draw(Band.Side side, boolean outermost) {
        List<Band> bands = look.bands().stream()
                .filter(band -> band.side() == side && band.width().isPositive())
                .toList();
        double at = 0;
        for (int i = 0; i < bands.size(); i++) {
            Band band = bands.get(i);
            double width = band.width().mm();
            double next = at + (side == Band.Side.INSIDE ? -width : width);
            boolean atEdge = outermost && (side == Band.Side.INSIDE ? i == 0 : i == bands.size() - 1);
            ShapeMm outer = atEdge ? forms.extended(forms.silhouette()) : forms.shape(Math.max(at, next));
            ShapeMm inner = forms.shape(Math.min(at, next));
            ops.add(new Op.Fill(new ShapeMm.Ring(outer, inner), band.paint()));
            double bevel = Math.min(band.bevel().mm(), width);
            if (bevel > 0) {
                ops.addAll(Bevel.of(inner, bevel, look.fall()));
            }
            at = next;
        }
    }
}
