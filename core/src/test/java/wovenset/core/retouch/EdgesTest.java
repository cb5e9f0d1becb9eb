package wovenset.core.retouch;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import wovenset.core.photo.Adjustments;
import wovenset.core.photo.Beyond;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.photo.retouch.EdgeSources;
import wovenset.core.photo.retouch.Retouching;
import wovenset.core.picture.DerivedPixels;
import wovenset.core.subject.EdgeContinuing;
import wovenset.core.testing.Pieces;

/** Photos that go on beyond their edges, against what truly lay there. */
class EdgesTest {
    private static final int SIDE = 600;
    private static final int CUT = 120;

    /** Slanting stripes with grain, lighter to the right. */
    private static BufferedImage cloth() {
        Random random = new Random(5);
        BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_3BYTE_BGR);
        for (int y = 0; y < SIDE; y++) {
            for (int x = 0; x < SIDE; x++) {
                int value = 60 + x / 8 + ((x + y) / 30 % 2 == 0 ? 70 : 0) + random.nextInt(9);
                image.setRGB(x, y, new Color(value, value - 20, value / 2).getRGB());
            }
        }
        return image;
    }

    private static BufferedImage part(BufferedImage image, int x, int y, int width, int height) {
        BufferedImage part = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
        part.setRGB(0, 0, width, height, image.getRGB(x, y, width, height, null, 0, width), 0, width);
        return part;
    }

    private static BufferedImage beyond(BufferedImage photo, EdgeSources.Edge edge, EdgeSources sources, double reach) {
        PhotoPixels pixels = new PhotoPixels(Pieces.photo(1), Adjustments.NONE, Retouching.NONE)
                .withBeyond(Optional.of(Beyond.of(edge, sources, reach)));
        return Development.of(photo, pixels);
    }

    private static double off(BufferedImage one, BufferedImage other) {
        double sum = 0;
        for (int y = 0; y < one.getHeight(); y++) {
            for (int x = 0; x < one.getWidth(); x++) {
                Color a = new Color(one.getRGB(x, y));
                Color b = new Color(other.getRGB(x, y));
                sum += Math.abs(a.getRed() - b.getRed()) + Math.abs(a.getBlue() - b.getBlue());
            }
        }
        return sum / (2.0 * one.getWidth() * one.getHeight());
    }

    @ParameterizedTest
    @EnumSource
    void slantingStripesGoOnAsTheyDidThere(EdgeSources.Edge edge) {
        BufferedImage all = cloth();
        boolean beside = edge == EdgeSources.Edge.LEFT || edge == EdgeSources.Edge.RIGHT;
        boolean before = edge == EdgeSources.Edge.LEFT || edge == EdgeSources.Edge.ABOVE;
        int width = beside ? SIDE - CUT : SIDE;
        int height = beside ? SIDE : SIDE - CUT;
        BufferedImage photo = part(all, beside && before ? CUT : 0, !beside && before ? CUT : 0, width, height);
        BufferedImage truth = part(
                all,
                beside && !before ? width : 0,
                !beside && !before ? height : 0,
                beside ? CUT : SIDE,
                beside ? SIDE : CUT);
        BufferedImage drawn =
                beyond(photo, edge, EdgeContinuing.find(photo).orElseThrow(), CUT / (double) (SIDE - CUT));
        int x = beside && before ? width - CUT : 0;
        int y = !beside && before ? height - CUT : 0;
        BufferedImage is = part(drawn, x, y, truth.getWidth(), truth.getHeight());
        BufferedImage mirrored = new BufferedImage(truth.getWidth(), truth.getHeight(), BufferedImage.TYPE_3BYTE_BGR);
        EdgeView view = new EdgeView(edge, width, height);
        for (int along = 0; along < SIDE; along++) {
            for (int out = 0; out < CUT; out++) {
                int at = view.at(along, out);
                int to = beside ? (before ? CUT - 1 - out : out) : along;
                int down = beside ? along : before ? CUT - 1 - out : out;
                mirrored.setRGB(to, down, photo.getRGB(at % width, Math.floorDiv(at, width)));
            }
        }
        assertThat(off(is, truth)).isLessThan(0.6 * off(mirrored, truth));
    }

    /** Sources are stored with the photo's use, so that all sizes show the same. */
    @Test
    void screenAndPrintAreAlike() {
        BufferedImage print = cloth();
        BufferedImage screen = DerivedPixels.within(print, SIDE / 2);
        EdgeSources sources = EdgeContinuing.find(print).orElseThrow();
        BufferedImage reduced = DerivedPixels.within(beyond(print, EdgeSources.Edge.RIGHT, sources, 1), SIDE / 2);
        assertThat(off(beyond(screen, EdgeSources.Edge.RIGHT, sources, 1), reduced))
                .isLessThan(6);
    }

    @Test
    void nothingJumpsAtTheEdge() {
        BufferedImage photo = part(cloth(), 0, 0, 401, 277);
        BufferedImage drawn =
                beyond(photo, EdgeSources.Edge.RIGHT, EdgeContinuing.find(photo).orElseThrow(), 0.1);
        assertThat(off(part(photo, 400, 0, 1, 277), part(drawn, 0, 0, 1, 277))).isLessThan(1);
    }

    @ParameterizedTest
    @CsvSource({"1, 1", "100, 1", "3, 100", "7, 5"})
    void anyPhotoGoesOnSomehow(int width, int height) {
        BufferedImage photo = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
        EdgeSources sources = EdgeContinuing.find(photo).orElseThrow();
        for (EdgeSources.Edge edge : EdgeSources.Edge.values()) {
            assertThat(off(beyond(photo, edge, sources, 1), photo)).isZero();
        }
    }

    @Test
    void whatIsPartlyClearDoesNot() {
        assertThat(EdgeContinuing.find(new BufferedImage(50, 50, BufferedImage.TYPE_4BYTE_ABGR_PRE)))
                .isEmpty();
    }
}
