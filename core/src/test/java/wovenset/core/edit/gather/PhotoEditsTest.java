package wovenset.core.edit.gather;

import static org.assertj.core.api.Assertions.assertThat;
import static wovenset.core.testing.Pieces.applied;
import static wovenset.core.testing.Pieces.entry;
import static wovenset.core.testing.Pieces.first;
import static wovenset.core.testing.Pieces.photo;
import static wovenset.core.testing.Pieces.row;

import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.RetouchEdit;
import wovenset.core.edit.apply.Edits;
import wovenset.core.edit.apply.Refusals;
import wovenset.core.item.Fill;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PhotoNotes;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.retouch.BrushStroke;
import wovenset.core.photo.retouch.Mend;
import wovenset.core.photo.retouch.Retouching;
import wovenset.core.piece.CaptionFields;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;

class PhotoEditsTest {
    private static final LocalDateTime NOON = LocalDateTime.of(2026, 7, 1, 12, 0);
    private static final Piece PIECE = captioned();

    /** The first photo has no time. */
    private static final PhotoFacts FACTS = new PhotoFacts() {
        @Override
        public Optional<PixelSize> size(PhotoId photo) {
            return Optional.of(new PixelSize(3, 2));
        }

        @Override
        public Map<PhotoId, PhotoNotes> notes(UUID piece, List<PhotoId> photos) {
            Map<PhotoId, PhotoNotes> notes = new HashMap<>();
            photos.forEach(one -> notes.put(
                    one,
                    new PhotoNotes(
                            "", one.equals(photo(1)) ? Optional.empty() : Optional.of(NOON), "", Optional.empty())));
            return notes;
        }
    };

    private static Piece captioned() {
        Piece row = row(3);
        return applied(row, new EntryEdit.CaptionEntry(entry(row, 1), "One"));
    }

    private static Piece after(Piece piece, Edit edit) {
        return new Edits(FACTS, UUID::randomUUID).apply(piece, edit).piece();
    }

    private static List<Optional<LocalDateTime>> taken(Piece piece) {
        return piece.entries().list().stream().map(Entry::taken).toList();
    }

    @Test
    void aClockIsPutRightForThosePhotosThatHaveATime() {
        List<UUID> all = PIECE.entries().list().stream().map(Entry::id).toList();
        Piece hour = after(PIECE, new EntryEdit.ShiftDates(all, -90));
        assertThat(taken(hour))
                .containsExactly(
                        Optional.empty(), Optional.of(NOON.minusMinutes(90)), Optional.of(NOON.minusMinutes(90)));
        Piece back = after(hour, new EntryEdit.ShiftDates(all, 90));
        assertThat(taken(back)).containsExactly(Optional.empty(), Optional.of(NOON), Optional.of(NOON));
        Refusals.checkRefused(PIECE, new EntryEdit.ShiftDates(all, 99_000_000), "minutes", Reason.CLOCK_SHIFT);
    }

    @Test
    void aBoxOfScansHasTheSummerThatThePersonKnows() {
        LocalDateTime summer = LocalDateTime.of(1974, 7, 1, 12, 0);
        List<UUID> scans = List.of(entry(PIECE, 1), entry(PIECE, 2));
        Piece dated = after(PIECE, new EntryEdit.DateEntries(scans, Optional.of(summer)));
        assertThat(taken(dated)).containsExactly(Optional.of(summer), Optional.of(summer), Optional.empty());
        Entry first = dated.entries().list().get(0);
        assertThat(new CaptionFields(dated, FACTS, List.of(first)).notes(first).takenAt())
                .contains(summer);
        assertThat(taken(after(dated, new EntryEdit.DateEntries(scans, Optional.empty()))))
                .containsOnly(Optional.empty());
        Refusals.checkRefused(
                PIECE,
                new EntryEdit.DateEntries(scans, Optional.of(LocalDateTime.of(974, 7, 1, 12, 0))),
                "at",
                Reason.PHOTO_YEAR,
                1826,
                2200);
    }

    @Test
    void anotherPhotoComesIntoTheFramesOfOneAndTheWordsStayOrGo() {
        UUID one = entry(PIECE, 1);
        UUID other = entry(PIECE, 3);
        Piece kept = after(PIECE, new EntryEdit.ExchangePhotos(one, other, false));
        assertThat(kept.entries().find(one).orElseThrow().photo()).isEqualTo(photo(3));
        assertThat(kept.entries().find(one).orElseThrow().caption()).isEqualTo("One");
        assertThat(kept.entries().find(other).orElseThrow().photo()).isEqualTo(photo(1));
        assertThat(first(kept)).as("no frame changes").isEqualTo(first(PIECE));
        Piece gone = after(PIECE, new EntryEdit.ExchangePhotos(one, other, true));
        assertThat(gone.entries().find(one).orElseThrow().caption()).isEqualTo("words of 3");
        assertThat(gone.entries().find(other).orElseThrow().caption()).isEqualTo("One");
        assertThat(after(kept, new EntryEdit.ExchangePhotos(one, other, false)).entries())
                .as("there and back")
                .isEqualTo(PIECE.entries());
    }

    /** A mask of one photo would cut something else out of another. */
    @Test
    void whatWasDoneByHandGoesWithAPhotoThatIsExchanged() {
        UUID one = entry(PIECE, 1);
        UUID other = entry(PIECE, 3);
        UUID frame = first(PIECE).frames().stream()
                .filter(shown ->
                        shown.fill() instanceof Fill.OwnPhoto own && own.entry().equals(one))
                .findFirst()
                .orElseThrow()
                .id();
        BrushStroke dab = new BrushStroke(0.1, 0, List.of(new BrushStroke.Point(0.5, 0.5)));
        Piece mended = after(
                after(PIECE, new RetouchEdit.MendPhoto(first(PIECE).id(), frame, Mend.Kind.RED_EYE, dab)),
                new RetouchEdit.ExtendPhoto(first(PIECE).id(), frame, true, Optional.empty()));
        Piece exchanged = after(mended, new EntryEdit.ExchangePhotos(one, other, false));
        assertThat(first(exchanged).frame(frame).orElseThrow().retouching())
                .isEqualTo(Retouching.NONE.withExtended(true, Optional.empty()));
    }
}
