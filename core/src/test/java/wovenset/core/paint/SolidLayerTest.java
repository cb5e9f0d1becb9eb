package wovenset.core.paint;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.AlphaComposite;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wovenset.core.display.Op;
import wovenset.core.geometry.Affine;
import wovenset.core.ink.Blend;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.testing.Pieces;
import wovenset.core.testing.TestPhotos;

/** Photos laid on by bytes alone, against the platform's own drawing of the same. */
class SolidLayerTest {
    private static BufferedImage bytes(BufferedImage image) {
        BufferedImage bytes = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = bytes.createGraphics();
        graphics.drawImage(image, 0, 0, null);
        graphics.dispose();
        return bytes;
    }

    @ParameterizedTest
    @CsvSource({"37.3, 21.7, 240.4, 180.2", "0, 0, 400, 300", "-90.5, -33.25, 700, 520", "120, 60, 33, 24.75"})
    void aVeilIsWhatThePlatformLaysOn(double x, double y, double width, double height) {
        BufferedImage photo = bytes(TestPhotos.scene(320, 240, 3));
        BufferedImage page = bytes(TestPhotos.scene(400, 300, 4));
        BufferedImage expected = bytes(page);
        Op.Image image =
                new Op.Image(new PhotoPixels(Pieces.photo(1)), 320, 240, new Affine(width, 0, 0, height, x, y));

        Graphics2D own = page.createGraphics();
        RasterBackend.prepare(own);
        new RasterBackend(own, (pixels, scale) -> photo)
                .group(new Op.Group(
                        Affine.IDENTITY, 0.4, Blend.NORMAL, Optional.empty(), Optional.empty(), List.of(image)));
        own.dispose();

        Graphics2D platform = expected.createGraphics();
        RasterBackend.prepare(platform);
        platform.setComposite(AlphaComposite.SrcOver.derive(0.4f));
        platform.translate(x, y);
        platform.scale(width / 320, height / 240);
        platform.drawImage(photo, 0, 0, null);
        platform.dispose();
        int off = 0;
        for (int row = 0; row < 300; row++) {
            for (int column = 0; column < 400; column++) {
                Color is = new Color(page.getRGB(column, row));
                Color should = new Color(expected.getRGB(column, row));
                off = Math.max(off, Math.abs(is.getRed() - should.getRed()));
                off = Math.max(off, Math.abs(is.getGreen() - should.getGreen()));
                off = Math.max(off, Math.abs(is.getBlue() - should.getBlue()));
            }
        }
        // The platform counts places between pixels in eighths of a level more coarsely.
        assertThat(off).isLessThanOrEqualTo(3);
    }
}
