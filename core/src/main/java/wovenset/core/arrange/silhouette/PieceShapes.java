package wovenset.core.arrange.silhouette;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.awt.ShapeWriter;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import wovenset.core.arrangement.Figure;
import wovenset.core.geometry.Areas;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.PathData;

/**
 * Where the pieces of a figure lie: piece i is (cell i ∩ figure) \ ⋃ ((cell j \ cell i) grown by half the gap), so that the gap is even between any
 * two and the figure's own edge stays where it is. Cost: n · neighbours overlays of polygons; the last ones are kept.
 */
public final class PieceShapes {
    private static final double FLATNESS_MM = 0.02;
    private static final double SHARED_MM2 = 0.1;
    private static final int KEPT = 64;
    private static final Map<Wanted, List<PieceShape>> KNOWN = new LinkedHashMap<>(KEPT, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Wanted, List<PieceShape>> eldest) {
            return size() > KEPT;
        }
    };

    private record Wanted(Figure figure, List<String> cells, double widthMm, double gapMm) {}

    /**
     * A piece in the figure's box.
     *
     * @param box around it, millimetres from the figure's corner; of no size if the gap leaves nothing
     * @param data its outline in the box's unit square
     * @param middleX of its area, share of the box's width
     * @param areaMm2 what it covers
     */
    public record PieceShape(BoxMm box, String data, double middleX, double middleY, double areaMm2) {}

    private PieceShapes() {}

    /** One for each cell. */
    public static List<PieceShape> of(Figure figure, List<String> cells, double widthMm, double gapMm) {
        Wanted wanted = new Wanted(figure, cells, widthMm, gapMm);
        synchronized (KNOWN) {
            List<PieceShape> known = KNOWN.get(wanted);
            if (known != null) {
                return known;
            }
        }
        List<PieceShape> made = made(wanted);
        synchronized (KNOWN) {
            KNOWN.put(wanted, made);
        }
        return made;
    }

    private static List<PieceShape> made(Wanted wanted) {
        double width = wanted.widthMm();
        double height = width / wanted.figure().proportion();
        Geometry figure = FigureArea.area(wanted.figure().data(), width, height, FLATNESS_MM);
        List<Geometry> cells = wanted.cells().stream()
                .map(cell -> FigureArea.area(cell, width, height, FLATNESS_MM))
                .toList();
        List<Geometry> grown =
                cells.stream().map(cell -> grown(cell, wanted.gapMm() / 2)).toList();
        List<Geometry> pieces = new ArrayList<>();
        for (int i = 0; i < cells.size(); i++) {
            Geometry piece = Areas.shared(cells.get(i), figure);
            for (int j = 0; j < cells.size(); j++) {
                Envelope near = grown.get(j).getEnvelopeInternal();
                if (i == j || wanted.gapMm() == 0 || !near.intersects(piece.getEnvelopeInternal())) {
                    continue;
                }
                if (areOfOneCell(cells.get(i), cells.get(j))) {
                    // What they share lies beyond the figure, and is no neighbour.
                    Geometry own = Areas.without(cells.get(j), cells.get(i));
                    piece = Areas.without(piece, grown(own, wanted.gapMm() / 2));
                } else {
                    piece = Areas.without(piece, grown.get(j));
                }
                piece = j < i ? apart(piece, pieces.get(j), wanted.gapMm()) : piece;
            }
            pieces.add(piece);
        }
        return pieces.stream().map(PieceShapes::shape).toList();
    }

    private static boolean areOfOneCell(Geometry one, Geometry other) {
        return Areas.shared(one, other).getArea() > SHARED_MM2;
    }

    /**
     * Where a border ends aslant at the figure's edge one of two would come too near to the other's end, as would two whose cells touch at a
     * corner only, with nothing of the figure in the cells beside them.
     */
    private static Geometry apart(Geometry piece, Geometry other, double gapMm) {
        return IndexedFacetDistance.isWithinDistance(piece, other, gapMm - FLATNESS_MM)
                ? Areas.without(piece, other.buffer(gapMm))
                : piece;
    }

    /** With corners as sharp as they are: the gap goes straight on where four pieces meet. */
    private static Geometry grown(Geometry cell, double by) {
        return BufferOp.bufferOp(
                cell, by, new BufferParameters(8, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 2));
    }

    private static PieceShape shape(Geometry piece) {
        if (piece.isEmpty()) {
            return new PieceShape(new BoxMm(0, 0, 0, 0), "M 0 0", 0.5, 0.5, 0);
        }
        Envelope bounds = piece.getEnvelopeInternal();
        Point middle = piece.getCentroid();
        return new PieceShape(
                new BoxMm(bounds.getMinX(), bounds.getMinY(), bounds.getWidth(), bounds.getHeight()),
                PathData.ofUnit(new ShapeWriter().toShape(piece)),
                (middle.getX() - bounds.getMinX()) / bounds.getWidth(),
                (middle.getY() - bounds.getMinY()) / bounds.getHeight(),
                piece.getArea());
    }
}
