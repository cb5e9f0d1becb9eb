package wovenset.core.geometry;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.RoundRectangle2D;
import java.util.List;
import wovenset.core.drawing.Drawing;

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

    /** Corners cut off at half a right angle, so far along both sides; at most half the shorter side. */
    record Cut(BoxMm box, double leg) implements ShapeMm {
        @Override
        public Shape path() {
            return EdgePaths.cut(box, leg);
        }

        @Override
        public BoxMm bounds() {
            return box;
        }
    }

    /** Corners of which quarter circles of this radius are taken out; at most half the shorter side. */
    record Scalloped(BoxMm box, double radius) implements ShapeMm {
        @Override
        public Shape path() {
            return EdgePaths.scalloped(box, radius);
        }

        @Override
        public BoxMm bounds() {
            return box;
        }
    }

    /** Half holes of about this diameter along all sides, as many as leave whole teeth at the corners. */
    record Perforated(BoxMm box, double diameter) implements ShapeMm {
        @Override
        public Shape path() {
            return EdgePaths.perforated(box, diameter);
        }

        @Override
        public BoxMm bounds() {
            return box;
        }
    }

    /** Sides that waver inwards by at most this depth. The same box and depth always waver in the same way. */
    record Deckled(BoxMm box, double depth) implements ShapeMm {
        @Override
        public Shape path() {
            return EdgePaths.deckled(box, depth);
        }

        @Override
        public BoxMm bounds() {
            return box;
        }
    }

    /** A sheet with torn sides. */
    record Torn(BoxMm box, Tear tear, Tear.Layer layer) implements ShapeMm {
        @Override
        public Shape path() {
            return TornPath.of(box, tear, layer);
        }

        @Override
        public BoxMm bounds() {
            return box;
        }
    }

    /** A drawn form that fills its box. */
    record Formed(BoxMm box, Form form) implements ShapeMm {
        @Override
        public Shape path() {
            return form.path(box);
        }

        @Override
        public BoxMm bounds() {
            return box;
        }
    }

    /** An outline drawn into its box; see {@link PathData}. */
    record Traced(BoxMm box, String data) implements ShapeMm {
        @Override
        public Shape path() {
            AffineTransform toBox = AffineTransform.getTranslateInstance(box.x(), box.y());
            toBox.scale(box.width(), box.height());
            return PathData.parse(data).orElseThrow().createTransformedShape(toBox);
        }

        @Override
        public BoxMm bounds() {
            return box;
        }
    }

    /**
     * One part of an ornament that is drawn into its box.
     *
     * @param part counted from 0
     */
    record Ornament(BoxMm box, Drawing drawing, int part) implements ShapeMm {
        @Override
        public Shape path() {
            AffineTransform toBox = AffineTransform.getTranslateInstance(box.x(), box.y());
            toBox.scale(box.width(), box.height());
            return drawing.picture().parts().get(part).path().createTransformedShape(toBox);
        }

        @Override
        public BoxMm bounds() {
            return box;
        }
    }

    /** Straight lines from point to point and back to the first: x and y in turns, at least three points. */
    record Polygon(List<Double> coordinates) implements ShapeMm {
        public Polygon {
            coordinates = List.copyOf(coordinates);
        }

        @Override
        public Shape path() {
            Path2D path = new Path2D.Double();
            path.moveTo(coordinates.get(0), coordinates.get(1));
            for (int i = 2; i < coordinates.size(); i += 2) {
                path.lineTo(coordinates.get(i), coordinates.get(i + 1));
            }
            path.closePath();
            return path;
        }

        @Override
        public BoxMm bounds() {
            return BoxMm.of(path().getBounds2D());
        }
    }

    /**
     * All that lies as near as this to a shape, or, where it is negative, all of the shape that is farther from its edge. Corners
     * become round outwards, right angles of a scalloped form stay sharp; see {@link PolygonOffset}.
     */
    record Offset(ShapeMm of, double by) implements ShapeMm {
        @Override
        public Shape path() {
            boolean square = of instanceof Scalloped;
            return PolygonOffset.of(of.path(), by, square ? PolygonOffset.Join.SHARP : PolygonOffset.Join.ROUND);
        }

        /** Outwards the very box; inwards one that holds it. */
        @Override
        public BoxMm bounds() {
            return by < 0 ? of.bounds().inset(-by) : of.bounds().outset(by);
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
