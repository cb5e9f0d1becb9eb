package wovenset.core.geometry;

import java.awt.geom.Rectangle2D;
import wovenset.core.measure.Length;

/** An upright rectangle on a page in millimetres; width and height are zero or more. */
public record BoxMm(double x, double y, double width, double height) {
    public static BoxMm of(Length x, Length y, Length width, Length height) {
        return new BoxMm(x.mm(), y.mm(), width.mm(), height.mm());
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

    public Rectangle2D rectangle() {
        return new Rectangle2D.Double(x, y, width, height);
    }
}
