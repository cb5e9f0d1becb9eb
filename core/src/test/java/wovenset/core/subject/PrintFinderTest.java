package wovenset.core.subject;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import wovenset.core.photo.retouch.FacedPlane;
import wovenset.core.picture.DerivedPixels;
import wovenset.core.retouch.PrintCut;

/** Prints on a scanner's glass, found and cut out straight, against where they were laid. */
class PrintFinderTest {
    private static final int WIDTH = 2000;
    private static final int HEIGHT = 1500;

    /** A print of this size about its middle. */
    private record Laid(double x, double y, double width, double height, double degrees, Color colour) {
        AffineTransform to() {
            AffineTransform to = AffineTransform.getTranslateInstance(x, y);
            to.rotate(Math.toRadians(degrees));
            to.translate(-width / 2, -height / 2);
            return to;
        }
    }

    private static final List<Laid> LAID = List.of(
            new Laid(450, 380, 600, 400, 4, new Color(60, 90, 140)),
            new Laid(1400, 420, 500, 620, -7, new Color(150, 80, 60)),
            new Laid(500, 1080, 420, 560, 12, new Color(80, 120, 70)),
            new Laid(1420, 1120, 700, 460, 0, new Color(200, 170, 90)));

    /** A light glass with noise; each print has a dark corner at its upper left. */
    private static BufferedImage scan(List<Laid> prints) {
        BufferedImage scan = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR);
        Random random = new Random(8);
        for (int i = 0; i < WIDTH * HEIGHT; i++) {
            int value = 224 + random.nextInt(6);
            scan.setRGB(i % WIDTH, Math.floorDiv(i, WIDTH), new Color(value, value, value - 2).getRGB());
        }
        Graphics2D graphics = scan.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        for (Laid print : prints) {
            AffineTransform before = graphics.getTransform();
            graphics.transform(print.to());
            graphics.setColor(print.colour);
            graphics.fillRect(0, 0, (int) print.width, (int) print.height);
            graphics.setColor(Color.BLACK);
            graphics.fillRect(0, 0, (int) print.width / 4, (int) print.height / 4);
            graphics.setTransform(before);
        }
        graphics.dispose();
        return scan;
    }

    @Test
    void printsAreFoundRowByRowAndCutOutStraight() {
        BufferedImage scan = scan(LAID);
        List<FacedPlane> found = PrintFinder.find(DerivedPixels.within(scan, 1000));
        assertThat(found).hasSize(4);
        for (int i = 0; i < 4; i++) {
            Laid laid = LAID.get(i);
            double[][] corners = {{0, 0}, {laid.width, 0}, {laid.width, laid.height}, {0, laid.height}};
            for (int corner = 0; corner < 4; corner++) {
                Point2D at = laid.to().transform(new Point2D.Double(corners[corner][0], corners[corner][1]), null);
                FacedPlane.Corner there = found.get(i).corners().get(corner);
                assertThat(Math.hypot(there.x() * WIDTH - at.getX(), there.y() * HEIGHT - at.getY()))
                        .as(i + " " + corner)
                        .isLessThan(9);
            }
            BufferedImage cut = PrintCut.of(scan, found.get(i));
            assertThat((double) cut.getWidth()).isCloseTo(laid.width, within(12.0));
            assertThat((double) cut.getHeight()).isCloseTo(laid.height, within(12.0));
            // The edge is the print's all around, and the dark corner is where it was.
            int right = cut.getWidth() - 3;
            int bottom = cut.getHeight() - 3;
            for (int[] at : new int[][] {{right, 3}, {right, bottom}, {3, bottom}}) {
                assertThat(new Color(cut.getRGB(at[0], at[1]))).as(i + "").isEqualTo(laid.colour);
            }
            assertThat(new Color(cut.getRGB(3, 3))).isEqualTo(Color.BLACK);
        }
    }

    @Test
    void onePhotoAllOverAndAnEmptyGlassHoldNoPrints() {
        assertThat(PrintFinder.find(DerivedPixels.within(scan(List.of()), 1000)))
                .isEmpty();
        BufferedImage all = new BufferedImage(800, 600, BufferedImage.TYPE_3BYTE_BGR);
        for (int i = 0; i < 800 * 600; i++) {
            all.setRGB(i % 800, Math.floorDiv(i, 800), new Color(40, 60, 90 + i % 800 / 8).getRGB());
        }
        assertThat(PrintFinder.find(DerivedPixels.within(all, 1000))).isEmpty();
        assertThat(PrintFinder.find(new BufferedImage(100, 1, BufferedImage.TYPE_3BYTE_BGR)))
                .isEmpty();
    }
}
