package wovenset.core.edit.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static wovenset.core.edit.apply.Refusals.checkRefused;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.frame;
import static wovenset.core.testing.Pieces.free;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.ids;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.move;
import static wovenset.core.testing.Pieces.patch;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;
import static wovenset.core.testing.Pieces.row;
import static wovenset.core.testing.Pieces.shown;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import wovenset.core.arrangement.Grid;
import wovenset.core.edit.Edit;
import wovenset.core.edit.ItemChange;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.PieceEdit;
import wovenset.core.edit.StyleEdit;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Frame;
import wovenset.core.item.Placement;
import wovenset.core.measure.Format;
import wovenset.core.piece.Guide;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.said.UnfitValueException;
import wovenset.core.style.Band;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.Ground;
import wovenset.core.style.StyleDifference;
import wovenset.core.testing.Pieces;

class PieceEditsTest {
    private static final UUID STRANGER = UUID.nameUUIDFromBytes(new byte[] {1});

    private static Edit style(Piece piece, UnaryOperator<Band> band) {
        return new StyleEdit.SetFrameStyle(piece.styles().usual().withBand(0, band));
    }

    @Test
    void namesAreOneLineOfAtMostSoManyCharacters() {
        Piece piece = row(1);
        assertThat(applied(piece, new PieceEdit.RenamePiece("  The kite summer "))
                        .name())
                .isEqualTo("The kite summer");
        assertThat(applied(piece, new PieceEdit.RenamePiece("🪁".repeat(120))).name())
                .hasSize(240);
        checkRefused(piece, new PieceEdit.RenamePiece("🪁".repeat(121)), "name", Reason.NAME_LENGTH, 120);
        checkRefused(piece, new PieceEdit.RenamePiece(" \t "), "name", Reason.NAME_EMPTY);
        checkRefused(piece, new PieceEdit.RenamePiece("two\nlines"), "name", Reason.NAME_LINES);
    }

    @Test
    void sizesAndStylesThatLeaveNoPictureAreRefused() {
        Piece piece = piece(grid(4, 4, 10, 5), 2);
        Format format = piece.format();
        checkRefused(piece, new PieceEdit.SetFormat(format.withSize(mm(2), mm(100))), "width", Reason.PAGE_SIDE);
        checkRefused(piece, new PieceEdit.SetFormat(format.withSize(mm(100), mm(6000))), "height", Reason.PAGE_SIDE);
        checkRefused(piece, new PieceEdit.SetFormat(format.withSize(mm(20), mm(100))), "margins", Reason.ON_PAGE, 1);
        checkRefused(piece, style(piece, band -> band.withWidth(mm(25))), "bandWidth", Reason.ON_PAGE, 1);
        CaptionStyle words = piece.styles().captions();
        checkRefused(
                piece,
                new PieceEdit.SetCaptionStyle(
                        new CaptionStyle(CaptionStyle.Show.ALWAYS, "Alegreya", 144, words.colour(), 4)),
                "captions",
                Reason.ON_PAGE);
        checkRefused(
                piece,
                new PieceEdit.SetCaptionStyle(new CaptionStyle(CaptionStyle.Show.NONE, "Comic", 10, words.colour(), 1)),
                "typeface",
                Reason.TYPEFACE);
        assertThatThrownBy(() -> Band.of(mm(-1), words.colour(), Band.Side.INSIDE))
                .isInstanceOf(UnfitValueException.class)
                .hasMessageContaining(Reason.BAND_WIDTH.code());
    }

    @Test
    void aStyleShowsOnEveryFrameThatHasNoDifferenceInThatProperty() {
        Piece piece = row(3);
        Rgb gilt = new Rgb("#b08a3c");
        Piece own = applied(
                piece, patch(piece, new ItemChange.Differ(new StyleDifference.BandWidth(0, mm(6))), frame(piece, 1)));
        Piece changed = applied(own, style(own, band -> band.withWidth(mm(2)).withPaint(new Paint.Solid(gilt))));
        List<Band> bands = first(changed).frames().stream()
                .map(frame -> frame.style().in(changed.styles()).bands().get(0))
                .toList();
        assertThat(bands).extracting(Band::width).containsExactly(mm(2), mm(6), mm(2));
        assertThat(bands).extracting(Band::paint).containsOnly(new Paint.Solid(gilt));
        Piece back = applied(changed, patch(changed, new ItemChange.PutBack("bandWidth 0"), frame(changed, 1)));
        assertThat(first(back).frames().get(1).style().differences()).isEmpty();
    }

    @Test
    void anotherSizeTakesFreeFramesAlongAndLeavesLockedOnesAsTheyAre() {
        Piece piece = row(2);
        Piece free = applied(
                piece,
                move(piece, frame(piece, 0), free(30, 40, 60, 40)),
                move(piece, frame(piece, 1), free(200, 40, 60, 40)));
        UUID locked = frame(piece, 1);
        Piece half = applied(
                free,
                patch(free, new ItemChange.SetLocked(true), locked),
                new PieceEdit.SetFormat(Pieces.format(150, 100)));
        assertThat(first(half).frame(frame(piece, 0)).orElseThrow().placement()).isEqualTo(free(15, 20, 30, 20));
        Placement.Free kept =
                (Placement.Free) first(half).frame(locked).orElseThrow().placement();
        assertThat(kept.box().width()).isEqualTo(mm(60));
        assertThat(kept.box().mm().centreX())
                .as("its middle is still on the page")
                .isEqualTo(150);
    }

    @Test
    void pagesAreAddedCopiedMovedAndDeleted() {
        Piece before = placed(piece(grid(1, 2, 10, 5), 2), 1);
        UUID a = first(before).id();
        UUID b = before.pages().get(1).id();
        assertThat(shown(applied(before, new PageEdit.AddPage(a)))).containsExactly(1, 0, 0, 0, 0, 0);
        Piece copied = applied(before, new PageEdit.CopyPages(List.of(a)));
        assertThat(shown(copied)).containsExactly(1, 0, 1, 0, 0, 0);
        assertThat(copied.pages())
                .flatExtracting(Page::frames)
                .extracting(Frame::id)
                .doesNotHaveDuplicates();
        assertThat(applied(before, new PageEdit.MovePages(List.of(b), 0)).pages())
                .extracting(Page::id)
                .containsExactly(b, a);
        Piece alone = applied(before, new PageEdit.DeletePages(List.of(a)));
        assertThat(alone.pages()).extracting(Page::id).containsExactly(b);
        checkRefused(before, new PageEdit.MovePages(List.of(b), 2), "index", Reason.PAGE_PLACE, 2);
        checkRefused(alone, new PageEdit.DeletePages(List.of(b)), "pageIds", Reason.LAST_PAGE);
        checkRefused(before, new PageEdit.CopyPages(List.of(STRANGER)), "pageId", Reason.PAGE_GONE);
    }

    @Test
    void guidesAndGroundsBelongToAPage() {
        Piece piece = piece(grid(1, 1, 10, 5), 2);
        Ground night = new Ground.Covered(new Paint.Solid(new Rgb("#101830")));
        Guide guide = new Guide(Guide.Direction.UPRIGHT, mm(50));
        Piece changed = applied(
                piece,
                new PageEdit.SetGround(List.of(first(piece).id()), night),
                new PageEdit.SetGuides(first(piece).id(), List.of(guide)));
        assertThat(changed.pages()).extracting(Page::ground).containsExactly(night, new Ground.Common());
        assertThat(first(changed).guides()).containsExactly(guide);
        checkRefused(
                piece,
                new PageEdit.SetGuides(first(piece).id(), Collections.nCopies(500, guide)),
                "guides",
                Reason.GUIDE_COUNT);
    }

    @Test
    void aNewPieceSuitsItsProportion() {
        assertThat(newGrid(297, 210).columns()).isEqualTo(2);
        assertThat(newGrid(600, 200).columns()).isEqualTo(3);
        assertThat(newGrid(200, 600).rows()).isEqualTo(3);
        assertThatThrownBy(() -> NewPiece.start("a", Pieces.format(100, 100), mm(60), Optional.empty(), ids()))
                .hasMessageContaining(Reason.MARGINS_TAKE_ALL.code());
        assertThatThrownBy(() -> NewPiece.start("", Pieces.format(100, 100), mm(6), Optional.empty(), ids()))
                .hasMessageContaining(Reason.NAME_EMPTY.code());
    }

    private static Grid newGrid(double width, double height) {
        Piece piece = NewPiece.start("a", Pieces.format(width, height), mm(10), Optional.empty(), ids());
        return (Grid) first(piece).arrangement();
    }
}
