package wovenset.core.drawing;

import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;

/**
 * A drawing as it is drawn.
 *
 * @param width natural; only its proportion to the height counts
 * @param parts from back to front; their paths touch all four sides of the unit square together
 */
public record Picture(double width, double height, List<Part> parts, Optional<Opening> opening, Optional<Spine> spine) {
    public Picture {
        parts = List.copyOf(parts);
    }

    /** Of parts in natural measures. */
    static Picture of(Part... drawn) {
        return of(List.of(drawn), Optional.empty(), Optional.empty());
    }

    /** Of parts in natural measures, which become those of the box around them. */
    static Picture of(List<Part> drawn, Optional<Opening> opening, Optional<Spine> spine) {
        Rectangle2D box = drawn.stream()
                .map(part -> part.path().getBounds2D())
                .reduce(Rectangle2D::createUnion)
                .orElseThrow();
        AffineTransform toUnit = AffineTransform.getScaleInstance(1 / box.getWidth(), 1 / box.getHeight());
        toUnit.translate(-box.getX(), -box.getY());
        List<Part> parts = drawn.stream()
                .map(part -> new Part(part.name(), part.usual(), moved(part.path(), toUnit)))
                .toList();
        return new Picture(
                box.getWidth(),
                box.getHeight(),
                parts,
                opening.map(one -> new Opening(
                        (one.centreX() - box.getX()) / box.getWidth(),
                        (one.centreY() - box.getY()) / box.getHeight(),
                        one.radiusX() / box.getWidth(),
                        one.radiusY() / box.getHeight())),
                spine.map(one -> new Spine(
                        moved(one.path(), AffineTransform.getTranslateInstance(-box.getX(), -box.getY())),
                        one.room())));
    }

    /** Whether light words read better on its face than dark ones; not of a drawing without one. */
    public boolean isDark() {
        double[] middle = spine.map(one -> Pen.points(one.path())).stream()
                .map(points -> points[points.length / 2])
                .findFirst()
                .orElse(new double[] {width / 2, height / 2});
        return parts.stream()
                .filter(part -> part.path().contains(middle[0] / width, middle[1] / height))
                .reduce((behind, front) -> front)
                .map(front -> front.usual().isDark())
                .orElse(false);
    }

    /** What is inside is told by winding alone, so that every program that fills it agrees. */
    private static Path2D moved(Path2D path, AffineTransform by) {
        return new Path2D.Double(path.getWindingRule() == Path2D.WIND_EVEN_ODD ? new Area(path) : path, by);
    }
}
