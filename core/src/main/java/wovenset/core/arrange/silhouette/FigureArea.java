package wovenset.core.arrange.silhouette;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import org.locationtech.jts.awt.ShapeWriter;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;
import wovenset.core.arrangement.Figure;
import wovenset.core.geometry.EnclosedArea;
import wovenset.core.geometry.PathData;

/** Between a figure's texts and what can be reckoned with. */
final class FigureArea {
    /** Of the height: 0.06 mm for a figure that is 300 mm high. */
    private static final double FLATNESS = 0.0002;

    private FigureArea() {}

    /** What the figure encloses. */
    static Geometry of(Figure figure) {
        return area(figure.data(), figure.proportion(), 1, FLATNESS);
    }

    /** What a text in the unit square encloses, this wide and high. */
    static Geometry area(String data, double width, double height, double flatness) {
        AffineTransform scale = AffineTransform.getScaleInstance(width, height);
        return EnclosedArea.of(PathData.parse(data).orElseThrow().createTransformedShape(scale), flatness);
    }

    /** An area of the figure as a text in its unit square. */
    static String text(Geometry area, Figure figure) {
        AffineTransform toUnit = AffineTransform.getScaleInstance(1 / figure.proportion(), 1);
        Geometry simpler = area;
        for (double off = FLATNESS; ; off *= 2) {
            Shape drawn = new ShapeWriter().toShape(simpler);
            String text = PathData.exactly(toUnit.createTransformedShape(drawn));
            if (text.length() <= PathData.MOST_CHARACTERS) {
                return text;
            }
            simpler = DouglasPeuckerSimplifier.simplify(area, off);
        }
    }
}
