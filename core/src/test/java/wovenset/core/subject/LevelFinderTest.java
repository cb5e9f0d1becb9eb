package wovenset.core.subject;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** How far drawn scenes are tilted. */
class LevelFinderTest {
    private static BufferedImage drawn(double tilt, boolean upright) {
        BufferedImage image = new BufferedImage(400, 300, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setColor(new Color(150, 180, 220));
        graphics.fillRect(0, 0, 400, 300);
        graphics.rotate(Math.toRadians(tilt), 200, 150);
        graphics.setColor(new Color(60, 90, 120));
        if (upright) {
            for (int x = -100; x < 500; x += 60) {
                graphics.fill(new Rectangle2D.Double(x, -60, 22, 420));
            }
        } else {
            graphics.fill(new Rectangle2D.Double(-60, 170, 520, 260));
        }
        // Round things and a slope say nothing.
        graphics.setColor(new Color(230, 200, 90));
        graphics.fill(new Ellipse2D.Double(90, 60, 70, 70));
        graphics.setStroke(new BasicStroke(3));
        graphics.drawLine(220, 40, 330, 120);
        graphics.dispose();
        return image;
    }

    @ParameterizedTest
    @ValueSource(doubles = {-9.3, -4, -2.1, -1.2, -0.5, 0, 0.6, 1.4, 2.5, 7, 11})
    void horizonsAndWallsSayHowFarAPhotoIsTilted(double tilt) {
        assertThat(LevelFinder.tilt(drawn(tilt, false)).orElseThrow()).isCloseTo(tilt, within(0.25));
        assertThat(LevelFinder.tilt(drawn(tilt, true)).orElseThrow()).isCloseTo(tilt, within(0.25));
    }

    @Test
    void whatHasNoLinesSaysNothing() {
        BufferedImage noise = new BufferedImage(400, 300, BufferedImage.TYPE_3BYTE_BGR);
        Random random = new Random(3);
        for (int i = 0; i < 400 * 300; i++) {
            noise.setRGB(i % 400, i / 400, random.nextInt());
        }
        assertThat(LevelFinder.tilt(noise)).isEmpty();
        assertThat(LevelFinder.tilt(new BufferedImage(100, 1, BufferedImage.TYPE_3BYTE_BGR)))
                .isEmpty();
        assertThat(LevelFinder.tilt(new BufferedImage(1, 1, BufferedImage.TYPE_3BYTE_BGR)))
                .isEmpty();
        BufferedImage slope = drawn(30, false);
        assertThat(LevelFinder.tilt(slope)).as("a slope is meant").isEmpty();
    }
}
