package wovenset.core.paint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.photo;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import wovenset.core.edit.Edit;
import wovenset.core.edit.Edits;
import wovenset.core.measure.Length;
import wovenset.core.piece.CaptionStyle;
import wovenset.core.piece.Dress;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Piece;
import wovenset.core.piece.Rgb;
import wovenset.core.piece.Spot;
import wovenset.core.scene.PageScene;
import wovenset.core.scene.PhotoSizes;
import wovenset.core.scene.SceneResolver;
import wovenset.core.scene.SharpnessLimits;
import wovenset.core.testing.Likeness;
import wovenset.core.testing.Pieces;
import wovenset.core.testing.TestPhotos;

class PainterTest {
    private static final BufferedImage PHOTO = plain(Color.BLACK);
    private static final PhotoRasters RASTERS = (photo, scale) -> PhotoRasters.Raster.upright(PHOTO);

    private static BufferedImage plain(Color colour) {
        BufferedImage image = new BufferedImage(300, 200, BufferedImage.TYPE_3BYTE_BGR);
        var graphics = image.createGraphics();
        graphics.setColor(colour);
        graphics.fillRect(0, 0, 300, 200);
        graphics.dispose();
        return image;
    }

    private static PageScene scene(Piece piece) {
        return new SceneResolver(photo -> Optional.of(new PhotoSizes.PixelSize(300, 200)), SharpnessLimits.USUAL)
                .resolve(piece, piece.pages().get(0));
    }

    private static Piece dressed(Piece piece, Length border, Length radius) {
        return piece.withDress(new Dress(
                new Rgb("#ffffff"),
                new Rgb("#ff0000"),
                border,
                radius,
                new CaptionStyle(CaptionStyle.Show.NONE, "Alegreya", 12, new Rgb("#000000"), 1)));
    }

    /** Where darkness starts and ends along a line, in millimetres, from the part-covered pixels at both ends. */
    private static double[] extent(BufferedImage image, boolean across, int at, double pixelsPerMm) {
        int count = across ? image.getWidth() : image.getHeight();
        double first = -1;
        double last = -1;
        for (int i = 0; i < count; i++) {
            double dark = 1 - (image.getRGB(across ? i : at, across ? at : i) & 255) / 255.0;
            if (dark > 0.02 && first < 0) {
                first = i + 1 - dark;
            }
            if (first >= 0 && dark > 0.02) {
                last = i + dark;
            } else if (first >= 0) {
                break;
            }
        }
        return new double[] {first / pixelsPerMm, last / pixelsPerMm};
    }

    @Test
    void edgesLieWhereTheSumsSayToATenthOfAMillimetre() {
        Piece piece =
                placed(piece(grid(2, 3, 11.3, 4.7), 1), photo(1), photo(2), photo(3), photo(4), photo(5), photo(6));
        PageScene scene = scene(piece);
        for (double pixelsPerMm : new double[] {1.37, 3.1, 11.811}) {
            BufferedImage page = new SpritePainter(RASTERS).page(scene, pixelsPerMm);
            for (PageScene.FrameScene frame : scene.frames()) {
                int y = (int) (frame.window().centreY() * pixelsPerMm);
                BufferedImage part = page.getSubimage(
                        (int) ((frame.window().x() - 2) * pixelsPerMm),
                        0,
                        (int) Math.ceil((frame.window().width() + 4) * pixelsPerMm),
                        page.getHeight());
                double left = (int) ((frame.window().x() - 2) * pixelsPerMm) / pixelsPerMm;
                double[] seen = extent(part, true, y, pixelsPerMm);
                // Half a pixel is all that a screen can show; in print it is far below a tenth of a millimetre.
                double tolerance = Math.max(0.1, 0.55 / pixelsPerMm);
                assertThat(left + seen[0]).isCloseTo(frame.window().x(), within(tolerance));
                assertThat(left + seen[1])
                        .isCloseTo(frame.window().x() + frame.window().width(), within(tolerance));
            }
        }
    }

    @Test
    void aBorderLiesInsideTheFrameAndThePhotoInsideTheBorder() {
        BufferedImage page = new SpritePainter(RASTERS)
                .page(scene(dressed(placed(piece(grid(1, 1, 20, 0), 1), photo(1)), mm(5), mm(0))), 2);
        assertThat(new Color(page.getRGB(38, 200))).isEqualTo(Color.WHITE);
        assertThat(new Color(page.getRGB(42, 200))).isEqualTo(Color.RED);
        assertThat(new Color(page.getRGB(48, 200))).isEqualTo(Color.RED);
        assertThat(new Color(page.getRGB(52, 200))).isEqualTo(Color.BLACK);
        assertThat(new Color(page.getRGB(600 - 45, 200))).isEqualTo(Color.RED);
    }

    @Test
    void roundCornersCutThePhotoSmoothlyAndOnlyAtTheCorner() {
        BufferedImage page = new SpritePainter(RASTERS)
                .page(scene(dressed(placed(piece(grid(1, 1, 10, 0), 1), photo(1)), mm(0), mm(10))), 4);
        assertThat(new Color(page.getRGB(42, 42))).isEqualTo(Color.WHITE);
        assertThat(new Color(page.getRGB(42, 400))).isEqualTo(Color.BLACK);
        // The arc meets the diagonal r·(1 − 1/√2) inside the corner; its edge pixel is neither black nor white.
        double onArc = 10 + 10 * (1 - Math.sqrt(0.5));
        int soft = 0;
        for (int i = -1; i <= 1; i++) {
            int grey = page.getRGB((int) (onArc * 4) + i, (int) (onArc * 4)) & 255;
            soft += grey > 5 && grey < 250 ? 1 : 0;
        }
        assertThat(soft).isPositive();
    }

    @Test
    void spritesPutTogetherAreThePage() {
        BufferedImage photo = TestPhotos.scene(300, 200, 9);
        PhotoRasters rasters = (id, scale) -> PhotoRasters.Raster.upright(photo);
        PageScene scene =
                scene(dressed(placed(piece(grid(2, 2, 10.4, 6.1), 1), photo(1), photo(2), photo(3)), mm(1.3), mm(4)));
        SpritePainter painter = new SpritePainter(rasters);
        double pixelsPerMm = 2.317;
        BufferedImage page = painter.page(scene, pixelsPerMm);
        BufferedImage joined = new BufferedImage(page.getWidth(), page.getHeight(), BufferedImage.TYPE_3BYTE_BGR);
        var graphics = joined.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, joined.getWidth(), joined.getHeight());
        for (PageScene.FrameScene frame : scene.frames()) {
            SpritePainter.Bounds bounds = SpritePainter.Bounds.of(frame.cell(), pixelsPerMm);
            graphics.drawImage(painter.frame(frame, pixelsPerMm), bounds.x(), bounds.y(), null);
        }
        graphics.dispose();
        assertThat(Likeness.of(joined, page)).isGreaterThan(0.999);
    }

    @Test
    void anEmptyFrameDrawsNothing() {
        BufferedImage page =
                new SpritePainter(RASTERS).page(scene(dressed(piece(grid(1, 1, 10, 0), 1), mm(5), mm(0))), 1);
        assertThat(new Color(page.getRGB(12, 100))).isEqualTo(Color.WHITE);
        assertThat(new Color(page.getRGB(150, 100))).isEqualTo(Color.WHITE);
    }

    @Test
    void photosAreDecodedNoLargerThanTheyAreDrawn() {
        assertThat(RasterScale.longEdge(4000, 3000, 0.1)).isBetween(400, 476);
        assertThat(RasterScale.longEdge(4000, 3000, 0.128)).isEqualTo(512);
        assertThat(RasterScale.longEdge(4000, 3000, 0.1281)).isEqualTo(609);
        for (double scale = 0.001; scale < 1.2; scale *= 1.01) {
            assertThat(RasterScale.longEdge(4000, 3000, scale))
                    .isBetween((int) Math.min(4000, 4000 * scale), (int) Math.ceil(4000 * scale * 1.19) + 1);
        }
        assertThat(RasterScale.longEdge(4000, 3000, 3)).isEqualTo(4000);
        assertThat(RasterScale.longEdge(4000, 3000, 0)).isEqualTo(1);
    }

    private static Piece turned(double degrees) {
        Piece piece = placed(piece(grid(1, 1, 10, 5), 1), photo(1));
        Frame frame = piece.pages().get(0).frames().get(0);
        Spot spot = Spot.of(mm(90), mm(60), mm(120), mm(80), degrees);
        return new Edits(Pieces.facts(), UUID::randomUUID)
                .apply(
                        piece,
                        new Edit.PutFrames(piece.pages().get(0).id(), List.of(new Edit.FrameSpot(frame.id(), spot))))
                .piece();
    }

    @Test
    void aTurnedFrameLiesWhereItsTurnSaysAndItsSpriteIsThePagesPart() {
        PageScene scene = scene(turned(30));
        double pixelsPerMm = 3;
        SpritePainter painter = new SpritePainter(RASTERS);
        BufferedImage page = painter.page(scene, pixelsPerMm);
        double cos = Math.cos(Math.toRadians(30));
        double sin = Math.sin(Math.toRadians(30));
        for (double[] corner : new double[][] {{-60, -40}, {60, -40}, {60, 40}, {-60, 40}}) {
            for (double share : new double[] {0.97, 1.03}) {
                double x = 150 + share * (corner[0] * cos - corner[1] * sin);
                double y = 100 + share * (corner[0] * sin + corner[1] * cos);
                assertThat(page.getRGB((int) (x * pixelsPerMm), (int) (y * pixelsPerMm)) & 255)
                        .as("at " + share)
                        .isEqualTo(share < 1 ? 0 : 255);
            }
        }
        PageScene.FrameScene frame = scene.frames().get(1);
        BufferedImage sprite = painter.frame(frame, pixelsPerMm);
        SpritePainter.Bounds bounds = SpritePainter.Bounds.of(frame.bounds(), pixelsPerMm);
        for (int y = 0; y < sprite.getHeight(); y += 3) {
            for (int x = 0; x < sprite.getWidth(); x += 3) {
                int alpha = sprite.getRGB(x, y) >>> 24;
                int blue = page.getRGB(x + bounds.x(), y + bounds.y()) & 255;
                assertThat(255 - alpha).isCloseTo(blue, within(3));
            }
        }
    }

    /** A photo that just fills its turned frame brings no dark rim from beyond its edge. */
    @Test
    void aTurnedWhitePhotoOnWhiteLeavesNothingToSee() {
        BufferedImage white = plain(Color.WHITE);
        for (double degrees : new double[] {-8, 3.3, 45}) {
            BufferedImage page = new SpritePainter((photo, scale) -> PhotoRasters.Raster.upright(white))
                    .page(scene(turned(degrees)), 2.7);
            for (int y = 0; y < page.getHeight(); y++) {
                for (int x = 0; x < page.getWidth(); x++) {
                    assertThat(page.getRGB(x, y) & 255).isGreaterThanOrEqualTo(254);
                }
            }
        }
    }
}
