package wovenset.core.geometry;

import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Point2D;
import java.util.List;

/**
 * A map of the plane that keeps straight lines straight (projective), as a matrix of homogeneous coordinates row by row.
 *
 * <p>From four corners to four others it goes through the unit square, whose map to a quadrilateral is known in closed form (P. Heckbert,
 * "Fundamentals of Texture Mapping and Image Warping", 1989, section 2.2.3).
 */
public record Homography(List<Double> matrix) {
    public Homography {
        matrix = List.copyOf(matrix);
    }

    /**
     * @param from x and y of four corners in turns, in the order around
     * @param to those of the corners that they are mapped to; both convex
     */
    public static Homography between(double[] from, double[] to) {
        return of(product(ofUnitSquare(to), inverse(ofUnitSquare(from))));
    }

    private static Homography of(double[] m) {
        return new Homography(List.of(m[0], m[1], m[2], m[3], m[4], m[5], m[6], m[7], m[8]));
    }

    /** Of (0,0), (1,0), (1,1), (0,1) to these corners. */
    private static double[] ofUnitSquare(double[] q) {
        double sumX = q[0] - q[2] + q[4] - q[6];
        double sumY = q[1] - q[3] + q[5] - q[7];
        double x1 = q[2] - q[4];
        double x2 = q[6] - q[4];
        double y1 = q[3] - q[5];
        double y2 = q[7] - q[5];
        double under = x1 * y2 - x2 * y1;
        double g = (sumX * y2 - x2 * sumY) / under;
        double h = (x1 * sumY - sumX * y1) / under;
        return new double[] {
            q[2] - q[0] + g * q[2],
            q[6] - q[0] + h * q[6],
            q[0],
            q[3] - q[1] + g * q[3],
            q[7] - q[1] + h * q[7],
            q[1],
            g,
            h,
            1
        };
    }

    private static double[] product(double[] a, double[] b) {
        double[] m = new double[9];
        for (int i = 0; i < 9; i++) {
            int row = i - i % 3;
            m[i] = a[row] * b[i % 3] + a[row + 1] * b[3 + i % 3] + a[row + 2] * b[6 + i % 3];
        }
        return m;
    }

    private static double[] inverse(double[] m) {
        double[] adjugate = {
            m[4] * m[8] - m[5] * m[7], m[2] * m[7] - m[1] * m[8], m[1] * m[5] - m[2] * m[4],
            m[5] * m[6] - m[3] * m[8], m[0] * m[8] - m[2] * m[6], m[2] * m[3] - m[0] * m[5],
            m[3] * m[7] - m[4] * m[6], m[1] * m[6] - m[0] * m[7], m[0] * m[4] - m[1] * m[3]
        };
        double determinant = m[0] * adjugate[0] + m[1] * adjugate[3] + m[2] * adjugate[6];
        for (int i = 0; i < 9; i++) {
            adjugate[i] /= determinant;
        }
        return adjugate;
    }

    private double[] values() {
        return matrix.stream().mapToDouble(Double::doubleValue).toArray();
    }

    public Homography inverse() {
        return of(inverse(values()));
    }

    /** The same between axes that are scaled: of a picture this wide and high whose unit square it maps to itself. */
    public Homography scaled(double width, double height) {
        double[] up = {width, 0, 0, 0, height, 0, 0, 0, 1};
        double[] down = {1 / width, 0, 0, 0, 1 / height, 0, 0, 0, 1};
        return of(product(up, product(values(), down)));
    }

    public Point2D.Double map(double x, double y) {
        double[] m = values();
        double w = m[6] * x + m[7] * y + m[8];
        return new Point2D.Double((m[0] * x + m[1] * y + m[2]) / w, (m[3] * x + m[4] * y + m[5]) / w);
    }

    /** How far in front of the eye a place is; nothing at or behind it is seen. */
    public double depth(double x, double y) {
        return matrix.get(6) * x + matrix.get(7) * y + matrix.get(8);
    }

    /** A path of straight lines. */
    public Path2D map(Path2D path) {
        Path2D mapped = new Path2D.Double(path.getWindingRule());
        double[] at = new double[6];
        for (PathIterator steps = path.getPathIterator(null); !steps.isDone(); steps.next()) {
            int kind = steps.currentSegment(at);
            if (kind == PathIterator.SEG_CLOSE) {
                mapped.closePath();
                continue;
            }
            Point2D.Double to = map(at[0], at[1]);
            if (kind == PathIterator.SEG_MOVETO) {
                mapped.moveTo(to.x, to.y);
            } else {
                mapped.lineTo(to.x, to.y);
            }
        }
        return mapped;
    }
}
