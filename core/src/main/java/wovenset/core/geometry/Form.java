package wovenset.core.geometry;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;

/** Drawn forms; each fills the box that it is given, touching all four sides. */
public enum Form {
    /** A rectangle under half an ellipse. */
    ARCH {
        @Override
        Path2D drawn() {
            Path2D path = new Path2D.Double();
            path.moveTo(0, 1);
            path.lineTo(0, 0.4);
            path.curveTo(0, 0.4 - 0.4 * ROUND, 0.5 - 0.5 * ROUND, 0, 0.5, 0);
            path.curveTo(0.5 + 0.5 * ROUND, 0, 1, 0.4 - 0.4 * ROUND, 1, 0.4);
            path.lineTo(1, 1);
            return path;
        }
    },
    /** Six corners, one to the left and one to the right. */
    HEXAGON {
        @Override
        Path2D drawn() {
            return corners(6, 0, 1);
        }
    },
    /** A square on its corner. */
    DIAMOND {
        @Override
        Path2D drawn() {
            return corners(4, 0, 1);
        }
    },
    /** Five points. */
    STAR {
        @Override
        Path2D drawn() {
            return corners(10, -90, 0.46);
        }
    },
    HEART {
        @Override
        Path2D drawn() {
            Path2D path = new Path2D.Double();
            path.moveTo(0.5, 1);
            path.curveTo(0.36, 0.84, 0, 0.62, 0, 0.3);
            path.curveTo(0, 0.1, 0.14, 0, 0.27, 0);
            path.curveTo(0.38, 0, 0.46, 0.07, 0.5, 0.18);
            path.curveTo(0.54, 0.07, 0.62, 0, 0.73, 0);
            path.curveTo(0.86, 0, 1, 0.1, 1, 0.3);
            path.curveTo(1, 0.62, 0.64, 0.84, 0.5, 1);
            return path;
        }
    },
    /** A broad leaf, its tip at the upper right. */
    LEAF {
        @Override
        Path2D drawn() {
            Path2D path = new Path2D.Double();
            path.moveTo(0, 1);
            path.curveTo(-0.05, 0.35, 0.3, 0, 1, 0);
            path.curveTo(1, 0.7, 0.65, 1.05, 0, 1);
            return path;
        }
    },
    /** A rounded box with a tail at its lower left, for what somebody says. */
    SPEECH {
        @Override
        Path2D drawn() {
            Path2D path = new Path2D.Double();
            path.moveTo(0.12, 1);
            path.lineTo(0.2, 0.8);
            path.lineTo(0.1, 0.8);
            path.curveTo(0.04, 0.8, 0, 0.76, 0, 0.7);
            path.lineTo(0, 0.1);
            path.curveTo(0, 0.04, 0.04, 0, 0.1, 0);
            path.lineTo(0.9, 0);
            path.curveTo(0.96, 0, 1, 0.04, 1, 0.1);
            path.lineTo(1, 0.7);
            path.curveTo(1, 0.76, 0.96, 0.8, 0.9, 0.8);
            path.lineTo(0.38, 0.8);
            return path;
        }
    };

    /** Where the controls of a quarter circle are, in radii. */
    private static final double ROUND = 0.5523;

    /** The form in axes of its own. */
    abstract Path2D drawn();

    Shape path(BoxMm box) {
        Path2D drawn = drawn();
        drawn.closePath();
        // Of a path itself they would hold the controls of its curves, too.
        Rectangle2D own = new Area(drawn).getBounds2D();
        AffineTransform fit = AffineTransform.getTranslateInstance(box.x(), box.y());
        fit.scale(box.width() / own.getWidth(), box.height() / own.getHeight());
        fit.translate(-own.getX(), -own.getY());
        return fit.createTransformedShape(drawn);
    }

    /** Corners evenly round a circle; every other one at this share of its radius. */
    private static Path2D corners(int count, double startDegrees, double inner) {
        Path2D path = new Path2D.Double();
        for (int i = 0; i < count; i++) {
            double radius = i % 2 == 0 ? 1 : inner;
            double angle = Math.toRadians(startDegrees + 360.0 * i / count);
            double x = radius * Math.cos(angle);
            double y = radius * Math.sin(angle);
            if (i == 0) {
                path.moveTo(x, y);
            } else {
                path.lineTo(x, y);
            }
        }
        return path;
    }
}
