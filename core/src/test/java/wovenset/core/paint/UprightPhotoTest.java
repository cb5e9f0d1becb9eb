package wovenset.core.paint;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.AlphaComposite;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wovenset.core.display.Op;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.ink.Blend;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.testing.Pieces;
import wovenset.core.testing.TestPhotos;

/** Photos along the pixels, against the platform's own drawing of the same. */
class UprightPhotoTest {
    private static BufferedImage bytes(BufferedImage image) {
        BufferedImage bytes = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = bytes.createGraphics();
        graphics.drawImage(image, 0, 0, null);
        graphics.dispose();
        return bytes;
    }

    private static final BufferedImage PHOTO = bytes(TestPhotos.scene(320, 240, 3));

    @ParameterizedTest
    @CsvSource({"37.3, 21.7, 240.4, 180.2", "0, 0, 400, 300", "-90.5, -33.25, 700, 520", "120, 60, 33, 24.75"})
    void aVeilIsWhatThePlatformLaysOn(double x, double y, double width, double height) {
        Affine to = new Affine(width, 0, 0, height, x, y);
        BufferedImage page = bytes(TestPhotos.scene(400, 300, 4));
        BufferedImage expected = bytes(page);
        drawn(page).group(laid(image(to), Blend.NORMAL, 0.4));
        platform(expected, to, 0.4f);
        assertThat(off(page, expected)).isLessThanOrEqualTo(3);
    }

    /** As a mosaic has them: in one go on the pixels of a page, to the bit what one after the other is. */
    @Test
    void aTintAndAVeilTogetherAreOneAfterTheOther() {
        Affine to = new Affine(390.4, 0, 0, 280.2, 4.3, -9.1);
        List<Op> veils = List.of(laid(image(to), Blend.OVERLAY, 0.3), laid(image(to), Blend.NORMAL, 0.15));
        BufferedImage together = bytes(TestPhotos.scene(400, 300, 4));
        BufferedImage apart = bytes(together);
        BufferedImage clear = new BufferedImage(400, 300, BufferedImage.TYPE_4BYTE_ABGR);
        clear.createGraphics().drawImage(together, 0, 0, null);
        drawn(together).draw(veils);
        veils.forEach(veil -> drawn(apart).draw(List.of(veil)));
        drawn(clear).draw(veils);
        assertThat(off(together, apart)).isZero();
        assertThat(off(bytes(clear), apart)).isLessThanOrEqualTo(1);
        assertThat(off(apart, bytes(TestPhotos.scene(400, 300, 4))))
                .as("something was laid on")
                .isGreaterThan(20);
    }

    private static Op.Group laid(Op.Image image, Blend blend, double solid) {
        return new Op.Group(Affine.IDENTITY, solid, blend, Optional.empty(), Optional.empty(), List.of(image));
    }

    @ParameterizedTest
    @CsvSource({
        "211.6, 0, 0, 160.8, 40.2, 70.9",
        "-211.6, 0, 0, 160.8, 300.7, 70.9",
        "211.6, 0, 0, -160.8, 40.2, 250.1",
        "0, 211.6, -160.8, 0, 250.4, 30.3",
        "0, -250.3, 190.8, 0, 50.4, 280.3",
        "1.3e-14, 640, -480, 2.1e-14, 430.2, -120.6",
    })
    void mirroredAndTurnedByQuartersItIsWhatThePlatformDraws(
            double xx, double yx, double xy, double yy, double x, double y) {
        Affine to = new Affine(xx, yx, xy, yy, x, y);
        BufferedImage page = bytes(TestPhotos.scene(400, 300, 4));
        BufferedImage expected = bytes(page);
        drawn(page).image(image(to));
        platform(expected, to, 1);
        assertThat(off(page, expected)).isLessThanOrEqualTo(3);
    }

    @ParameterizedTest
    @CsvSource({"60.3, 50.9, 120.4, 99.3", "60.7, 50.4, 120.2, 99.7", "-4, 250.5, 500, 90"})
    void aClipCutsItWhereThePlatformDoes(double x, double y, double width, double height) {
        Affine to = new Affine(390.2, 0, 0, 290.4, 3.3, 4.4);
        BoxMm clip = new BoxMm(x, y, width, height);
        BufferedImage page = bytes(TestPhotos.scene(400, 300, 4));
        BufferedImage expected = bytes(page);
        drawn(page)
                .group(new Op.Group(Affine.IDENTITY, 1, Optional.of(new ShapeMm.Rectangle(clip)), List.of(image(to))));
        platform(expected, to, 1, Optional.of(clip));
        assertThat(off(page, expected)).isLessThanOrEqualTo(3);
    }

    @Test
    void pixelForPixelItIsThePhotoItself() {
        BufferedImage page = bytes(TestPhotos.scene(320, 240, 4));
        drawn(page).image(image(new Affine(320, 0, 0, 240, 0, 0)));
        assertThat(off(page, PHOTO)).isZero();
    }

    /** As a sprite is drawn: the same pixels, solid where the photo is and clear beside it. */
    @Test
    void onClearGroundItIsTheSameAndSolid() {
        Affine to = new Affine(0, -250.3, 190.8, 0, 50.4, 280.3);
        BufferedImage page = bytes(TestPhotos.scene(400, 300, 4));
        BufferedImage clear = new BufferedImage(400, 300, BufferedImage.TYPE_4BYTE_ABGR);
        drawn(page).image(image(to));
        drawn(clear).image(image(to));
        assertThat(clear.getRGB(49, 150)).isZero();
        assertThat(clear.getRGB(50, 150) >>> 24).isEqualTo(255);
        BufferedImage laidOn = bytes(TestPhotos.scene(400, 300, 4));
        laidOn.createGraphics().drawImage(clear, 0, 0, null);
        assertThat(off(laidOn, page)).isZero();
    }

    private static Op.Image image(Affine to) {
        return new Op.Image(new PhotoPixels(Pieces.photo(1)), 320, 240, to);
    }

    private static RasterBackend drawn(BufferedImage page) {
        Graphics2D graphics = page.createGraphics();
        RasterBackend.prepare(graphics);
        return new RasterBackend(page, graphics, (pixels, scale) -> PHOTO);
    }

    private static void platform(BufferedImage page, Affine to, float solid) {
        platform(page, to, solid, Optional.empty());
    }

    private static void platform(BufferedImage page, Affine to, float solid, Optional<BoxMm> clip) {
        Graphics2D platform = page.createGraphics();
        RasterBackend.prepare(platform);
        platform.setComposite(AlphaComposite.SrcOver.derive(solid));
        clip.ifPresent(box -> platform.clip(box.rectangle()));
        platform.transform(to.awt());
        platform.scale(1.0 / 320, 1.0 / 240);
        platform.drawImage(PHOTO, 0, 0, null);
        platform.dispose();
    }

    /** The largest difference of a value; the platform counts places between pixels in eighths of a level more coarsely. */
    private static int off(BufferedImage is, BufferedImage should) {
        int off = 0;
        for (int row = 0; row < is.getHeight(); row++) {
            for (int column = 0; column < is.getWidth(); column++) {
                Color one = new Color(is.getRGB(column, row));
                Color other = new Color(should.getRGB(column, row));
                off = Math.max(off, Math.abs(one.getRed() - other.getRed()));
                off = Math.max(off, Math.abs(one.getGreen() - other.getGreen()));
                off = Math.max(off, Math.abs(one.getBlue() - other.getBlue()));
            }
        }
        return off;
    }
}
