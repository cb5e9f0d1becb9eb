package wovenset.core.retouch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import wovenset.core.geometry.Homography;
import wovenset.core.photo.retouch.FacedPlane;
import wovenset.core.said.UnfitValueException;

/** Flat things taken at a slant by a camera that is known. */
class FacingTest {
    private static final double WIDTH = 1200;
    private static final double HEIGHT = 800;

    /** Where a point of a card, its middle as the origin, is seen by a camera that looks at it with this focal length in pixels. */
    private static FacedPlane.Corner seen(double x, double y, double turn, double tip, double focal) {
        double x1 = x * Math.cos(turn);
        double z1 = x * Math.sin(turn);
        double y2 = y * Math.cos(tip) - z1 * Math.sin(tip);
        double z2 = y * Math.sin(tip) + z1 * Math.cos(tip);
        double away = 4 + z2;
        return new FacedPlane.Corner(
                0.5 + focal * (x1 + 0.1) / away / WIDTH, 0.5 + focal * (y2 - 0.05) / away / HEIGHT);
    }

    private static FacedPlane card(double proportion, double turn, double tip, double focal, boolean whole) {
        List<FacedPlane.Corner> corners = new ArrayList<>();
        for (double[] at : new double[][] {{-1, -1}, {1, -1}, {1, 1}, {-1, 1}}) {
            corners.add(seen(at[0] * proportion / 2, at[1] / 2, turn, tip, focal));
        }
        return new FacedPlane(corners, whole);
    }

    @Property(tries = 200)
    void theProportionIsTheCards(
            @ForAll @IntRange(min = 5, max = 35) int turn,
            @ForAll @IntRange(min = 5, max = 35) int tip,
            @ForAll @IntRange(min = 5, max = 18) int tenths,
            @ForAll @IntRange(min = 900, max = 1500) int focal) {
        FacedPlane plane = card(tenths / 10.0, Math.toRadians(turn), Math.toRadians(-tip), focal, false);
        assertThat(plane.proportion(WIDTH, HEIGHT)).isCloseTo(tenths / 10.0, within(0.01 * tenths / 10));
        Homography facing = plane.facing(WIDTH, HEIGHT);
        // The card's middle comes to the middle of the picture, and lines across it stay halves.
        FacedPlane.Corner middle = seen(0, 0, Math.toRadians(turn), Math.toRadians(-tip), focal);
        Point2D.Double at = facing.map(middle.x(), middle.y());
        assertThat(at.x).isCloseTo(0.5, within(1e-6));
        assertThat(at.y).isCloseTo(0.5, within(1e-6));
        Point2D.Double back = facing.inverse().map(at.x, at.y);
        assertThat(back.distance(middle.x(), middle.y())).isLessThan(1e-9);
    }

    @Test
    void whatIsSeenStraightHasItsSidesProportion() {
        FacedPlane plane = card(1.5, 0, 0, 1000, true);
        assertThat(plane.proportion(WIDTH, HEIGHT)).isCloseTo(1.5, within(1e-6));
        Homography facing = plane.facing(WIDTH, HEIGHT);
        for (FacedPlane.Corner corner : plane.corners()) {
            assertThat(facing.map(corner.x(), corner.y()).distance(corner.x(), corner.y()))
                    .isLessThan(1e-9);
        }
    }

    @Test
    void aTiltedCardFillsThePictureWithItsColours() {
        FacedPlane plane = card(1.5, Math.toRadians(25), Math.toRadians(-15), 1600, false);
        BufferedImage photo = new BufferedImage((int) WIDTH, (int) HEIGHT, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = photo.createGraphics();
        Color[] colours = {Color.RED, Color.GREEN, Color.BLUE, Color.YELLOW};
        double[][] quarters = {{-0.75, -0.5}, {0, -0.5}, {0, 0}, {-0.75, 0}};
        for (int i = 0; i < 4; i++) {
            Path2D path = new Path2D.Double();
            for (double[] to : new double[][] {{0, 0}, {0.75, 0}, {0.75, 0.5}, {0, 0.5}}) {
                FacedPlane.Corner at = seen(
                        quarters[i][0] + to[0], quarters[i][1] + to[1], Math.toRadians(25), Math.toRadians(-15), 1600);
                if (path.getCurrentPoint() == null) {
                    path.moveTo(at.x() * WIDTH, at.y() * HEIGHT);
                } else {
                    path.lineTo(at.x() * WIDTH, at.y() * HEIGHT);
                }
            }
            graphics.setColor(colours[i]);
            graphics.fill(path);
        }
        graphics.dispose();
        BufferedImage faced = Facing.of(photo, plane);
        for (int i = 0; i < 4; i++) {
            int x = i == 0 || i == 3 ? 0 : 1;
            int y = i < 2 ? 0 : 1;
            for (double[] at : new double[][] {{0.02, 0.02}, {0.48, 0.02}, {0.48, 0.48}, {0.02, 0.48}, {0.25, 0.25}}) {
                int rgb = faced.getRGB((int) (WIDTH * (x / 2.0 + at[0])), (int) (HEIGHT * (y / 2.0 + at[1])));
                assertThat(new Color(rgb)).as(i + " " + at[0] + " " + at[1]).isEqualTo(colours[i]);
            }
        }
    }

    @Test
    void whatThePhotoHasNotSeenIsClear() {
        BufferedImage photo = new BufferedImage(300, 200, BufferedImage.TYPE_3BYTE_BGR);
        BufferedImage faced = Facing.of(photo, card(1.5, Math.toRadians(30), Math.toRadians(20), 1000, true));
        assertThat(faced.getColorModel().hasAlpha()).isTrue();
        assertThat(faced.getRGB(150, 100) >>> 24).isEqualTo(255);
        int clear = 0;
        for (int i = 0; i < 300 * 200; i++) {
            clear += faced.getRGB(i % 300, Math.floorDiv(i, 300)) >>> 24 == 0 ? 1 : 0;
        }
        assertThat(clear).isGreaterThan(100);
    }

    @Test
    void cornersThatGoAroundNothingAreRefused() {
        FacedPlane.Corner a = new FacedPlane.Corner(0.1, 0.1);
        FacedPlane.Corner b = new FacedPlane.Corner(0.9, 0.1);
        FacedPlane.Corner c = new FacedPlane.Corner(0.9, 0.9);
        FacedPlane.Corner d = new FacedPlane.Corner(0.1, 0.9);
        for (List<FacedPlane.Corner> corners : List.of(
                List.of(a, b, c),
                List.of(a, c, b, d),
                List.of(d, c, b, a),
                List.of(a, b, c, new FacedPlane.Corner(0.8, 0.3)),
                List.of(a, a, a, a),
                List.of(a, b, c, new FacedPlane.Corner(-1, 2)))) {
            assertThatThrownBy(() -> new FacedPlane(corners, false)).isInstanceOf(UnfitValueException.class);
        }
    }
}
