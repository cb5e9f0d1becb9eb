package wovenset.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.photo;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wovenset.core.arrange.Patterns;
import wovenset.core.arrange.Place;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.PlacesOutcome;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Margins;
import wovenset.core.piece.Page;
import wovenset.core.piece.Pattern;
import wovenset.core.piece.PhotoId;
import wovenset.core.piece.Piece;
import wovenset.core.piece.Scattered;
import wovenset.core.piece.Slicing;
import wovenset.core.piece.SlicingTree;
import wovenset.core.piece.Spot;
import wovenset.core.testing.Pieces;

class PatternUseTest {
    private final Edits edits = new Edits(Pieces.facts(), UUID::randomUUID);

    private static Page page(Piece piece) {
        return piece.pages().get(0);
    }

    private static Piece photos(int count, int cells) {
        return placed(
                piece(grid(1, cells, 10, 5), 1),
                IntStream.rangeClosed(1, count).mapToObj(Pieces::photo).toArray(PhotoId[]::new));
    }

    private Piece cut() {
        Piece piece = photos(3, 3);
        return edits.apply(
                        piece,
                        new Edit.Arrange(
                                page(piece).id(),
                                new Slicing(Margins.all(mm(10)), mm(4), false, SlicingTree.parse("(p[pp])")),
                                page(piece).frames().stream().map(Frame::id).toList()))
                .piece();
    }

    private static List<Place> places(Piece piece) {
        return ((PlacesOutcome.Fits) Places.of(piece, page(piece), Pieces.facts())).places();
    }

    @Test
    void aPatternOfACutPageKeepsItsPlacesWhateverPhotosCome() {
        Piece source = cut();
        Pattern pattern = Patterns.of("Three", source, page(source), Pieces.facts());
        Piece others = placed(piece(grid(1, 3, 10, 5), 1), photo(7), photo(11), photo(12));
        Piece used = edits.apply(others, new Edit.ApplyPattern(page(others).id(), pattern, false))
                .piece();
        for (int i = 0; i < 3; i++) {
            assertThat(places(used).get(i).cell().width())
                    .isCloseTo(places(source).get(i).cell().width(), within(0.1));
        }
        assertThat(page(used).frames()).extracting(Frame::photo).containsExactly(photo(7), photo(11), photo(12));
    }

    @Test
    void onAnotherPageAllLengthsAreScaled() {
        Piece source = cut();
        Piece free =
                edits.apply(source, new Edit.ReleasePage(page(source).id())).piece();
        Pattern pattern = Patterns.of("Free", free, page(free), Pieces.facts());
        Piece small = edits.apply(photos(3, 3), new Edit.SetFormat(Pieces.format(150, 100)))
                .piece();
        Piece used = edits.apply(small, new Edit.ApplyPattern(page(small).id(), pattern, false))
                .piece();
        for (int i = 0; i < 3; i++) {
            Spot before = page(free).frames().get(i).spot();
            assertThat(page(used).frames().get(i).spot().width().mm())
                    .isCloseTo(before.width().mm() / 2, within(0.001));
        }
        assertThat(page(used).arrangement().margins()).isEqualTo(Margins.all(mm(5)));
    }

    @Test
    void photosWithoutAFrameGoToTheDrawerAndFramesWithoutAPhotoStayEmpty() {
        Pattern three = Patterns.of("Three", cut(), page(cut()), Pieces.facts());
        Piece five = photos(5, 5);
        Outcome outcome = edits.apply(five, new Edit.ApplyPattern(page(five).id(), three, false));
        assertThat(outcome.name()).isEqualTo("Use the pattern Three");
        assertThat(page(outcome.piece()).frames())
                .extracting(Frame::photo)
                .containsExactly(photo(1), photo(2), photo(3));
        assertThat(outcome.piece().photos()).hasSize(5);
        Piece one = photos(1, 2);
        Piece used = edits.apply(one, new Edit.ApplyPattern(page(one).id(), three, true))
                .piece();
        assertThat(page(used).frames()).extracting(Frame::photo).containsExactly(photo(1), null, null);
    }

    @Test
    void scatteredPrintsAreAsManyAsThePhotosAndStayWithTheirNumbers() {
        Piece five = photos(5, 5);
        Scattered scattered = Scattered.of(Margins.all(mm(10)), 5, 4, 1, 10, 0.2);
        Piece strewn = edits.apply(
                        five,
                        new Edit.Arrange(
                                page(five).id(),
                                scattered,
                                page(five).frames().stream().map(Frame::id).toList()))
                .piece();
        Pattern pattern = Patterns.of("Strewn", strewn, page(strewn), Pieces.facts());
        Piece eight = photos(8, 8);
        Piece used = edits.apply(eight, new Edit.ApplyPattern(page(eight).id(), pattern, false))
                .piece();
        assertThat(page(used).arrangement()).isEqualTo(scattered.withPrints(8));
        UUID taken = page(strewn).frames().get(2).id();
        Place before = places(strewn).get(2);
        Piece out = edits.apply(
                        strewn,
                        new Edit.PutFrames(
                                page(strewn).id(),
                                List.of(new Edit.FrameSpot(taken, before.spot(wovenset.core.arrange.FrameTrim.NONE)))))
                .piece();
        assertThat(places(out)).as("taking one out moves no other").allSatisfy(place -> assertThat(places(strewn))
                .anySatisfy(
                        was -> assertThat(was.cell().x()).isCloseTo(place.cell().x(), within(0.001))));
    }

    @Test
    void patternsThatCannotBeAreRefused() {
        Pattern three = Patterns.of("Three", cut(), page(cut()), Pieces.facts());
        assertThatThrownBy(() -> new Pattern(
                        "", three.width(), three.height(), three.arrangement(), three.frames(), three.dress()))
                .hasMessageContaining("a name of 1 to 60");
        assertThatThrownBy(() -> new Pattern(
                        "x",
                        three.width(),
                        three.height(),
                        three.arrangement(),
                        three.frames().subList(0, 2),
                        three.dress()))
                .hasMessageContaining("one frame without a spot for each place");
        assertThatThrownBy(() ->
                        new Pattern("x", mm(1), three.height(), three.arrangement(), three.frames(), three.dress()))
                .hasMessageContaining("5 mm to 5 m");
    }
}
