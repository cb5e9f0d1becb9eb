package wovenset.core.scene;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import wovenset.core.display.Op;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.style.Light;
import wovenset.core.style.Mount;
import wovenset.core.style.Sheet;
import wovenset.core.style.effect.Shadow;

/** Draws papers under pictures, the lowest first, each with the shadow that it throws. Cost: linear in the papers. */
final class MountOps {
    /** A paper whose edge is as near as this to the trim touches it, and runs on into the bleed. Millimetres. */
    private static final double TOUCHES = 0.003;

    private MountOps() {}

    /**
     * @param under the box around what lies on the papers, on the page
     * @return in axes that begin at that box's corner
     */
    static List<Op> of(Mount mount, BoxMm under, BoxMm trim, double bleedMm, Light light) {
        List<ShapeMm> papers = new ArrayList<>();
        BoxMm box = under;
        for (Sheet sheet : mount.sheets()) {
            box = box.outset(sheet.width().mm());
            papers.add(new ShapeMm.Rectangle(runOn(box, trim, bleedMm).movedBy(-under.x(), -under.y())));
        }
        List<Op> ops = new ArrayList<>();
        for (int i = papers.size() - 1; i >= 0; i--) {
            if (!mount.shadow().isNone()) {
                ops.add(shade(mount.shadow(), papers.get(i), light));
            }
            ops.add(new Op.Fill(papers.get(i), mount.sheets().get(i).paint()));
        }
        return ops;
    }

    private static Op shade(Shadow shadow, ShapeMm paper, Light light) {
        double height = shadow.height().mm();
        Op.Shade shade = new Op.Shade(
                paper, shadow.colour(), shadow.strength(), shadow.softness().mm());
        return new Op.Group(
                Affine.shift(light.right(height, 0), light.down(height, 0)),
                1,
                Optional.empty(),
                Collections.singletonList(shade));
    }

    private static BoxMm runOn(BoxMm box, BoxMm trim, double bleedMm) {
        double left = box.x() <= TOUCHES ? Math.min(box.x(), -bleedMm) : box.x();
        double top = box.y() <= TOUCHES ? Math.min(box.y(), -bleedMm) : box.y();
        double right =
                box.right() >= trim.right() - TOUCHES ? Math.max(box.right(), trim.right() + bleedMm) : box.right();
        double bottom = box.bottom() >= trim.bottom() - TOUCHES
                ? Math.max(box.bottom(), trim.bottom() + bleedMm)
                : box.bottom();
        return new BoxMm(left, top, right - left, bottom - top);
    }
}
