package wovenset.core.subject;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import wovenset.core.ink.Rgb;

class MainColoursTest {
    private static BufferedImage painted(int side, Color... bands) {
        BufferedImage image = new BufferedImage(side, side, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = image.createGraphics();
        for (int i = 0; i < bands.length; i++) {
            graphics.setColor(bands[i]);
            graphics.fillRect(0, i * side / bands.length, side, side);
        }
        graphics.dispose();
        return image;
    }

    private static double distance(Rgb colour, Color wanted) {
        Color own = colour.awt();
        return Math.hypot(
                Math.hypot(own.getRed() - wanted.getRed(), own.getGreen() - wanted.getGreen()),
                own.getBlue() - wanted.getBlue());
    }

    @Test
    void bandsOfColourAreFoundAndNoneThatIsNotThere() {
        Color[] bands = {new Color(0x2f4b7c), new Color(0xf5f1e8), new Color(0xa4373a), new Color(0x5e7b4f)};
        List<Rgb> found = MainColours.of(painted(256, bands));
        assertThat(found).hasSize(4);
        for (Color band : bands) {
            assertThat(found).anyMatch(colour -> distance(colour, band) < 6);
        }
        assertThat(MainColours.of(painted(300, Color.GRAY))).containsExactly(new Rgb("#808080"));
    }

    /** A red kite on a fiftieth of a noisy blue sky is among the first two. */
    @Test
    void aSmallVividThingInAWideSkyIsSeen() {
        BufferedImage sky = painted(400, new Color(0x9fbfdd));
        Random random = new Random(4);
        for (int y = 0; y < 400; y++) {
            for (int x = 0; x < 400; x++) {
                int noise = random.nextInt(17) - 8;
                sky.setRGB(x, y, new Color(159 + noise, 191 + noise, 221 + noise).getRGB());
            }
        }
        Graphics2D graphics = sky.createGraphics();
        graphics.setColor(new Color(0xc62828));
        graphics.fillRect(180, 150, 56, 57);
        graphics.dispose();
        List<Rgb> found = MainColours.of(sky);
        assertThat(found.subList(0, 2)).anyMatch(colour -> distance(colour, new Color(0xc62828)) < 12);
        assertThat(MainColours.of(sky)).isEqualTo(found);
    }
}
