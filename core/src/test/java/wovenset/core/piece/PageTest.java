package wovenset.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.free;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.row;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import wovenset.core.arrangement.Margins;
import wovenset.core.arrangement.Scattered;
import wovenset.core.geometry.Box;
import wovenset.core.item.Crop;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.FrameWords;
import wovenset.core.item.Group;
import wovenset.core.item.Item;
import wovenset.core.item.Items;
import wovenset.core.item.Look;
import wovenset.core.said.Reason;
import wovenset.core.said.Said;
import wovenset.core.testing.RandomPieces;

class PageTest {
    private static final Page PAGE = first(row(3));

    private static void checkUnfit(List<? extends Item> items, Reason reason, Object... args) {
        assertThatThrownBy(() -> PAGE.withItems(items))
                .hasMessage(Said.of(reason, args).toString());
    }

    private static Frame frame(int n) {
        return PAGE.frames().get(n);
    }

    @Test
    void eachSlotHasOneFrameAndEachFrameItsName() {
        checkUnfit(List.of(frame(0), frame(1)), Reason.SLOT_VACANT);
        checkUnfit(List.of(frame(0), frame(1), frame(2).inSlot(1)), Reason.SLOT);
        checkUnfit(List.of(frame(0), frame(1), frame(2).inSlot(3)), Reason.SLOT);
        checkUnfit(
                List.of(frame(0), frame(1), frame(2), frame(1).withPlacement(free(0, 0, 20, 20))), Reason.ITEM_TWICE);
        Page scattered =
                PAGE.with(new Scattered(Margins.all(mm(5)), new Scattered.Recipe(1, 1, 0, 0), List.of()), List.of());
        assertThat(scattered.frames())
                .as("a slot of scattered prints may be vacant")
                .isEmpty();
    }

    @Test
    void framesInGroupsAreFoundAndTheirHoldersToo() {
        Group inner = new Group(UUID.randomUUID(), Look.PLAIN, List.of(frame(1)));
        Group outer = new Group(UUID.randomUUID(), Look.PLAIN, List.of(inner, frame(2)));
        Page page = PAGE.withItems(List.of(frame(0), outer));
        assertThat(page.frames()).containsExactly(frame(0), frame(1), frame(2));
        assertThat(page.item(inner.id())).contains(inner);
        assertThat(page.holder(frame(1).id())).contains(outer);
        assertThat(page.holder(frame(0).id())).contains(frame(0));
        assertThat(page.holder(UUID.randomUUID())).isEmpty();
        List<Item> left = Items.mapFrames(page.items(), one -> Optional.of(one).filter(frame(2)::equals));
        assertThat(left).as("a group without frames is gone").hasSize(1);
        assertThat(((Group) left.get(0)).children()).containsExactly(frame(2));
        List<Item> renamed = Items.renamed(page.items(), UUID::randomUUID);
        assertThat(new ArrayList<>(Items.frames(renamed))).extracting(Frame::id).doesNotContain(frame(1).id());
        assertThat(renamed.get(1).id()).isNotEqualTo(outer.id());
    }

    @Test
    void aFrameShowsItsEntryOrThatOfASharedPicture() {
        Piece piece = row(2);
        UUID entry = entry(piece, 2);
        SharedPicture picture = new SharedPicture(UUID.randomUUID(), entry, new Box(mm(0), mm(0), mm(100), mm(80)));
        Frame through = first(piece).frames().get(0).withFill(new Fill.Through(picture.id()));
        Page page = first(piece).mapFrame(through.id(), one -> through).withPictures(List.of(picture));
        Piece shared = piece.mapPage(page.id(), old -> page);
        assertThat(shared.entryOf(page, through)).isEqualTo(shared.entries().find(entry));
        assertThat(shared.wordsOf(page, through)).isEqualTo("words of 2");
        assertThat(page.picture(UUID.randomUUID())).isEmpty();
        assertThat(shared.entryOf(page, through.withFill(Fill.EMPTY))).isEmpty();
        assertThat(shared.wordsOf(page, through.withWords(new FrameWords.Own("own"))))
                .isEqualTo("own");
    }

    @Test
    void pagesAreCountedInReadingOrder() {
        Piece piece = piece(grid(1, 1, 10, 0), 3);
        assertThat(piece.pages()).extracting(page -> piece.indexOf(page.id())).containsExactly(0, 1, 2);
        assertThat(piece.indexOf(UUID.randomUUID())).isEqualTo(-1);
    }

    @Test
    void entriesAreEqualByWhatTheyHold() {
        Entries entries = RandomPieces.of(4).entries();
        Entries same = Entries.of(entries.list());
        assertThat(same)
                .isEqualTo(entries)
                .hasSameHashCodeAs(entries)
                .hasToString(entries.list().toString());
        assertThat(entries.size()).isEqualTo(entries.list().size());
    }

    @Test
    void valuesKeepToTheirBounds() {
        assertThat(free(0, 0, 2, 5000)).isNotNull();
        assertThatThrownBy(() -> free(0, 0, 1.999, 20)).hasMessageContaining(Reason.FRAME_SIZE.name());
        assertThatThrownBy(() -> free(0, 0, 20, 5000.001)).hasMessageContaining(Reason.FRAME_SIZE.name());
        assertThat(free(-10_000, 10_000, 20, 20)).isNotNull();
        assertThatThrownBy(() -> free(0, -10_000.001, 20, 20)).hasMessageContaining(Reason.FRAME_FAR.name());
        assertThat(FrameWords.shortened("🪁".repeat(500))).hasSize(1000);
        assertThat(FrameWords.shortened("🪁".repeat(501))).hasSize(1000);
        for (double turn : new double[] {45, 135, -135}) {
            assertThat(new Crop(0.5, 0.5, 1, turn, false, Crop.Fit.FILL, Crop.Aim.HAND).onItsSide())
                    .isFalse();
        }
        for (double turn : new double[] {45.1, 134.9, -90}) {
            assertThat(new Crop(0.5, 0.5, 1, turn, false, Crop.Fit.FILL, Crop.Aim.HAND).onItsSide())
                    .isTrue();
        }
    }
}
