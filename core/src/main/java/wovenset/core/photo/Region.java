package wovenset.core.photo;

import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/** A part of an upright photo, in shares of its width and height: 0 left and top, 1 right and bottom. */
public record Region(double x, double y, double width, double height) {
    public Region {
        boolean within = x >= 0 && y >= 0 && width > 0 && height > 0 && x + width <= 1 + 1e-9 && y + height <= 1 + 1e-9;
        Checks.that(within, Reason.REGION_OUTSIDE);
    }

    /** What of a box lies within the photo; it is never narrower than a thousandth. */
    public static Region within(double left, double top, double right, double bottom) {
        double x = Math.min(0.999, Math.max(0, left));
        double y = Math.min(0.999, Math.max(0, top));
        return new Region(x, y, Math.max(0.001, Math.min(1, right) - x), Math.max(0.001, Math.min(1, bottom) - y));
    }

    public double right() {
        return x + width;
    }

    public double bottom() {
        return y + height;
    }

    public Region union(Region other) {
        return within(
                Math.min(x, other.x),
                Math.min(y, other.y),
                Math.max(right(), other.right()),
                Math.max(bottom(), other.bottom()));
    }
}
