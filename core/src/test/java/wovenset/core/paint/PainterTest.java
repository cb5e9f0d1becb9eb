package wovenset.core.paint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.frame;
import static wovenset.core.testing.Pieces.frames;
import static wovenset.core.testing.Pieces.free;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.move;
import static wovenset.core.testing.Pieces.patch;
import static wovenset.core.testing.Pieces.photo;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;
import static wovenset.core.testing.Pieces.row;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wovenset.core.display.Unit;
import wovenset.core.edit.ItemChange;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.PieceEdit;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Placement;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.photo.PixelSize;
import wovenset.core.piece.Piece;
import wovenset.core.scene.FrameScene;
import wovenset.core.scene.PageScene;
import wovenset.core.scene.SceneResolver;
import wovenset.core.style.Corners;
import wovenset.core.style.EdgeRun;
import wovenset.core.style.FrameStyle;
import wovenset.core.testing.Likeness;
import wovenset.core.testing.Pieces;
import wovenset.core.testing.TestPhotos;

class PainterTest {
    private static final BufferedImage PHOTO = plain(Color.BLACK);
    private static final PhotoRasters RASTERS = (pixels, scale) -> PHOTO;

    private static BufferedImage plain(Color colour) {
        BufferedImage image = new BufferedImage(300, 200, BufferedImage.TYPE_3BYTE_BGR);
        var graphics = image.createGraphics();
        graphics.setColor(colour);
        graphics.fillRect(0, 0, 300, 200);
        graphics.dispose();
        return image;
    }

    private static PageScene scene(Piece piece) {
        return new SceneResolver(photo -> Optional.of(new PixelSize(300, 200))).resolve(piece, first(piece));
    }

    private static Piece dressed(Piece piece, double border, double radius) {
        FrameStyle style = piece.styles().usual().withCorners(Corners.round(mm(radius)));
        return piece.withStyles(piece.styles().with(style.withBand(0, band -> band.withWidth(mm(border))
                .withPaint(new Paint.Solid(new Rgb("#ff0000"))))));
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
        Piece piece = placed(piece(grid(2, 3, 11.3, 4.7), 1), 1, 2, 3, 4, 5, 6);
        PageScene scene = scene(piece);
        for (double pixelsPerMm : new double[] {1.37, 3.1, 11.811}) {
            BufferedImage page = new RasterPainter(RASTERS).page(scene, pixelsPerMm);
            for (FrameScene frame : scene.frames()) {
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
        BufferedImage page =
                new RasterPainter(RASTERS).page(scene(dressed(placed(piece(grid(1, 1, 20, 0), 1), 1), 5, 0)), 2);
        assertThat(new Color(page.getRGB(38, 200))).isEqualTo(Color.WHITE);
        assertThat(new Color(page.getRGB(42, 200))).isEqualTo(Color.RED);
        assertThat(new Color(page.getRGB(48, 200))).isEqualTo(Color.RED);
        assertThat(new Color(page.getRGB(52, 200))).isEqualTo(Color.BLACK);
        assertThat(new Color(page.getRGB(600 - 45, 200))).isEqualTo(Color.RED);
    }

    @Test
    void roundCornersCutThePhotoSmoothlyAndOnlyAtTheCorner() {
        BufferedImage page =
                new RasterPainter(RASTERS).page(scene(dressed(placed(piece(grid(1, 1, 10, 0), 1), 1), 0, 10)), 4);
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
        PhotoRasters rasters = (id, scale) -> photo;
        PageScene scene = scene(dressed(placed(piece(grid(2, 2, 10.4, 6.1), 1), 1, 2, 3), 1.3, 4));
        RasterPainter painter = new RasterPainter(rasters);
        double pixelsPerMm = 2.317;
        BufferedImage page = painter.page(scene, pixelsPerMm);
        BufferedImage joined = new BufferedImage(page.getWidth(), page.getHeight(), BufferedImage.TYPE_3BYTE_BGR);
        var graphics = joined.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, joined.getWidth(), joined.getHeight());
        for (Unit unit : scene.units()) {
            double x = Math.round(unit.x() * pixelsPerMm * RasterPainter.PHASES) / (double) RasterPainter.PHASES;
            double y = Math.round(unit.y() * pixelsPerMm * RasterPainter.PHASES) / (double) RasterPainter.PHASES;
            double phaseX = x - Math.floor(x);
            double phaseY = y - Math.floor(y);
            RasterPainter.Bounds bounds = RasterPainter.Bounds.of(unit.ownInk(), pixelsPerMm, phaseX, phaseY);
            graphics.drawImage(
                    painter.unit(unit, pixelsPerMm, phaseX, phaseY),
                    (int) Math.floor(x) + bounds.x(),
                    (int) Math.floor(y) + bounds.y(),
                    null);
        }
        graphics.dispose();
        assertThat(Likeness.of(joined, page)).isGreaterThan(0.9999);
    }

    @Test
    void anEmptyFrameDrawsNothing() {
        BufferedImage page = new RasterPainter(RASTERS).page(scene(dressed(piece(grid(1, 1, 10, 0), 1), 5, 0)), 1);
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
        Piece piece = placed(piece(grid(1, 1, 10, 5), 1), 1);
        Placement.Free to = new Placement.Free(free(90, 60, 120, 80).box(), degrees);
        return applied(piece, move(piece, frame(piece, 0), to));
    }

    @Test
    void aTurnedFrameLiesWhereItsTurnSaysAndItsSpriteIsThePagesPart() {
        PageScene scene = scene(turned(30));
        double pixelsPerMm = 3;
        RasterPainter painter = new RasterPainter(RASTERS);
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
    }

    /** A photo that just fills its turned frame brings no dark rim from beyond its edge. */
    @Test
    void aTurnedWhitePhotoOnWhiteLeavesNothingToSee() {
        BufferedImage white = plain(Color.WHITE);
        for (double degrees : new double[] {-8, 3.3, 45}) {
            BufferedImage page = new RasterPainter((photo, scale) -> white).page(scene(turned(degrees)), 2.7);
            for (int y = 0; y < page.getHeight(); y++) {
                for (int x = 0; x < page.getWidth(); x++) {
                    assertThat(page.getRGB(x, y) & 255).isGreaterThanOrEqualTo(254);
                }
            }
        }
    }

    private static int grey(Piece piece, double x, double y) {
        return new RasterPainter(RASTERS).page(scene(piece), 2).getRGB((int) (x * 2), (int) (y * 2)) & 255;
    }

    /** A half clear group lets the ground through once, also where its frames lie over each other. */
    @Test
    void opacityIsOfTheGroupAsAWhole() {
        Piece piece = row(2);
        UUID page = first(piece).id();
        Piece two = applied(
                piece,
                move(piece, frame(piece, 0), free(20, 20, 100, 100)),
                move(piece, frame(piece, 1), free(60, 60, 100, 100)));
        Piece grouped = applied(two, new ItemEdit.GroupItems(page, frames(piece)));
        UUID group = first(grouped).holder(frame(piece, 0)).orElseThrow().id();
        Piece half = applied(grouped, patch(grouped, new ItemChange.SetOpacity(0.5), group));
        assertThat(grey(half, 30, 30)).isCloseTo(128, within(2));
        assertThat(grey(half, 90, 90)).as("where both lie").isCloseTo(128, within(2));
        Piece each = applied(two, patch(two, new ItemChange.SetOpacity(0.5), frame(piece, 0), frame(piece, 1)));
        assertThat(grey(each, 90, 90)).as("each by itself lets less through").isCloseTo(64, within(2));
        Piece hidden = applied(half, patch(half, new ItemChange.SetHidden(true), group));
        assertThat(grey(hidden, 30, 30)).isEqualTo(255);
    }

    /** Where the page's size is no whole number of pixels, the photo that fills it still reaches the picture's last row. */
    @Test
    void aPageFilledWithAPhotoHasNoLightLineAtItsFoot() {
        Piece filled = placed(piece(grid(1, 1, 0, 0), 1), 1);
        Format sheet = filled.format();
        Piece piece = applied(
                filled,
                new PieceEdit.SetFormat(
                        new Format(sheet.width(), sheet.height(), Length.ZERO, sheet.unit(), sheet.resolution())));
        for (int width : new int[] {52, 211, 334}) {
            BufferedImage page = new RasterPainter(RASTERS).picture(scene(piece), width);
            for (int x = 0; x < page.getWidth(); x++) {
                assertThat(new Color(page.getRGB(x, page.getHeight() - 1))).isEqualTo(Color.BLACK);
            }
            for (int y = 0; y < page.getHeight(); y++) {
                assertThat(new Color(page.getRGB(page.getWidth() - 1, y))).isEqualTo(Color.BLACK);
            }
        }
    }

    /** A photo that ends at the trim is laid on into the bleed, mirrored at its edge. */
    @Test
    void whatEndsAtTheTrimReachesIntoTheBleed() {
        BufferedImage ramp = new BufferedImage(300, 200, BufferedImage.TYPE_3BYTE_BGR);
        for (int x = 0; x < 300; x++) {
            for (int y = 0; y < 200; y++) {
                ramp.setRGB(x, y, x < 150 ? 0x202020 + x * 0x010101 : 0xffffff);
            }
        }
        Piece piece = placed(piece(grid(1, 1, 0, 0), 1), 1);
        PageScene scene = scene(piece);
        BufferedImage image = new BufferedImage(306 * 2, 206 * 2, BufferedImage.TYPE_3BYTE_BGR);
        new RasterPainter((pixels, scale) -> ramp).window(scene, image, -3, -3, 2, RasterPainter.Ground.OF_PAGE);
        for (int out = 1; out < 6; out++) {
            assertThat(image.getRGB(6 - out, 200) & 255)
                    .as("mirrored " + out)
                    .isCloseTo(image.getRGB(5 + out, 200) & 255, within(2));
        }
        assertThat(image.getRGB(0, 0) & 255).as("the corner, too").isLessThan(60);
    }

    /** A photo of which the trim cuts some goes on, is mirrored where it is cut, or ends in a colour; inside all are alike. */
    @ParameterizedTest
    @EnumSource(EdgeRun.Kind.class)
    void whatLiesBeyondTheTrimIsChosen(EdgeRun.Kind kind) {
        BufferedImage ramp = new BufferedImage(300, 200, BufferedImage.TYPE_3BYTE_BGR);
        for (int x = 0; x < 300; x++) {
            for (int y = 0; y < 200; y++) {
                ramp.setRGB(x, y, x * 255 / 300 * 0x010101);
            }
        }
        Piece page = placed(piece(grid(1, 1, 0, 0), 1), 1);
        Piece piece = applied(
                page,
                patch(page, new ItemChange.SetCrop(Pieces.crop(0.5, 0.5, 2, 0)), frame(page, 0)),
                new PieceEdit.SetEdges(new EdgeRun(kind, new Rgb("#a4373a"))));
        BufferedImage image = new BufferedImage(306 * 2, 206 * 2, BufferedImage.TYPE_3BYTE_BGR);
        new RasterPainter((pixels, scale) -> ramp).window(scene(piece), image, -3, -3, 2, RasterPainter.Ground.OF_PAGE);
        // Twice as large as the page: a quarter of the photo is cut on each side, and a pixel is half a millimetre.
        assertThat(image.getRGB(6, 200) & 255).isCloseTo(64, within(2));
        int atTheEdge = image.getRGB(8, 200) & 255;
        for (int out = 1; out <= 6; out++) {
            int seen = image.getRGB(6 - out, 200);
            switch (kind) {
                case CONTINUED ->
                    assertThat(seen & 255).isLessThanOrEqualTo(atTheEdge).isGreaterThan(58);
                case MIRRORED -> assertThat(seen & 255).isCloseTo(image.getRGB(5 + out, 200) & 255, within(1));
                case COLOURED -> assertThat(seen & 0xffffff).isEqualTo(0xa4373a);
            }
        }
        assertThat(image.getRGB(0, 0) & 0xffffff).as("the corner, too").isNotEqualTo(0xffffff);
    }
}
