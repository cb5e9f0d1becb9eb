package wovenset.core.album;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PhotoNotes;
import wovenset.core.photo.PixelSize;
import wovenset.core.piece.Chapter;
import wovenset.core.piece.Entries;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Piece;
import wovenset.core.testing.Pieces;

class ChaptersTest {
    private static final LocalDateTime START = LocalDateTime.of(2026, 7, 30, 9, 0);
    private static final PhotoNotes.Place HARBOUR = new PhotoNotes.Place(54.3, 10.1);
    private static final PhotoNotes.Place FAR = new PhotoNotes.Place(54.9, 8.3);

    private static PhotoNotes at(int hours, PhotoNotes.Place... place) {
        return new PhotoNotes(
                "",
                Optional.of(START.plusHours(hours)),
                "",
                List.of(place).stream().findFirst());
    }

    private static final PhotoNotes UNDATED = PhotoNotes.NONE;

    /** The first photos' numbers from 0, and the titles. */
    private static List<String> proposed(PhotoNotes... photos) {
        Piece piece = Pieces.piece(Pieces.grid(1, 1, 10, 5), 1)
                .withEntries(Entries.of(IntStream.range(0, photos.length)
                        .mapToObj(i -> Entry.of(new UUID(3, i), Pieces.photo(i), ""))
                        .toList()));
        PhotoFacts facts = new PhotoFacts() {
            @Override
            public Optional<PixelSize> size(PhotoId photo) {
                return Optional.empty();
            }

            @Override
            public Map<PhotoId, PhotoNotes> notes(UUID id, List<PhotoId> wanted) {
                Map<PhotoId, PhotoNotes> notes = new HashMap<>();
                wanted.forEach(photo -> notes.put(photo, photos[Pieces.number(photo)]));
                return notes;
            }
        };
        List<Chapter> chapters = Chapters.proposed(piece, facts, UUID::randomUUID);
        return chapters.stream()
                .map(chapter -> chapter.first().getLeastSignificantBits() + " " + chapter.title())
                .toList();
    }

    @Test
    void aChapterBeginsAfterHalfADayAndIsCalledByItsDays() {
        assertThat(proposed(at(0), at(1), UNDATED, at(30), at(31), at(40), at(80), at(82), at(100)))
                .containsExactly("0 30 July", "3 31 July – 1 August", "6 2 – 3 August");
    }

    @Test
    void aChapterBeginsInAnotherPlace() {
        assertThat(HARBOUR.kmTo(FAR)).isCloseTo(133.6, within(0.5));
        assertThat(proposed(at(0, HARBOUR), at(0), at(1, HARBOUR), at(3, FAR), at(3), at(4, FAR)))
                .containsExactly("0 30 July", "3 30 July");
    }

    /** One or two photos are no chapter: they go with those that are nearer in time. */
    @Test
    void fewPhotosAreJoinedToTheirNeighbours() {
        assertThat(proposed(at(0), at(1), at(2), at(20), at(60), at(61), at(62), at(90)))
                .containsExactly("0 30 – 31 July", "4 1 – 3 August");
        assertThat(proposed(at(0), at(1), at(40))).isEmpty();
        assertThat(proposed(UNDATED, UNDATED, UNDATED, UNDATED)).isEmpty();
        assertThat(proposed()).isEmpty();
    }
}
