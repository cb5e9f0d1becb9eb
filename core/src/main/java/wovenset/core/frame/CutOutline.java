package wovenset.core.frame;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.awt.ShapeWriter;
import org.locationtech.jts.geom.Geometry;
import wovenset.core.display.Fade;
import wovenset.core.display.Op;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.Areas;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.EnclosedArea;
import wovenset.core.geometry.MaskOutline;
import wovenset.core.geometry.PathData;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.ink.Blend;
import wovenset.core.ink.Rgb;
import wovenset.core.photo.retouch.CutOut;
import wovenset.core.photo.retouch.GroundShadow;

/**
 * The outline of a thing cut out where it lies in its frame, and the shadow that it throws on the ground: the outline leaned over about the line where it
 * stands, solid there and gone at its top. Cost: the tracing of a small mask, and one intersection.
 */
final class CutOutline {
    private static final double FLATNESS = 0.05;
    /** Of the thing's height: a shadow's edge. */
    private static final double SOFTNESS = 0.03;

    private static final Rgb SHADOW = new Rgb("#15130f");

    private CutOutline() {}

    /**
     * As far as it is seen through the opening; nothing if nothing of it is.
     *
     * @param to maps the upright photo's unit square to the frame's axes
     */
    static Optional<ShapeMm> of(FrameLook.Photo photo, CutOut cutOut, Affine to, ShapeMm opening) {
        String data = MaskOutline.of(
                cutOut.seen(), cutOut.labels().width(), cutOut.labels().height());
        if (data.isEmpty()) {
            return Optional.empty();
        }
        Path2D own = PathData.parse(data).orElseThrow();
        Path2D faced = photo.pixels()
                .retouching()
                .plane()
                .map(plane -> plane.facing(photo.size().width(), photo.size().height())
                        .map(own))
                .orElse(own);
        Shape placed = to.awt().createTransformedShape(faced);
        Geometry shown = Areas.shared(EnclosedArea.of(placed, FLATNESS), EnclosedArea.of(opening.path(), FLATNESS));
        if (shown.isEmpty()) {
            return Optional.empty();
        }
        Shape path = new ShapeWriter().toShape(shown);
        BoxMm box = BoxMm.of(path.getBounds2D());
        AffineTransform toUnit = AffineTransform.getScaleInstance(1 / box.width(), 1 / box.height());
        toUnit.translate(-box.x(), -box.y());
        String text = PathData.of(toUnit.createTransformedShape(path));
        return text.length() > PathData.MOST_CHARACTERS ? Optional.empty() : Optional.of(new ShapeMm.Traced(box, text));
    }

    /** @param fall away from the light */
    static Op shadow(GroundShadow shadow, ShapeMm outline, FrameLook.Fall fall) {
        BoxMm box = outline.bounds();
        double foot = box.bottom();
        double far = Math.hypot(fall.right(), fall.down());
        double lean = far == 0 ? 0 : shadow.length() * fall.right() / far;
        Affine leaned = new Affine(1, 0, -lean, shadow.length(), lean * foot, foot * (1 - shadow.length()));
        double soft = SOFTNESS * box.height();
        Fade fade = new Fade.Along(box.centreX(), foot, box.centreX(), box.y() - soft);
        return new Op.Group(
                leaned,
                1,
                Blend.NORMAL,
                Optional.empty(),
                Optional.of(fade),
                List.of(new Op.Shade(outline, SHADOW, shadow.strength(), soft)));
    }
}
