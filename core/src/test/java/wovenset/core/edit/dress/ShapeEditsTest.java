package wovenset.core.edit.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.edit.apply.Refusals.checkRefused;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.facts;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.free;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.row;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wovenset.core.check.PageCheck;
import wovenset.core.display.Op;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.ItemChange;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.StyleEdit;
import wovenset.core.geometry.BoxMm;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.piece.Piece;
import wovenset.core.said.Notice;
import wovenset.core.said.Reason;
import wovenset.core.scene.FrameScene;
import wovenset.core.scene.PageScene;
import wovenset.core.scene.SceneResolver;
import wovenset.core.scene.SharpnessLimits;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.Rule;
import wovenset.core.style.ShippedStyles;
import wovenset.core.testing.TestPhotos;

class ShapeEditsTest {
    private static final Piece PHOTOS = row(3);
    private static final UUID PAGE = first(PHOTOS).id();

    private static FrameScene drawn(Piece piece, UUID frame) {
        return scene(piece).frames().stream()
                .filter(one -> one.frameId().equals(frame))
                .findFirst()
                .orElseThrow();
    }

    private static Frame added(Piece piece) {
        List<UUID> before = first(PHOTOS).frames().stream().map(Frame::id).toList();
        return first(piece).frames().stream()
                .filter(frame -> !before.contains(frame.id()))
                .findFirst()
                .orElseThrow();
    }

    private static PageScene scene(Piece piece) {
        return new SceneResolver(facts()).resolve(piece, first(piece));
    }

    @Test
    void aBoxLiesBehindAndIsCoveredWithItsPaint() {
        Paint paper = new Paint.Gradient(new Rgb("#eeeeee"), new Rgb("#cccccc"), 90);
        Piece piece = applied(PHOTOS, new ItemEdit.AddBox(PAGE, new Paint.Solid(Rgb.INK)));
        Frame box = added(piece);
        assertThat(first(piece).items().get(0)).isEqualTo(box);
        Piece painted =
                applied(piece, new ItemEdit.PatchItems(PAGE, List.of(box.id()), new ItemChange.PaintBox(paper)));
        Op.Fill fill = (Op.Fill) drawn(painted, box.id()).resolved().ops().get(0);
        assertThat(fill.paint()).isEqualTo(paper);
        checkRefused(
                painted,
                new ArrangeEdit.PlaceEntry(PAGE, box.id(), entry(PHOTOS, 1)),
                "frameId",
                Reason.FRAME_HAS_WORDS);
    }

    /** They are no frames that somebody forgot to fill, and flowing photos do not come into them. */
    @Test
    void boxesAndLinesAreNeitherEmptyNorForPhotos() {
        Piece piece = applied(
                PHOTOS,
                new ItemEdit.AddBox(PAGE, new Paint.Solid(Rgb.INK)),
                new ItemEdit.AddRule(PAGE, new Rule(Rgb.INK, mm(1), Rule.Stroke.PLAIN)));
        assertThat(PageCheck.of(scene(piece), SharpnessLimits.USUAL, TestPhotos.BLACK))
                .extracting(finding -> finding.what().code())
                .doesNotContain(Notice.FRAME_EMPTY.code());
        Piece waiting = applied(
                piece,
                new ArrangeEdit.EmptyFrame(PAGE, first(PHOTOS).frames().get(0).id()));
        Piece flowed = applied(waiting, new AlbumEdit.FlowEntries());
        assertThat(added(flowed).fill()).isInstanceOf(Fill.Painted.class);
    }

    /** Whatever photos wear, a new box is its paint and nothing else, to the page's very edge. */
    @Test
    void aNewBoxWearsNothing() {
        for (FrameStyle style : ShippedStyles.of(PHOTOS.format())) {
            Piece dressed =
                    applied(PHOTOS, new StyleEdit.DressAll(style), new ItemEdit.AddBox(PAGE, new Paint.Solid(Rgb.INK)));
            Frame box = added(dressed);
            assertThat(drawn(dressed, box.id()).resolved().ops())
                    .as(style.name())
                    .hasSize(1);
        }
    }

    @ParameterizedTest
    @EnumSource
    void aLineRunsFromEndToEndAsThickAsItIsWhicheverWayItsFrameLies(Rule.Stroke stroke) {
        Rule rule = new Rule(Rgb.INK, mm(1.2), stroke);
        Piece piece = applied(PHOTOS, new ItemEdit.AddRule(PAGE, rule));
        UUID line = added(piece).id();
        for (boolean across : new boolean[] {true, false}) {
            Piece laid = applied(
                    piece,
                    new ItemEdit.MoveItems(
                            PAGE,
                            List.of(new ItemEdit.ItemMove(line, across ? free(20, 30, 90, 4) : free(20, 30, 4, 90)))));
            BoxMm ink = Op.ink(drawn(laid, line).resolved().ops());
            assertThat(across ? ink.width() : ink.height()).isCloseTo(90, within(1e-6));
            assertThat(across ? ink.height() : ink.width()).isCloseTo(1.2, within(1e-6));
            assertThat(across ? ink.centreY() : ink.centreX()).isCloseTo(2, within(1e-6));
        }
    }

    @Test
    void dotsAndDashesAreEvenlyApartAndNotWithoutBounds() {
        Piece piece = applied(PHOTOS, new ItemEdit.AddRule(PAGE, new Rule(Rgb.INK, mm(0.1), Rule.Stroke.DOTS)));
        UUID line = added(piece).id();
        Piece long_ =
                applied(piece, new ItemEdit.MoveItems(PAGE, List.of(new ItemEdit.ItemMove(line, free(0, 0, 4000, 2)))));
        List<Op> dots = drawn(long_, line).resolved().ops();
        assertThat(dots).hasSize(2000);
        double step = dots.get(1).ink().x() - dots.get(0).ink().x();
        for (int i = 1; i < dots.size(); i++) {
            assertThat(dots.get(i).ink().x() - dots.get(i - 1).ink().x()).isCloseTo(step, within(1e-6));
        }
    }

    @Test
    void aLineThinnerThanAnyPrinterDrawsIsRefused() {
        assertThatThrownBy(() -> new Rule(Rgb.INK, mm(0.05), Rule.Stroke.PLAIN))
                .hasMessageContaining(Reason.RULE_THICKNESS.name());
    }
}
