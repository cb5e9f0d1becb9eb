package wovenset.core.arrange.silhouette;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import wovenset.core.arrangement.Cutting;
import wovenset.core.arrangement.Figure;

/** Cuts a figure into pieces. Where halves or cells leave more or fewer than was asked, others are tried, a few times. */
public final class FigureCuts {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** Of the height: cells reach beyond the figure, so that the gaps between them are even to its edge. */
    private static final double MARGIN = 0.2;

    private static final int TRIES = 8;
    /** How much wider than high cells are at most. */
    private static final double WIDEST = 1.5;

    private final Figure figure;
    private final Geometry area;
    private final List<Double> proportions;

    private FigureCuts(Figure figure, List<Double> proportions) {
        this.figure = figure;
        this.area = FigureArea.of(figure);
        this.proportions = proportions;
    }

    /**
     * @param proportions of the photos that are to fill it, as far as they are known
     * @return the cells of {@link wovenset.core.arrangement.Silhouette}; none if the figure encloses nothing
     */
    public static List<String> cells(Figure figure, Cutting cutting, List<Double> proportions) {
        FigureCuts cuts = new FigureCuts(figure, proportions);
        return cuts.area.isEmpty()
                ? List.of()
                : cuts.pieces(cutting).stream()
                        .map(cell -> FigureArea.text(cell, figure))
                        .toList();
    }

    private List<Geometry> pieces(Cutting cutting) {
        if (cutting instanceof Cutting.Rows rows) {
            return Joining.joined(area, lines(rows));
        }
        FigureMask mask = new FigureMask(figure);
        int wished = cutting instanceof Cutting.Halves halves ? halves.pieces() : ((Cutting.Cells) cutting).pieces();
        List<Geometry> best = List.of();
        int asked = wished;
        for (int i = 0; i < TRIES && best.size() != wished; i++) {
            List<Geometry> found = Joining.joined(area, cells(mask, cutting, asked));
            if (best.isEmpty() || Math.abs(found.size() - wished) < Math.abs(best.size() - wished)) {
                best = found;
            }
            asked = Math.max(1, Math.min(Cutting.MOST_PIECES, asked + wished - found.size()));
        }
        return best.size() > Cutting.MOST_PIECES ? List.of(area) : best;
    }

    private List<Geometry> cells(FigureMask mask, Cutting cutting, int pieces) {
        if (cutting instanceof Cutting.Halves halves) {
            return HalvesCut.spans(mask, pieces, proportions, halves.seed()).stream()
                    .map(span -> box(mask, span))
                    .toList();
        }
        double mean =
                Math.exp(proportions.stream().mapToDouble(Math::log).average().orElse(0));
        double wide = Math.max(1 / WIDEST, Math.min(WIDEST, mean));
        List<Geometry> cells = new ArrayList<>();
        for (List<CellsCut.At> corners : CellsCut.cells(mask, pieces, wide, MARGIN, ((Cutting.Cells) cutting).seed())) {
            Coordinate[] ring = new Coordinate[corners.size() + 1];
            for (int i = 0; i < ring.length; i++) {
                CellsCut.At at = corners.get(i % corners.size());
                ring[i] = new Coordinate(at.x(), at.y());
            }
            cells.add(GEOMETRY.createPolygon(ring));
        }
        return cells;
    }

    private List<Geometry> lines(Cutting.Rows rows) {
        List<Geometry> cells = new ArrayList<>();
        for (int row = 0; row < rows.rows(); row++) {
            for (int column = 0; column < rows.columns(); column++) {
                cells.add(box(
                        edge(column, rows.columns(), figure.proportion()),
                        edge(row, rows.rows(), 1),
                        edge(column + 1, rows.columns(), figure.proportion()),
                        edge(row + 1, rows.rows(), 1)));
            }
        }
        return cells;
    }

    private static double edge(int line, int lines, double length) {
        double margin = line == 0 ? -MARGIN : line == lines ? MARGIN : 0;
        return length * line / lines + margin;
    }

    private Geometry box(FigureMask mask, FigureMask.Span span) {
        FigureMask.Span all = mask.all();
        double unit = mask.perUnit();
        return box(
                span.left() == 0 ? -MARGIN : span.left() / unit,
                span.top() == 0 ? -MARGIN : span.top() / unit,
                span.right() == all.right() ? figure.proportion() + MARGIN : span.right() / unit,
                span.bottom() == all.bottom() ? 1 + MARGIN : span.bottom() / unit);
    }

    private static Geometry box(double left, double top, double right, double bottom) {
        return GEOMETRY.toGeometry(new Envelope(left, right, top, bottom));
    }
}
