package wovenset.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Crop;

class CropGeometryTest {
    /** Of the photo's side: far below a pixel, far above rounding. */
    private static final double EPSILON = 1e-9;

    record Case(int width, int height, BoxMm window, Crop crop) {}

    @Provide
    Arbitrary<Case> cases() {
        Arbitrary<Integer> side = Arbitraries.integers().between(1, 12_000);
        Arbitrary<BoxMm> window = Combinators.combine(
                        Arbitraries.doubles().between(-50, 900),
                        Arbitraries.doubles().between(1, 900),
                        Arbitraries.doubles().between(1, 900))
                .as((at, w, h) -> new BoxMm(at, at / 2, w, h));
        Arbitrary<Double> share = Arbitraries.doubles().between(0, 1);
        Arbitrary<Crop> crop = Combinators.combine(
                        share,
                        share,
                        Arbitraries.doubles().between(1, Crop.MOST_ZOOM),
                        Arbitraries.doubles().between(-180, 180),
                        Arbitraries.of(true, false),
                        Arbitraries.of(Crop.Fit.values()))
                .as((x, y, zoom, turn, flipped, fit) -> new Crop(x, y, zoom, turn, flipped, fit, Crop.Aim.HAND));
        return Combinators.combine(side, side, window, crop).as(Case::new);
    }

    @Property(tries = 3000)
    void aFilledWindowIsNeverBare(@ForAll("cases") Case one) throws NoninvertibleTransformException {
        if (one.crop.fit() == Crop.Fit.WHOLE) {
            return;
        }
        AffineTransform toPhoto = place(one).toPage().createInverse();
        for (Point2D corner : corners(one.window)) {
            Point2D on = toPhoto.transform(corner, null);
            assertThat(on.getX()).isBetween(-EPSILON, 1 + EPSILON);
            assertThat(on.getY()).isBetween(-EPSILON, 1 + EPSILON);
        }
    }

    @Property(tries = 2000)
    void aWholePhotoLiesInsideAndTouches(@ForAll("cases") Case one) {
        if (one.crop.fit() == Crop.Fit.FILL) {
            return;
        }
        var bounds = place(one)
                .toPage()
                .createTransformedShape(new Rectangle2D.Double(0, 0, 1, 1))
                .getBounds2D();
        assertThat(bounds.getWidth()).isLessThanOrEqualTo(one.window.width() + 1e-6);
        assertThat(bounds.getHeight()).isLessThanOrEqualTo(one.window.height() + 1e-6);
        assertThat(bounds.getCenterX()).isCloseTo(one.window.centreX(), within(1e-6));
        boolean touches =
                bounds.getWidth() > one.window.width() - 1e-6 || bounds.getHeight() > one.window.height() - 1e-6;
        assertThat(touches).isTrue();
    }

    @Property(tries = 2000)
    void aPhotoIsNeverSkewedOrStretched(@ForAll("cases") Case one) {
        CropGeometry.Placed placed = place(one);
        double[] m = new double[6];
        placed.toPage().getMatrix(m);
        double perPixelX = Math.hypot(m[0], m[1]) / one.width;
        double perPixelY = Math.hypot(m[2], m[3]) / one.height;
        assertThat(perPixelX).isCloseTo(placed.mmPerPixel(), within(1e-9 * placed.mmPerPixel() + 1e-12));
        assertThat(perPixelY).isCloseTo(placed.mmPerPixel(), within(1e-9 * placed.mmPerPixel() + 1e-12));
        // The cosine of the angle between the photo's sides, whatever their length: they stay square to each other.
        double cosine = (m[0] * m[2] + m[1] * m[3]) / (Math.hypot(m[0], m[1]) * Math.hypot(m[2], m[3]));
        assertThat(cosine).isCloseTo(0, within(1e-12));
    }

    @Property(tries = 1000)
    void aCropThatWasKeptInsideIsPlacedTheSameAgain(@ForAll("cases") Case one) {
        Crop kept = place(one).crop();
        Crop again = CropGeometry.place(one.width, one.height, one.window, kept).crop();
        assertThat(again.focusX()).isCloseTo(kept.focusX(), within(1e-9));
        assertThat(again.focusY()).isCloseTo(kept.focusY(), within(1e-9));
    }

    @Test
    void knownCase() {
        // 3000 × 2000 px fill 100 × 100 mm by their height: 20 px a millimetre, 508 ppi, a third is cut from the sides.
        CropGeometry.Placed placed = CropGeometry.place(3000, 2000, new BoxMm(10, 20, 100, 100), Crop.CENTRED);
        assertThat(placed.mmPerPixel()).isCloseTo(0.05, within(1e-12));
        assertThat(placed.pixelsPerInch()).isCloseTo(508, within(1e-9));
        assertThat(placed.toPage().transform(new Point2D.Double(0, 0), null)).isEqualTo(new Point2D.Double(-15, 20));
    }

    @Test
    void aQuarterTurnFillsByTheOtherSideAndFlippingMirrors() {
        BoxMm window = new BoxMm(0, 0, 200, 300);
        CropGeometry.Placed turned =
                CropGeometry.place(3000, 2000, window, new Crop(0.5, 0.5, 1, 90, true, Crop.Fit.FILL, Crop.Aim.HAND));
        assertThat(turned.mmPerPixel()).isCloseTo(0.1, within(1e-12));
        // Flipped, the photo's top left is its picture's top right; turned clockwise that comes to the bottom right.
        Point2D corner = turned.toPage().transform(new Point2D.Double(0, 0), null);
        assertThat(corner.getX()).isCloseTo(200, within(1e-9));
        assertThat(corner.getY()).isCloseTo(300, within(1e-9));
    }

    private static CropGeometry.Placed place(Case one) {
        return CropGeometry.place(one.width, one.height, one.window, one.crop);
    }

    private static Point2D[] corners(BoxMm box) {
        return new Point2D[] {
            new Point2D.Double(box.x(), box.y()),
            new Point2D.Double(box.x() + box.width(), box.y()),
            new Point2D.Double(box.x(), box.y() + box.height()),
            new Point2D.Double(box.x() + box.width(), box.y() + box.height())
        };
    }
}
