package wovenset.core.edit.cells;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static wovenset.core.edit.apply.Refusals.checkRefused;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wovenset.core.arrangement.Slicing;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.item.Frame;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.scene.SceneResolver;
import wovenset.core.testing.Pieces;

class ComposeEditsTest {
    private static Piece gathered(int photos) {
        return applied(
                piece(grid(2, 2, 10, 5), 1),
                new EntryEdit.AddPhotos(
                        IntStream.rangeClosed(1, photos).mapToObj(Pieces::photo).toList()));
    }

    private static List<UUID> shown(Piece piece) {
        return piece.pages().stream()
                .flatMap(page -> page.frames().stream()
                        .map(frame -> piece.entryOf(page, frame).map(Entry::id).orElseThrow()))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({"16, 16, 1", "16, 60, 1", "16, 4, 4", "5, 1, 5", "7, 3, 3", "1, 1, 1"})
    void allThatWaitComeOnPagesComposedForThem(int photos, int each, int pages) {
        Piece before = gathered(photos);
        Piece after =
                applied(before, new ArrangeEdit.ComposeWaiting(first(before).id(), each));
        assertThat(after.pages()).hasSize(pages);
        assertThat(shown(after))
                .doesNotHaveDuplicates()
                .containsExactlyInAnyOrderElementsOf(
                        before.entries().list().stream().map(Entry::id).toList());
        for (Page page : after.pages()) {
            assertThat(page.arrangement()).isInstanceOf(Slicing.class);
            assertThat(page.arrangement().margins())
                    .isEqualTo(first(before).arrangement().margins());
            assertThat(page.frames()).noneMatch(Frame::isEmpty);
        }
        assertThat(after.pages().get(0).frames()).hasSize(Math.min(each, photos));
    }

    /** The page's space is used: frames and the gaps between them fill at least nine tenths of it. */
    @Test
    void theBestProposalIsTaken() {
        Piece before = gathered(16);
        Piece after =
                applied(before, new ArrangeEdit.ComposeWaiting(first(before).id(), 16));
        double area = new SceneResolver(Pieces.facts())
                .resolve(after, first(after)).frames().stream()
                        .mapToDouble(
                                frame -> frame.bounds().width() * frame.bounds().height())
                        .sum();
        double space = (300 - 20) * (200 - 20);
        assertThat(area / space).isCloseTo(0.95, within(0.1));
        Piece again =
                applied(before, new ArrangeEdit.ComposeWaiting(first(before).id(), 16));
        assertThat(first(again).arrangement()).isEqualTo(first(after).arrangement());
    }

    @Test
    void aPageWithPhotosTakesMoreOnlyIfAllComeOnIt() {
        Piece two = placed(piece(grid(1, 2, 10, 5), 1), 1, 2);
        Piece before =
                applied(two, new EntryEdit.AddPhotos(List.of(Pieces.photo(7), Pieces.photo(8), Pieces.photo(9))));
        Piece one = applied(before, new ArrangeEdit.ComposeWaiting(first(before).id(), 3));
        assertThat(one.pages()).hasSize(1);
        assertThat(first(one).frames()).hasSize(5);
        Piece more =
                applied(before, new ArrangeEdit.ComposeWaiting(first(before).id(), 2));
        assertThat(first(more)).as("left as it was").isEqualTo(first(before));
        assertThat(more.pages().stream().map(page -> page.frames().size())).containsExactly(2, 2, 1);
    }

    @Test
    void whatCannotBeComposedIsRefused() {
        Piece all = placed(piece(grid(1, 1, 10, 5), 1), 1);
        checkRefused(all, new ArrangeEdit.ComposeWaiting(first(all).id(), 1), "photos", Reason.NOTHING_WAITS);
        Piece many = gathered(61);
        checkRefused(
                many,
                new ArrangeEdit.ComposeWaiting(first(many).id(), 61),
                "photos",
                Reason.TOO_MANY_TO_PROPOSE,
                60,
                61);
        checkRefused(many, new ArrangeEdit.ComposeWaiting(first(many).id(), 0), "each", Reason.EACH_AT_LEAST_ONE);
    }
}
