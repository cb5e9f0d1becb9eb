package wovenset.core.edit.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static wovenset.core.edit.apply.Refusals.checkRefused;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wovenset.core.arrange.space.Heads;
import wovenset.core.arrangement.ByHand;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.WordsEdit;
import wovenset.core.item.Frame;
import wovenset.core.item.Placement;
import wovenset.core.measure.Length;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.testing.Pieces;

class PrintEditsTest {
    /** A page of 300 × 200 mm with a margin of 10 mm, and photos that wait. */
    private static Piece gathered(int photos) {
        return applied(
                piece(grid(2, 2, 10, 5), 1),
                new EntryEdit.AddPhotos(
                        IntStream.rangeClosed(1, photos).mapToObj(Pieces::photo).toList()));
    }

    private static PageEdit.PrintWish wish(Piece piece, int photo, double width, double height, int copies) {
        return new PageEdit.PrintWish(entry(piece, photo), mm(width), mm(height), copies);
    }

    private static Edit lay(Piece piece, PageEdit.PrintWish... prints) {
        return new PageEdit.LayPrints(first(piece).id(), List.of(prints), mm(4));
    }

    private static List<Length> longSides(Page page) {
        return page.frames().stream()
                .map(frame -> ((Placement.Free) frame.placement()).box())
                .map(box -> box.width().compareTo(box.height()) > 0 ? box.width() : box.height())
                .toList();
    }

    @Test
    void printsOfSeveralSizesShareASheet() {
        Piece before = gathered(3);
        Piece after = applied(
                before,
                lay(before, wish(before, 1, 130, 90, 2), wish(before, 2, 90, 60, 1), wish(before, 3, 50, 50, 1)));
        assertThat(after.pages()).hasSize(1);
        assertThat(first(after).arrangement()).isInstanceOf(ByHand.class);
        assertThat(first(after).frames()).hasSize(4).noneMatch(Frame::isEmpty);
        assertThat(first(after).frames())
                .allMatch(frame -> after.wordsOf(first(after), frame).isEmpty());
        assertThat(longSides(first(after))).containsExactlyInAnyOrder(mm(130), mm(130), mm(90), mm(50));
    }

    @Test
    void moreComeWhereThereIsRoomAndThenOnNewSheets() {
        Piece before = gathered(2);
        Piece some = applied(before, lay(before, wish(before, 1, 100, 80, 3)));
        List<Frame> kept = first(some).frames();
        Piece more = applied(some, lay(some, wish(some, 2, 100, 80, 3)));
        assertThat(first(more).frames()).startsWith(kept.toArray(Frame[]::new)).hasSize(4);
        assertThat(more.pages()).hasSize(2);
        assertThat(more.pages().get(1).frames()).hasSize(2);
        assertThat(more.pages().get(1).arrangement().margins())
                .isEqualTo(first(before).arrangement().margins());
    }

    @Test
    void wordsAcrossASheetKeepTheirRoom() {
        Piece gathered = gathered(1);
        Piece sheet = applied(gathered, lay(gathered, wish(gathered, 1, 40, 30, 1)));
        Piece titled = applied(
                applied(sheet, new ItemEdit.RemoveItems(first(sheet).id(), Pieces.frames(sheet))),
                new WordsEdit.AddWords(first(sheet).id(), WordsEdit.WordsPlace.TOP, Optional.of("Kites to cut")));
        Piece after = applied(titled, lay(titled, wish(titled, 1, 40, 30, 1)));
        double below = Heads.of(after, first(after), first(after).arrangement().margins())
                .margins()
                .top()
                .mm();
        assertThat(below).isGreaterThan(12);
        assertThat(first(after).frames())
                .filteredOn(frame -> frame.placement() instanceof Placement.Free)
                .singleElement()
                .satisfies(frame -> assertThat(((Placement.Free) frame.placement())
                                .box()
                                .mm()
                                .turned(((Placement.Free) frame.placement()).turnDegrees())
                                .y())
                        .isGreaterThanOrEqualTo(below));
    }

    /** What somebody has arranged is not touched. */
    @Test
    void anArrangedPageIsNoSheet() {
        Piece before = placed(piece(grid(1, 3, 10, 5), 1), 1, 2, 3);
        Piece after = applied(before, lay(before, wish(before, 1, 50, 50, 1)));
        assertThat(first(after)).isEqualTo(first(before));
        assertThat(after.pages()).hasSize(2);
    }

    @Test
    void aPrintIsWideOrUprightAsItsPhotoIs() {
        Piece before = gathered(1);
        Piece wide = applied(before, lay(before, wish(before, 1, 130, 90, 1)));
        Piece upright = applied(before, lay(before, wish(before, 1, 90, 130, 1)));
        assertThat(((Placement.Free) first(upright).frames().get(0).placement()).box())
                .isEqualTo(((Placement.Free) first(wide).frames().get(0).placement()).box());
    }

    @Test
    void whatHasNoRoomOrIsTooMuchIsRefused() {
        Piece piece = gathered(2);
        checkRefused(
                piece,
                lay(piece, wish(piece, 1, 290, 190, 1)),
                "width",
                Reason.PRINT_TOO_LARGE,
                piece.format().say(mm(280)),
                piece.format().say(mm(180)));
        checkRefused(piece, lay(piece, wish(piece, 1, 1, 90, 1)), "width", Reason.FRAME_SIZE);
        checkRefused(piece, lay(piece, wish(piece, 1, 90, 60, 100)), "copies", Reason.COPIES, 99);
        checkRefused(piece, lay(piece), "photos", Reason.NOTHING_WAITS);
        checkRefused(
                piece,
                new PageEdit.LayPrints(first(piece).id(), List.of(wish(piece, 1, 90, 60, 1)), mm(-1)),
                "gap",
                Reason.GAP_NEGATIVE);
        checkRefused(
                piece,
                new PageEdit.LayPrints(
                        first(piece).id(), List.of(new PageEdit.PrintWish(new UUID(0, 1), mm(9), mm(9), 1)), mm(4)),
                "entryId",
                Reason.ENTRY_GONE);
    }
}
