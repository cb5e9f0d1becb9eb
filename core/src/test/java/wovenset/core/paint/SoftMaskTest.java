package wovenset.core.paint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Rectangle;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SoftMaskTest {
    /** Abramowitz and Stegun 7.1.26, good to 1.5e-7. */
    private static double erf(double x) {
        double t = 1 / (1 + 0.3275911 * Math.abs(x));
        double y = 1
                - ((((1.061405429 * t - 1.453152027) * t + 1.421413741) * t - 0.284496736) * t + 0.254829592)
                        * t
                        * Math.exp(-x * x);
        return x < 0 ? -y : y;
    }

    /** Half a plane under a Gaussian is (1 + erf(d/σ√2))/2 at the distance d inside its edge, whatever the lattice. */
    @ParameterizedTest
    @ValueSource(doubles = {0.7, 2, 5.5, 13, 40, 111})
    void anEdgeIsTheIntegralOfItsGaussian(double sigma) {
        Rectangle2D half = new Rectangle2D.Double(0, -5000, 5000, 10_000);
        int reach = (int) (3 * sigma) + 2;
        SoftMask mask = SoftMask.of(half, new Rectangle(-reach, -3, 2 * reach, 6), sigma);
        for (int x = -reach; x < reach; x++) {
            double expected = (1 + erf((x + 0.5) / (sigma * Math.sqrt(2)))) / 2;
            assertThat(mask.at(x, 0)).isCloseTo((float) expected, within(0.012f));
        }
    }

    /** What strips and windows of a page come to is what the whole does. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 1.3, 8, 37})
    void anyPartIsThatOfTheWhole(double sigma) {
        var shape = AffineTransform.getRotateInstance(0.3, 90, 70)
                .createTransformedShape(new Rectangle2D.Double(30, 40, 120, 60));
        SoftMask whole = SoftMask.of(shape, new Rectangle(-60, -60, 320, 280), sigma);
        for (Rectangle part : new Rectangle[] {
            new Rectangle(-60, -60, 50, 50), new Rectangle(31, 17, 64, 40), new Rectangle(90, 99, 101, 7)
        }) {
            SoftMask own = SoftMask.of(shape, part, sigma);
            for (int y = part.y; y < part.y + part.height; y++) {
                for (int x = part.x; x < part.x + part.width; x++) {
                    assertThat(own.at(x, y)).isCloseTo(whole.at(x, y), within(1e-5f));
                }
            }
        }
    }
}
