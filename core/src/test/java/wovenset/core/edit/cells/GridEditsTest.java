package wovenset.core.edit.cells;

import static org.assertj.core.api.Assertions.assertThat;
import static wovenset.core.edit.apply.Refusals.checkRefused;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.crop;
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
import static wovenset.core.testing.Pieces.shown;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import wovenset.core.arrangement.Grid;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.ItemChange;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.measure.Length;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;

class GridEditsTest {
    private static Edit setGrid(Piece piece, Grid grid, ArrangeEdit.Reflow reflow) {
        return new ArrangeEdit.SetGrid(first(piece).id(), grid, reflow);
    }

    @Test
    void fewerCellsDropEmptyFramesFirstAndAskBeforePhotosFlowToNewPages() {
        Piece before = placed(piece(grid(2, 3, 10, 5), 1), 1, 0, 3);
        assertThat(shown(applied(before, setGrid(before, grid(1, 2, 10, 5), ArrangeEdit.Reflow.ASK))))
                .containsExactly(1, 3);
        Edit one = setGrid(before, grid(1, 1, 10, 5), ArrangeEdit.Reflow.ASK);
        checkRefused(before, one, "reflow", Reason.REFLOW, 1, 2);
        Piece flowed = applied(before, setGrid(before, grid(1, 1, 10, 5), ArrangeEdit.Reflow.AGREED));
        assertThat(flowed.pages()).hasSize(2);
        assertThat(shown(flowed)).containsExactly(1, 3);
        assertThat(flowed.pages()
                        .get(1)
                        .slotted()
                        .get(0)
                        .withId(frame(flowed, 0))
                        .fill())
                .isInstanceOf(Fill.OwnPhoto.class);
    }

    @Test
    void noContentIsLostWhateverGridComes() {
        Piece before = placed(piece(grid(3, 3, 10, 5), 1), 1, 2, 3, 0, 5, 6, 7, 8, 9);
        Piece cropped = applied(
                before,
                patch(
                        before,
                        new ItemChange.SetCrop(crop(0.2, 0.2, 2, 7)),
                        frames(before).toArray(UUID[]::new)));
        for (int cells = 1; cells <= 10; cells++) {
            Piece changed = applied(cropped, setGrid(cropped, grid(1, cells, 5, 2), ArrangeEdit.Reflow.AGREED));
            assertThat(shown(changed)).filteredOn(n -> n > 0).containsExactly(1, 2, 3, 5, 6, 7, 8, 9);
            assertThat(changed.pages())
                    .flatExtracting(Page::frames)
                    .filteredOn(frame -> !frame.isEmpty())
                    .extracting(Frame::crop)
                    .containsOnly(crop(0.2, 0.2, 2, 7));
        }
    }

    @Test
    void aGridForAllPagesFlowsThemAsOne() {
        Piece three = piece(grid(1, 1, 10, 5), 3);
        Piece same = applied(three, new ArrangeEdit.SetGridOfAll(grid(1, 1, 12, 4), ArrangeEdit.Reflow.ASK));
        assertThat(same.pages()).extracting(Page::arrangement).containsOnly(grid(1, 1, 12, 4));
        Piece six = applied(
                placed(piece(grid(1, 2, 10, 5), 1), 1, 2),
                new EntryEdit.AddPhotos(List.of(photo(3), photo(4), photo(5))),
                new AlbumEdit.FlowEntries());
        assertThat(six.pages()).hasSize(3);
        Piece fewer = applied(six, new ArrangeEdit.SetGridOfAll(grid(2, 3, 10, 5), ArrangeEdit.Reflow.AGREED));
        assertThat(shown(fewer)).containsExactly(1, 2, 3, 4, 5, 0);
        checkRefused(
                six,
                new ArrangeEdit.SetGridOfAll(grid(2, 3, 10, 5), ArrangeEdit.Reflow.ASK),
                "reflow",
                Reason.REFLOW,
                3,
                1);
    }

    @Test
    void aFreeFrameStaysWhereItIsWhateverGridComes() {
        Piece before = row(3);
        UUID taken = frame(before, 1);
        Piece out = applied(before, move(before, taken, free(30, 40, 90, 60)));
        assertThat(shown(out)).containsExactlyInAnyOrder(1, 0, 2, 3);
        Piece wider = applied(out, setGrid(out, grid(2, 2, 30, 12), ArrangeEdit.Reflow.ASK));
        assertThat(first(wider).frame(taken).orElseThrow().placement()).isEqualTo(free(30, 40, 90, 60));
    }

    @Test
    void sizesThePageFromItsCells() {
        Piece before = piece(grid(1, 1, 10, 5), 1);
        Grid cells = grid(4, 5, 25.4, 6.35).withCell(new Grid.CellSize(Length.ofInches(7), Length.ofInches(5)));
        Piece after =
                applied(before, new ArrangeEdit.SizeFromCells(first(before).id(), cells, ArrangeEdit.Reflow.ASK));
        assertThat(after.format().width()).isEqualTo(Length.ofInches(38));
        assertThat(after.format().height()).isEqualTo(Length.ofInches(22.75));
        checkRefused(
                before,
                new ArrangeEdit.SizeFromCells(first(before).id(), grid(1, 1, 10, 5), ArrangeEdit.Reflow.ASK),
                "cell",
                Reason.CELL_FIRST);
    }

    @Test
    void aPageIsFilledWithAsManyCellsAsFit() {
        Piece piece = placed(piece(grid(1, 2, 0, 0), 1), 1, 2);
        Grid cells = grid(1, 1, 0, 0).withCell(new Grid.CellSize(mm(100), mm(150)));
        UUID page = first(piece).id();
        assertThat(shown(applied(piece, new ArrangeEdit.FillWithCells(page, cells, true, ArrangeEdit.Reflow.ASK))))
                .containsExactly(1, 2, 0, 0);
        Grid large = cells.withCell(new Grid.CellSize(mm(400), mm(410)));
        checkRefused(
                piece,
                new ArrangeEdit.FillWithCells(page, large, true, ArrangeEdit.Reflow.AGREED),
                "cell",
                Reason.ON_PAGE,
                1);
    }

    @Test
    void cellsAreJoinedToOneAndPartedAndOthersStayInTheirs() {
        Piece piece = placed(piece(grid(2, 3, 10, 5), 1), 1, 2, 3, 4, 5, 6);
        UUID page = first(piece).id();
        List<UUID> ids = frames(piece);
        Piece joined = applied(
                piece, new ArrangeEdit.JoinCells(page, List.of(ids.get(4), ids.get(1), ids.get(2), ids.get(5))));
        assertThat(shown(joined)).containsExactly(1, 2, 4);
        assertThat(frame(joined, 1)).isEqualTo(ids.get(1));
        Piece parted = applied(joined, new ArrangeEdit.PartCells(page, ids.get(1)));
        assertThat(first(parted).slotted())
                .extracting(Frame::isEmpty)
                .containsExactly(false, false, true, false, true, true);
        checkRefused(
                piece,
                new ArrangeEdit.JoinCells(page, List.of(ids.get(0), ids.get(4))),
                "frameIds",
                Reason.JOIN_RECTANGLE);
        checkRefused(piece, new ArrangeEdit.JoinCells(page, List.of(ids.get(0))), "frameIds", Reason.JOIN_TWO);
        checkRefused(piece, new ArrangeEdit.PartCells(page, ids.get(0)), "frameId", Reason.NOT_JOINED);
    }
}
