package wovenset.core.frame;

import java.awt.geom.Path2D;
import java.util.function.DoubleUnaryOperator;
import wovenset.core.geometry.BoxMm;
import wovenset.core.style.Course;

/** The baselines that curved words run along in a box, so that their signs stay within it. */
final class CourseCurves {
    /** Signs reach this far above the baseline and below it, in type sizes. */
    private static final double ABOVE = 0.75;

    private static final double BELOW = 0.25;
    private static final int PIECES = 256;

    private final BoxMm box;
    private final double sizeMm;

    /** @param sizeMm of the type */
    CourseCurves(BoxMm box, double sizeMm) {
        this.box = box;
        this.sizeMm = sizeMm;
    }

    /**
     * Round a middle that lies so that the arc and its signs are in the middle of the box. Of an arc of the angle θ and the radius r
     * the chord is 2 r sin(θ/2) and the height r (1 − cos(θ/2)); both have to fit.
     */
    Path2D arc(Course.Arc arc) {
        double half = Math.toRadians(Math.abs(arc.degrees()) / 2);
        boolean up = arc.degrees() > 0;
        double across = half >= Math.PI / 2 ? 1 : Math.sin(half);
        double fitsAcross = box.width() / 2 / across - (up ? ABOVE * sizeMm : 0);
        double fitsDown = (box.height() - (ABOVE + BELOW) * sizeMm) / (1 - Math.cos(half));
        double radius = Math.max(sizeMm, Math.min(fitsAcross, fitsDown));
        double height = radius * (1 - Math.cos(half)) + (ABOVE + BELOW) * sizeMm;
        double top = box.centreY() - height / 2;
        double middle = up ? top + ABOVE * sizeMm + radius : top + height - BELOW * sizeMm - radius;
        double degrees = Math.abs(arc.degrees());
        return up
                ? round(middle, radius, -90 - degrees / 2, -90 + degrees / 2)
                : round(middle, radius, 90 + degrees / 2, 90 - degrees / 2);
    }

    /** From the lowest place round by the left, or inside from the highest one. */
    Path2D circle(Course.Circle circle) {
        double radius = Math.min(box.width(), box.height()) / 2 - (circle.inside() ? BELOW : ABOVE) * sizeMm;
        double least = Math.max(sizeMm, radius);
        return circle.inside() ? round(box.centreY(), least, -90, -450) : round(box.centreY(), least, 90, 450);
    }

    Path2D wave(Course.Wave wave) {
        double swing = Math.max(0, box.height() - (ABOVE + BELOW) * sizeMm) * wave.height() / 2;
        double middle = box.centreY() + (ABOVE - BELOW) / 2 * sizeMm;
        return curve(t -> box.x() + t * box.width(), t -> middle - swing * Math.sin(2 * Math.PI * t));
    }

    private Path2D round(double middle, double radius, double from, double to) {
        return curve(
                t -> box.centreX() + radius * Math.cos(Math.toRadians(from + t * (to - from))),
                t -> middle + radius * Math.sin(Math.toRadians(from + t * (to - from))));
    }

    private static Path2D curve(DoubleUnaryOperator x, DoubleUnaryOperator y) {
        Path2D curve = new Path2D.Double();
        curve.moveTo(x.applyAsDouble(0), y.applyAsDouble(0));
        for (int i = 1; i <= PIECES; i++) {
            double t = (double) i / PIECES;
            curve.lineTo(x.applyAsDouble(t), y.applyAsDouble(t));
        }
        return curve;
    }
}
