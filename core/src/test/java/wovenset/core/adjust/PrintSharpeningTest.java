package wovenset.core.adjust;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What makes up for the softness of ink. */
class PrintSharpeningTest {
    private static final int EDGE = 60;

    /** Grey 100 to the left of an edge, 150 to the right. */
    private static BufferedImage edge(int type) {
        BufferedImage image = new BufferedImage(2 * EDGE, 20, type);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(new Color(100, 100, 100));
        graphics.fillRect(0, 0, EDGE, 20);
        graphics.setColor(new Color(150, 150, 150));
        graphics.fillRect(EDGE, 0, EDGE, 20);
        graphics.dispose();
        return image;
    }

    /** At distance x from an edge a Gaussian leaves h·Φ(x/σ) of its height; both sides swing over by a times what is missing. */
    @ParameterizedTest
    @CsvSource({"12, 0.6", "24, 1.2", "12, 1.2"})
    void anEdgeSwingsOverAsTheFormulaSays(double perMm, double amount) {
        BufferedImage sharp = PrintSharpening.of(edge(BufferedImage.TYPE_3BYTE_BGR), perMm, amount);
        double sigma = 0.09 * perMm;
        for (int x = 0; x < 3; x++) {
            double blurred = 100 + 50 * phi((x + 0.5) / sigma);
            double wanted = 150 + amount * (150 - blurred);
            assertThat(sharp.getRGB(EDGE + x, 10) & 255).isCloseTo((int) Math.round(wanted), within(3));
            assertThat(sharp.getRGB(EDGE - 1 - x, 10) & 255).isCloseTo((int) Math.round(250 - wanted), within(3));
        }
        assertThat(sharp.getRGB(EDGE + 20, 10) & 255).isEqualTo(150);
        assertThat(sharp.getRGB(EDGE - 20, 10) & 255).isEqualTo(100);
    }

    private static double phi(double x) {
        double sum = 0;
        int steps = 4000;
        for (int i = 0; i < steps; i++) {
            double at = -8 + (x + 8) * (i + 0.5) / steps;
            sum += Math.exp(-at * at / 2) * (x + 8) / steps;
        }
        return sum / Math.sqrt(2 * Math.PI);
    }

    @Test
    void whatIsClearStaysAsClearAndNoiseStaysNoise() {
        BufferedImage clear = edge(BufferedImage.TYPE_4BYTE_ABGR);
        clear.setRGB(EDGE, 10, 0x40969696);
        BufferedImage sharp = PrintSharpening.of(clear, 12, 1);
        assertThat(sharp.getRGB(EDGE, 10) >>> 24).isEqualTo(0x40);
        assertThat(clear.getRGB(EDGE, 10)).as("the picture itself stays").isEqualTo(0x40969696);
        BufferedImage noise = new BufferedImage(40, 40, BufferedImage.TYPE_3BYTE_BGR);
        for (int i = 0; i < 1600; i++) {
            int grey = 120 + i % 2;
            noise.setRGB(i % 40, i / 40, grey << 16 | grey << 8 | grey);
        }
        BufferedImage same = PrintSharpening.of(noise, 12, 1.2);
        for (int i = 0; i < 1600; i++) {
            assertThat(same.getRGB(i % 40, i / 40)).isEqualTo(noise.getRGB(i % 40, i / 40));
        }
    }
}
