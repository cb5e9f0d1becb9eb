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

    /**
     * The largest part of a photo that has a proportion, about a point as near as its edges let it be.
     *
     * @param proportion width by height, in pixels
     * @param aboutX share of the photo's width
     */
    public static Region largest(PixelSize photo, double proportion, double aboutX, double aboutY) {
        double wide = Math.min(1, proportion / photo.proportion());
        double high = Math.min(1, photo.proportion() / proportion);
        return new Region(
                Math.max(0, Math.min(1 - wide, aboutX - wide / 2)),
                Math.max(0, Math.min(1 - high, aboutY - high / 2)),
                wide,
                high);
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
