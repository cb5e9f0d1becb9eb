package wovenset.core.geometry;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.PathIterator;
import java.util.List;
import org.locationtech.jts.algorithm.Area;
import org.locationtech.jts.awt.ShapeReader;
import org.locationtech.jts.awt.ShapeWriter;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/**
 * Outlines at an even distance from another: what a border, a mat or a gap round a form is, which the form enlarged would not
 * be. The curve is flattened and its Minkowski sum (or difference) with a disc is taken.
 *
 * <p>Cost: n log n in the points of the flattened outline, some hundred for the forms here.
 */
final class PolygonOffset {
    /** How far a straight piece may be off its curve: a micrometre, as far as lengths are stored. Millimetres. */
    private static final double FLATNESS = 0.001;
    /** Sides of a quarter circle at a corner: off by less than 0.01 mm for radii up to 18 mm. */
    private static final int QUARTER_SIDES = 24;

    private static final int HALVINGS = 12;
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** A right angle's is 1.42 times the distance. */
    private static final double LONGEST_MITRE = 1.5;

    /** What corners that point outwards become. */
    enum Join {
        /** Arcs: the very Minkowski sum. */
        ROUND,
        /** As sharp as they are, if no sharper than a right angle. */
        SHARP
    }

    private PolygonOffset() {}

    /**
     * @param by outwards; inwards if negative
     * @return the new outline; empty if nothing is left of it
     */
    static Shape of(Shape shape, double by, Join join) {
        PathIterator flat =
                new FlatteningPathIterator(shape.getPathIterator(new AffineTransform()), FLATNESS, HALVINGS);
        Geometry area = area(flat);
        BufferParameters joined = new BufferParameters(QUARTER_SIDES);
        if (join == Join.SHARP) {
            joined.setJoinStyle(BufferParameters.JOIN_MITRE);
            joined.setMitreLimit(LONGEST_MITRE);
        }
        return new ShapeWriter().toShape(BufferOp.bufferOp(area, by, joined));
    }

    /**
     * What a flattened outline encloses by the non-zero rule: rings that run as the largest one does, less those that run the other
     * way, such as a letter's counters.
     */
    private static Geometry area(PathIterator flat) {
        List<Coordinate[]> rings = rings(flat);
        rings.removeIf(ring -> ring.length < 4);
        double largest =
                rings.stream().mapToDouble(Area::ofRingSigned).reduce(0, (a, b) -> Math.abs(b) > Math.abs(a) ? b : a);
        Geometry enclosed = GEOMETRY.createPolygon();
        Geometry hollow = GEOMETRY.createPolygon();
        for (Coordinate[] ring : rings) {
            Geometry part = GEOMETRY.createPolygon(ring).buffer(0);
            if (Area.ofRingSigned(ring) * largest > 0) {
                enclosed = enclosed.union(part);
            } else {
                hollow = hollow.union(part);
            }
        }
        return hollow.isEmpty() ? enclosed : enclosed.difference(hollow);
    }

    @SuppressWarnings("unchecked") // The library's list has no type, and holds these.
    private static List<Coordinate[]> rings(PathIterator flat) {
        return ShapeReader.toCoordinates(flat);
    }
}
