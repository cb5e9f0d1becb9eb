package wovenset.core.scene;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.bordered;
import static wovenset.core.testing.Pieces.cut;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.frame;
import static wovenset.core.testing.Pieces.free;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.move;
import static wovenset.core.testing.Pieces.patch;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;
import static wovenset.core.testing.Pieces.row;

import java.awt.Rectangle;
import java.awt.geom.AffineTransform;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import wovenset.core.arrangement.Grid;
import wovenset.core.check.Finding;
import wovenset.core.check.PageCheck;
import wovenset.core.display.Fade;
import wovenset.core.display.Op;
import wovenset.core.display.Unit;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.ItemChange;
import wovenset.core.edit.PieceEdit;
import wovenset.core.edit.StyleEdit;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Fading;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.measure.LengthUnit;
import wovenset.core.measure.Resolution;
import wovenset.core.paint.FadeMask;
import wovenset.core.piece.Piece;
import wovenset.core.said.Notice;
import wovenset.core.style.Band;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.Light;
import wovenset.core.style.Outline;
import wovenset.core.style.StyleDifference;
import wovenset.core.style.effect.Shadow;
import wovenset.core.testing.Pieces;
import wovenset.core.testing.TestPhotos;

class SceneResolverTest {
    private static final SceneResolver RESOLVER = new SceneResolver(Pieces.facts());

    private static PageScene scene(Piece piece) {
        return RESOLVER.resolve(piece, first(piece));
    }

    private static Piece words(Piece piece, CaptionStyle.Show show) {
        CaptionStyle captions = piece.styles().captions();
        return applied(
                piece,
                new PieceEdit.SetCaptionStyle(new CaptionStyle(show, captions.typeface(), 12, captions.colour(), 1)));
    }

    @Test
    void innerBandsTakeFromTheFrameAndWordsFromItsCell() {
        Piece piece = bordered(placed(piece(grid(1, 1, 10, 0), 1), 1), 2);
        FrameScene frame =
                scene(words(piece, CaptionStyle.Show.WRITTEN)).frames().get(0);
        double strip = 1.5 * 1.25 * 12 * 25.4 / 72;
        assertThat(frame.box().x()).isEqualTo(10);
        assertThat(frame.box().height()).isCloseTo(180 - strip, within(0.001));
        assertThat(frame.window().x()).isCloseTo(12, within(1e-6));
        assertThat(frame.window().width()).isCloseTo(276, within(1e-6));
        assertThat(frame.resolved().words().orElseThrow().lines()).containsExactly("words of 1");
    }

    /** Above, the picture has the same size further down; on the picture it has the whole cell, and its words stand within it. */
    @Test
    void wordsStandAboveThePictureOrOnItAsWellAsBelow() {
        Piece below = words(placed(piece(grid(2, 1, 10, 6), 1), 1, 2), CaptionStyle.Show.ALWAYS);
        CaptionStyle captions = below.styles().captions();
        BoxMm under = scene(below).frames().get(1).box();
        double strip = captions.strip().mm();
        FrameScene above = scene(
                        applied(below, new PieceEdit.SetCaptionStyle(captions.withPlace(CaptionStyle.Place.ABOVE))))
                .frames()
                .get(1);
        assertThat(above.box().y()).isCloseTo(under.y() + strip, within(0.001));
        assertThat(above.box().height()).isCloseTo(under.height(), within(0.001));
        Op.Glyphs line = (Op.Glyphs) above.resolved().ops().get(1);
        assertThat(line.y()).isBetween(-strip, 0.0);
        FrameScene on = scene(applied(
                        below, new PieceEdit.SetCaptionStyle(captions.withPlace(CaptionStyle.Place.ON_PICTURE))))
                .frames()
                .get(1);
        assertThat(on.box().height()).isCloseTo(under.height() + strip, within(0.001));
        List<Op> ops = on.resolved().ops();
        Op.Group ground = (Op.Group) ops.get(1);
        assertThat(ground.opacity()).isLessThan(1);
        // Dark words have a light ground, which reaches from side to side.
        Op.Fill band = (Op.Fill) ground.children().get(0);
        assertThat(band.paint().colour().isDark()).isFalse();
        assertThat(band.ink().width()).isCloseTo(on.box().width(), within(1e-9));
        assertThat(band.ink().bottom()).isCloseTo(on.box().height(), within(1e-9));
        BoxMm signs = ((Op.Glyphs) ops.get(2)).signs();
        assertThat(signs.y()).isGreaterThan(band.ink().y());
        assertThat(signs.bottom()).isLessThan(band.ink().bottom());
    }

    /** Beside, the picture is narrower by their room, and the words begin or end at it, their last line at its foot. */
    @ParameterizedTest
    @EnumSource(
            value = CaptionStyle.Place.class,
            names = {"LEFT", "RIGHT"})
    void wordsStandBesideThePictureInAllCellsOfItsColumn(CaptionStyle.Place place) {
        Piece below = words(placed(piece(grid(2, 2, 10, 6), 1), 1, 2), CaptionStyle.Show.WRITTEN);
        CaptionStyle captions = below.styles().captions();
        Piece wordless = applied(below, new EntryEdit.CaptionEntry(entry(below, 2), ""));
        PageScene plain = scene(applied(wordless, new EntryEdit.CaptionEntry(entry(below, 1), "")));
        Piece beside = applied(
                wordless,
                new PieceEdit.SetCaptionStyle(captions.withPlace(place).withBeside(mm(30))));
        PageScene shown = scene(beside);
        // The first cell has words; the one below it keeps room with it, the other column keeps none.
        for (int i = 0; i < 4; i++) {
            BoxMm own = shown.frames().get(i).box();
            BoxMm before = plain.frames().get(i).box();
            boolean kept = i % 2 == 0;
            assertThat(own.width()).isCloseTo(before.width() - (kept ? 30 : 0), within(0.001));
            assertThat(own.height()).isCloseTo(before.height(), within(0.001));
            assertThat(own.x())
                    .isCloseTo(before.x() + (kept && place == CaptionStyle.Place.LEFT ? 30 : 0), within(0.001));
        }
        FrameScene frame = shown.frames().get(0);
        Op.Glyphs line = (Op.Glyphs) frame.resolved().ops().get(1);
        double air = 0.5 * 1.25 * 12 * 25.4 / 72;
        if (place == CaptionStyle.Place.RIGHT) {
            assertThat(line.x()).isCloseTo(frame.box().width() + air, within(1e-6));
        } else {
            assertThat(line.x() + line.widthMm()).isCloseTo(-air, within(1e-6));
        }
        assertThat(line.y()).isBetween(frame.box().height() - 4, frame.box().height());
    }

    /** Photos of a fixed size keep it; their columns become wider by the words' room, and so does the page that they fill. */
    @Test
    void aPageOfFixedCellsIsWiderByTheRoomBesideEachColumn() {
        Grid cells = grid(2, 3, 10, 5).withCell(new Grid.CellSize(mm(40), mm(30)));
        Piece piece = words(placed(piece(grid(2, 3, 10, 5), 1), 1, 2, 3), CaptionStyle.Show.ALWAYS);
        CaptionStyle captions = piece.styles().captions();
        Piece beside = applied(
                piece,
                new PieceEdit.SetCaptionStyle(
                        captions.withPlace(CaptionStyle.Place.RIGHT).withBeside(mm(25))),
                new ArrangeEdit.SizeFromCells(first(piece).id(), cells, ArrangeEdit.Reflow.AGREED));
        assertThat(beside.format().width()).isEqualTo(mm(2 * 10 + 3 * (40 + 25) + 2 * 5));
        assertThat(beside.format().height()).isEqualTo(mm(2 * 10 + 2 * 30 + 5));
        List<FrameScene> frames = scene(beside).frames();
        assertThat(frames.get(1).box()).isEqualTo(new BoxMm(10 + 40 + 25 + 5, 10, 40, 30));
    }

    /** To its right side: the way is as long as the frame is wide, whatever its height, and turns with it. */
    @Test
    void aFadingRunsAcrossTheFrameOrOutFromItsMiddle() {
        Piece piece = placed(piece(grid(1, 1, 10, 0), 1), 1);
        Fading fading = new Fading(Fading.Form.SIDE, 90, 0.25, 1);
        Op.Group whole = (Op.Group)
                scene(applied(piece, patch(piece, new ItemChange.SetFading(Optional.of(fading)), frame(piece, 0))))
                        .frames()
                        .get(0)
                        .resolved()
                        .ops()
                        .get(0);
        Fade.Along along = (Fade.Along) whole.fade().orElseThrow();
        assertThat(along.fromX()).isCloseTo(70, within(1e-9));
        assertThat(along.toX()).isCloseTo(280, within(1e-9));
        assertThat(along.fromY()).isCloseTo(along.toY(), within(1e-9));
        FadeMask mask = FadeMask.of(along, new AffineTransform(), new Rectangle(0, 0, 280, 180));
        assertThat(mask.at(69, 5)).isEqualTo(1);
        assertThat(mask.at(175, 170)).isCloseTo(0.5, within(0.01));
        assertThat(mask.at(279, 5)).isCloseTo(0, within(0.001));
        FadeMask oval = FadeMask.of(
                new Fade.Around(new BoxMm(0, 0, 280, 180), 0.5, 1),
                new AffineTransform(),
                new Rectangle(0, 0, 280, 180));
        assertThat(oval.at(139, 134)).isCloseTo(1, within(0.01));
        assertThat(oval.at(139, 179)).isCloseTo(0, within(0.01));
        assertThat(oval.at(0, 0)).isZero();
    }

    @Test
    void outerBandsAreAddedAroundAndNoneLeavesNoRoomForWords() {
        Piece piece = placed(piece(grid(1, 1, 10, 0), 1), 1);
        FrameStyle usual = piece.styles().usual();
        Piece outside = applied(piece, new StyleEdit.SetFrameStyle(usual.withBand(0, band -> band.withWidth(mm(4))
                .withSide(Band.Side.OUTSIDE))));
        FrameScene frame = scene(outside).frames().get(0);
        assertThat(frame.box()).isEqualTo(new BoxMm(14, 14, 272, 172));
        assertThat(frame.window()).isEqualTo(frame.box());
        assertThat(frame.bounds()).isEqualTo(new BoxMm(10, 10, 280, 180));
    }

    @Test
    void wholePhotosStayWholeInsideBordersOfTheirOwn() {
        Piece piece = cut(row(5), "([pp]p[pp])", true);
        StyleDifference wide = new StyleDifference.BandWidth(0, mm(6));
        Piece own = applied(piece, patch(piece, new ItemChange.Differ(wide), frame(piece, 1), frame(piece, 4)));
        PageScene scene = scene(own);
        for (int i = 0; i < 5; i++) {
            FrameScene frame = scene.frames().get(i);
            assertThat(frame.box().width() - frame.window().width()).isCloseTo(i == 1 || i == 4 ? 12 : 0, within(0.01));
            assertThat(frame.window().width() / frame.window().height())
                    .isCloseTo(new double[] {1, 1.5, 2 / 3.0, 1, 1.5}[i], within(1e-3));
        }
        assertThat(scene.frames().get(1).box().y() - scene.frames().get(0).box().bottom())
                .isCloseTo(4, within(0.002));
    }

    @Test
    void theRestOfAPageIsTheSameWhenOneFrameIsDragged() {
        Piece piece = row(3);
        Piece one = applied(piece, move(piece, frame(piece, 1), free(20, 20, 60, 60)));
        Piece other = applied(one, move(one, frame(piece, 1), free(21, 23, 60, 60)));
        List<Unit> before = scene(one).units();
        List<Unit> after = scene(other).units();
        for (int i = 0; i < before.size(); i++) {
            assertThat(after.get(i).ops())
                    .as("what is drawn does not depend on where it lies")
                    .isEqualTo(before.get(i).ops());
        }
        assertThat(after).isNotEqualTo(before);
    }

    @Test
    void anOvalsPhotoIsCroppedToItsBoxAndKeepsItsShape() {
        Piece piece = placed(piece(grid(1, 2, 10, 5), 1), 1);
        Piece oval = applied(piece, patch(piece, new ItemChange.SetOutline(new Outline.Ellipse()), frame(piece, 0)));
        assertThat(scene(oval).units().get(0).ops().toString()).contains("Oval");
        assertThat(scene(oval).frames().get(0).window())
                .isEqualTo(scene(piece).frames().get(0).window());
    }

    @Test
    void hiddenFramesAreListedAndNotDrawn() {
        Piece piece = row(2);
        Piece hidden = applied(piece, patch(piece, new ItemChange.SetHidden(true), frame(piece, 0)));
        assertThat(scene(hidden).frames()).extracting(FrameScene::hidden).containsExactly(true, false);
        assertThat(scene(hidden).units()).hasSize(1);
    }

    @Test
    void whatIsWrongOfAPageIsFound() {
        Piece piece = words(placed(piece(grid(1, 2, 10, 5), 1), 1), CaptionStyle.Show.ALWAYS);
        Piece wrong = applied(
                piece,
                new EntryEdit.CaptionEntry(entry(piece, 1), "ᚠ " + "long ".repeat(99)),
                new PieceEdit.SetFormat(Pieces.format(400, 300)));
        List<Finding> found = PageCheck.of(scene(wrong), new SharpnessLimits(2000, 1900), TestPhotos.BLACK);
        assertThat(found)
                .extracting(finding -> finding.what().code())
                .containsExactlyInAnyOrder(
                        Notice.TOO_SOFT.code(),
                        Notice.WORDS_CUT.code(),
                        Notice.SIGNS_MISSING.code(),
                        Notice.FRAME_EMPTY.code());
        assertThat(found)
                .filteredOn(one -> one.gravity() == Finding.Gravity.GRAVE)
                .hasSize(3);
        SharpnessLimits limits = SharpnessLimits.USUAL;
        assertThat(List.of(limits.of(200), limits.of(199.99), limits.of(120), limits.of(119.99)))
                .containsExactly(
                        SharpnessLimits.Sharpness.DENSE,
                        SharpnessLimits.Sharpness.OPEN,
                        SharpnessLimits.Sharpness.OPEN,
                        SharpnessLimits.Sharpness.LOOSE);
    }

    @Test
    void onAPageOfPixelsAPhotoWithAsManyIsSharp() {
        Format screen = new Format(Length.ofMm(508), Length.ofMm(286), Length.ZERO, LengthUnit.PX, new Resolution(96));
        SharpnessLimits limits = SharpnessLimits.USUAL.on(screen);
        assertThat(List.of(limits.of(96), limits.of(94), limits.of(56)))
                .containsExactly(
                        SharpnessLimits.Sharpness.DENSE,
                        SharpnessLimits.Sharpness.OPEN,
                        SharpnessLimits.Sharpness.LOOSE);
        assertThat(SharpnessLimits.USUAL.on(Pieces.format(300, 200))).isEqualTo(SharpnessLimits.USUAL);
        for (double ppi : new double[] {1, 4800}) {
            Format odd =
                    new Format(screen.width(), screen.height(), screen.bleed(), LengthUnit.PX, new Resolution(ppi));
            assertThat(SharpnessLimits.USUAL.on(odd).of(ppi)).isEqualTo(SharpnessLimits.Sharpness.DENSE);
        }
    }

    @Test
    void sharpnessFollowsThePrintedSizeAndEqualPiecesGiveEqualScenes() {
        Piece piece = placed(piece(grid(1, 1, 10, 0), 1), 2);
        // 9000 px over 280 mm; the photo is as wide as its window.
        assertThat(scene(piece).frames().get(0).resolved().photo().orElseThrow().ppi())
                .isCloseTo(9000 / 280.0 * 25.4, within(0.01));
        assertThat(scene(piece)).isEqualTo(scene(piece));
    }

    /** Light from the upper left at 30°: the shadow falls down and right on the page, for a turned print, too. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 25, -110, 180})
    void shadowsFallAwayFromTheLightHoweverAPrintIsTurned(double turn) {
        Piece piece = placed(piece(grid(1, 1, 10, 0), 1), 1);
        Piece shaded = applied(
                piece,
                new StyleEdit.SetFrameStyle(piece.styles().usual().with(new Shadow(mm(10), mm(3), 0.5, Rgb.INK))),
                new PieceEdit.SetLight(new Light(-30)),
                move(piece, frame(piece, 0), free(100, 60, 80, 50, turn)));
        PageScene scene = scene(shaded);
        // The first frame is the cell's, which is empty now.
        BoxMm print = scene.frames().get(1).box().turned(turn);
        Op.Group unit = scene.units().get(0).onPage();
        BoxMm shade = shade(unit.children(), unit.to());
        assertThat(shade.centreX() - print.centreX()).isCloseTo(5, within(1e-6));
        assertThat(shade.centreY() - print.centreY()).isCloseTo(10 * Math.cos(Math.toRadians(30)), within(1e-6));
    }

    private static BoxMm shade(List<Op> ops, Affine to) {
        for (Op op : ops) {
            if (op instanceof Op.Shade shade) {
                return to.bounds(shade.ink());
            }
            if (op instanceof Op.Group group) {
                return shade(group.children(), to.after(group.to()));
            }
        }
        throw new AssertionError("no shadow");
    }
}
