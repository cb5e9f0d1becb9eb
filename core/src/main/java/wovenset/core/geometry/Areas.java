package wovenset.core.geometry;

import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * Sums of polygons that do not fail where borders nearly touch: tried in full, then with corners snapped to a grid that grows (JTS
 * OverlayNGRobust). Lines and points at which areas only touch are left out.
 */
public final class Areas {
    private Areas() {}

    /** What both have. */
    public static Geometry shared(Geometry one, Geometry other) {
        return areas(OverlayNGRobust.overlay(one, other, OverlayNG.INTERSECTION));
    }

    /** What the one has and the other has not. */
    public static Geometry without(Geometry one, Geometry other) {
        return areas(OverlayNGRobust.overlay(one, other, OverlayNG.DIFFERENCE));
    }

    /** What either has. */
    public static Geometry together(Geometry one, Geometry other) {
        return areas(OverlayNGRobust.overlay(one, other, OverlayNG.UNION));
    }

    /** How long the part of lines is that lies in an area. */
    public static double lengthWithin(Geometry area, Geometry lines) {
        return OverlayNGRobust.overlay(area, lines, OverlayNG.INTERSECTION).getLength();
    }

    @SuppressWarnings("unchecked") // The library's list has no type, and holds these.
    private static Geometry areas(Geometry found) {
        List<Polygon> polygons = PolygonExtracter.getPolygons(found);
        return polygons.isEmpty()
                ? found.getFactory().createPolygon()
                : found.getFactory().buildGeometry(polygons);
    }
}
