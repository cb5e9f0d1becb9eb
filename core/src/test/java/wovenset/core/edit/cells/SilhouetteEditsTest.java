package wovenset.core.edit.cells;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.facts;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.frames;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.silhouette.ShippedFigures;
import wovenset.core.arrange.space.Place;
import wovenset.core.arrange.space.PlacesOutcome;
import wovenset.core.arrangement.Cutting;
import wovenset.core.arrangement.Figure;
import wovenset.core.arrangement.Margins;
import wovenset.core.arrangement.Silhouette;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.apply.Refusals;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.testing.Pieces;

/** Photos in the pieces of a figure. */
class SilhouetteEditsTest {
    private static final Figure HEART = ShippedFigures.all().get(0);
    /** Three photos on the page, more wait. */
    private static final Piece PIECE = placed(piece(grid(1, 3, 10, 5), 1), 1, 2, 3);

    private static ArrangeEdit.CutSilhouette cut(Piece piece, Cutting cutting, double gap) {
        return new ArrangeEdit.CutSilhouette(
                first(piece).id(), Margins.all(mm(12)), mm(gap), HEART, cutting, frames(piece));
    }

    private static Silhouette silhouette(Piece piece) {
        return (Silhouette) first(piece).arrangement();
    }

    private static Set<UUID> shown(Piece piece) {
        Set<UUID> shown = new HashSet<>();
        Page page = first(piece);
        page.slotted().forEach(frame -> piece.entryOf(page, frame).ifPresent(entry -> shown.add(entry.id())));
        return shown;
    }

    private static Place place(Piece piece, int slot) {
        PlacesOutcome.Fits fits = (PlacesOutcome.Fits) Places.of(piece, first(piece), facts());
        return fits.of(first(piece).slotted().get(slot).id());
    }

    @Test
    void thePagesPhotosAndThoseThatWaitFillThePieces() {
        int all = PIECE.entries().list().size();
        Piece heart = applied(PIECE, cut(PIECE, new Cutting.Halves(all + 1, 1), 2));
        assertThat(first(heart).slotted()).hasSize(silhouette(heart).slots());
        assertThat(shown(heart)).hasSize(Math.min(all, silhouette(heart).slots()));
        assertThat(first(heart).slotted().stream().filter(Frame::isEmpty))
                .as("empty ones are for photos to come")
                .hasSize(Math.max(0, silhouette(heart).slots() - all));
        assertThat(place(heart, 0).form()).isPresent();
    }

    @Test
    void photosBeyondThePiecesWait() {
        Piece heart = applied(PIECE, cut(PIECE, new Cutting.Rows(1, 2), 2));
        assertThat(silhouette(heart).slots()).isEqualTo(2);
        assertThat(shown(heart)).hasSize(2).isSubsetOf(shown(PIECE));
        assertThat(heart.entries()).isEqualTo(PIECE.entries());
    }

    /** Another gap or other margins move no photo to another piece; the figure keeps its proportion. */
    @Test
    void gapAndMarginsKeepTheCuts() {
        Piece heart = applied(PIECE, cut(PIECE, new Cutting.Cells(3, 5), 2));
        List<UUID> before = first(heart).slotted().stream().map(Frame::id).toList();
        Piece wider = applied(
                heart,
                new ArrangeEdit.CutSilhouette(
                        first(heart).id(),
                        Margins.all(mm(30)),
                        mm(6),
                        HEART,
                        silhouette(heart).cutting(),
                        before));
        assertThat(silhouette(wider).cells()).isEqualTo(silhouette(heart).cells());
        assertThat(first(wider).slotted().stream().map(Frame::id)).containsExactlyElementsOf(before);
        assertThat(place(wider, 0).box().width())
                .isLessThan(place(heart, 0).box().width());
        Piece again = applied(heart, cut(heart, new Cutting.Cells(3, 6), 2));
        assertThat(silhouette(again).cells())
                .as("another seed")
                .isNotEqualTo(silhouette(heart).cells());
    }

    /** A piece that is taken out lies where it lay, in its form; an empty one stays for another photo. */
    @Test
    void aPieceTakenOutKeepsItsForm() {
        Piece heart = applied(PIECE, cut(PIECE, new Cutting.Rows(1, 3), 2));
        Place place = place(heart, 1);
        Frame frame = first(heart).slotted().get(1);
        Piece released = applied(heart, new ArrangeEdit.ReleasePage(first(heart).id()));
        Frame free = first(released).frame(frame.id()).orElseThrow();
        assertThat(free.outline()).isEqualTo(place.form().orElseThrow().outline());
        PlacesOutcome.Fits fits = (PlacesOutcome.Fits) Places.of(released, first(released), facts());
        assertThat(fits.of(free.id()).box().x()).isCloseTo(place.box().x(), within(0.001));
        Piece emptied = applied(heart, new ArrangeEdit.EmptyFrame(first(heart).id(), frame.id()));
        assertThat(first(emptied).slotted()).hasSize(3);
        assertThat(first(emptied).slotted().get(1).fill()).isEqualTo(Fill.EMPTY);
    }

    @Test
    void whatLeavesNoPieceIsRefused() {
        Refusals.checkRefused(PIECE, cut(PIECE, new Cutting.Rows(3, 3), 80), "gap", Reason.GAP_TOO_WIDE);
        Refusals.checkRefused(PIECE, cut(PIECE, new Cutting.Rows(3, 3), -1), "gap", Reason.GAP_NEGATIVE);
        ArrangeEdit.CutSilhouette flat = new ArrangeEdit.CutSilhouette(
                first(PIECE).id(),
                Margins.all(mm(12)),
                mm(1),
                new Figure("line", "M 0 0 L 1 1 Z", 1),
                new Cutting.Rows(2, 2),
                Pieces.frames(PIECE));
        Refusals.checkRefused(PIECE, flat, "figure", Reason.FIGURE_EMPTY);
    }
}
