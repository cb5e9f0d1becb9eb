package wovenset.core.scene;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.facts;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.photo;
import static wovenset.core.testing.Pieces.row;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import wovenset.core.display.Op;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.PieceEdit;
import wovenset.core.geometry.BoxMm;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Frame;
import wovenset.core.measure.Length;
import wovenset.core.paint.RasterPainter;
import wovenset.core.pattern.Patterns;
import wovenset.core.photo.LabColour;
import wovenset.core.picture.DerivedPixels;
import wovenset.core.piece.GroundColour;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.PieceCopy;
import wovenset.core.style.Ground;
import wovenset.core.style.Grounds;
import wovenset.core.testing.Likeness;
import wovenset.core.testing.TestPhotos;

class GroundResolverTest {
    private static final Piece PHOTOS = row(3);
    private static final UUID PAGE = first(PHOTOS).id();
    private static final Rgb WHITE = new Rgb("#ffffff");

    private static Piece pictured(Length softness, double strength) {
        return applied(
                PHOTOS,
                new PageEdit.SetGround(
                        List.of(PAGE), new Ground.Pictured(entry(PHOTOS, 2), softness, WHITE, strength)));
    }

    private static Piece bare(Piece piece) {
        return applied(
                piece,
                new ItemEdit.RemoveItems(
                        PAGE, first(piece).frames().stream().map(Frame::id).toList()));
    }

    private static PageScene scene(Piece piece) {
        return new SceneResolver(facts()).resolve(piece, first(piece));
    }

    @Test
    void aPhotoCoversPageAndBleedBehindAllElse() {
        PageScene scene = scene(pictured(mm(9), 0.4));
        BoxMm ink = Op.ink(scene.groundOps(0));
        assertThat(ink).isEqualTo(scene.bleedBox());
        Op.Group photo = scene.ground().photo().orElseThrow();
        assertThat(photo.opacity()).isCloseTo(0.6, within(1e-9));
        assertThat(photo.ink().union(scene.bleedBox())).isEqualTo(photo.ink());
        assertThat(scene.pictures()).hasSize(scene.units().size() + 1);
        assertThat(scene.pictures().get(0).ops()).isEqualTo(scene.groundOps(0));
    }

    @Test
    void theSofterTheFewerDetailsAndTheMeanStays() {
        BufferedImage photo = TestPhotos.scene(900, 600, 3);
        RasterPainter painter = new RasterPainter((pixels, scale) -> {
            BufferedImage sized = new BufferedImage(900, 600, BufferedImage.TYPE_3BYTE_BGR);
            sized.createGraphics().drawImage(photo, 0, 0, null);
            return sized;
        });
        double[] mean = new double[3];
        double[] detail = new double[3];
        for (int i = 0; i < 3; i++) {
            BufferedImage page = painter.picture(scene(bare(pictured(mm(new double[] {0, 3, 40}[i]), 0))), 400);
            for (int y = 0; y < page.getHeight(); y++) {
                for (int x = 1; x < page.getWidth(); x++) {
                    int green = new Color(page.getRGB(x, y)).getGreen();
                    mean[i] += green;
                    detail[i] += Math.pow(green - new Color(page.getRGB(x - 1, y)).getGreen(), 2);
                }
            }
        }
        assertThat(mean[2]).isCloseTo(mean[0], within(0.06 * mean[0]));
        assertThat(detail[1]).isLessThan(0.8 * detail[0]);
        assertThat(detail[2]).isLessThan(0.4 * detail[1]);
    }

    /** The reduced print is what the screen shows. */
    @Test
    void softPhotosLookAlikeAtAnyScale() {
        BufferedImage photo = TestPhotos.scene(900, 600, 3);
        RasterPainter painter = new RasterPainter((pixels, scale) -> {
            BufferedImage sized = new BufferedImage(900, 600, BufferedImage.TYPE_3BYTE_BGR);
            sized.createGraphics().drawImage(photo, 0, 0, null);
            return sized;
        });
        PageScene scene = scene(bare(pictured(mm(12), 0.3)));
        BufferedImage small = painter.picture(scene, 200);
        BufferedImage large = painter.picture(scene, 800);
        BufferedImage reduced = DerivedPixels.reduced(large, small.getWidth(), small.getHeight());
        assertThat(Likeness.of(small, reduced)).isGreaterThan(0.99);
    }

    @Test
    void wordsAreReadOnTheMeanUnderItsVeil() {
        Page page = first(pictured(mm(9), 0.5));
        Rgb colour = GroundColour.of(pictured(mm(9), 0.5), page, facts());
        assertThat(colour)
                .isEqualTo(facts().colour(photo(2)).orElseThrow().rgb().mixed(WHITE, 0.5));
        assertThat(new LabColour(50, 0, 0).rgb()).isEqualTo(new Rgb("#777777"));
        assertThat(new LabColour(53.24, 80.09, 67.2).rgb()).isEqualTo(new Rgb("#ff0000"));
        assertThat(new Rgb("#000000").mixed(WHITE, 0.5)).isEqualTo(new Rgb("#808080"));
    }

    @Test
    void aPhotoThatIsTakenOutLeavesTheCommonGround() {
        Piece without = applied(pictured(mm(9), 0.4), new EntryEdit.RemoveEntries(List.of(entry(PHOTOS, 2))));
        assertThat(first(without).ground()).isEqualTo(new Ground.Common());
        assertThatThrownBy(() -> applied(
                        without,
                        new PageEdit.SetGround(List.of(PAGE), new Ground.Pictured(entry(PHOTOS, 2), mm(1), WHITE, 0))))
                .isInstanceOf(EditRefusedException.class);
    }

    @Test
    void copiesHaveTheirOwnAndPatternsNone() {
        Piece piece = pictured(mm(9), 0.4);
        Piece copy = PieceCopy.of(piece, "Copy", UUID::randomUUID);
        UUID entry = ((Ground.Pictured) first(copy).ground()).entry();
        assertThat(copy.entries().find(entry)).isPresent();
        assertThat(Patterns.of("p", piece, first(piece), facts()).page().ground())
                .isEqualTo(new Ground.Common());
    }

    @Test
    void leftAndRightPagesMayDiffer() {
        Paint dark = new Paint.Solid(new Rgb("#101830"));
        Piece two = applied(PHOTOS, new PageEdit.AddPage(PAGE));
        Piece left = applied(two, new PieceEdit.SetCommonGround(dark, Grounds.Side.LEFT));
        assertThat(new SceneResolver(facts())
                        .resolve(left, left.pages().get(0))
                        .ground()
                        .paint())
                .isNotEqualTo(dark);
        assertThat(new SceneResolver(facts())
                        .resolve(left, left.pages().get(1))
                        .ground()
                        .paint())
                .isEqualTo(dark);
        Piece right = applied(two, new PieceEdit.SetCommonGround(dark, Grounds.Side.RIGHT));
        assertThat(new SceneResolver(facts())
                        .resolve(right, right.pages().get(0))
                        .ground()
                        .paint())
                .isEqualTo(dark);
        assertThat(new SceneResolver(facts())
                        .resolve(right, right.pages().get(1))
                        .ground()
                        .paint())
                .isNotEqualTo(dark);
        Piece same = applied(right, new PieceEdit.SetCommonGround(dark, Grounds.Side.LEFT));
        assertThat(same.styles().grounds()).isEqualTo(Grounds.of(dark));
        Piece moved = applied(left, new PageEdit.MovePages(List.of(PAGE), 1));
        assertThat(new SceneResolver(facts())
                        .resolve(moved, moved.pages().get(1))
                        .ground()
                        .paint())
                .isEqualTo(dark);
    }
}
