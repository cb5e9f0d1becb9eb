package wovenset.core.edit.gather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static wovenset.core.edit.apply.Refusals.checkRefused;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.crop;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.frame;
import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.ids;
import static wovenset.core.testing.Pieces.patch;
import static wovenset.core.testing.Pieces.photo;
import static wovenset.core.testing.Pieces.piece;
import static wovenset.core.testing.Pieces.placed;
import static wovenset.core.testing.Pieces.row;
import static wovenset.core.testing.Pieces.shown;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.ItemChange;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.apply.Edits;
import wovenset.core.item.Crop;
import wovenset.core.item.Frame;
import wovenset.core.item.FrameWords;
import wovenset.core.photo.Region;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;
import wovenset.core.testing.Pieces;

class EntryEditsTest {
    private static Edit place(Piece piece, int frame, int photo) {
        return new ArrangeEdit.PlaceEntry(first(piece).id(), frame(piece, frame), entry(piece, photo));
    }

    @Test
    void theSamePhotoTwiceIsOneEntryWithItsEmbeddedWords() {
        Piece piece = applied(
                piece(grid(1, 1, 10, 5), 1),
                new EntryEdit.AddPhotos(List.of(photo(1), photo(2), photo(1))),
                new EntryEdit.AddPhotos(List.of(photo(2))));
        assertThat(piece.entries().list()).extracting(Entry::photo).containsExactly(photo(1), photo(2));
        assertThat(piece.entries().list()).extracting(Entry::caption).containsExactly("words of 1", "words of 2");
        assertThatThrownBy(() -> new Edits(Pieces.noFacts(), UUID::randomUUID)
                        .apply(piece, new EntryEdit.AddPhotos(List.of(photo(3)))))
                .hasMessageContaining(Reason.PHOTO_NOT_STORED.code());
    }

    @Test
    void anEntryPlacedComesCentredAndTheFrameKeepsItsLook() {
        Piece one = row(1);
        Piece cropped = applied(
                one,
                patch(one, new ItemChange.SetCrop(crop(0.2, 0.3, 2, 5)), frame(one, 0)),
                patch(one, new ItemChange.SetOpacity(0.5), frame(one, 0)),
                new EntryEdit.AddPhotos(List.of(photo(2))));
        Outcome outcome = new Edits(Pieces.facts(), ids()).apply(cropped, place(cropped, 0, 2));
        Frame frame = first(outcome.piece()).frames().get(0);
        assertThat(frame.crop()).isEqualTo(Crop.CENTRED);
        assertThat(frame.look().opacity()).isEqualTo(0.5);
        assertThat(outcome.name().code()).isEqualTo(Doing.PLACE.code());
        assertThat(shown(cropped)).as("the piece before is not touched").containsExactly(1);
    }

    @Test
    void swappingTakesCropAndWordsAlongAndIsItsOwnInverse() {
        Piece before = row(2);
        UUID page = first(before).id();
        Piece cropped = applied(
                before,
                patch(before, new ItemChange.SetCrop(crop(0.4, 0.5, 3, 10)), frame(before, 0)),
                patch(before, new ItemChange.SetWords(new FrameWords.Own("mine")), frame(before, 0)));
        Edit swap = new ArrangeEdit.SwapFrames(page, frame(before, 0), page, frame(before, 1));
        Piece swapped = applied(cropped, swap);
        assertThat(shown(swapped)).containsExactly(2, 1);
        assertThat(first(swapped).frames().get(1).crop()).isEqualTo(crop(0.4, 0.5, 3, 10));
        assertThat(swapped.wordsOf(first(swapped), first(swapped).frames().get(1)))
                .isEqualTo("mine");
        assertThat(applied(swapped, swap)).isEqualTo(cropped);
    }

    @Test
    void wordsBelongToTheEntryAndSurviveWhateverHappensToFrames() {
        Piece before = row(3);
        Piece worded = applied(before, new EntryEdit.CaptionEntry(entry(before, 2), " Over the dunes\n"));
        Piece smaller = applied(
                worded, new ArrangeEdit.SetGrid(first(worded).id(), grid(1, 1, 10, 5), ArrangeEdit.Reflow.AGREED));
        Piece emptied = applied(
                smaller,
                new ArrangeEdit.EmptyFrame(
                        smaller.pages().get(1).id(),
                        smaller.pages().get(1).frames().get(0).id()));
        Piece again = applied(
                emptied, new ArrangeEdit.SetGrid(first(emptied).id(), grid(1, 4, 10, 5), ArrangeEdit.Reflow.ASK));
        Piece flowed = applied(again, new AlbumEdit.FlowEntries());
        assertThat(shown(flowed)).startsWith(1, 2);
        assertThat(flowed.wordsOf(first(flowed), first(flowed).frames().get(1))).isEqualTo("Over the dunes");
        checkRefused(before, new EntryEdit.CaptionEntry(UUID.randomUUID(), "x"), "entryId", Reason.ENTRY_GONE);
        checkRefused(
                before, new EntryEdit.CaptionEntry(entry(before, 1), "x".repeat(501)), "", Reason.CAPTION_LENGTH, 500);
    }

    @Test
    void photosFlowInReadingOrderIntoEmptyFramesAndOntoNewPages() {
        Piece before = placed(piece(grid(2, 2, 10, 5), 1), 9);
        Piece flowed = applied(
                before,
                new EntryEdit.AddPhotos(
                        IntStream.rangeClosed(1, 6).mapToObj(Pieces::photo).toList()),
                new AlbumEdit.FlowEntries());
        assertThat(shown(flowed)).containsExactly(9, 1, 2, 3, 4, 5, 6, 0);
        assertThat(flowed.pages().get(1).arrangement()).isEqualTo(first(before).arrangement());
        assertThat(applied(flowed, new AlbumEdit.FlowEntries()))
                .as("nothing is placed twice")
                .isEqualTo(flowed);
    }

    @Test
    void takingAPhotoOutEmptiesItsFrames() {
        Piece before = placed(piece(grid(1, 3, 10, 5), 1), 1, 2, 1);
        Piece after = applied(before, new EntryEdit.RemoveEntries(List.of(entry(before, 1))));
        assertThat(shown(after)).containsExactly(0, 2, 0);
        assertThat(after.entries().list()).extracting(Entry::photo).containsExactly(photo(2));
    }

    @Test
    void anOrderNamesEachPhotoOnce() {
        Piece piece = row(2);
        UUID one = entry(piece, 1);
        UUID two = entry(piece, 2);
        assertThat(applied(piece, new EntryEdit.OrderEntries(List.of(two, one)))
                        .entries()
                        .list())
                .extracting(Entry::id)
                .containsExactly(two, one);
        checkRefused(piece, new EntryEdit.OrderEntries(List.of(two)), "entryIds", Reason.ORDER_OF_ENTRIES);
        checkRefused(piece, new EntryEdit.OrderEntries(List.of(two, two)), "entryIds", Reason.ORDER_OF_ENTRIES);
    }

    @Test
    void aShownSubjectStaysWithTheEntry() {
        Piece piece = row(1);
        Region region = new Region(0.1, 0.2, 0.3, 0.4);
        Piece shown = applied(piece, new EntryEdit.ShowSubject(entry(piece, 1), Optional.of(region)));
        assertThat(shown.entries().list().get(0).subject()).contains(region);
        assertThat(applied(shown, new EntryEdit.ShowSubject(entry(piece, 1), Optional.empty())))
                .isEqualTo(piece);
    }
}
