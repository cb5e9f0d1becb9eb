package wovenset.core.retouch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wovenset.core.photo.Adjustment;
import wovenset.core.photo.Adjustments;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.photo.retouch.CutOut;
import wovenset.core.photo.retouch.PixelPlane;
import wovenset.core.photo.retouch.Retouching;
import wovenset.core.picture.DerivedPixels;

/** What is done to a photo's pixels for one use, in order. */
class DevelopmentTest {
    private static final PhotoId PHOTO = new PhotoId("0".repeat(64));
    private static final Adjustments LIGHTER = new Adjustments(Map.of(Adjustment.BRIGHTNESS, 30.0));

    private static BufferedImage disc(int width, int height, int type) {
        BufferedImage image = new BufferedImage(width, height, type);
        Graphics2D graphics = image.createGraphics();
        if (type == BufferedImage.TYPE_3BYTE_BGR) {
            graphics.setColor(new Color(200, 210, 220));
            graphics.fillRect(0, 0, width, height);
        }
        graphics.setColor(new Color(150, 60, 40));
        graphics.fillOval(width / 4, height / 4, width / 2, height / 2);
        graphics.dispose();
        return image;
    }

    /** The disc of {@link #disc} by its own outline. */
    private static CutOut cutOut(int width, int height) {
        PixelPlane even = PixelPlane.even(width, height, CutOut.OUTSIDE);
        byte[] labels = even.values();
        for (int i = 0; i < labels.length; i++) {
            double x = (i % even.width() + 0.5) / even.width() - 0.5;
            double y = (Math.floorDiv(i, even.width()) + 0.5) / even.height() - 0.5;
            labels[i] = Math.hypot(x, y) < 0.25 ? CutOut.INSIDE : CutOut.OUTSIDE;
        }
        return new CutOut(CutOut.From.STROKES, PixelPlane.of(even.width(), even.height(), labels));
    }

    private static PhotoPixels pixels(Adjustments adjustments, CutOut cutOut) {
        return new PhotoPixels(PHOTO, adjustments, Retouching.NONE.withCutOut(Optional.of(cutOut)));
    }

    @Test
    void whatIsNotChangedIsTheSameImage() {
        BufferedImage image = disc(60, 40, BufferedImage.TYPE_3BYTE_BGR);
        assertThat(Development.of(image, new PhotoPixels(PHOTO))).isSameAs(image);
    }

    @Test
    void lightAndColourDoNotMoveTheEdge() {
        BufferedImage image = disc(600, 400, BufferedImage.TYPE_3BYTE_BGR);
        CutOut cutOut = cutOut(600, 400);
        BufferedImage plain = Development.of(image, pixels(Adjustments.NONE, cutOut));
        BufferedImage lighter = Development.of(image, pixels(LIGHTER, cutOut));
        assertThat(alpha(lighter)).isEqualTo(alpha(plain));
        assertThat(plain.getRGB(5, 5)).isZero();
        assertThat(plain.getRGB(300, 200)).isEqualTo(new Color(150, 60, 40).getRGB());
        assertThat(new Color(lighter.getRGB(300, 200)).getRed()).isGreaterThan(160);
        assertThat(solid(plain)).isCloseTo(Math.PI * 150 * 100, within(0.01 * Math.PI * 150 * 100));
    }

    /** What the screen shows is the print made small. */
    @Test
    void aSmallerPictureHasThePrintsEdge() {
        BufferedImage print = disc(2400, 1600, BufferedImage.TYPE_3BYTE_BGR);
        PhotoPixels pixels = pixels(LIGHTER, cutOut(2400, 1600));
        int edge = Development.edge(pixels, 300, 2400);
        BufferedImage screen = DerivedPixels.within(Development.of(DerivedPixels.within(print, edge), pixels), 300);
        BufferedImage reduced = DerivedPixels.within(Development.of(print, pixels), 300);
        int[] one = alpha(screen);
        int[] other = alpha(reduced);
        double off = 0;
        for (int i = 0; i < one.length; i++) {
            off += Math.abs(one[i] - other[i]);
        }
        assertThat(off / one.length).isLessThan(0.5);
    }

    @Test
    void theEdgeIsMovedAndTheBrushHasTheLastWord() {
        BufferedImage image = disc(600, 400, BufferedImage.TYPE_3BYTE_BGR);
        CutOut cutOut = cutOut(600, 400);
        byte[] painted = new byte[cutOut.labels().values().length];
        int width = cutOut.labels().width();
        for (int i = 0; i < painted.length; i++) {
            painted[i] = (byte) (i % width < width / 2 ? 0 : CutOut.UNTOUCHED);
        }
        painted[0] = (byte) 255;
        CutOut brushed = cutOut.withBrushed(PixelPlane.of(width, cutOut.labels().height(), painted));
        BufferedImage half = Development.of(image, pixels(Adjustments.NONE, brushed));
        assertThat(half.getRGB(250, 200)).isZero();
        assertThat(half.getRGB(350, 200) >>> 24).isEqualTo(255);
        assertThat(half.getRGB(0, 0) >>> 24).isEqualTo(255);
        double usual = solid(Development.of(image, pixels(Adjustments.NONE, cutOut)));
        assertThat(solid(Development.of(image, pixels(Adjustments.NONE, cutOut.withEdge(1)))))
                .isGreaterThan(usual);
        assertThat(solid(Development.of(image, pixels(Adjustments.NONE, cutOut.withEdge(-1)))))
                .isLessThan(usual);
    }

    /** One row, one colour, clear parts of its own, a mask of nothing. */
    @Test
    void oddPhotosHaveSensibleAnswers() {
        for (int[] size : new int[][] {{100, 1}, {1, 1}, {3, 90}}) {
            BufferedImage black = new BufferedImage(size[0], size[1], BufferedImage.TYPE_3BYTE_BGR);
            BufferedImage all = Development.of(
                    black,
                    pixels(
                            Adjustments.NONE,
                            new CutOut(CutOut.From.STROKES, PixelPlane.even(size[0], size[1], CutOut.INSIDE))));
            assertThat(solid(all)).isCloseTo(size[0] * size[1], within(1e-9));
            assertThat(solid(Development.of(
                            black,
                            pixels(
                                    Adjustments.NONE,
                                    new CutOut(
                                            CutOut.From.STROKES, PixelPlane.even(size[0], size[1], CutOut.OUTSIDE))))))
                    .isZero();
        }
        BufferedImage clear = disc(600, 400, BufferedImage.TYPE_4BYTE_ABGR_PRE);
        BufferedImage whole = Development.of(
                clear,
                pixels(Adjustments.NONE, new CutOut(CutOut.From.STROKES, PixelPlane.even(600, 400, CutOut.INSIDE))));
        assertThat(alpha(whole)).isEqualTo(alpha(clear));
    }

    private static int[] alpha(BufferedImage image) {
        return image.getAlphaRaster().getSamples(0, 0, image.getWidth(), image.getHeight(), 0, (int[]) null);
    }

    /** In pixels. */
    private static double solid(BufferedImage image) {
        double sum = 0;
        for (int one : alpha(image)) {
            sum += one / 255.0;
        }
        return sum;
    }
}
