package wovenset.core.edit.slots;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static wovenset.core.testing.Pieces.bordered;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.facts;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.noFacts;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;

import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.item.Crop;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.piece.Guide;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;

/** What is wrong on a page is said of the pages that a change concerns, and of no others. */
class PlaceCheckTest {
    /** Two pages of which the second has no room for its bands: as it may come from a later rule or an earlier version. */
    private static Piece broken() {
        Piece piece = placed(piece(grid(1, 2, 10, 5), 2), 1, 2);
        Page second = piece.pages().get(1);
        return bordered(piece, 20).mapPage(second.id(), page -> page.with(grid(8, 12, 2, 1), framesFor(page, 96)));
    }

    private static List<Frame> framesFor(Page page, int count) {
        Frame like = page.frames().get(0);
        return IntStream.range(0, count)
                .mapToObj(slot -> like.emptied(UUID.randomUUID()).inSlot(slot))
                .toList();
    }

    private static void checkPasses(Piece before, Piece after) {
        assertThatCode(() -> PlaceCheck.changed(before, after, facts())).doesNotThrowAnyException();
    }

    private static void checkRefused(Piece before, Piece after) {
        assertThatThrownBy(() -> PlaceCheck.changed(before, after, facts())).isInstanceOf(EditRefusedException.class);
    }

    @Test
    void anotherPagesTroubleStopsNoChange() {
        Piece broken = broken();
        Page page = first(broken);
        checkPasses(
                broken,
                broken.mapPage(page.id(), one -> one.withGuides(List.of(new Guide(Guide.Direction.LEVEL, mm(9))))));
        checkPasses(broken, broken.withName("Another"));
        checkPasses(
                broken, broken.withEntries(broken.entries().map(entry(broken, 1), one -> one.withCaption("words"))));
    }

    @Test
    void aChangeThatConcernsThePageIsRefused() {
        Piece broken = broken();
        Page second = broken.pages().get(1);
        checkRefused(
                broken,
                broken.mapPage(second.id(), one -> one.withGuides(List.of(new Guide(Guide.Direction.LEVEL, mm(9))))));
        checkRefused(broken, broken.withFormat(broken.format().withSize(mm(310), mm(200))));
        checkRefused(broken, bordered(broken, 21));
        Piece showing = broken.mapPage(
                second.id(),
                page -> page.mapFrame(
                        page.frames().get(3).id(),
                        one -> one.withFill(new Fill.OwnPhoto(entry(broken, 1), Crop.CENTRED))));
        checkRefused(
                showing, showing.withEntries(showing.entries().map(entry(broken, 1), one -> one.withCaption("words"))));
        checkPasses(
                showing, showing.withEntries(showing.entries().map(entry(broken, 2), one -> one.withCaption("words"))));
        assertThatThrownBy(() -> PlaceCheck.all(broken, noFacts())).isInstanceOf(EditRefusedException.class);
    }
}
