package wovenset.core.edit.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static wovenset.core.edit.apply.Refusals.checkRefused;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.frames;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import wovenset.core.edit.Edit;
import wovenset.core.edit.RetouchEdit;
import wovenset.core.photo.retouch.BrushStroke;
import wovenset.core.photo.retouch.FacedPlane;
import wovenset.core.photo.retouch.Mend;
import wovenset.core.photo.retouch.Retouching;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;

/** Places put right, and taken back one by one. */
class MendEditsTest {
    private static final Piece PIECE = placed(piece(grid(1, 2, 10, 5), 1), 1);
    private static final UUID PAGE = first(PIECE).id();
    private static final UUID FRAME = frames(PIECE).get(0);
    private static final List<FacedPlane.Corner> CORNERS = List.of(
            new FacedPlane.Corner(0.1, 0.1),
            new FacedPlane.Corner(0.9, 0.2),
            new FacedPlane.Corner(0.8, 0.9),
            new FacedPlane.Corner(0.2, 0.8));

    private static Edit mend(Mend.Kind kind, double x) {
        return new RetouchEdit.MendPhoto(
                PAGE, FRAME, kind, new BrushStroke(0.02, 0, List.of(new BrushStroke.Point(x, 0.5))));
    }

    private static Retouching retouching(Piece piece) {
        return first(piece).frame(FRAME).orElseThrow().retouching();
    }

    @Test
    void mendsAreKeptInOrderAndTakenBackInAny() {
        Piece mended =
                applied(PIECE, mend(Mend.Kind.REMOVE, 0.1), mend(Mend.Kind.RED_EYE, 0.2), mend(Mend.Kind.REMOVE, 0.3));
        assertThat(retouching(mended).mends())
                .extracting(one -> one.stroke().points().get(0).x())
                .containsExactly(0.1, 0.2, 0.3);
        Piece fewer = applied(mended, new RetouchEdit.RemoveMend(PAGE, FRAME, 1));
        assertThat(retouching(fewer).mends())
                .extracting(one -> one.stroke().points().get(0).x())
                .containsExactly(0.1, 0.3);
        assertThat(applied(
                        fewer, new RetouchEdit.RemoveMend(PAGE, FRAME, 1), new RetouchEdit.RemoveMend(PAGE, FRAME, 0)))
                .isEqualTo(PIECE);
        checkRefused(fewer, new RetouchEdit.RemoveMend(PAGE, FRAME, 2), "index", Reason.NO_MEND);
        Piece most = PIECE;
        for (int i = 0; i < Retouching.MOST_MENDS; i++) {
            most = applied(most, mend(Mend.Kind.RED_EYE, 0.5));
        }
        checkRefused(most, mend(Mend.Kind.RED_EYE, 0.5), "", Reason.MENDS, Retouching.MOST_MENDS);
    }

    @Test
    void aSlantedThingIsFacedAndSeenAsItWasTakenAgain() {
        Piece faced = applied(PIECE, new RetouchEdit.FacePlane(PAGE, FRAME, CORNERS, true));
        assertThat(retouching(faced).plane()).contains(new FacedPlane(CORNERS, true));
        assertThat(applied(faced, new RetouchEdit.EndPlane(PAGE, FRAME))).isEqualTo(PIECE);
        checkRefused(PIECE, new RetouchEdit.EndPlane(PAGE, FRAME), "frameId", Reason.NO_PLANE);
        checkRefused(
                PIECE, new RetouchEdit.FacePlane(PAGE, FRAME, CORNERS.subList(0, 3), true), "", Reason.PLANE_CORNERS);
    }
}
