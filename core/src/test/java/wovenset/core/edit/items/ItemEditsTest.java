package wovenset.core.edit.items;

import static org.assertj.core.api.Assertions.assertThat;
import static wovenset.core.edit.apply.Refusals.checkRefused;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.crop;
import static wovenset.core.testing.Pieces.cut;
import static wovenset.core.testing.Pieces.entry;
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
import static wovenset.core.testing.Pieces.row;
import static wovenset.core.testing.Pieces.shown;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.free.Alignment;
import wovenset.core.arrange.order.Harmony;
import wovenset.core.arrange.space.PlacesOutcome;
import wovenset.core.arrangement.ByHand;
import wovenset.core.arrangement.Margins;
import wovenset.core.arrangement.Slicing;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.ItemChange;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.PieceEdit;
import wovenset.core.edit.StyleEdit;
import wovenset.core.edit.apply.Edits;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Frame;
import wovenset.core.item.Group;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;
import wovenset.core.said.Said;
import wovenset.core.testing.Pieces;

class ItemEditsTest {
    private static BoxMm place(Piece piece, UUID id) {
        PlacesOutcome.Fits fits = (PlacesOutcome.Fits) Places.of(piece, first(piece), Pieces.facts());
        return Objects.requireNonNull(fits.places().get(id)).box();
    }

    private static Edit giveBack(Piece piece, UUID... ids) {
        return new ArrangeEdit.GiveBackItems(first(piece).id(), List.of(ids));
    }

    private static Edit remove(Piece piece, UUID... ids) {
        return new ItemEdit.RemoveItems(first(piece).id(), List.of(ids));
    }

    @Test
    void aFrameTakenOutOfAGridLeavesItsCellEmptyAndComesBack() {
        Piece before = row(2);
        UUID taken = frame(before, 0);
        Outcome outcome =
                new Edits(Pieces.facts(), UUID::randomUUID).apply(before, move(before, taken, free(30, 40, 90, 60)));
        assertThat(outcome.name()).isEqualTo(Said.of(Doing.TAKE_OUT, 1));
        Piece out = outcome.piece();
        assertThat(place(out, taken)).isEqualTo(new BoxMm(30, 40, 90, 60));
        assertThat(first(out).slotted().get(0).isEmpty()).isTrue();
        Piece back = applied(out, giveBack(out, taken));
        assertThat(first(back).slotted().get(0).id()).isEqualTo(taken);
        Piece filled = applied(
                out,
                new ArrangeEdit.PlaceEntry(
                        first(out).id(), first(out).slotted().get(0).id(), entry(out, 2)));
        checkRefused(filled, giveBack(filled, taken), "itemIds", Reason.NO_EMPTY_CELL);
    }

    @Test
    void aFrameTakenOutOfACutPageGivesItsRoomToTheOthersAndComesBack() {
        Piece before = cut(row(3), "(p[pp])", false);
        UUID taken = frame(before, 0);
        Piece after = applied(before, move(before, taken, free(30, 40, 90, 60)));
        assertThat(((Slicing) first(after).arrangement()).tree()).hasToString("[pp]");
        assertThat(place(after, frame(before, 1)).width())
                .as("the margins are filled")
                .isEqualTo(280);
        assertThat(first(applied(after, giveBack(after, taken))).slotted()).hasSize(3);
        Piece none = applied(after, remove(after, frame(before, 1), frame(before, 2)));
        assertThat(first(none).arrangement()).isEqualTo(new ByHand(Margins.all(mm(10))));
        assertThat(frames(none)).containsExactly(taken);
        assertThat(first(applied(none, giveBack(none, taken))).slotted()).hasSize(1);
    }

    @Test
    void allReleasedFramesStayToTheMicrometre() {
        Piece before = cut(row(4), "(p[pp]p)", false);
        Piece free = applied(before, new ArrangeEdit.ReleasePage(first(before).id()));
        assertThat(first(free).slotted()).isEmpty();
        for (UUID frame : frames(before)) {
            BoxMm was = place(before, frame);
            BoxMm is = place(free, frame);
            assertThat(Math.abs(was.x() - is.x()) + Math.abs(was.y() - is.y()) + Math.abs(was.width() - is.width()))
                    .isLessThan(0.002);
        }
        Piece again = applied(free, new ArrangeEdit.Arrange(first(free).id(), grid(2, 3, 10, 5), frames(free)));
        assertThat(shown(again)).containsExactly(1, 2, 3, 4, 0, 0);
    }

    @Test
    void addedFramesLieInFrontWithNamesOfTheirOwnAndBringTheirEntriesFromOtherPieces() {
        Piece before = row(2);
        Piece other = row(3);
        Frame copied =
                first(other).frames().get(2).withCrop(crop(0.4, 0.5, 2, 5)).withPlacement(free(60, 5, 40, 30));
        Piece pasted = applied(
                before,
                new ItemEdit.AddItems(
                        first(before).id(), List.of(copied), other.entries().list()));
        assertThat(shown(pasted)).containsExactly(1, 2, 3);
        Frame last = first(pasted).frames().get(2);
        assertThat(last.id()).isNotEqualTo(copied.id());
        assertThat(last.crop()).isEqualTo(copied.crop());
        Frame far = Frame.empty(
                UUID.randomUUID(), free(400, 5, 40, 30), last.style().style());
        checkRefused(
                before, new ItemEdit.AddItems(first(before).id(), List.of(far), List.of()), "to", Reason.OFF_THE_PAGE);
        checkRefused(
                before,
                new ItemEdit.AddItems(first(before).id(), List.of(far.inSlot(0)), List.of()),
                "items",
                Reason.PLACE_NEEDED);
    }

    @Test
    void aLockedFrameIsNotMovedUntilItIsUnlocked() {
        Piece before = row(2);
        UUID one = frame(before, 0);
        Piece piece = applied(
                before, move(before, one, free(10, 10, 60, 40)), patch(before, new ItemChange.SetLocked(true), one));
        UUID page = first(piece).id();
        for (Edit edit : List.of(
                move(piece, one, free(20, 10, 60, 40)),
                remove(piece, one),
                new ItemEdit.SizeItems(page, List.of(one), Optional.of(mm(30)), Optional.empty()),
                new ItemEdit.LineUpItems(page, List.of(one), Alignment.Edge.RIGHT, ItemEdit.LineUpTo.PAGE))) {
            checkRefused(piece, edit, "itemIds", Reason.LOCKED);
        }
        Piece unlocked = applied(piece, patch(piece, new ItemChange.SetLocked(false), one));
        assertThat(frames(applied(unlocked, remove(unlocked, one)))).doesNotContain(one);
    }

    @Test
    void exactSizesAndLinesForMany() {
        Piece piece = row(3);
        UUID page = first(piece).id();
        List<UUID> ids = frames(piece);
        Piece lined = applied(
                piece,
                new ItemEdit.SizeItems(page, ids, Optional.of(mm(50)), Optional.of(mm(70))),
                new ItemEdit.LineUpItems(page, ids, Alignment.Edge.BOTTOM, ItemEdit.LineUpTo.MARGINS));
        assertThat(ids).allSatisfy(id -> {
            assertThat(place(lined, id).width()).isEqualTo(50);
            assertThat(place(lined, id).y()).isEqualTo(120);
        });
        Piece even =
                applied(lined, move(lined, ids.get(1), free(80, 20, 50, 70)), new ItemEdit.EvenGaps(page, ids, true));
        assertThat(place(even, ids.get(1)).centreX()).isEqualTo(150);
        checkRefused(
                piece,
                new ItemEdit.SizeItems(page, ids, Optional.of(mm(1)), Optional.empty()),
                "width",
                Reason.FRAME_SIDE);
        checkRefused(piece, new ItemEdit.EvenGaps(page, ids.subList(0, 2), true), "itemIds", Reason.GAPS_OF_THREE);
    }

    @Test
    void anyItemComesToTheFrontAlsoOneThatTheArrangementPlaces() {
        Piece piece = row(3);
        List<UUID> ids = frames(piece);
        List<UUID> turned = List.of(ids.get(2), ids.get(0), ids.get(1));
        Piece restacked = applied(piece, new ItemEdit.RestackItems(first(piece).id(), turned));
        assertThat(frames(restacked)).isEqualTo(turned);
        assertThat(place(restacked, ids.get(2))).isEqualTo(place(piece, ids.get(2)));
        checkRefused(
                piece,
                new ItemEdit.RestackItems(first(piece).id(), ids.subList(1, 3)),
                "itemIds",
                Reason.ORDER_OF_ITEMS);
    }

    @Test
    void groupsHoldFramesGroupsAndArrangedOnesAndComeApartAgain() {
        Piece piece = row(4);
        UUID page = first(piece).id();
        List<UUID> ids = frames(piece);
        Piece grouped = applied(piece, new ItemEdit.GroupItems(page, ids.subList(0, 2)));
        Piece nested = applied(grouped, new ItemEdit.GroupItems(page, ids.subList(1, 3)));
        Group outer = (Group) first(nested).items().get(0);
        assertThat(outer.children()).hasSize(2).first().isInstanceOf(Group.class);
        ids.forEach(id -> assertThat(place(nested, id)).isEqualTo(place(piece, id)));
        Piece apart = applied(
                nested,
                new ItemEdit.UngroupItems(page, List.of(ids.get(0))),
                new ItemEdit.UngroupItems(page, List.of(ids.get(0))));
        assertThat(first(apart)).isEqualTo(first(piece));
        Piece hidden = applied(nested, patch(nested, new ItemChange.SetHidden(true), outer.id()));
        assertThat(first(hidden).item(outer.id()).orElseThrow().look().hidden()).isTrue();
        checkRefused(piece, new ItemEdit.GroupItems(page, ids.subList(0, 1)), "itemIds", Reason.GROUP_TWO);
    }

    @Test
    void pinnedPhotosStayWhereTheyAreWhenOthersAreOrdered() {
        Piece piece = row(4);
        Edit run = new ArrangeEdit.Harmonise(first(piece).id(), Harmony.Mode.RUN, 1);
        assertThat(shown(applied(piece, run))).containsExactly(4, 3, 2, 1);
        Edit pin = patch(piece, new ItemChange.SetPinned(true), frame(piece, 0));
        assertThat(shown(applied(piece, pin, run))).containsExactly(1, 4, 3, 2);
        Piece all = applied(
                piece,
                patch(piece, new ItemChange.SetPinned(true), frames(piece).toArray(UUID[]::new)));
        checkRefused(all, run, "photos", Reason.NOTHING_TO_ORDER);
        Piece empty = piece(grid(1, 2, 10, 5), 1);
        checkRefused(
                empty,
                patch(empty, new ItemChange.SetPinned(true), frame(empty, 0)),
                "itemIds",
                Reason.SELECT_PHOTO_FIRST);
        checkRefused(
                piece, patch(piece, new ItemChange.SetHidden(true), UUID.randomUUID()), "itemIds", Reason.FRAME_GONE);
    }

    @Test
    void photosFlowIntoDrawnFramesAndAPageAfterThemHasNone() {
        Piece piece = row(2);
        UUID page = first(piece).id();
        Frame drawn = Frame.empty(
                UUID.randomUUID(), free(5, 5, 40, 30), piece.styles().usual().id());
        Piece filled = applied(
                piece,
                new ItemEdit.AddItems(page, List.of(drawn), List.of()),
                new EntryEdit.AddPhotos(List.of(photo(5))),
                new AlbumEdit.FlowEntries());
        assertThat(shown(filled)).containsExactly(1, 2, 5);
        Piece added = applied(filled, new PageEdit.AddPage(page));
        assertThat(Places.of(added, added.pages().get(1), Pieces.facts())).isInstanceOf(PlacesOutcome.Fits.class);
    }

    @Test
    void freeFramesGoAlongOntoAnotherPageAndBandsNeedRoomForAPhoto() {
        Piece free = applied(
                cut(row(4), "(p[pp]p)", false),
                new ArrangeEdit.ReleasePage(first(row(4)).id()));
        Piece square = applied(free, new PieceEdit.SetFormat(Pieces.format(200, 200)));
        frames(square).forEach(id -> {
            assertThat(place(square, id).x())
                    .isBetween(0.0, 200 - place(square, id).width());
        });
        Piece small = applied(row(1), move(row(1), frame(row(1), 0), free(30, 40, 12, 9)));
        checkRefused(
                small,
                new StyleEdit.SetFrameStyle(small.styles().usual().withBand(0, band -> band.withWidth(mm(5)))),
                "bandWidth",
                Reason.BAND_FILLS_FRAME);
    }
}
