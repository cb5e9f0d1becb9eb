package wovenset.core.geometry;

import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import wovenset.core.measure.Length;

/** An upright rectangle on a page in millimetres; width and height are zero or more. */
public record BoxMm(double x, double y, double width, double height) {
    public static BoxMm of(Length x, Length y, Length width, Length height) {
        return new BoxMm(x.mm(), y.mm(), width.mm(), height.mm());
    }

    public static BoxMm of(Rectangle2D box) {
        return new BoxMm(box.getX(), box.getY(), box.getWidth(), box.getHeight());
    }

    public double centreX() {
        return x + width / 2;
    }

    public double centreY() {
        return y + height / 2;
    }

    /** This box less the same distance on all sides; never narrower than nothing, about the same centre. */
    public BoxMm inset(double mm) {
        double dx = Math.min(mm, width / 2);
        double dy = Math.min(mm, height / 2);
        return new BoxMm(x + dx, y + dy, width - 2 * dx, height - 2 * dy);
    }

    /** This box and the same distance beyond all sides. */
    public BoxMm outset(double mm) {
        return new BoxMm(x - mm, y - mm, width + 2 * mm, height + 2 * mm);
    }

    /** The largest box of this proportion, width to height, that fits this one, in its middle. */
    public BoxMm fitted(double proportion) {
        double fittedWidth = Math.min(width, height * proportion);
        double fittedHeight = Math.min(height, width / proportion);
        return new BoxMm(centreX() - fittedWidth / 2, centreY() - fittedHeight / 2, fittedWidth, fittedHeight);
    }

    public BoxMm movedBy(double dx, double dy) {
        return new BoxMm(x + dx, y + dy, width, height);
    }

    public double right() {
        return x + width;
    }

    public double bottom() {
        return y + height;
    }

    /** The box around both. */
    public BoxMm union(BoxMm other) {
        double left = Math.min(x, other.x);
        double top = Math.min(y, other.y);
        return new BoxMm(left, top, Math.max(right(), other.right()) - left, Math.max(bottom(), other.bottom()) - top);
    }

    /** Whether they share more than an edge. */
    public boolean meets(BoxMm other) {
        return x < other.right() && other.x < right() && y < other.bottom() && other.y < bottom();
    }

    /** What both share; of no width or height where they share none. */
    public BoxMm shared(BoxMm other) {
        double left = Math.max(x, other.x);
        double top = Math.max(y, other.y);
        return new BoxMm(
                left,
                top,
                Math.max(0, Math.min(right(), other.right()) - left),
                Math.max(0, Math.min(bottom(), other.bottom()) - top));
    }

    /** The upright box around this one after it is turned about a point, degrees clockwise. */
    public BoxMm turned(double degrees, double aboutX, double aboutY) {
        if (degrees == 0) {
            return this;
        }
        Rectangle2D turned = AffineTransform.getRotateInstance(Math.toRadians(degrees), aboutX, aboutY)
                .createTransformedShape(rectangle())
                .getBounds2D();
        return of(turned);
    }

    /** The same, turned about its own centre. */
    public BoxMm turned(double degrees) {
        return turned(degrees, centreX(), centreY());
    }

    public Rectangle2D rectangle() {
        return new Rectangle2D.Double(x, y, width, height);
    }
}
