package wovenset.core.edit.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.withinPercentage;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.frames;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import wovenset.core.arrange.silhouette.CutOutFigures;
import wovenset.core.arrangement.Figure;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.RetouchEdit;
import wovenset.core.edit.RetouchEdit.Mark;
import wovenset.core.edit.apply.Edits;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.retouch.BrushStroke;
import wovenset.core.photo.retouch.CutOut;
import wovenset.core.photo.retouch.GroundShadow;
import wovenset.core.photo.retouch.PixelPlane;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.said.UnfitValueException;
import wovenset.core.testing.Pieces;

/** What of a photo is seen, said by strokes. */
class CutOutEditsTest {
    private static final Piece PIECE = placed(piece(grid(1, 2, 10, 5), 1), 1);
    private static final UUID PAGE = first(PIECE).id();
    private static final UUID FRAME = frames(PIECE).get(0);
    private static final UUID EMPTY = frames(PIECE).get(1);

    /** Photos in which just what is stroked belongs to it, and nobody is seen. */
    private static final PhotoFacts PLAIN = new PhotoFacts() {
        @Override
        public Optional<PixelSize> size(PhotoId photo) {
            return Pieces.facts().size(photo);
        }

        @Override
        public Optional<PixelPlane> parted(PhotoId photo, PixelPlane labels, boolean fresh) {
            return Optional.of(labels);
        }
    };

    private static BrushStroke across(double softness) {
        return new BrushStroke(
                0.1, softness, List.of(new BrushStroke.Point(0.2, 0.5), new BrushStroke.Point(0.8, 0.5)));
    }

    private static Edit stroke(Mark mark, double softness) {
        return new RetouchEdit.MarkCutOut(PAGE, FRAME, mark, across(softness));
    }

    private static Piece made(Piece piece, Edit... edits) {
        Piece now = piece;
        for (Edit edit : edits) {
            now = new Edits(PLAIN, UUID::randomUUID).apply(now, edit).piece();
        }
        return now;
    }

    private static Optional<CutOut> cutOut(Piece piece) {
        return first(piece).frame(FRAME).orElseThrow().retouching().cutOut();
    }

    private static double seen(Piece piece) {
        boolean[] seen = cutOut(piece).orElseThrow().seen();
        int count = 0;
        for (boolean one : seen) {
            count += one ? 1 : 0;
        }
        return (double) count / seen.length;
    }

    @Test
    void strokesBeginItAndGoOn() {
        Piece kept = made(PIECE, stroke(Mark.KEEP, 0));
        assertThat(seen(kept)).isBetween(0.05, 0.2);
        assertThat(cutOut(kept).orElseThrow().from()).isEqualTo(CutOut.From.STROKES);
        assertThat(first(kept).frame(FRAME).orElseThrow().crop())
                .isEqualTo(first(PIECE).frame(FRAME).orElseThrow().crop());
        Edit dab = new RetouchEdit.MarkCutOut(
                PAGE, FRAME, Mark.DROP, new BrushStroke(0.05, 0, List.of(new BrushStroke.Point(0.5, 0.5))));
        Piece dabbed = made(kept, dab);
        assertThat(seen(dabbed)).isLessThan(seen(kept));
        Piece back = made(dabbed, stroke(Mark.KEEP, 0));
        assertThat(seen(back)).isEqualTo(seen(kept));
        Piece whole = made(kept, new RetouchEdit.EndCutOut(PAGE, FRAME));
        assertThat(whole).isEqualTo(PIECE);
    }

    @Test
    void whatIsCutOutIsAFigureToFill() {
        Piece kept = made(PIECE, stroke(Mark.KEEP, 0));
        List<Figure> figures = CutOutFigures.of(kept, PLAIN);
        assertThat(figures).hasSize(1);
        // A brush a tenth of the longer side wide, drawn over six tenths of the width.
        PixelSize size = Pieces.facts().size(Pieces.photo(1)).orElseThrow();
        double wide = 0.1 * Math.max(size.width(), size.height());
        assertThat(figures.get(0).proportion()).isCloseTo((0.6 * size.width() + wide) / wide, withinPercentage(4));
        assertThat(CutOutFigures.of(PIECE, PLAIN)).isEmpty();
    }

    @Test
    void theBrushTakesAwayFromTheWholeAndBringsBack() {
        Piece less = made(PIECE, stroke(Mark.TAKE_AWAY, 0));
        assertThat(seen(less)).isBetween(0.8, 0.95);
        assertThat(seen(made(less, stroke(Mark.BRING_BACK, 0)))).isEqualTo(1);
        byte[] soft = cutOut(made(PIECE, stroke(Mark.TAKE_AWAY, 1)))
                .orElseThrow()
                .brushed()
                .orElseThrow()
                .values();
        assertThat(values(soft)).hasSizeGreaterThan(10);
        // A stroke that says anew what is kept takes back what the brush did there.
        assertThat(seen(made(less, stroke(Mark.KEEP, 0)))).isEqualTo(1);
    }

    private static Set<Byte> values(byte[] all) {
        Set<Byte> values = new HashSet<>();
        for (byte one : all) {
            values.add(one);
        }
        return values;
    }

    @Test
    void edgeAndShadowAreKeptWhileStrokesGoOn() {
        GroundShadow shadow = new GroundShadow(0.4, 0.3);
        Piece shaped = made(
                PIECE,
                stroke(Mark.KEEP, 0),
                new RetouchEdit.ShapeCutOut(PAGE, FRAME, -0.5, Optional.of(shadow)),
                stroke(Mark.BRING_BACK, 0.4));
        assertThat(cutOut(shaped).orElseThrow().edge()).isEqualTo(-0.5);
        assertThat(cutOut(shaped).orElseThrow().shadow()).contains(shadow);
    }

    private static void refused(ThrowingCallable edit, Reason reason) {
        assertThatThrownBy(edit).isInstanceOfSatisfying(EditRefusedException.class, refused -> assertThat(
                        refused.said().code())
                .isEqualTo(reason.code()));
    }

    @Test
    void whatCannotBeIsRefused() {
        refused(() -> made(PIECE, new RetouchEdit.CutOutPeople(PAGE, FRAME)), Reason.NO_PERSON);
        refused(() -> made(PIECE, new RetouchEdit.EndCutOut(PAGE, FRAME)), Reason.NO_CUT_OUT);
        refused(() -> made(PIECE, stroke(Mark.DROP, 0)), Reason.CUT_OUT_NOTHING);
        refused(
                () -> made(PIECE, new RetouchEdit.MarkCutOut(PAGE, EMPTY, Mark.KEEP, across(0))),
                Reason.SHOWS_NO_PHOTO);
        assertThatThrownBy(() -> new BrushStroke(0.1, 0, List.of())).isInstanceOf(UnfitValueException.class);
        assertThatThrownBy(() -> new BrushStroke(0.9, 0, List.of(new BrushStroke.Point(0, 0))))
                .isInstanceOf(UnfitValueException.class);
        assertThatThrownBy(() -> new BrushStroke(0.1, 0, List.of(new BrushStroke.Point(Double.NaN, 0))))
                .isInstanceOf(UnfitValueException.class);
    }

    /** What comes in from a file may be damaged, or far more than it says. */
    @Test
    void planesThatAreNotWholeAreNone() {
        PixelPlane plane = PixelPlane.of(3, 2, new byte[] {0, 1, 2, 3, 2, 1});
        assertThat(plane.values()).containsExactly(0, 1, 2, 3, 2, 1);
        String bomb = PixelPlane.of(400, 400, new byte[400 * 400]).packed();
        for (String packed : List.of("", "?", "AAAA", bomb, plane.packed().substring(4))) {
            assertThatThrownBy(() -> new PixelPlane(3, 2, packed)).isInstanceOf(UnfitValueException.class);
        }
        assertThatThrownBy(() -> new PixelPlane(500, 2, plane.packed())).isInstanceOf(UnfitValueException.class);
        assertThatThrownBy(() -> new CutOut(CutOut.From.PERSON, PixelPlane.of(1, 1, new byte[] {4})))
                .isInstanceOf(UnfitValueException.class);
    }
}
