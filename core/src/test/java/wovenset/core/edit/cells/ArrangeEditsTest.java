package wovenset.core.edit.cells;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.edit.apply.Refusals.checkRefused;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.bordered;
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
import static wovenset.core.testing.Pieces.placed;
import static wovenset.core.testing.Pieces.row;
import static wovenset.core.testing.Pieces.shown;

import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.propose.PageProposals;
import wovenset.core.arrange.space.PlacesOutcome;
import wovenset.core.arrangement.Margins;
import wovenset.core.arrangement.Scattered;
import wovenset.core.arrangement.Slicing;
import wovenset.core.arrangement.SlicingTree;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.ItemChange;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.PieceEdit;
import wovenset.core.edit.StyleEdit;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Frame;
import wovenset.core.item.FrameWords;
import wovenset.core.item.Marks;
import wovenset.core.pattern.Pattern;
import wovenset.core.pattern.Patterns;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.style.Band;
import wovenset.core.style.Corners;
import wovenset.core.style.StyleDifference;
import wovenset.core.testing.Pieces;

class ArrangeEditsTest {
    private static final Scattered.Recipe RECIPE = new Scattered.Recipe(3, 1, 8, 0.2);

    private static Slicing slicing(String tree, double gapMm) {
        return new Slicing(Margins.all(mm(10)), mm(gapMm), true, SlicingTree.parse(tree));
    }

    private static Piece strewn(int photos) {
        Piece piece = row(photos);
        return applied(piece, new ArrangeEdit.Scatter(first(piece).id(), Margins.all(mm(10)), RECIPE, frames(piece)));
    }

    private static BoxMm place(Piece piece, UUID id) {
        PlacesOutcome.Fits fits = (PlacesOutcome.Fits) Places.of(piece, first(piece), Pieces.facts());
        return Objects.requireNonNull(fits.places().get(id)).box();
    }

    private static Edit use(Piece piece, Pattern pattern, ArrangeEdit.PatternPart part) {
        return new ArrangeEdit.ApplyPattern(first(piece).id(), pattern, part, ArrangeEdit.Reflow.AGREED);
    }

    private static Pattern pattern(Piece piece) {
        return Patterns.of("Three", piece, first(piece), Pieces.facts());
    }

    @Test
    void anArrangementKeepsEachPhotosCropWordsAndMarksAndDropsEmptyFrames() {
        Piece piece = placed(piece(grid(2, 2, 10, 5), 1), 1, 2, 3);
        UUID page = first(piece).id();
        UUID one = frame(piece, 0);
        Piece marked = applied(
                piece,
                patch(piece, new ItemChange.SetCrop(crop(0.3, 0.6, 1.4, 0)), one),
                patch(piece, new ItemChange.SetWords(new FrameWords.Own("the first")), one),
                patch(piece, new ItemChange.SetMarks(new Marks(true, true, Marks.Turn.LAST, 2, false)), one));
        List<UUID> order = List.of(frame(piece, 2), one, frame(piece, 1));
        Piece arranged = applied(marked, new ArrangeEdit.Arrange(page, slicing("(p[pp])", 4), order));
        assertThat(first(arranged).slotted()).extracting(Frame::id).containsExactlyElementsOf(order);
        assertThat(first(arranged).frame(one))
                .contains(first(marked).frames().get(0).inSlot(1));
        Piece grid = applied(arranged, new ArrangeEdit.SetGrid(page, grid(2, 2, 10, 5), ArrangeEdit.Reflow.ASK));
        assertThat(first(grid).slotted())
                .hasSize(4)
                .element(1)
                .extracting(Frame::id)
                .isEqualTo(one);
    }

    @Test
    void arrangementsThatCannotBeSayWhy() {
        Piece piece = row(3);
        UUID page = first(piece).id();
        List<UUID> all = frames(piece);
        checkRefused(
                piece,
                new ArrangeEdit.Arrange(page, slicing("(pp)", 4), all),
                "arrangement",
                Reason.SLOTS_FOR_FRAMES,
                2,
                3);
        checkRefused(
                piece,
                new ArrangeEdit.Arrange(page, slicing("(pp)", 4), all.subList(0, 2)),
                "order",
                Reason.ORDER_LACKS_FRAMES);
        checkRefused(
                piece,
                new ArrangeEdit.Arrange(page, slicing("(ppp)", 4), List.of(all.get(0), all.get(0), all.get(1))),
                "order",
                Reason.ORDER_OF_FRAMES);
        checkRefused(piece, new ArrangeEdit.Arrange(page, slicing("(ppp)", 200), all), "gap", Reason.GAP_TOO_WIDE);
        Slicing wide = new Slicing(Margins.all(mm(160)), mm(1), true, SlicingTree.parse("(ppp)"));
        checkRefused(piece, new ArrangeEdit.Arrange(page, wide, all), "margins", Reason.MARGINS_TAKE_ALL);
    }

    @Test
    void scatteredPrintsAreStoredSoThatNothingElseMovesThem() {
        Piece strewn = strewn(6);
        List<UUID> ids = frames(strewn);
        Piece changed = applied(
                strewn,
                new EntryEdit.AddPhotos(List.of(photo(7))),
                new EntryEdit.CaptionEntry(entry(strewn, 2), "other words"),
                new ArrangeEdit.SwapFrames(
                        first(strewn).id(), ids.get(0), first(strewn).id(), ids.get(3)));
        for (int i = 0; i < 6; i++) {
            assertThat(place(changed, ids.get(i)).centreX())
                    .isCloseTo(place(strewn, ids.get(i)).centreX(), within(0.002));
        }
        assertThat(place(changed, ids.get(1))).isEqualTo(place(strewn, ids.get(1)));
        Piece again = strewn(6);
        assertThat(first(again).arrangement())
                .as("the same seed strews the same")
                .isEqualTo(first(strewn).arrangement());
    }

    @Test
    void aPrintTakesTheProportionOfThePhotoThatComes() {
        Piece strewn = strewn(3);
        UUID frame = frame(strewn, 0);
        BoxMm before = place(strewn, frame);
        Piece other = applied(strewn, new ArrangeEdit.PlaceEntry(first(strewn).id(), frame, entry(strewn, 3)));
        BoxMm after = place(other, frame);
        assertThat(after.width() / after.height()).isCloseTo(2 / 3.0, within(0.001));
        assertThat(after.width() * after.height()).isCloseTo(before.width() * before.height(), within(1.0));
    }

    @Test
    void aPrintTakenOutLeavesTheOthersWhereTheyLie() {
        Piece strewn = strewn(6);
        List<UUID> ids = frames(strewn);
        Piece out = applied(
                strewn, move(strewn, ids.get(2), free(20, 20, 40, 30)), move(strewn, ids.get(4), free(90, 20, 40, 30)));
        for (int still : new int[] {0, 1, 3, 5}) {
            assertThat(place(out, ids.get(still))).isEqualTo(place(strewn, ids.get(still)));
        }
        Piece gone = applied(out, new ItemEdit.RemoveItems(first(out).id(), ids.subList(0, 1)));
        assertThat(place(gone, ids.get(5))).isEqualTo(place(strewn, ids.get(5)));
        Piece back = applied(
                out,
                new ArrangeEdit.GiveBackItems(first(out).id(), List.of(ids.get(4))),
                new ArrangeEdit.GiveBackItems(first(out).id(), List.of(ids.get(2))));
        for (UUID id : ids) {
            assertThat(place(back, id))
                    .as("back in its own place, for the photos differ")
                    .isEqualTo(place(strewn, id));
        }
        assertThat(first(back).arrangement()).isEqualTo(first(strewn).arrangement());
        assertThat(frames(back)).as("from back to front, too").isEqualTo(ids);
    }

    @Test
    void aPatternKeepsItsPlacesWhateverPhotosComeAndScalesToThePage() {
        Piece source = cut(row(3), "(p[pp])", false);
        Piece others = applied(
                placed(piece(grid(1, 3, 10, 5), 1), 7, 11, 12), new PieceEdit.SetFormat(Pieces.format(150, 100)));
        Piece used = applied(others, use(others, pattern(source), ArrangeEdit.PatternPart.FRAMES));
        for (int i = 0; i < 3; i++) {
            assertThat(place(used, first(used).slotted().get(i).id()).width())
                    .isCloseTo(place(source, frame(source, i)).width() / 2, within(0.1));
        }
        assertThat(first(used).arrangement().margins()).isEqualTo(Margins.all(mm(5)));
        assertThat(shown(used)).containsExactly(7, 11, 12);
    }

    @Test
    void photosWithoutAFrameFlowToPagesLikeItAndFramesWithoutAPhotoStayEmpty() {
        Pattern three = pattern(cut(row(3), "(p[pp])", false));
        Piece five = row(5);
        checkRefused(
                five,
                new ArrangeEdit.ApplyPattern(
                        first(five).id(), three, ArrangeEdit.PatternPart.FRAMES, ArrangeEdit.Reflow.ASK),
                "reflow",
                Reason.REFLOW,
                1,
                2);
        Piece used = applied(five, use(five, three, ArrangeEdit.PatternPart.FRAMES));
        assertThat(used.pages()).hasSize(2);
        assertThat(shown(used)).containsExactly(1, 2, 3, 4, 5, 0);
        Piece one = placed(piece(grid(1, 2, 10, 5), 1), 1);
        assertThat(shown(applied(one, use(one, three, ArrangeEdit.PatternPart.BOTH))))
                .containsExactly(1, 0, 0);
    }

    @Test
    void aPatternsLookComesAloneOrWithItsFramesOrStaysBehind() {
        Piece framed = applied(
                row(3), new StyleEdit.SetFrameStyle(bordered(row(3), 4).styles().usual()));
        Piece gilt = applied(
                framed,
                patch(
                        framed,
                        new ItemChange.Differ(new StyleDifference.CornersCut(Corners.round(mm(2)))),
                        frame(framed, 0)));
        Pattern pattern = pattern(gilt);
        Piece plain = row(2);
        Piece look = applied(plain, use(plain, pattern, ArrangeEdit.PatternPart.LOOK));
        assertThat(first(look)).isEqualTo(first(plain));
        assertThat(look.styles().usual().width(Band.Side.INSIDE)).isEqualTo(mm(4));
        assertThat(look.styles().usual().id()).isEqualTo(plain.styles().usual().id());
        Piece frames = applied(plain, use(plain, pattern, ArrangeEdit.PatternPart.FRAMES));
        assertThat(frames.styles()).isEqualTo(plain.styles());
        assertThat(first(frames).slotted()).hasSize(3);
        Piece both = applied(plain, use(plain, pattern, ArrangeEdit.PatternPart.BOTH));
        assertThat(first(both).slotted().get(0).style().in(both.styles()).corners())
                .isEqualTo(Corners.round(mm(2)));
    }

    @Test
    void whatAFrameDiffersInGoesAlongWithItsPhotoAndStaysWhenAPhotoIsReplaced() {
        Piece piece = row(3);
        UUID page = first(piece).id();
        StyleDifference wide = new StyleDifference.BandWidth(0, mm(6));
        Piece gilt = applied(piece, patch(piece, new ItemChange.Differ(wide), frame(piece, 0)));
        Piece swapped = applied(gilt, new ArrangeEdit.SwapFrames(page, frame(piece, 0), page, frame(piece, 2)));
        assertThat(first(swapped).frames())
                .extracting(frame -> frame.style().differences())
                .containsExactly(List.of(), List.of(), List.of(wide));
        Piece replaced = applied(gilt, new ArrangeEdit.PlaceEntry(page, frame(piece, 0), entry(piece, 2)));
        assertThat(first(replaced).frames().get(0).style().differences()).containsExactly(wide);
        Piece used = applied(swapped, use(swapped, pattern(gilt), ArrangeEdit.PatternPart.FRAMES));
        assertThat(first(used).slotted())
                .extracting(frame -> frame.style().differences())
                .as("without the pattern's look photos keep their own")
                .containsExactly(List.of(), List.of(), List.of(wide));
        Piece looked = applied(row(3), use(row(3), pattern(gilt), ArrangeEdit.PatternPart.BOTH));
        assertThat(first(looked).slotted())
                .extracting(frame -> frame.style().differences())
                .containsExactly(List.of(wide), List.of(), List.of());
    }

    @Test
    void proposalsKeepWhatAFrameDiffersInAndWholePhotosWholeInsideIt() {
        Piece piece = cut(row(5), "([pp]p[pp])", true);
        StyleDifference wide = new StyleDifference.BandWidth(0, mm(6));
        Piece own = applied(piece, patch(piece, new ItemChange.Differ(wide), frame(piece, 1), frame(piece, 4)));
        PageProposals.Answer answer = PageProposals.of(own, first(own), Pieces.facts(), mm(4), 8, 1);
        assertThat(((PageProposals.Answer.Offers) answer).offers()).isNotEmpty().allSatisfy(offer -> {
            assertThat(offer.page().frames())
                    .filteredOn(frame -> !frame.style().differences().isEmpty())
                    .extracting(frame ->
                            own.entryOf(offer.page(), frame).orElseThrow().photo())
                    .containsExactlyInAnyOrder(photo(2), photo(5));
            if (offer.page().arrangement() instanceof Slicing slicing && slicing.whole()) {
                assertThat(offer.lost()).isZero();
            }
        });
    }

    @Test
    void freeFramesOfAPatternAreScaledAndScatteredPrintsAreAsManyAsThePhotos() {
        Piece released = applied(
                cut(row(3), "(p[pp])", false),
                new ArrangeEdit.ReleasePage(first(row(3)).id()));
        Piece small = applied(row(3), new PieceEdit.SetFormat(Pieces.format(150, 100)));
        Piece used = applied(small, use(small, pattern(released), ArrangeEdit.PatternPart.FRAMES));
        for (int i = 0; i < 3; i++) {
            assertThat(place(used, frame(used, i)).width())
                    .isCloseTo(place(released, frame(released, i)).width() / 2, within(0.002));
        }
        Piece eight = row(8);
        Piece strewn = applied(eight, use(eight, pattern(strewn(5)), ArrangeEdit.PatternPart.FRAMES));
        Scattered scattered = (Scattered) first(strewn).arrangement();
        assertThat(scattered.prints()).hasSize(8);
        assertThat(scattered.recipe()).isEqualTo(RECIPE);
        assertThat(shown(strewn)).containsExactly(1, 2, 3, 4, 5, 6, 7, 8);
    }

    @Test
    void patternsThatCannotBeAreRefused() {
        Pattern three = pattern(row(3));
        assertThatThrownBy(() -> new Pattern("", three.width(), three.height(), three.page(), three.styles()))
                .hasMessageContaining(Reason.PATTERN_NAME.code());
        assertThatThrownBy(() -> new Pattern("x", mm(1), three.height(), three.page(), three.styles()))
                .hasMessageContaining(Reason.PATTERN_SIZE.code());
        assertThatThrownBy(() -> new Pattern("x", three.width(), three.height(), first(row(3)), three.styles()))
                .hasMessageContaining(Reason.PATTERN_WITH_PHOTOS.code());
        assertThatThrownBy(
                        () -> three.page().with(grid(1, 2, 10, 5), three.page().items()))
                .as("one frame for each place")
                .hasMessageContaining(Reason.SLOT.code());
    }
}
