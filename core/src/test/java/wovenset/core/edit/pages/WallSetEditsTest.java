package wovenset.core.edit.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.photo;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.PageEdit.HangSet;
import wovenset.core.edit.PageEdit.SetFinish;
import wovenset.core.item.Fill;
import wovenset.core.measure.Length;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.SharedPicture;
import wovenset.core.said.Reason;
import wovenset.core.said.Said;
import wovenset.core.scene.FrameScene;
import wovenset.core.scene.SceneResolver;
import wovenset.core.style.Ground;
import wovenset.core.testing.Pieces;

class WallSetEditsTest {
    private static final Piece PIECE =
            applied(piece(grid(2, 2, 10, 5), 2), new EntryEdit.AddPhotos(List.of(photo(1), photo(2), photo(3))));

    private static HangSet set(int photos, boolean bridged, SetFinish finish) {
        List<UUID> entries = PIECE.entries().list().stream()
                .limit(photos)
                .map(wovenset.core.piece.Entry::id)
                .toList();
        return new HangSet(entries, mm(2100), mm(1200), 3, mm(40), bridged, Optional.of(1.0), finish);
    }

    private static FrameScene frame(Piece piece, Page page) {
        return new SceneResolver(Pieces.facts()).resolve(piece, page).frames().get(0);
    }

    @Test
    void threePhotosAreThreePagesOfTheSizeThatTheWallGives() {
        Piece after = applied(PIECE, set(3, false, SetFinish.TO_THE_EDGE));
        assertThat(after.format().width()).isEqualTo(mm(440));
        assertThat(after.format().height()).isEqualTo(mm(440));
        assertThat(after.pages()).hasSize(3);
        assertThat(after.pages().get(0).id()).isEqualTo(first(PIECE).id());
        for (int i = 0; i < 3; i++) {
            Page page = after.pages().get(i);
            assertThat(after.entryOf(page, page.frames().get(0)).orElseThrow().id())
                    .isEqualTo(entry(PIECE, i + 1));
            assertThat(frame(after, page).window().width()).isCloseTo(440, within(0.01));
        }
    }

    /** What a part shows of the whole begins where the one before it ended, the gap apart or not. */
    @ParameterizedTest
    @CsvSource({"false, 40", "true, 0"})
    void onePhotoGoesOverAllOfThem(boolean bridged, double apart) {
        Piece after = applied(PIECE, set(1, bridged, SetFinish.TO_THE_EDGE));
        assertThat(after.pages()).hasSize(3);
        List<Length> lefts = after.pages().stream()
                .map(page -> page.pictures().get(0))
                .map(SharedPicture::box)
                .map(box -> box.x())
                .toList();
        assertThat(lefts).containsExactly(Length.ZERO, mm(-440 - apart), mm(-880 - 2 * apart));
    }

    @ParameterizedTest
    @EnumSource(names = {"TWO_TONES", "DEEP_PAPER"})
    void aBorderLiesWithinThePictureAndItsOutermostColourGoesRoundTheSides(SetFinish finish) {
        Piece after = applied(PIECE, set(3, false, finish));
        for (Page page : after.pages()) {
            FrameScene frame = frame(after, page);
            assertThat(frame.window().width()).isBetween(300.0, 420.0);
            assertThat(frame.window().centreX()).isCloseTo(220, within(0.01));
            assertThat(frame.window().centreY()).isCloseTo(220, within(0.01));
            var bands =
                    after.styles().frame(page.frames().get(0).style().style()).bands();
            assertThat(page.ground()).isEqualTo(new Ground.Covered(bands.get(1).paint()));
        }
    }

    /** Another gap, another finish: a set gives way to the next, and no page is left over. */
    @Test
    void aSetIsMadeAnew() {
        Piece once = applied(PIECE, set(3, false, SetFinish.DEEP_PAPER));
        Piece again = applied(once, set(1, true, SetFinish.TO_THE_EDGE));
        assertThat(again.pages()).hasSize(3);
        assertThat(again.pages().get(0).frames().get(0).fill()).isInstanceOf(Fill.Through.class);
        assertThat(again.styles().frames()).as("the style stays to be used").hasSize(2);
    }

    @Test
    void whatWasMadeByHandIsNotLost() {
        Piece made = placed(piece(grid(1, 3, 10, 5), 1), 1, 2, 3);
        HangSet edit = new HangSet(
                List.of(entry(made, 1)), mm(2100), mm(1200), 3, mm(40), false, Optional.empty(), SetFinish.TO_THE_EDGE);
        assertThatThrownBy(() -> applied(made, edit))
                .isInstanceOfSatisfying(EditRefusedException.class, refused -> assertThat(
                                refused.said().code())
                        .isEqualTo(Said.of(Reason.SET_ALONE).code()));
    }

    @Test
    void aWallWithoutRoomAndASetOfOneAreRefused() {
        PageEdit narrow = new HangSet(
                List.of(entry(PIECE, 1)), mm(100), mm(100), 3, mm(40), false, Optional.empty(), SetFinish.TO_THE_EDGE);
        assertThatThrownBy(() -> applied(PIECE, narrow)).isInstanceOf(EditRefusedException.class);
        PageEdit one = new HangSet(
                List.of(entry(PIECE, 1)), mm(2100), mm(900), 1, mm(40), false, Optional.empty(), SetFinish.TO_THE_EDGE);
        assertThatThrownBy(() -> applied(PIECE, one)).isInstanceOf(EditRefusedException.class);
    }
}
