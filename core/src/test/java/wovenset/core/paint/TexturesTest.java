package wovenset.core.paint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Rectangle;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wovenset.core.geometry.BoxMm;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.measure.Length;

class TexturesTest {
    private static final BoxMm BOX = new BoxMm(0, 0, 40, 30);

    private static BufferedImage drawn(Paint paint, double pixelsPerMm, Rectangle region) {
        return PaintPicture.of(paint, BOX, AffineTransform.getScaleInstance(pixelsPerMm, pixelsPerMm), region);
    }

    private static Paint.Texture texture(Paint.Texture.Material material, double strength) {
        return new Paint.Texture(material, new Rgb("#000000"), new Rgb("#ffffff"), Length.ofMm(1), strength);
    }

    private static double mean(BufferedImage image) {
        double sum = 0;
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                sum += image.getRGB(x, y) & 255;
            }
        }
        return sum / image.getWidth() / image.getHeight();
    }

    /** Strips of an export meet, and a close view shows what the whole shows. */
    @ParameterizedTest
    @EnumSource
    void anyPartIsToThePixelWhatItIsInTheWhole(Paint.Texture.Material material) {
        BufferedImage whole = drawn(texture(material, 1), 6, new Rectangle(0, 0, 240, 180));
        BufferedImage part = drawn(texture(material, 1), 6, new Rectangle(100, 50, 60, 40));
        for (int y = 0; y < 40; y++) {
            for (int x = 0; x < 60; x++) {
                assertThat(part.getRGB(x, y)).isEqualTo(whole.getRGB(100 + x, 50 + y));
            }
        }
    }

    /** A page looks as dark on a screen as in print, and both colours are to be seen. */
    @ParameterizedTest
    @EnumSource
    void theToneIsTheSameAtAnyResolution(Paint.Texture.Material material) {
        BufferedImage fine = drawn(texture(material, 1), 12, new Rectangle(0, 0, 480, 360));
        BufferedImage coarse = drawn(texture(material, 1), 1.5, new Rectangle(0, 0, 60, 45));
        assertThat(mean(coarse)).isCloseTo(mean(fine), within(26.0));
        assertThat(mean(fine)).isBetween(20.0, 200.0);
        assertThat(mean(drawn(texture(material, 0.5), 12, new Rectangle(0, 0, 480, 360))))
                .as("half as strong")
                .isCloseTo(mean(fine) / 2, within(2.0));
    }

    @Test
    void aGradientBeginsAndEndsInTheCornersFarthestAlongIt() {
        Paint down = new Paint.Gradient(new Rgb("#000000"), new Rgb("#c8c8c8"), 180);
        BufferedImage downwards = drawn(down, 1, new Rectangle(0, 0, 40, 30));
        for (int y = 0; y < 30; y++) {
            assertThat(downwards.getRGB(0, y) & 255).isCloseTo((int) Math.round(200 * (y + 0.5) / 30), within(1));
            assertThat(downwards.getRGB(39, y)).isEqualTo(downwards.getRGB(0, y));
        }
        Paint slanted = new Paint.Gradient(new Rgb("#000000"), new Rgb("#c8c8c8"), 135);
        BufferedImage across = drawn(slanted, 4, new Rectangle(0, 0, 160, 120));
        assertThat(across.getRGB(0, 0) & 255).isLessThan(2);
        assertThat(across.getRGB(159, 119) & 255).isGreaterThan(198);
        assertThat(across.getRGB(80, 60) & 255).isCloseTo(100, within(2));
    }
}
