package wovenset.core.edit.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static wovenset.core.edit.apply.Refusals.checkRefused;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.cut;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.free;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.photo;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.PieceEdit;
import wovenset.core.edit.StyleEdit;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Frame;
import wovenset.core.item.Item;
import wovenset.core.item.Placement;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.style.Corners;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.Ground;
import wovenset.core.testing.Pieces;

/** Pages that come from another piece. */
class TakenPagesTest {
    private static final Piece HERE = placed(piece(grid(1, 2, 10, 5), 2), 1, 2);

    private static PageEdit.TakePages taking(Piece from, Piece to) {
        return new PageEdit.TakePages(
                from.pages(),
                from.entries().list(),
                from.styles(),
                from.format(),
                Optional.of(first(to).id()));
    }

    @Test
    void aPageOfAnotherPieceComesWithItsPhotosStylesAndGroundInThisOnesSize() {
        Piece other = cut(placed(piece(grid(1, 3, 10, 5), 1), 2, 3, 4), "(p[pp])", true);
        other = applied(other, new PieceEdit.SetCommonGround(new Paint.Solid(new Rgb("#101830"))));
        FrameStyle round = other.styles().usual().withCorners(Corners.round(mm(4)));
        other = applied(other, new StyleEdit.SetFrameStyle(round));
        Frame loose = Frame.empty(new UUID(3, 3), free(10, 20, 30, 40), round.id());
        Page there = first(other);
        other = other.mapPage(
                there.id(),
                page -> page.withItems(Stream.concat(page.items().stream(), Stream.<Item>of(loose))
                        .toList()));
        Piece half = applied(HERE, new PieceEdit.SetFormat(Pieces.format(150, 100)));

        Piece after = applied(half, taking(other, half));

        assertThat(after.pages()).hasSize(3);
        Page taken = after.pages().get(1);
        assertThat(after.slottedEntries(taken))
                .extracting(id -> after.entries().find(id).orElseThrow().photo())
                .containsExactly(photo(2), photo(3), photo(4));
        // The photo that both pieces have is not in this one twice.
        assertThat(after.slottedEntries(taken)).contains(entry(half, 2));
        assertThat(after.entries().list()).extracting(Entry::photo).doesNotHaveDuplicates();
        assertThat(taken.ground()).isEqualTo(new Ground.Covered(new Paint.Solid(new Rgb("#101830"))));
        // This piece's own style of the same identity looks otherwise, and stays so.
        assertThat(after.styles().usual()).isEqualTo(half.styles().usual());
        FrameStyle worn = taken.slotted().get(0).style().in(after.styles());
        assertThat(worn.corners()).isEqualTo(round.corners());
        Placement.Free scaled = (Placement.Free) taken.frames().get(3).placement();
        assertThat(scaled.box().width()).isEqualTo(mm(15));
        assertThat(taken.arrangement().margins().left())
                .isEqualTo(mm(there.arrangement().margins().left().mm() / 2));
        assertThat(taken.items())
                .extracting(Item::id)
                .doesNotContainAnyElementsOf(
                        there.items().stream().map(Item::id).toList());
    }

    @Test
    void theSamePageTakenTwiceBringsNothingTwice() {
        Piece plain = placed(piece(grid(1, 3, 10, 5), 1), 3, 4, 5);
        FrameStyle round = plain.styles().usual().withCorners(Corners.round(mm(4)));
        Piece other = applied(plain, new StyleEdit.SetFrameStyle(round));
        Piece once = applied(HERE, taking(other, HERE));
        Piece twice = applied(once, taking(other, HERE));
        assertThat(twice.entries()).isEqualTo(once.entries());
        assertThat(twice.styles()).isEqualTo(once.styles());
        assertThat(twice.pages()).hasSize(once.pages().size() + 1);
    }

    @Test
    void nothingIsTakenThatShowsWhatDoesNotComeAlong() {
        Piece other = placed(piece(grid(1, 3, 10, 5), 1), 3, 4, 5);
        PageEdit.TakePages bare =
                new PageEdit.TakePages(other.pages(), List.of(), other.styles(), other.format(), Optional.empty());
        checkRefused(HERE, bare, "entries", Reason.ENTRY_GONE);
        PageEdit.TakePages none =
                new PageEdit.TakePages(List.of(), List.of(), other.styles(), other.format(), Optional.empty());
        checkRefused(HERE, none, "pages", Reason.CHOOSE_PAGES);
    }
}
