package wovenset.core.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import org.junit.jupiter.api.Test;
import wovenset.core.testing.TestPhotos;

class EnlargementTest {
    private static final int TIMES = 4;

    private static BufferedImage drawn(BufferedImage from, int width, int height, int type) {
        BufferedImage to = new BufferedImage(width, height, type);
        Graphics2D graphics = to.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        graphics.drawImage(from, 0, 0, width, height, null);
        graphics.dispose();
        return to;
    }

    private static double off(BufferedImage one, BufferedImage other) {
        double sum = 0;
        for (int y = 0; y < one.getHeight(); y++) {
            for (int x = 0; x < one.getWidth(); x++) {
                int difference = new Color(one.getRGB(x, y)).getGreen() - new Color(other.getRGB(x, y)).getGreen();
                sum += difference * difference;
            }
        }
        return Math.sqrt(sum / (one.getWidth() * one.getHeight()));
    }

    @Test
    void whatWasMadeSmallComesBackNearerThanByLinearInterpolation() {
        BufferedImage whole = drawn(TestPhotos.scene(800, 600, 9), 800, 600, BufferedImage.TYPE_3BYTE_BGR);
        BufferedImage small = DerivedPixels.reduced(whole, 800 / TIMES, 600 / TIMES);
        BufferedImage enlarged = Enlargement.of(small, 800);
        assertThat(enlarged.getWidth()).isEqualTo(800);
        assertThat(enlarged.getHeight()).isEqualTo(600);
        assertThat(off(whole, enlarged))
                .isLessThan(0.95 * off(whole, drawn(small, 800, 600, BufferedImage.TYPE_3BYTE_BGR)));
    }

    @Test
    void whatIsLargeEnoughStaysAsItIs() {
        BufferedImage photo = TestPhotos.scene(80, 60, 9);
        assertThat(Enlargement.of(photo, 80)).isSameAs(photo);
        assertThat(Enlargement.of(photo, 40)).isSameAs(photo);
    }

    @Test
    void noColourIsMoreThanItsPixelIsSolid() {
        BufferedImage half = new BufferedImage(20, 20, BufferedImage.TYPE_4BYTE_ABGR_PRE);
        Graphics2D graphics = half.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, 10, 20);
        graphics.dispose();
        BufferedImage large = Enlargement.of(half, 90);
        int[] pixel = new int[4];
        for (int x = 0; x < 90; x++) {
            large.getRaster().getPixel(x, 45, pixel);
            assertThat(pixel[0]).isLessThanOrEqualTo(pixel[3]);
        }
    }
}
