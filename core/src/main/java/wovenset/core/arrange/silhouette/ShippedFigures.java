package wovenset.core.arrange.silhouette;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import wovenset.core.arrangement.Figure;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.EnclosedArea;
import wovenset.core.geometry.Form;
import wovenset.core.geometry.PathData;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.words.LetterRow;

/** Figures that come with the application, and words as figures. */
public final class ShippedFigures {
    private static final double FLATNESS = 0.001;

    private static final String VASE =
            "M 0.35 0 L 0.65 0 C 0.66 0.06 0.62 0.1 0.61 0.15 C 0.6 0.25 0.92 0.38 0.92 0.64 C 0.92 0.84 0.77 0.96 0.71 1 L 0.29 1"
                    + " C 0.23 0.96 0.08 0.84 0.08 0.64 C 0.08 0.38 0.4 0.25 0.39 0.15 C 0.38 0.1 0.34 0.06 0.35 0 Z";
    private static final String MUG =
            "M 0 0 L 0.7 0 L 0.69 0.13 C 0.94 0.08 1 0.28 0.99 0.44 C 0.98 0.68 0.82 0.78 0.62 0.76 C 0.6 0.9 0.56 0.96 0.5 1"
                    + " L 0.18 1 C 0.06 0.94 0 0.78 0 0.58 Z M 0.68 0.29 L 0.65 0.61 C 0.77 0.61 0.84 0.56 0.85 0.43 C 0.86 0.3 0.8 0.26 0.68 0.29 Z";
    private static final String HOUSE =
            "M 0.5 0 L 0.68 0.15 L 0.68 0.04 L 0.8 0.04 L 0.8 0.25 L 1 0.42 L 0.89 0.42 L 0.89 0.94 L 0.11 0.94 L 0.11 0.42 L 0 0.42 Z";
    private static final String TREE =
            "M 0.41 1.08 C 0.45 0.98 0.45 0.88 0.44 0.76 C 0.3 0.82 0.12 0.77 0.09 0.63 C -0.05 0.56 0 0.36 0.14 0.34 C 0.14 0.13 0.36 0.07 0.46 0.16"
                    + " C 0.55 -0.01 0.81 0.04 0.83 0.22 C 0.99 0.24 1.05 0.47 0.92 0.57 C 0.91 0.75 0.71 0.81 0.57 0.74 C 0.56 0.88 0.57 0.98 0.62 1.08 Z";
    private static final String KITE = "M 0.42 0 L 0.84 0.44 L 0.42 1.28 L 0 0.44 Z";
    private static final String BIRD =
            "M 0 0.44 C 0.07 0.33 0.2 0.3 0.3 0.38 C 0.36 0.2 0.54 0.05 0.84 0 C 0.74 0.12 0.7 0.26 0.69 0.39 C 0.8 0.4 0.92 0.35 1.04 0.25"
                    + " C 1.02 0.48 0.86 0.66 0.62 0.72 C 0.54 0.82 0.42 0.88 0.24 0.9 C 0.32 0.84 0.37 0.78 0.39 0.71 C 0.24 0.68 0.13 0.59 0.09 0.48 Z";

    private ShippedFigures() {}

    public static List<Figure> all() {
        return List.of(
                figure("heart", formed(Form.HEART, 1.08)),
                figure("circle", new Ellipse2D.Double(0, 0, 1, 1)),
                figure("vase", drawn(VASE)),
                figure("mug", drawn(MUG)),
                figure("house", drawn(HOUSE)),
                figure("tree", drawn(TREE)),
                figure("kite", drawn(KITE)),
                figure("bird", drawn(BIRD)),
                figure("star", formed(Form.STAR, 1.05)),
                figure("leaf", formed(Form.LEAF, 1)),
                figure("arch", formed(Form.ARCH, 0.75)),
                figure("hexagon", formed(Form.HEXAGON, 1.155)));
    }

    /** A row of letters as one figure. */
    public static Figure word(String name, List<LetterRow.Letter> letters) {
        Path2D row = new Path2D.Double(Path2D.WIND_NON_ZERO);
        for (LetterRow.Letter letter : letters) {
            row.append(
                    AffineTransform.getTranslateInstance(letter.x(), 0).createTransformedShape(letter.outline()),
                    false);
        }
        return figure(name, row);
    }

    /** Bounds are of the curves, not of their controls. */
    private static Figure figure(String name, Shape shape) {
        Envelope own = EnclosedArea.of(shape, FLATNESS).getEnvelopeInternal();
        AffineTransform toUnit = AffineTransform.getScaleInstance(1 / own.getWidth(), 1 / own.getHeight());
        toUnit.translate(-own.getMinX(), -own.getMinY());
        return new Figure(name, PathData.of(toUnit.createTransformedShape(shape)), own.getWidth() / own.getHeight());
    }

    private static Shape formed(Form form, double proportion) {
        return new ShapeMm.Formed(new BoxMm(0, 0, proportion, 1), form).path();
    }

    private static Shape drawn(String data) {
        return PathData.parse(data).orElseThrow();
    }
}
