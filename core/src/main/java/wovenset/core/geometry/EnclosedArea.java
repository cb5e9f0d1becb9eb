package wovenset.core.geometry;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.PathIterator;
import java.util.List;
import org.locationtech.jts.algorithm.Area;
import org.locationtech.jts.awt.ShapeReader;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** What outlines enclose, as polygons to reckon with. Cost: n log n in the points of the flattened outline. */
public final class EnclosedArea {
    private static final int HALVINGS = 12;
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private EnclosedArea() {}

    /**
     * What a flattened outline encloses by the non-zero rule: rings that run as the largest one does, less those that run the other
     * way, such as a letter's counters.
     *
     * @param flatness how far a straight piece may be off its curve
     */
    public static Geometry of(Shape shape, double flatness) {
        PathIterator flat =
                new FlatteningPathIterator(shape.getPathIterator(new AffineTransform()), flatness, HALVINGS);
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
