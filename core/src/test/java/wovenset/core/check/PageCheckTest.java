package wovenset.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.frame;
import static wovenset.core.testing.Pieces.free;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.move;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.PieceEdit;
import wovenset.core.edit.StyleEdit;
import wovenset.core.edit.WordsEdit;
import wovenset.core.ink.Rgb;
import wovenset.core.piece.Piece;
import wovenset.core.said.Notice;
import wovenset.core.scene.SceneResolver;
import wovenset.core.scene.SharpnessLimits;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.effect.Shadow;
import wovenset.core.testing.Pieces;
import wovenset.core.testing.TestPhotos;

class PageCheckTest {
    private static List<String> found(Piece piece) {
        return PageCheck.of(
                        new SceneResolver(Pieces.facts()).resolve(piece, first(piece)),
                        new SharpnessLimits(2, 1),
                        TestPhotos.BLACK)
                .stream()
                .map(finding -> finding.what().code())
                .toList();
    }

    private static Piece worded(Piece piece, double sizePt) {
        return applied(
                piece,
                new PieceEdit.SetCaptionStyle(
                        new CaptionStyle(CaptionStyle.Show.WRITTEN, "Alegreya", sizePt, new Rgb("#22293a"), 1)));
    }

    @Test
    void smallWordsAndWordsWhereTheKnifeMayCutAreFound() {
        Piece piece = placed(piece(grid(1, 2, 10, 5), 1), 2, 5);
        assertThat(found(worded(piece, 9))).isEmpty();
        assertThat(found(worded(piece, 5))).containsExactly(Notice.WORDS_SMALL.code(), Notice.WORDS_SMALL.code());
        Piece near = placed(piece(grid(1, 2, 1, 5), 1), 2, 5);
        assertThat(found(worded(near, 9)))
                .contains(Notice.WORDS_NEAR_TRIM.code())
                .doesNotContain(Notice.WORDS_SMALL.code());
        assertThat(found(near)).as("without words").doesNotContain(Notice.WORDS_NEAR_TRIM.code());
    }

    @Test
    void edgesThatNearlyReachTheTrimAreFound() {
        assertThat(found(placed(piece(grid(1, 1, 0, 0), 1), 2))).isEmpty();
        assertThat(found(placed(piece(grid(1, 1, 1.5, 0), 1), 2))).containsExactly(Notice.EDGE_MISSES.code());
        assertThat(found(placed(piece(grid(1, 1, 4, 0), 1), 2))).isEmpty();
    }

    @Test
    void wordsAsDarkAsThePhotoBehindThemAreFound() {
        Piece piece = placed(piece(grid(1, 1, 0, 0), 1), 2);
        Piece worded = applied(
                piece,
                new WordsEdit.AddWords(
                        first(piece).id(), WordsEdit.WordsPlace.FREE, Optional.of("Wind from the west")));
        assertThat(found(worded)).as("in a colour that reads").isEmpty();
        Piece dark = worded.mapPages(page -> page.mapFrame(
                frame(worded, 1),
                one -> one.mapOwnWords(words -> words.withStyle(words.style()
                        .withFace(
                                words.style().typeface(),
                                words.style().weight(),
                                words.style().slant(),
                                Rgb.INK)))));
        assertThat(found(dark)).containsExactly(Notice.WORDS_HARD_TO_READ.code());
    }

    /** The second made-up photo is wide, in frames six times as high as wide. */
    @Test
    void aPhotoThatStandsTheOtherWayIsFound() {
        Piece narrow = placed(piece(grid(1, 8, 10, 5), 1), 2, 2, 2, 2, 2, 2, 2, 2);
        assertThat(found(narrow)).hasSize(8).containsOnly(Notice.CROPPED_MUCH.code());
        assertThat(found(placed(piece(grid(1, 1, 10, 5), 1), 2))).isEmpty();
    }

    @Test
    void aPhotoThatIsShownAgainIsFoundAtItsSecondFrame() {
        Piece piece = placed(piece(grid(1, 3, 10, 5), 2), 1, 2, 1);
        assertThat(PieceCheck.of(piece, Pieces.facts())).singleElement().satisfies(finding -> {
            assertThat(finding.frameId()).isEqualTo(frame(piece, 2));
            assertThat(finding.frame()).isEqualTo(3);
            assertThat(finding.what().code()).isEqualTo(Notice.USED_AGAIN.code());
        });
        Piece once = placed(piece(grid(1, 3, 10, 5), 1), 1);
        Piece split = applied(
                once, new PageEdit.SplitEntry(first(once).id(), entry(once, 1), 3, 1, Pieces.mm(5), false, true));
        assertThat(PieceCheck.of(split, Pieces.facts())).isEmpty();
    }

    /** Words are looked for where they are, also below a turned print; a shadow that reaches farther is none. */
    @Test
    void aShadowIsNotTakenForWordsNearTheTrim() {
        Piece piece = worded(placed(piece(grid(1, 2, 10, 5), 1), 2, 5), 9);
        Piece turned = applied(
                piece,
                new StyleEdit.SetFrameStyle(piece.styles().usual().with(new Shadow(mm(20), mm(30), 0.5, Rgb.INK))),
                move(piece, frame(piece, 0), free(40, 60, 90, 90, 20)),
                move(piece, frame(piece, 1), free(160, 60, 90, 90, 0)));
        assertThat(found(turned)).doesNotContain(Notice.WORDS_NEAR_TRIM.code());
        Piece low = applied(turned, move(turned, frame(piece, 0), free(40, 103, 90, 90, 20)));
        assertThat(found(low)).contains(Notice.WORDS_NEAR_TRIM.code());
    }
}
