package wovenset.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.photo;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wovenset.core.arrange.Alignment;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.PlacesOutcome;
import wovenset.core.geometry.BoxMm;
import wovenset.core.piece.Crop;
import wovenset.core.piece.Dress;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Free;
import wovenset.core.piece.Guide;
import wovenset.core.piece.Margins;
import wovenset.core.piece.Page;
import wovenset.core.piece.PhotoId;
import wovenset.core.piece.Piece;
import wovenset.core.piece.Scattered;
import wovenset.core.piece.Slicing;
import wovenset.core.piece.SlicingTree;
import wovenset.core.piece.Spot;
import wovenset.core.testing.Pieces;

class FreeFramesTest {
    private final Edits edits = new Edits(Pieces.facts(), UUID::randomUUID);

    private Outcome outcome(Piece piece, Edit edit) {
        return edits.apply(piece, edit);
    }

    private Piece apply(Piece piece, Edit... all) {
        Piece now = piece;
        for (Edit edit : all) {
            now = outcome(now, edit).piece();
        }
        return now;
    }

    private static Page page(Piece piece) {
        return piece.pages().get(0);
    }

    private static UUID id(Piece piece, int frame) {
        return page(piece).frames().get(frame).id();
    }

    private static Frame frame(Piece piece, UUID id) {
        return page(piece).frames().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static BoxMm place(Piece piece, UUID id) {
        PlacesOutcome.Fits fits = (PlacesOutcome.Fits) Places.of(piece, page(piece), Pieces.facts());
        return fits.places().get(page(piece).frames().indexOf(frame(piece, id))).cell();
    }

    private static Edit put(Piece piece, UUID frame, Spot spot) {
        return new Edit.PutFrames(page(piece).id(), List.of(new Edit.FrameSpot(frame, spot)));
    }

    private static Spot spot(double x, double y, double width, double height) {
        return Spot.of(mm(x), mm(y), mm(width), mm(height), 0);
    }

    private Piece cut(String tree, int photos) {
        Piece piece = placed(
                piece(grid(1, photos, 10, 5), 1),
                IntStream.rangeClosed(1, photos).mapToObj(Pieces::photo).toArray(PhotoId[]::new));
        return apply(
                piece,
                new Edit.Arrange(
                        page(piece).id(),
                        new Slicing(Margins.all(mm(10)), mm(4), false, SlicingTree.parse(tree)),
                        page(piece).frames().stream().map(Frame::id).toList()));
    }

    @Test
    void aFrameTakenOutOfAGridLeavesItsCellEmptyAndStaysWhereItWasPut() {
        Piece before = placed(piece(grid(2, 2, 10, 5), 1), photo(1), photo(2), photo(3));
        UUID taken = id(before, 1);
        Outcome outcome = outcome(before, put(before, taken, spot(30, 40, 90, 60)));
        Piece after = outcome.piece();
        assertThat(outcome.name()).isEqualTo("Take out a frame");
        assertThat(page(after).frames())
                .extracting(Frame::photo)
                .containsExactly(photo(1), null, photo(3), null, photo(2));
        assertThat(place(after, taken)).isEqualTo(new BoxMm(30, 40, 90, 60));
        Piece wider = apply(after, new Edit.SetGrid(page(after).id(), grid(2, 2, 30, 12)));
        assertThat(place(wider, taken)).as("margins and gaps are the grid's").isEqualTo(new BoxMm(30, 40, 90, 60));
        assertThat(place(wider, id(wider, 0))).isNotEqualTo(place(after, id(after, 0)));
    }

    @Test
    void aFrameTakenOutOfACutPageGivesItsRoomToTheOthersAndComesBack() {
        Piece before = cut("(p[pp])", 3);
        UUID taken = id(before, 0);
        Piece after = apply(before, put(before, taken, spot(30, 40, 90, 60)));
        assertThat(((Slicing) page(after).arrangement()).tree()).hasToString("[pp]");
        assertThat(place(after, id(after, 0)).width())
                .as("the margins are filled")
                .isEqualTo(280);
        Piece back = apply(after, new Edit.GiveBackFrames(page(after).id(), List.of(taken)));
        assertThat(page(back).governed()).hasSize(3);
        assertThat(frame(back, taken)).isEqualTo(frame(before, taken));
        Piece none = apply(
                after,
                new Edit.RemoveFrames(
                        page(after).id(),
                        page(after).governed().stream().map(Frame::id).toList()));
        assertThat(page(none).arrangement()).isEqualTo(new Free(Margins.all(mm(10))));
        assertThat(page(none).frames()).extracting(Frame::id).containsExactly(taken);
        assertThat(page(apply(none, new Edit.GiveBackFrames(page(none).id(), List.of(taken))))
                        .governed())
                .hasSize(1);
    }

    @Test
    void aFullGridSaysThatItHasNoCellToGiveBack() {
        Piece before = placed(piece(grid(1, 2, 10, 5), 1), photo(1), photo(2));
        UUID taken = id(before, 0);
        Piece out = apply(before, put(before, taken, spot(30, 40, 90, 60)));
        Piece filled = apply(out, new Edit.PlacePhoto(page(out).id(), id(out, 0), photo(3)));
        assertThatThrownBy(
                        () -> apply(filled, new Edit.GiveBackFrames(page(filled).id(), List.of(taken))))
                .hasMessageContaining("no empty cell");
        Piece back = apply(out, new Edit.GiveBackFrames(page(out).id(), List.of(taken)));
        assertThat(page(back).frames()).extracting(Frame::photo).containsExactly(photo(1), photo(2));
    }

    @Test
    void allReleasedFramesStayToTheMicrometreAndCanBeArrangedAgain() {
        Piece before = cut("(p[pp]p)", 4);
        Piece free = apply(before, new Edit.ReleasePage(page(before).id()));
        page(before).frames().forEach(frame -> {
            BoxMm was = place(before, frame.id());
            BoxMm is = place(free, frame.id());
            assertThat(Math.abs(was.x() - is.x()) + Math.abs(was.y() - is.y()) + Math.abs(was.width() - is.width()))
                    .isLessThan(0.002);
        });
        Piece square = apply(free, new Edit.SetFormat(Pieces.format(200, 200)));
        assertThat(page(square).frames())
                .allSatisfy(frame -> assertThat(frame.spot().x().mm())
                        .isBetween(0.0, 200 - frame.spot().width().mm()));
        Piece again = apply(
                free,
                new Edit.Arrange(
                        page(free).id(),
                        grid(2, 3, 10, 5),
                        page(free).frames().stream().map(Frame::id).toList()));
        assertThat(page(again).governed()).hasSize(6);
        assertThat(page(again).frames())
                .extracting(Frame::photo)
                .containsExactly(photo(1), photo(2), photo(3), photo(4), null, null);
    }

    @Test
    void drawnAndPastedFramesLieInFrontWithIdentifiersOfTheirOwn() {
        Piece before = placed(piece(grid(1, 2, 10, 5), 1), photo(1), photo(2));
        Piece drawn = apply(
                before,
                new Edit.AddFrames(
                        page(before).id(),
                        List.of(Frame.empty(UUID.randomUUID()).withSpot(spot(5, 5, 40, 30)))));
        Frame copied = frame(before, id(before, 0))
                .withCrop(Pieces.crop(0.4, 0.5, 2, 5))
                .withSpot(new Spot(mm(60), mm(5), mm(40), mm(30), 12, true, 4));
        Piece pasted = apply(drawn, new Edit.AddFrames(page(drawn).id(), List.of(copied)));
        Frame last = page(pasted).frames().get(3);
        assertThat(last).isEqualTo(copied.withId(last.id()));
        assertThat(last.id()).isNotEqualTo(copied.id());
        Piece filled = apply(pasted, new Edit.AddPhotos(List.of(photo(5))), new Edit.FlowPhotos());
        assertThat(page(filled).frames().get(2).photo())
                .as("photos flow into drawn frames, too")
                .isEqualTo(photo(5));
        assertThat(Places.of(
                        filled, page(apply(filled, new Edit.AddPage(page(filled).id()))), Pieces.facts()))
                .isInstanceOf(PlacesOutcome.Fits.class);
        assertThatThrownBy(() -> apply(
                        drawn,
                        new Edit.AddFrames(
                                page(drawn).id(),
                                List.of(Frame.empty(UUID.randomUUID()).withSpot(spot(400, 5, 40, 30))))))
                .hasMessageContaining("lie on the page");
        assertThatThrownBy(() ->
                        apply(drawn, new Edit.AddFrames(page(drawn).id(), List.of(Frame.empty(UUID.randomUUID())))))
                .hasMessageContaining("needs a place");
    }

    @Test
    void aLockedFrameIsNotMovedUntilItIsUnlocked() {
        Piece before = placed(piece(grid(1, 2, 10, 5), 1), photo(1), photo(2));
        UUID one = id(before, 0);
        Spot locked = new Spot(mm(10), mm(10), mm(60), mm(40), 0, true, 0);
        Piece piece = apply(before, put(before, one, locked));
        List<UUID> ids = List.of(one);
        UUID page = page(piece).id();
        for (Edit edit : List.of(
                put(piece, one, locked.at(mm(20), mm(10))),
                new Edit.RemoveFrames(page, ids),
                new Edit.SizeFrames(page, ids, mm(30), null),
                new Edit.LineUpFrames(page, ids, Alignment.Edge.RIGHT, Edit.LineUpTo.PAGE))) {
            assertThatThrownBy(() -> apply(piece, edit)).hasMessageContaining("is locked");
        }
        Outcome unlocked = outcome(piece, put(piece, one, spot(10, 10, 60, 40)));
        assertThat(unlocked.name()).isEqualTo("Unlock a frame");
        assertThat(page(apply(unlocked.piece(), new Edit.RemoveFrames(page, ids)))
                        .frames())
                .extracting(Frame::id)
                .doesNotContain(one);
    }

    @Test
    void exactSizesAndLinesForMany() {
        Piece piece = placed(piece(grid(1, 3, 10, 5), 1), photo(1), photo(2), photo(3));
        UUID page = page(piece).id();
        List<UUID> ids = page(piece).frames().stream().map(Frame::id).toList();
        Piece sized = apply(piece, new Edit.SizeFrames(page, ids, mm(50), mm(70)));
        assertThat(ids).allSatisfy(one -> assertThat(frame(sized, one).spot())
                .extracting(Spot::width, Spot::height)
                .containsExactly(mm(50), mm(70)));
        Piece lined = apply(sized, new Edit.LineUpFrames(page, ids, Alignment.Edge.BOTTOM, Edit.LineUpTo.MARGINS));
        assertThat(ids)
                .allSatisfy(one -> assertThat(frame(lined, one).spot().y()).isEqualTo(mm(120)));
        Piece moved = apply(
                lined,
                put(lined, ids.get(1), frame(lined, ids.get(1)).spot().at(mm(80), mm(20))),
                new Edit.EvenGaps(page, ids, true));
        assertThat(place(moved, ids.get(1)).centreX()).isEqualTo(150);
        assertThatThrownBy(() -> apply(piece, new Edit.SizeFrames(page, ids, mm(1), null)))
                .hasMessageContaining("A frame is 2");
        assertThatThrownBy(() -> apply(piece, new Edit.EvenGaps(page, ids.subList(0, 2), true)))
                .hasMessageContaining("three frames");
        assertThatThrownBy(() -> apply(piece, new Edit.EvenGaps(page, List.of(), true)))
                .hasMessageContaining("three frames");
    }

    @Test
    void theOrderFromBackToFrontNeverSwapsWhatTheArrangementPlaces() {
        Piece piece = placed(piece(grid(1, 3, 10, 5), 1), photo(1), photo(2), photo(3));
        UUID taken = id(piece, 0);
        Piece out = apply(piece, put(piece, taken, spot(30, 40, 90, 60)));
        List<UUID> ids = page(out).frames().stream().map(Frame::id).toList();
        Piece ordered = apply(
                out, new Edit.OrderFrames(page(out).id(), List.of(ids.get(3), ids.get(2), ids.get(1), ids.get(0))));
        assertThat(page(ordered).frames()).extracting(Frame::photo).containsExactly(photo(1), null, photo(2), photo(3));
        assertThatThrownBy(() -> apply(out, new Edit.OrderFrames(page(out).id(), ids.subList(1, 4))))
                .hasMessageContaining("each frame of the page once");
    }

    @Test
    void aBorderThatLeavesAFreeFrameNoRoomIsRefused() {
        Piece piece = placed(piece(grid(1, 1, 10, 5), 1), photo(1));
        Piece small = apply(piece, put(piece, id(piece, 0), spot(30, 40, 12, 9)));
        Dress plain = small.dress();
        Dress thick =
                new Dress(plain.pageColour(), plain.borderColour(), mm(5), plain.cornerRadius(), plain.captions());
        assertThatThrownBy(() -> apply(small, new Edit.SetDress(thick)))
                .hasMessageContaining("no room for a photo inside this border");
    }

    @Test
    void aPrintTakenOutOfScatteredOnesLeavesTheOthersWhereTheyLie() {
        Piece piece = placed(piece(grid(1, 6, 10, 5), 1), photo(1), photo(2), photo(3), photo(4), photo(5), photo(6));
        List<UUID> ids = page(piece).frames().stream().map(Frame::id).toList();
        UUID page = page(piece).id();
        Piece strewn = apply(piece, new Edit.Arrange(page, Scattered.of(Margins.all(mm(10)), 6, 3, 1, 8, 0.2), ids));
        Piece out = apply(
                strewn, put(strewn, ids.get(2), spot(20, 20, 40, 30)), put(strewn, ids.get(4), spot(90, 20, 40, 30)));
        assertThat(((Scattered) page(out).arrangement()).prints()).isEqualTo(4);
        for (int still : new int[] {0, 1, 3, 5}) {
            assertThat(place(out, ids.get(still))).isEqualTo(place(strewn, ids.get(still)));
        }
        Piece gone = apply(out, new Edit.RemoveFrames(page, ids.subList(0, 1)));
        assertThat(place(gone, ids.get(5))).isEqualTo(place(strewn, ids.get(5)));
        Piece back = apply(
                out,
                new Edit.GiveBackFrames(page, List.of(ids.get(4))),
                new Edit.GiveBackFrames(page, List.of(ids.get(2))));
        for (UUID id : ids) {
            assertThat(place(back, id))
                    .as("back in its own place, for the photos differ")
                    .isEqualTo(place(strewn, id));
        }
        assertThat(page(back).arrangement()).isEqualTo(page(strewn).arrangement());
        assertThat(place(apply(out, new Edit.SetFormat(Pieces.format(200, 200))), ids.get(0)))
                .as("still governed")
                .isNotEqualTo(place(out, ids.get(0)));
    }

    @Test
    void everyKindHasARuleAndAName() {
        Piece piece = placed(piece(grid(1, 3, 10, 5), 1), photo(1), photo(2), photo(3));
        UUID page = page(piece).id();
        List<UUID> ids = page(piece).frames().stream().map(Frame::id).toList();
        List<Edit> all = List.of(
                put(piece, ids.get(0), spot(1, 1, 50, 50)),
                new Edit.ReleasePage(page),
                new Edit.RemoveFrames(page, ids),
                new Edit.AddFrames(
                        page, List.of(new Frame(ids.get(0), null, Crop.CENTRED, "", null, spot(1, 1, 9, 9), null))),
                new Edit.GiveBackFrames(page, ids),
                new Edit.OrderFrames(page, ids),
                new Edit.EvenGaps(page, ids, false),
                new Edit.LineUpFrames(page, ids, Alignment.Edge.TOP, Edit.LineUpTo.EACH_OTHER),
                new Edit.SizeFrames(page, ids, null, mm(40)),
                new Edit.PinPhotos(page, ids, true),
                new Edit.BorderFrames(page, ids, piece.dress().border()),
                new Edit.SetGuides(page, List.of(new Guide(Guide.Direction.UPRIGHT, mm(50)))));
        assertThat(all)
                .extracting(Object::getClass)
                .map(Class::getSimpleName)
                .containsExactlyInAnyOrder(java.util.Arrays.stream(Edit.OfFrames.class.getPermittedSubclasses())
                        .map(Class::getSimpleName)
                        .toArray(String[]::new));
        assertThat(all)
                .allSatisfy(edit -> assertThat(outcome(piece, edit).name()).isNotBlank());
    }
}
