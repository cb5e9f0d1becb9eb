package wovenset.core.retouch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import wovenset.core.photo.retouch.BrushStroke;
import wovenset.core.photo.retouch.Mend;
import wovenset.core.picture.DerivedPixels;
import wovenset.core.subject.LikePlace;

/** Spots and red eyes put right, against pictures that never had them. */
class MendingTest {
    private static final int WIDTH = 600;
    private static final int HEIGHT = 400;

    /** Stripes with grain and a light from the left. */
    private static BufferedImage cloth() {
        Random random = new Random(3);
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR);
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                int value = 90 + x / 8 + (y / 12 % 2 == 0 ? 40 : 0) + random.nextInt(9);
                image.setRGB(x, y, new Color(value, value - 20, value / 2).getRGB());
            }
        }
        return image;
    }

    private static BufferedImage spotted(BufferedImage clean) {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = image.createGraphics();
        graphics.drawImage(clean, 0, 0, null);
        graphics.setColor(new Color(20, 60, 200));
        graphics.fillOval(280, 180, 40, 40);
        graphics.dispose();
        return image;
    }

    private static BrushStroke over(double... shares) {
        return new BrushStroke(0.1, 0.2, List.of(new BrushStroke.Point(shares[0], shares[1])));
    }

    /** The mean difference in a box, of 255. */
    private static double off(BufferedImage one, BufferedImage other, int x, int y, int side) {
        double sum = 0;
        for (int i = 0; i < side * side; i++) {
            Color a = new Color(one.getRGB(x + i % side, y + Math.floorDiv(i, side)));
            Color b = new Color(other.getRGB(x + i % side, y + Math.floorDiv(i, side)));
            sum += Math.abs(a.getRed() - b.getRed())
                    + Math.abs(a.getGreen() - b.getGreen())
                    + Math.abs(a.getBlue() - b.getBlue());
        }
        return sum / (3 * side * side);
    }

    @Test
    void aSpotGivesWayToStripesThatGoOn() {
        BufferedImage clean = cloth();
        BufferedImage spotted = spotted(clean);
        BrushStroke stroke = over(0.5, 0.5);
        Optional<BrushStroke.Point> like = LikePlace.find(spotted, stroke);
        assertThat(like).isPresent();
        // Stripes come again every 24 pixels.
        assertThat(Math.abs(like.get().y() * HEIGHT) % 24).isIn(0.0, 24.0);
        BufferedImage mended = Mending.of(spotted, List.of(new Mend(Mend.Kind.REMOVE, stroke, like)));
        assertThat(off(spotted, clean, 280, 180, 40)).isGreaterThan(40);
        // Grain is other grain; the stripes and the light are the same.
        assertThat(off(mended, clean, 270, 170, 60)).isLessThan(4.5);
        assertThat(off(mended, spotted, 0, 0, 200)).isZero();
        assertThat(off(spotted, spotted(cloth()), 0, 0, 400)).isZero();
    }

    @Test
    void withoutSuchAPlaceTheColoursAroundAreCarriedIn() {
        BufferedImage clean = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR);
        for (int i = 0; i < WIDTH * HEIGHT; i++) {
            int value = 60 + i % WIDTH / 5;
            clean.setRGB(i % WIDTH, Math.floorDiv(i, WIDTH), new Color(value, 80, 200 - value).getRGB());
        }
        BufferedImage mended =
                Mending.of(spotted(clean), List.of(new Mend(Mend.Kind.REMOVE, over(0.5, 0.5), Optional.empty())));
        assertThat(off(mended, clean, 270, 170, 60)).isLessThan(2.5);
    }

    @Test
    void onlyWhatIsRedLosesItsRed() {
        BufferedImage face = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = face.createGraphics();
        graphics.setColor(new Color(214, 160, 130));
        graphics.fillRect(0, 0, WIDTH, HEIGHT);
        graphics.setColor(new Color(190, 40, 50));
        graphics.fillOval(290, 190, 20, 20);
        graphics.dispose();
        BufferedImage mended = Mending.of(face, List.of(new Mend(Mend.Kind.RED_EYE, over(0.5, 0.5), Optional.empty())));
        Color pupil = new Color(mended.getRGB(300, 200));
        assertThat(pupil.getRed()).isCloseTo(45, within(3));
        assertThat(mended.getRGB(325, 200)).isEqualTo(face.getRGB(325, 200));
    }

    /** What the screen shows is the print made small, and strokes beyond the photo's edge touch what they touch. */
    @Test
    void sizesAndEdgesAreRight() {
        BufferedImage spotted = spotted(cloth());
        BrushStroke stroke = over(0.5, 0.5);
        Mend mend = new Mend(Mend.Kind.REMOVE, stroke, LikePlace.find(spotted, stroke));
        BufferedImage small = Mending.of(DerivedPixels.within(spotted, 300), List.of(mend));
        BufferedImage reduced = DerivedPixels.within(Mending.of(spotted, List.of(mend)), 300);
        assertThat(off(small, reduced, 130, 80, 40)).isLessThan(4);
        for (double[] at : new double[][] {{0, 0}, {1, 1}, {1.3, 0.5}, {0.5, -0.2}}) {
            Mend edge = new Mend(Mend.Kind.REMOVE, over(at), LikePlace.find(spotted, over(at)));
            assertThat(off(Mending.of(spotted, List.of(edge)), spotted, 200, 100, 200))
                    .isZero();
        }
        BufferedImage row = new BufferedImage(100, 1, BufferedImage.TYPE_3BYTE_BGR);
        assertThat(Mending.of(row, List.of(mend)).getRGB(50, 0)).isEqualTo(Color.BLACK.getRGB());
    }
}
