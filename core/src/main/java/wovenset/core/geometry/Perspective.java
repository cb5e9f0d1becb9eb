package wovenset.core.geometry;

import java.awt.geom.Point2D;

/**
 * How a plane looks that is turned about a point of it, seen from straight before that point (central projection). Points of the
 * plane's own axes map to those of the picture; the point itself and its scale stay.
 *
 * @param x of the point
 * @param distance of the eye, more than anything on the plane comes nearer
 * @param sideDegrees about the upright line through the point, what is to the right of it away
 * @param backDegrees about the level line, what is above it away
 */
public record Perspective(double x, double y, double distance, double sideDegrees, double backDegrees) {
    /** Of a plane's longer side, so far away that it looks natural. */
    private static final double AWAY = 2.5;

    /** Of a box about its middle. */
    public static Perspective of(BoxMm box, double sideDegrees, double backDegrees) {
        return new Perspective(
                box.centreX(), box.centreY(), AWAY * Math.max(box.width(), box.height()), sideDegrees, backDegrees);
    }

    /** How much farther than the point itself a place of the plane is: below 1 it looks larger. */
    public double depth(double placeX, double placeY) {
        double u = placeX - x;
        double v = placeY - y;
        return 1 + (u * sideSin() * backCos() - v * backSin()) / distance;
    }

    public Point2D.Double map(double placeX, double placeY) {
        double u = placeX - x;
        double v = placeY - y;
        double depth = depth(placeX, placeY);
        return new Point2D.Double(
                x + u * Math.cos(Math.toRadians(sideDegrees)) / depth,
                y + (v * backCos() + u * sideSin() * backSin()) / depth);
    }

    /** Which place of the plane is seen there; nothing lies behind the eye. */
    public Point2D.Double back(double seenX, double seenY) {
        double[] inverse = inverse();
        double p = seenX - x;
        double q = seenY - y;
        double w = inverse[6] * p + inverse[7] * q + inverse[8];
        return new Point2D.Double(
                x + (inverse[0] * p + inverse[1] * q + inverse[2]) / w,
                y + (inverse[3] * p + inverse[4] * q + inverse[5]) / w);
    }

    /** The map back as a matrix of homogeneous coordinates about the point, row by row. */
    public double[] inverse() {
        double ca = Math.cos(Math.toRadians(sideDegrees));
        double m10 = sideSin() * backSin();
        double m11 = backCos();
        double m20 = sideSin() * backCos() / distance;
        double m21 = -backSin() / distance;
        // The adjugate of {{ca, 0, 0}, {m10, m11, 0}, {m20, m21, 1}}.
        return new double[] {m11, 0, 0, -m10, ca, 0, m10 * m21 - m11 * m20, -ca * m21, ca * m11};
    }

    /** The upright box around what is seen of a box. */
    public BoxMm bounds(BoxMm box) {
        Point2D.Double first = map(box.x(), box.y());
        BoxMm all = new BoxMm(first.x, first.y, 0, 0);
        for (double cornerX : new double[] {box.x(), box.right()}) {
            for (double cornerY : new double[] {box.y(), box.bottom()}) {
                Point2D.Double at = map(cornerX, cornerY);
                all = all.union(new BoxMm(at.x, at.y, 0, 0));
            }
        }
        return all;
    }

    private double sideSin() {
        return Math.sin(Math.toRadians(sideDegrees));
    }

    private double backSin() {
        return Math.sin(Math.toRadians(backDegrees));
    }

    private double backCos() {
        return Math.cos(Math.toRadians(backDegrees));
    }
}
