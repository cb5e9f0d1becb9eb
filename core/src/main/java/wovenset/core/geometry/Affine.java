package wovenset.core.geometry;

import java.awt.geom.AffineTransform;

/** The map (x, y) → (a·x + c·y + e, b·x + d·y + f), as a value: equal maps have equal texts. */
public record Affine(double a, double b, double c, double d, double e, double f) {
    public static final Affine IDENTITY = new Affine(1, 0, 0, 1, 0, 0);

    public static Affine of(AffineTransform transform) {
        return new Affine(
                transform.getScaleX(),
                transform.getShearY(),
                transform.getShearX(),
                transform.getScaleY(),
                transform.getTranslateX(),
                transform.getTranslateY());
    }

    /** A turn, degrees clockwise about a point. */
    public static Affine turn(double degrees, double x, double y) {
        return degrees == 0 ? IDENTITY : of(AffineTransform.getRotateInstance(Math.toRadians(degrees), x, y));
    }

    public static Affine shift(double dx, double dy) {
        return new Affine(1, 0, 0, 1, dx, dy);
    }

    /** This map after the other one. */
    public Affine after(Affine first) {
        AffineTransform both = awt();
        both.concatenate(first.awt());
        return of(both);
    }

    /** A new transform, for drawing. */
    public AffineTransform awt() {
        return new AffineTransform(a, b, c, d, e, f);
    }

    /** The map back; only of a map that leaves nothing flat. */
    public Affine inverse() {
        double flat = a * d - b * c;
        return new Affine(d / flat, -b / flat, -c / flat, a / flat, (c * f - d * e) / flat, (b * e - a * f) / flat);
    }

    /** The upright box around a mapped box. */
    public BoxMm bounds(BoxMm box) {
        if (b == 0 && c == 0) {
            double x = a * box.x() + e;
            double y = d * box.y() + f;
            double width = a * box.width();
            double height = d * box.height();
            return new BoxMm(Math.min(x, x + width), Math.min(y, y + height), Math.abs(width), Math.abs(height));
        }
        return BoxMm.of(awt().createTransformedShape(box.rectangle()).getBounds2D());
    }
}
