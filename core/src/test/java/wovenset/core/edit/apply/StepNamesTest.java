package wovenset.core.edit.apply;

import static org.assertj.core.api.Assertions.assertThat;
import static wovenset.core.edit.apply.Refusals.checkRefused;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.facts;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.frame;
import static wovenset.core.testing.Pieces.free;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.move;
import static wovenset.core.testing.Pieces.patch;
import static wovenset.core.testing.Pieces.photo;
import static wovenset.core.testing.Pieces.row;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.ItemChange;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.PageEdit;
import wovenset.core.geometry.Box;
import wovenset.core.item.Crop;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Item;
import wovenset.core.item.Items;
import wovenset.core.item.Placement;
import wovenset.core.photo.Region;
import wovenset.core.piece.Guide;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.SharedPicture;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;
import wovenset.core.said.Said;

/** What undo will say, and where the bounds of edits lie. */
class StepNamesTest {
    private static void checkName(Piece piece, Edit edit, Doing doing, Object... args) {
        assertThat(new Edits(facts(), UUID::randomUUID).apply(piece, edit).name())
                .as(edit.toString())
                .isEqualTo(Said.of(doing, args));
    }

    @Test
    void aMoveIsNamedByWhatItDoesMost() {
        Piece arranged = row(3);
        UUID one = frame(arranged, 0);
        checkName(arranged, move(arranged, one, free(20, 20, 60, 60)), Doing.TAKE_OUT, 1);
        Piece loose =
                applied(arranged, new ArrangeEdit.ReleasePage(first(arranged).id()));
        Piece placed = applied(loose, move(loose, one, free(20, 20, 60, 60)));
        checkName(placed, move(placed, one, free(25, 20, 60, 60)), Doing.MOVE, 1);
        checkName(placed, move(placed, one, free(20, 20, 61, 60)), Doing.SIZE, 1);
        checkName(placed, move(placed, one, free(20, 20, 60, 61)), Doing.SIZE, 1);
        checkName(placed, move(placed, one, free(20, 20, 60, 61, 5)), Doing.TURN, 1);
        checkName(placed, move(placed, one, free(20, 20, 60, 60, 5)), Doing.TURN, 1);
        Edit both = new ItemEdit.MoveItems(
                first(placed).id(),
                List.of(
                        new ItemEdit.ItemMove(one, free(20, 20, 60, 60, 5)),
                        new ItemEdit.ItemMove(frame(placed, 1), free(120, 20, 60, 70))));
        checkName(placed, both, Doing.TURN, 2);
    }

    @Test
    void switchesAreNamedByTheSideTheyAreTurnedTo() {
        Piece piece = row(2);
        UUID one = frame(piece, 0);
        checkName(piece, patch(piece, new ItemChange.SetHidden(true), one), Doing.HIDE, 1);
        checkName(piece, patch(piece, new ItemChange.SetHidden(false), one), Doing.UNHIDE, 1);
        checkName(piece, patch(piece, new ItemChange.SetLocked(true), one), Doing.LOCK, 1);
        checkName(piece, patch(piece, new ItemChange.SetLocked(false), one), Doing.UNLOCK, 1);
        checkName(piece, patch(piece, new ItemChange.SetPinned(true), one), Doing.PIN, 1);
        checkName(piece, patch(piece, new ItemChange.SetPinned(false), one), Doing.UNPIN, 1);
        UUID entry = entry(piece, 1);
        checkName(piece, new EntryEdit.ShowSubject(entry, Optional.of(new Region(0, 0, 1, 1))), Doing.SHOW_SUBJECT);
        checkName(piece, new EntryEdit.ShowSubject(entry, Optional.empty()), Doing.FIND_SUBJECT);
        checkName(piece, new EntryEdit.AddPhotos(List.of(photo(2), photo(7), photo(8))), Doing.BRING_IN, 2);
        checkName(piece, new EntryEdit.RemoveEntries(List.of(entry)), Doing.TAKE_OUT_PHOTOS, 1);
    }

    @Test
    void guidesAreNamedByTheirNumber() {
        Piece piece = row(1);
        UUID page = first(piece).id();
        Guide guide = new Guide(Guide.Direction.LEVEL, mm(20));
        Piece guided = applied(piece, new PageEdit.SetGuides(page, List.of(guide)));
        checkName(piece, new PageEdit.SetGuides(page, List.of(guide)), Doing.ADD_GUIDE);
        checkName(guided, new PageEdit.SetGuides(page, List.of()), Doing.REMOVE_GUIDE);
        checkName(
                guided,
                new PageEdit.SetGuides(page, List.of(new Guide(Guide.Direction.LEVEL, mm(25)))),
                Doing.MOVE_GUIDE);
    }

    @Test
    void whatIsAddedIsNamedAndCounted() {
        Piece piece = row(1);
        UUID style = piece.styles().usual().id();
        Frame empty = Frame.empty(UUID.randomUUID(), free(20, 20, 40, 40), style);
        UUID page = first(piece).id();
        checkName(piece, new ItemEdit.AddItems(page, List.of(empty), List.of()), Doing.DRAW);
        Frame other = Frame.empty(UUID.randomUUID(), free(70, 20, 40, 40), UUID.randomUUID());
        checkName(piece, new ItemEdit.AddItems(page, List.of(empty, other), List.of()), Doing.ADD, 2);
        Frame shown = empty.withFill(new Fill.OwnPhoto(entry(piece, 1), Crop.CENTRED));
        checkName(piece, new ItemEdit.AddItems(page, List.of(shown), List.of()), Doing.ADD, 1);
        Piece added = applied(piece, new ItemEdit.AddItems(page, List.of(shown, other), List.of()));
        assertThat(added.entries()).as("nothing is gathered that was there").isSameAs(piece.entries());
        assertThat(first(added).frames().get(1).fill()).isEqualTo(shown.fill());
        assertThat(first(added).frames().get(2).style().style())
                .as("a style from elsewhere is the usual one here")
                .isEqualTo(style);
        checkRefused(piece, new ItemEdit.AddItems(page, List.of(), List.of()), "items", Reason.NOTHING_TO_ADD);
        checkRefused(
                piece, new ItemEdit.AddItems(page, List.of(empty.inSlot(0)), List.of()), "items", Reason.PLACE_NEEDED);
        Frame strange = empty.withFill(new Fill.OwnPhoto(UUID.randomUUID(), Crop.CENTRED));
        checkRefused(piece, new ItemEdit.AddItems(page, List.of(strange), List.of()), "items", Reason.ENTRY_GONE);
    }

    @Test
    void aPageHoldsSoManyFramesAndAPieceSoManyPages() {
        Piece piece = row(1);
        UUID style = piece.styles().usual().id();
        UUID page = first(piece).id();
        List<Item> many = new ArrayList<>();
        for (int i = 1; i < Page.MOST_FRAMES; i++) {
            many.add(Frame.empty(UUID.randomUUID(), free(20, 20, 40, 40), style));
        }
        Piece full = applied(piece, new ItemEdit.AddItems(page, many, List.of()));
        Edit oneMore = new ItemEdit.AddItems(page, many.subList(0, 1), List.of());
        checkRefused(full, oneMore, "items", Reason.FRAME_COUNT, Page.MOST_FRAMES);
        Page first = first(piece);
        List<Page> pages = new ArrayList<>();
        for (int i = 0; i < Piece.MOST_PAGES - 1; i++) {
            pages.add(new Page(
                    UUID.randomUUID(),
                    first.ground(),
                    first.arrangement(),
                    Items.renamed(first.items(), UUID::randomUUID),
                    List.of(),
                    List.of()));
        }
        Piece almost = piece.withPages(pages);
        Edit add = new PageEdit.AddPage(pages.get(0).id());
        Piece all = applied(almost, add);
        assertThat(all.pages()).hasSize(Piece.MOST_PAGES);
        checkRefused(all, add, "pages", Reason.TOO_MANY_PAGES, Piece.MOST_PAGES);
    }

    @Test
    void aFrameMustBeSeenOnTheSheet() {
        Piece loose = applied(row(1), new ArrangeEdit.ReleasePage(first(row(1)).id()));
        UUID one = frame(loose, 0);
        // The sheet is 300 × 200 mm with 3 mm of bleed, and 1 mm of the frame must lie on it.
        for (Placement.Free seen :
                List.of(free(-22, 10, 20, 20), free(302, 10, 20, 20), free(10, -22, 20, 20), free(10, 202, 20, 20))) {
            assertThat(first(applied(loose, move(loose, one, seen)))
                            .frames()
                            .get(0)
                            .placement())
                    .isEqualTo(seen);
        }
        for (Placement.Free lost : List.of(
                free(-22.1, 10, 20, 20), free(302.1, 10, 20, 20), free(10, -22.1, 20, 20), free(10, 202.1, 20, 20))) {
            checkRefused(loose, move(loose, one, lost), "to", Reason.OFF_THE_PAGE);
        }
    }

    @Test
    void aCopiedPageSharesNothingWithItsSource() {
        Piece piece = row(1);
        SharedPicture picture =
                new SharedPicture(UUID.randomUUID(), entry(piece, 1), new Box(mm(0), mm(0), mm(100), mm(80)));
        Page page = first(piece)
                .mapFrames(one -> one.withFill(new Fill.Through(picture.id())))
                .withPictures(List.of(picture));
        Piece shared = piece.mapPage(page.id(), old -> page);
        Page copy = applied(shared, new PageEdit.CopyPages(List.of(page.id())))
                .pages()
                .get(1);
        assertThat(copy.pictures()).hasSize(1);
        assertThat(copy.pictures().get(0).id()).isNotEqualTo(picture.id());
        assertThat(copy.frames().get(0).fill())
                .isEqualTo(new Fill.Through(copy.pictures().get(0).id()));
        assertThat(Collections.disjoint(
                        copy.frames().stream().map(Frame::id).toList(),
                        page.frames().stream().map(Frame::id).toList()))
                .isTrue();
    }

    @Test
    void whatIsNamedIsSaidToBeGone() {
        Piece piece = row(2);
        UUID page = first(piece).id();
        checkRefused(piece, new ArrangeEdit.EmptyFrame(page, UUID.randomUUID()), "frameId", Reason.FRAME_GONE);
        checkRefused(
                piece, patch(piece, new ItemChange.SetHidden(true), UUID.randomUUID()), "itemIds", Reason.FRAME_GONE);
        checkRefused(piece, patch(piece, new ItemChange.SetHidden(true)), "itemIds", Reason.SELECT_FIRST);
        Piece loose = applied(piece, new ArrangeEdit.ReleasePage(page));
        Piece locked = applied(loose, patch(loose, new ItemChange.SetLocked(true), frame(loose, 1)));
        checkRefused(locked, move(locked, frame(locked, 1), free(20, 20, 60, 60)), "itemIds", Reason.LOCKED, 2);
    }
}
