package wovenset.core.frame;

import java.awt.geom.AffineTransform;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Crop;

/**
 * Where a photo lies so that its crop shows in a window. A photo is scaled, turned, mirrored and moved, never skewed.
 *
 * <p>A window w × h turned by −θ into the photo's own axes is bounded by e = w·|cos θ| + h·|sin θ| across and
 * f = w·|sin θ| + h·|cos θ| down. A photo of p × q pixels covers the turned window if it is scaled by at least
 * max(e/p, f/q) millimetres a pixel; this, times the zoom, is the scale. The focus is then kept e/2 and f/2 away from
 * the photo's edges, so that no corner of the window is ever bare. A whole photo is scaled so that its own turned bounds
 * fit the window. Cost: constant.
 */
public final class CropGeometry {
    private CropGeometry() {}

    /**
     * @param toPage maps the upright photo's unit square (0,0 top left to 1,1 bottom right) to page millimetres
     * @param mmPerPixel the printed size of one pixel of the photo
     * @param crop the crop with its focus moved as far as was needed to cover the window
     */
    public record Placed(AffineTransform toPage, double mmPerPixel, Crop crop) {
        /** Pixels of the photo for each printed inch. */
        public double pixelsPerInch() {
            return 25.4 / mmPerPixel;
        }
    }

    /** Places a photo of these upright pixel sizes (at least 1 × 1) in a window. */
    public static Placed place(int photoWidth, int photoHeight, BoxMm window, Crop crop) {
        double turn = Math.toRadians(crop.turnDegrees());
        double cos = Math.abs(Math.cos(turn));
        double sin = Math.abs(Math.sin(turn));
        double scale;
        Crop kept;
        if (crop.fit() == Crop.Fit.WHOLE) {
            scale = Math.min(
                    window.width() / (photoWidth * cos + photoHeight * sin),
                    window.height() / (photoWidth * sin + photoHeight * cos));
            kept = crop.withFocus(0.5, 0.5);
        } else {
            double across = window.width() * cos + window.height() * sin;
            double down = window.width() * sin + window.height() * cos;
            scale = Math.max(across / photoWidth, down / photoHeight) * crop.zoom();
            kept = crop.withFocus(
                    clamp(crop.focusX(), across / 2 / (photoWidth * scale)),
                    clamp(crop.focusY(), down / 2 / (photoHeight * scale)));
        }
        AffineTransform toPage = AffineTransform.getTranslateInstance(window.centreX(), window.centreY());
        toPage.rotate(turn);
        toPage.scale(photoWidth * scale * (crop.flipped() ? -1 : 1), photoHeight * scale);
        toPage.translate(-kept.focusX(), -kept.focusY());
        return new Placed(toPage, scale, kept);
    }

    /** The focus kept this far from both edges; in the middle if both cannot be had (by rounding only). */
    private static double clamp(double focus, double half) {
        return half >= 0.5 ? 0.5 : Math.min(1 - half, Math.max(half, focus));
    }
}
