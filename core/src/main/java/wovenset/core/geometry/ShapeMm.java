package wovenset.core.geometry;

import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.RoundRectangle2D;

/** An outline in millimetres, as a value: equal shapes have equal texts. */
public sealed interface ShapeMm {
    /** The outline for drawing. */
    Shape path();

    /** The upright box around it. */
    BoxMm bounds();

    /** Four straight sides. */
    record Rectangle(BoxMm box) implements ShapeMm {
        @Override
        public Shape path() {
            return box.rectangle();
        }

        @Override
        public BoxMm bounds() {
            return box;
        }
    }

    /** Corners that are quarter circles of this radius, at most half the shorter side. */
    record Rounded(BoxMm box, double radius) implements ShapeMm {
        @Override
        public Shape path() {
            return new RoundRectangle2D.Double(box.x(), box.y(), box.width(), box.height(), 2 * radius, 2 * radius);
        }

        @Override
        public BoxMm bounds() {
            return box;
        }
    }

    /** The ellipse that touches all four sides of the box. */
    record Oval(BoxMm box) implements ShapeMm {
        @Override
        public Shape path() {
            return new Ellipse2D.Double(box.x(), box.y(), box.width(), box.height());
        }

        @Override
        public BoxMm bounds() {
            return box;
        }
    }

    /** What lies in the outer shape and not in the inner one. */
    record Ring(ShapeMm outer, ShapeMm inner) implements ShapeMm {
        @Override
        public Shape path() {
            Path2D ring = new Path2D.Double(Path2D.WIND_EVEN_ODD);
            ring.append(outer.path(), false);
            ring.append(inner.path(), false);
            return ring;
        }

        @Override
        public BoxMm bounds() {
            return outer.bounds();
        }
    }
}
