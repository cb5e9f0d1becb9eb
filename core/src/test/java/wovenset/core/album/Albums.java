package wovenset.core.album;

import static wovenset.core.testing.Pieces.grid;
import static wovenset.core.testing.Pieces.mm;
import static wovenset.core.testing.Pieces.photo;
import static wovenset.core.testing.Pieces.piece;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import wovenset.core.arrangement.Margins;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.apply.Edits;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PhotoNotes;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.Trait;
import wovenset.core.piece.Album;
import wovenset.core.piece.Chapter;
import wovenset.core.piece.Piece;
import wovenset.core.testing.Pieces;

/** Photos to flow, and albums of them. */
final class Albums {
    private Albums() {}

    /** Photos of several proportions, taken in bursts with hours between them. */
    static final PhotoFacts FACTS = new PhotoFacts() {
        @Override
        public Optional<PixelSize> size(PhotoId photo) {
            return Optional.of(new PixelSize(new int[] {4000, 6000, 9000, 8000}[Pieces.number(photo) % 4], 6000));
        }

        /** Three after each other look alike. */
        @Override
        public Map<PhotoId, Trait> traits(List<PhotoId> photos) {
            Map<PhotoId, Trait> traits = new HashMap<>();
            photos.forEach(
                    photo -> traits.put(photo, new Trait(0x9E3779B97F4A7C15L * (1 + Pieces.number(photo) / 3), 10)));
            return traits;
        }

        @Override
        public Map<PhotoId, PhotoNotes> notes(UUID piece, List<PhotoId> photos) {
            Map<PhotoId, PhotoNotes> notes = new HashMap<>();
            LocalDateTime start = LocalDateTime.of(2026, 7, 1, 9, 0);
            photos.forEach(photo -> {
                int number = Pieces.number(photo);
                LocalDateTime at =
                        start.plusHours(5L * Math.floorDiv(number, 5)).plusSeconds(4L * number);
                notes.put(photo, new PhotoNotes("", Optional.of(at), "", Optional.empty()));
            });
            return notes;
        }
    };

    static Album album(int least, int most) {
        return new Album(least, most, false, false, false, Margins.all(mm(10)), mm(4), List.of());
    }

    static Piece gathered(int photos) {
        return after(
                piece(grid(1, 1, 10, 5), 1),
                new EntryEdit.AddPhotos(
                        IntStream.rangeClosed(1, photos).mapToObj(Pieces::photo).toList()));
    }

    static Piece after(Piece piece, Edit... edits) {
        Piece now = piece;
        for (Edit edit : edits) {
            now = new Edits(FACTS, UUID::randomUUID).apply(now, edit).piece();
        }
        return now;
    }

    static Piece flowed(Piece piece, Album album) {
        return after(piece, new AlbumEdit.FlowAlbum(album));
    }

    /** The photos' numbers, page by page. */
    static List<List<Integer>> numbers(Piece piece) {
        return piece.pages().stream()
                .map(page -> page.slotted().stream()
                        .flatMap(frame -> piece.entryOf(page, frame).stream())
                        .map(entry -> Pieces.number(entry.photo()))
                        .toList())
                .toList();
    }

    static Album chaptered(Piece piece, Album album, Object... photosAndTitles) {
        List<Chapter> chapters = new ArrayList<>();
        for (int i = 0; i < photosAndTitles.length; i += 2) {
            int photo = (Integer) photosAndTitles[i];
            UUID first = piece.entries().of(photo(photo)).orElseThrow().id();
            chapters.add(new Chapter(new UUID(9, photo), (String) photosAndTitles[i + 1], first));
        }
        return album.withChapters(chapters);
    }
}
