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
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import wovenset.core.arrange.Patterns;
import wovenset.core.measure.Length;
import wovenset.core.piece.Crop;
import wovenset.core.piece.Dress;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Grid;
import wovenset.core.piece.Margins;
import wovenset.core.piece.Marks;
import wovenset.core.piece.Page;
import wovenset.core.piece.PhotoId;
import wovenset.core.piece.Piece;
import wovenset.core.piece.Region;
import wovenset.core.piece.Slicing;
import wovenset.core.piece.SlicingTree;
import wovenset.core.piece.Subject;
import wovenset.core.testing.Pieces;

class EditsTest {
    private final Supplier<UUID> ids = () -> UUID.randomUUID();
    private final Edits edits = new Edits(Pieces.facts(), ids);

    private Piece apply(Piece piece, Edit edit) {
        return edits.apply(piece, edit).piece();
    }

    private void checkRefused(Piece piece, Edit edit, String field, String reason) {
        assertThatThrownBy(() -> edits.apply(piece, edit)).isInstanceOfSatisfying(EditRefusedException.class, e -> {
            assertThat(e.field()).isEqualTo(field);
            assertThat(e.getMessage().replace('\u2009', ' ')).contains(reason);
        });
    }

    private static Page first(Piece piece) {
        return piece.pages().get(0);
    }

    private static List<@Nullable PhotoId> shown(Piece piece) {
        return piece.pages().stream()
                .flatMap(page -> page.frames().stream())
                .map(Frame::photo)
                .toList();
    }

    @Test
    void placingAPhotoGathersItAndBringsItsWords() {
        Piece before = piece(grid(1, 2, 10, 5), 1);
        Outcome outcome = edits.apply(
                before,
                new Edit.PlacePhoto(
                        first(before).id(), first(before).frames().get(1).id(), photo(7)));
        assertThat(shown(outcome.piece())).containsExactly(null, photo(7));
        assertThat(outcome.piece().photos()).containsExactly(photo(7));
        assertThat(first(outcome.piece()).frames().get(1).caption()).isEqualTo("words of 7");
        assertThat(outcome.name()).isEqualTo("Place a photo");
        assertThat(shown(before)).as("the piece before is not touched").containsOnlyNulls();
    }

    @Test
    void placingAnotherPhotoCentresItAndKeepsTheFrame() {
        Piece one = placed(piece(grid(1, 1, 10, 5), 1), photo(1));
        Frame frame = first(one).frames().get(0);
        Piece cropped = apply(one, new Edit.SetCrop(first(one).id(), frame.id(), Pieces.crop(0.2, 0.3, 2, 5)));
        Piece replaced = apply(cropped, new Edit.PlacePhoto(first(one).id(), frame.id(), photo(2)));
        assertThat(first(replaced).frames().get(0))
                .isEqualTo(new Frame(frame.id(), photo(2), Crop.CENTRED, "words of 2", null, null, null));
        assertThat(replaced.photos()).containsExactly(photo(1), photo(2));
    }

    @Test
    void swappingTakesCropAndWordsAlongAndIsItsOwnInverse() {
        Piece before = placed(piece(grid(1, 2, 10, 5), 1), photo(1), photo(2));
        Page page = first(before);
        UUID a = page.frames().get(0).id();
        UUID b = page.frames().get(1).id();
        Piece cropped = apply(before, new Edit.SetCrop(page.id(), a, Pieces.crop(0.4, 0.5, 3, 10)));
        Piece swapped = apply(cropped, new Edit.SwapFrames(page.id(), a, page.id(), b));
        assertThat(shown(swapped)).containsExactly(photo(2), photo(1));
        assertThat(first(swapped).frames().get(1).crop()).isEqualTo(Pieces.crop(0.4, 0.5, 3, 10));
        assertThat(first(swapped).frames().get(1).caption()).isEqualTo("words of 1");
        assertThat(apply(swapped, new Edit.SwapFrames(page.id(), b, page.id(), a)))
                .isEqualTo(cropped);
    }

    @Test
    void swapsBetweenPages() {
        Piece before = placed(piece(grid(1, 1, 10, 5), 2), photo(1));
        Page other = before.pages().get(1);
        Piece swapped = apply(
                before,
                new Edit.SwapFrames(
                        first(before).id(),
                        first(before).frames().get(0).id(),
                        other.id(),
                        other.frames().get(0).id()));
        assertThat(shown(swapped)).containsExactly(null, photo(1));
    }

    @Test
    void photosFlowInReadingOrderIntoEmptyFramesAndOntoNewPages() {
        Piece before = placed(piece(grid(2, 2, 10, 5), 1), photo(9));
        List<PhotoId> many = IntStream.range(0, 6).mapToObj(Pieces::photo).toList();
        Piece gathered = apply(before, new Edit.AddPhotos(many));
        Piece flowed = apply(gathered, new Edit.FlowPhotos());
        assertThat(shown(flowed))
                .containsExactly(photo(9), photo(0), photo(1), photo(2), photo(3), photo(4), photo(5), null);
        assertThat(flowed.pages()).hasSize(2);
        assertThat(flowed.pages().get(1).arrangement()).isEqualTo(first(before).arrangement());
        assertThat(apply(flowed, new Edit.FlowPhotos()))
                .as("flowing again places nothing twice")
                .isEqualTo(flowed);
    }

    @Test
    void theSamePhotoTwiceIsOnePhoto() {
        Piece piece = apply(piece(grid(1, 1, 10, 5), 1), new Edit.AddPhotos(List.of(photo(1), photo(2), photo(1))));
        assertThat(apply(piece, new Edit.AddPhotos(List.of(photo(2)))).photos()).containsExactly(photo(1), photo(2));
    }

    @Test
    void takingAPhotoOutEmptiesItsFrames() {
        Piece before = placed(piece(grid(1, 3, 10, 5), 1), photo(1), photo(2), photo(1));
        Piece after = apply(before, new Edit.RemovePhotos(List.of(photo(1))));
        assertThat(shown(after)).containsExactly(null, photo(2), null);
        assertThat(after.photos()).containsExactly(photo(2));
    }

    @Test
    void anOrderNamesEachPhotoOnce() {
        Piece piece = apply(piece(grid(1, 1, 10, 5), 1), new Edit.AddPhotos(List.of(photo(1), photo(2))));
        assertThat(apply(piece, new Edit.OrderPhotos(List.of(photo(2), photo(1))))
                        .photos())
                .containsExactly(photo(2), photo(1));
        checkRefused(piece, new Edit.OrderPhotos(List.of(photo(2))), "photos", "each photo of the piece once");
        checkRefused(
                piece, new Edit.OrderPhotos(List.of(photo(2), photo(2))), "photos", "each photo of the piece once");
    }

    @Test
    void fewerCellsDropEmptyFramesFirstAndKeepThePhotosInOrder() {
        Piece before = placed(piece(grid(2, 3, 10, 5), 1), photo(1), photo(2), photo(3));
        Page page = first(before);
        Piece gap = apply(
                before, new Edit.EmptyFrame(page.id(), page.frames().get(1).id()));
        Piece smaller = apply(gap, new Edit.SetGrid(page.id(), grid(1, 2, 10, 5)));
        assertThat(shown(smaller)).containsExactly(photo(1), photo(3));
        Piece one = apply(smaller, new Edit.SetGrid(page.id(), grid(1, 1, 10, 5)));
        assertThat(shown(one)).containsExactly(photo(1));
        assertThat(one.photos())
                .as("what has no cell waits in the drawer")
                .containsExactly(photo(1), photo(2), photo(3));
    }

    @Test
    void aGridForEveryPage() {
        Piece changed = apply(piece(grid(1, 1, 10, 5), 3), new Edit.SetGrid(null, grid(2, 2, 12, 4)));
        assertThat(changed.pages()).extracting(Page::arrangement).containsOnly(grid(2, 2, 12, 4));
        assertThat(changed.pages()).allSatisfy(page -> assertThat(page.frames()).hasSize(4));
    }

    @Test
    void sizesThePageFromItsCells() {
        Piece before = piece(grid(1, 1, 10, 5), 1);
        Grid cells = grid(4, 5, 25.4, 6.35).withCell(new Grid.CellSize(Length.ofInches(7), Length.ofInches(5)));
        Piece after = apply(before, new Edit.SizeFromCells(first(before).id(), cells));
        assertThat(after.format().width()).isEqualTo(Length.ofInches(38));
        assertThat(after.format().height()).isEqualTo(Length.ofInches(22.75));
        checkRefused(
                before, new Edit.SizeFromCells(first(before).id(), grid(1, 1, 10, 5)), "cell", "cell's size first");
    }

    @Test
    void sizesAndDressThatLeaveNoPictureAreRefused() {
        Piece piece = piece(grid(4, 4, 10, 5), 2);
        var format = piece.format();
        checkRefused(piece, new Edit.SetFormat(format.withSize(mm(2), mm(100))), "width", "5 mm to 5000 mm");
        checkRefused(piece, new Edit.SetFormat(format.withSize(mm(100), mm(6000))), "height", "5 mm to 5000 mm");
        checkRefused(
                piece,
                new Edit.SetFormat(format.withSize(mm(20), mm(100))),
                "margins",
                "Page 1: The margins take 20 mm");
        Dress dress = piece.dress();
        checkRefused(
                piece,
                new Edit.SetDress(new Dress(dress.pageColour(), dress.borderColour(), mm(25), mm(0), dress.captions())),
                "borderWidth",
                "leave no room");
        checkRefused(
                piece,
                new Edit.SetDress(new Dress(dress.pageColour(), dress.borderColour(), mm(-1), mm(0), dress.captions())),
                "borderWidth",
                "between nothing and 100 mm");
        checkRefused(
                piece,
                new Edit.SetDress(new Dress(
                        dress.pageColour(),
                        dress.borderColour(),
                        mm(0),
                        mm(0),
                        new wovenset.core.piece.CaptionStyle(
                                wovenset.core.piece.CaptionStyle.Show.BELOW,
                                "Alegreya",
                                144,
                                dress.borderColour(),
                                4))),
                "captions",
                "leave no room for the photo");
        checkRefused(
                piece,
                new Edit.SetDress(new Dress(
                        dress.pageColour(),
                        dress.borderColour(),
                        mm(0),
                        mm(0),
                        new wovenset.core.piece.CaptionStyle(
                                wovenset.core.piece.CaptionStyle.Show.BELOW, "Comic", 10, dress.borderColour(), 1))),
                "typeface",
                "Typefaces at hand: Alegreya");
    }

    @Test
    void pagesAreAddedCopiedMovedAndDeleted() {
        Piece before = placed(piece(grid(1, 2, 10, 5), 2), photo(1));
        UUID a = first(before).id();
        UUID b = before.pages().get(1).id();
        Piece added = apply(before, new Edit.AddPage(a));
        assertThat(added.pages()).hasSize(3).element(1).satisfies(page -> assertThat(page.frames())
                .allMatch(frame -> frame.photo() == null));
        Piece copied = apply(before, new Edit.CopyPage(a));
        assertThat(shown(copied)).containsExactly(photo(1), null, photo(1), null, null, null);
        assertThat(copied.pages())
                .flatExtracting(Page::frames)
                .extracting(Frame::id)
                .doesNotHaveDuplicates();
        assertThat(apply(before, new Edit.MovePage(b, 0)).pages())
                .extracting(Page::id)
                .containsExactly(b, a);
        assertThat(apply(before, new Edit.DeletePage(a)).pages())
                .extracting(Page::id)
                .containsExactly(b);
        checkRefused(before, new Edit.MovePage(b, 2), "index", "places 1 to 2");
        checkRefused(apply(before, new Edit.DeletePage(a)), new Edit.DeletePage(b), "pageId", "at least one page");
    }

    private static Grid gridOf(Page page) {
        return (Grid) page.arrangement();
    }

    private static Slicing slicing(String tree, double gapMm) {
        return new Slicing(Margins.all(mm(10)), mm(gapMm), true, SlicingTree.parse(tree));
    }

    @Test
    void anArrangementKeepsEachPhotosCropWordsAndMarksAndDropsEmptyFrames() {
        Piece piece = placed(piece(grid(2, 2, 10, 5), 1), photo(1), photo(2), photo(3));
        Page page = first(piece);
        UUID one = page.frames().get(0).id();
        Crop crop = new Crop(0.3, 0.6, 1.4, 0, true, Crop.Fit.FILL, Crop.Aim.HAND);
        Piece marked = apply(
                apply(
                        apply(piece, new Edit.SetCrop(page.id(), one, crop)),
                        new Edit.SetCaption(page.id(), one, "the first")),
                new Edit.SetMarks(page.id(), one, new Marks(true, true, Marks.Turn.LAST, 2, false)));
        List<UUID> order =
                List.of(page.frames().get(2).id(), one, page.frames().get(1).id());
        Piece arranged = apply(marked, new Edit.Arrange(page.id(), slicing("(p[pp])", 4), order));
        assertThat(first(arranged).frames()).extracting(Frame::id).containsExactlyElementsOf(order);
        assertThat(first(arranged).frames().get(1))
                .isEqualTo(first(marked).frames().get(0));
        Piece grid = apply(arranged, new Edit.SetGrid(page.id(), grid(2, 2, 10, 5)));
        assertThat(shown(grid)).containsExactly(photo(3), photo(1), photo(2), null);
    }

    @Test
    void arrangementsThatCannotBeSayWhy() {
        Piece piece = placed(piece(grid(1, 3, 10, 5), 1), photo(1), photo(2), photo(3));
        UUID page = first(piece).id();
        List<UUID> all = first(piece).frames().stream().map(Frame::id).toList();
        checkRefused(piece, new Edit.Arrange(page, slicing("(pp)", 4), all), "arrangement", "2 places for 3 frames");
        checkRefused(
                piece,
                new Edit.Arrange(page, slicing("(pp)", 4), all.subList(0, 2)),
                "order",
                "places and that shows a photo");
        checkRefused(
                piece,
                new Edit.Arrange(page, slicing("(ppp)", 4), List.of(all.get(0), all.get(0), all.get(1))),
                "order",
                "each once");
        checkRefused(piece, new Edit.Arrange(page, slicing("(ppp)", 200), all), "gap", "at most");
        checkRefused(
                piece,
                new Edit.Arrange(page, new Slicing(Margins.all(mm(160)), mm(1), true, SlicingTree.parse("(ppp)")), all),
                "margins",
                "nothing is left");
    }

    @Test
    void whatIsNoLongerThereIsRefusedByName() {
        Piece piece = piece(grid(1, 1, 10, 5), 1);
        UUID gone = UUID.randomUUID();
        checkRefused(piece, new Edit.SetCaption(gone, gone, "x"), "pageId", "no longer in the piece");
        checkRefused(piece, new Edit.SetCaption(first(piece).id(), gone, "x"), "frameId", "no longer on the page");
        Edits strangers = new Edits(Pieces.noFacts(), ids);
        assertThatThrownBy(() -> strangers.apply(piece, new Edit.AddPhotos(List.of(photo(1)))))
                .hasMessageContaining("not stored");
        assertThatThrownBy(() -> strangers.apply(
                        piece,
                        new Edit.PlacePhoto(
                                first(piece).id(), first(piece).frames().get(0).id(), photo(1))))
                .hasMessageContaining("not stored");
    }

    @Test
    void cellsAreJoinedToOneAndPartedAndOthersStayInTheirs() {
        Piece piece = placed(piece(grid(2, 3, 10, 5), 1), photo(1), photo(2), photo(3), photo(4), photo(5), photo(6));
        UUID page = first(piece).id();
        List<UUID> ids = first(piece).frames().stream().map(Frame::id).toList();
        Piece joined = apply(piece, new Edit.JoinCells(page, List.of(ids.get(4), ids.get(1), ids.get(2), ids.get(5))));
        assertThat(shown(joined)).containsExactly(photo(1), photo(2), photo(4));
        assertThat(first(joined).frames().get(1).id()).isEqualTo(ids.get(1));
        Piece parted = apply(joined, new Edit.PartCells(page, ids.get(1)));
        assertThat(shown(parted)).containsExactly(photo(1), photo(2), null, photo(4), null, null);
        checkRefused(
                piece, new Edit.JoinCells(page, List.of(ids.get(0), ids.get(4))), "frameIds", "make up a rectangle");
        checkRefused(piece, new Edit.JoinCells(page, List.of(ids.get(0))), "frameIds", "two cells");
        checkRefused(piece, new Edit.PartCells(page, ids.get(0)), "frameId", "not joined");
    }

    @Test
    void aPageIsFilledWithAsManyCellsAsFit() {
        Piece piece = placed(piece(grid(1, 2, 0, 0), 1), photo(1), photo(2));
        Grid cells = grid(1, 1, 0, 0).withCell(new Grid.CellSize(mm(100), mm(150)));
        Piece filled = apply(piece, new Edit.FillWithCells(first(piece).id(), cells, true));
        assertThat(shown(filled)).containsExactly(photo(1), photo(2), null, null);
        checkRefused(
                piece,
                new Edit.FillWithCells(first(piece).id(), cells.withCell(new Grid.CellSize(mm(400), mm(410))), true),
                "cell",
                "room for 0");
        checkRefused(
                piece, new Edit.FillWithCells(first(piece).id(), cells.withCell(null), true), "cell", "size first");
    }

    @Test
    void aShownSubjectStaysWithThePieceUntilThePhotoGoes() {
        Piece piece = placed(piece(grid(1, 2, 10, 5), 1), photo(1));
        Region region = new Region(0.1, 0.2, 0.3, 0.4);
        Piece shown = apply(
                apply(piece, new Edit.SetSubject(photo(1), new Region(0, 0, 1, 1))),
                new Edit.SetSubject(photo(1), region));
        assertThat(shown.shownSubject(photo(1))).contains(region);
        assertThat(Pieces.facts().subject(shown, photo(1)).origin()).isEqualTo(Subject.Origin.PERSON);
        assertThat(apply(shown, new Edit.SetSubject(photo(1), null)).subjects()).isEmpty();
        assertThat(apply(shown, new Edit.RemovePhotos(List.of(photo(1)))).subjects())
                .isEmpty();
        checkRefused(piece, new Edit.SetSubject(photo(2), region), "photo", "no longer in the piece");
    }

    @Test
    void namesAndCaptionsAreHeldToTheirLength() {
        Piece piece = piece(grid(1, 1, 10, 5), 1);
        UUID page = first(piece).id();
        UUID frame = first(piece).frames().get(0).id();
        assertThat(apply(piece, new Edit.RenamePiece("  The kite summer ")).name())
                .isEqualTo("The kite summer");
        assertThat(apply(piece, new Edit.RenamePiece("🪁".repeat(120))).name()).hasSize(240);
        checkRefused(piece, new Edit.RenamePiece("🪁".repeat(121)), "name", "at most 120 characters");
        checkRefused(piece, new Edit.RenamePiece(" \t "), "name", "needs a name");
        checkRefused(piece, new Edit.RenamePiece("two\nlines"), "name", "one line");
        assertThat(first(apply(piece, new Edit.SetCaption(page, frame, " a\nb ")))
                        .frames()
                        .get(0)
                        .caption())
                .isEqualTo("a\nb");
        checkRefused(piece, new Edit.SetCaption(page, frame, "x".repeat(501)), "caption", "at most 500");
    }

    @Test
    void everyKindOfEditHasARuleAndAName() {
        Piece piece = placed(piece(grid(1, 2, 10, 5), 2), photo(1));
        Page page = first(piece);
        UUID frame = page.frames().get(0).id();
        List<Edit> all = List.of(
                new Edit.RenamePiece("n"),
                new Edit.SetFormat(piece.format()),
                new Edit.SetDress(piece.dress()),
                new Edit.AddPhotos(List.of(photo(2))),
                new Edit.RemovePhotos(List.of(photo(1))),
                new Edit.OrderPhotos(piece.photos()),
                new Edit.SetGrid(page.id(), gridOf(page)),
                new Edit.FlowPhotos(),
                new Edit.PlacePhoto(page.id(), frame, photo(1)),
                new Edit.SizeFromCells(page.id(), gridOf(page).withCell(new Grid.CellSize(mm(50), mm(50)))),
                new Edit.EmptyFrame(page.id(), frame),
                new Edit.SwapFrames(page.id(), frame, page.id(), frame),
                new Edit.SetCrop(page.id(), frame, Crop.CENTRED),
                new Edit.SetCaption(page.id(), frame, "c"),
                new Edit.AddPage(page.id()),
                new Edit.CopyPage(page.id()),
                new Edit.SetMarks(page.id(), frame, new Marks(true, false, Marks.Turn.FIRST, 1, true)),
                new Edit.Arrange(page.id(), slicing("p", 4), List.of(frame)),
                new Edit.DeletePage(page.id()),
                new Edit.MovePage(page.id(), 1),
                new Edit.ApplyPattern(page.id(), Patterns.of("p", piece, page, Pieces.facts()), true),
                new Edit.JoinCells(
                        page.id(), page.frames().stream().map(Frame::id).toList()),
                new Edit.FillWithCells(page.id(), gridOf(page).withCell(new Grid.CellSize(mm(50), mm(50))), true),
                new Edit.SetSubject(photo(1), new Region(0.1, 0.1, 0.5, 0.5)));
        Piece joined = apply(
                piece,
                all.stream()
                        .filter(Edit.JoinCells.class::isInstance)
                        .findFirst()
                        .orElseThrow());
        assertThat(edits.apply(joined, new Edit.PartCells(page.id(), frame)).name())
                .isEqualTo("Part joined cells");
        assertThat(all)
                .extracting(Object::getClass)
                .map(Class::getSimpleName)
                .containsExactlyInAnyOrder(java.util.Arrays.stream(Edit.class.getPermittedSubclasses())
                        .filter(kind ->
                                !kind.isInterface() && kind != Edit.PartCells.class && kind != Edit.Harmonise.class)
                        .map(Class::getSimpleName)
                        .toArray(String[]::new));
        assertThat(all)
                .allSatisfy(edit -> assertThat(edits.apply(piece, edit).name()).isNotBlank());
    }

    @Test
    void aNewPieceSuitsItsProportion() {
        assertThat(gridOf(first(NewPiece.start("a", Pieces.format(297, 210), mm(10), ids)))
                        .columns())
                .isEqualTo(2);
        assertThat(gridOf(first(NewPiece.start("a", Pieces.format(600, 200), mm(10), ids)))
                        .columns())
                .isEqualTo(3);
        assertThat(gridOf(first(NewPiece.start("a", Pieces.format(200, 600), mm(10), ids)))
                        .rows())
                .isEqualTo(3);
        assertThat(NewPiece.start("a", Pieces.format(20, 20), mm(1), ids)
                        .dress()
                        .captions()
                        .bandMm())
                .isZero();
        assertThatThrownBy(() -> NewPiece.start("a", Pieces.format(100, 100), mm(60), ids))
                .hasMessageContaining("nothing is left");
        assertThatThrownBy(() -> NewPiece.start("", Pieces.format(100, 100), mm(6), ids))
                .hasMessageContaining("needs a name");
    }
}
