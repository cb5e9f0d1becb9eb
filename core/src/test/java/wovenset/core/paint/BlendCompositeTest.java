package wovenset.core.paint;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wovenset.core.ink.Blend;

class BlendCompositeTest {
    private static Color laid(int type, Color behind, Color own, Blend blend, double opacity) {
        BufferedImage image = new BufferedImage(4, 4, type);
        BufferedImage layer = new BufferedImage(4, 4, BufferedImage.TYPE_INT_ARGB_PRE);
        fill(image, behind);
        fill(layer, own);
        Graphics2D graphics = image.createGraphics();
        graphics.setComposite(new BlendComposite(blend, opacity));
        graphics.drawImage(layer, 0, 0, null);
        graphics.dispose();
        return new Color(image.getRGB(2, 2), true);
    }

    private static void fill(BufferedImage image, Color colour) {
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(colour);
        graphics.fillRect(0, 0, 4, 4);
        graphics.dispose();
    }

    /** Worked out by hand for 0.8, 0.4, 0.2 behind and 0.5, 0.2, 1 on it. */
    @ParameterizedTest
    @CsvSource({
        "NORMAL, 128, 51, 255",
        "MULTIPLY, 102, 20, 51",
        "SCREEN, 230, 133, 255",
        "OVERLAY, 204, 41, 102",
        "SOFT_LIGHT, 204, 65, 114",
        "DARKEN, 128, 51, 51",
        "LIGHTEN, 204, 102, 255"
    })
    void solidColoursBlendChannelByChannel(Blend blend, int red, int green, int blue) {
        for (int type : new int[] {
            BufferedImage.TYPE_INT_RGB,
            BufferedImage.TYPE_INT_ARGB,
            BufferedImage.TYPE_INT_ARGB_PRE,
            BufferedImage.TYPE_3BYTE_BGR
        }) {
            Color laid = laid(type, new Color(204, 102, 51), new Color(128, 51, 255), blend, 1);
            assertThat(laid.getRed()).as("red on type %s", type).isBetween(red - 1, red + 1);
            assertThat(laid.getGreen()).as("green on type %s", type).isBetween(green - 1, green + 1);
            assertThat(laid.getBlue()).as("blue on type %s", type).isBetween(blue - 1, blue + 1);
        }
    }

    @Test
    void onNothingAColourIsItselfAndHalfSeenThroughItIsHalfWay() {
        Color none = new Color(0, 0, 0, 0);
        Color alone = laid(BufferedImage.TYPE_INT_ARGB, none, new Color(40, 80, 120), Blend.MULTIPLY, 1);
        assertThat(alone).isEqualTo(new Color(40, 80, 120));
        Color half = laid(BufferedImage.TYPE_INT_RGB, Color.WHITE, Color.BLACK, Blend.MULTIPLY, 0.5);
        assertThat(half.getRed()).isBetween(127, 128);
    }
}
