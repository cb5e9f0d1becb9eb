package wovenset.core.style;

import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.ShapeMm;

/** The form of a frame's edge. */
public sealed interface Outline {
    /**
     * The form that fills a box.
     *
     * @param radiusMm of corners, where the form has any; more than fits means as round as fits
     */
    ShapeMm shape(BoxMm box, double radiusMm);

    /** Four sides, with corners as the frame's style has them. */
    record Rect() implements Outline {
        @Override
        public ShapeMm shape(BoxMm box, double radiusMm) {
            double radius = Math.min(radiusMm, Math.min(box.width(), box.height()) / 2);
            return radius <= 0 ? new ShapeMm.Rectangle(box) : new ShapeMm.Rounded(box, radius);
        }
    }

    /** An ellipse, in a square a circle. */
    record Ellipse() implements Outline {
        @Override
        public ShapeMm shape(BoxMm box, double radiusMm) {
            return new ShapeMm.Oval(box);
        }
    }
}
