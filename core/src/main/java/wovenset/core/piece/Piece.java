package wovenset.core.piece;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;

/**
 * What is being made.
 *
 * @param photos all that were gathered, in the order of the light table; each once
 * @param pages in reading order, at least one
 * @param subjects where the person has corrected what the machine found; each photo at most once
 */
public record Piece(
        UUID id,
        String name,
        Format format,
        Dress dress,
        List<PhotoId> photos,
        List<Page> pages,
        List<ShownSubject> subjects) {
    public static final int LONGEST_NAME = 120;

    public Piece {
        photos = List.copyOf(photos);
        pages = List.copyOf(pages);
        subjects = List.copyOf(subjects);
        if (pages.isEmpty()) {
            throw new IllegalArgumentException("A piece has at least one page");
        }
    }

    public Piece withName(String newName) {
        return new Piece(id, newName, format, dress, photos, pages, subjects);
    }

    public Piece withFormat(Format newFormat) {
        return new Piece(id, name, newFormat, dress, photos, pages, subjects);
    }

    public Piece withDress(Dress newDress) {
        return new Piece(id, name, format, newDress, photos, pages, subjects);
    }

    public Piece withPhotos(List<PhotoId> newPhotos) {
        return new Piece(id, name, format, dress, newPhotos, pages, subjects);
    }

    public Piece withPages(List<Page> newPages) {
        return new Piece(id, name, format, dress, photos, newPages, subjects);
    }

    public Piece withSubjects(List<ShownSubject> newSubjects) {
        return new Piece(id, name, format, dress, photos, pages, newSubjects);
    }

    /** Where the person has shown a photo's subject to be. */
    public Optional<Region> shownSubject(PhotoId photo) {
        return subjects.stream()
                .filter(shown -> shown.photo().equals(photo))
                .findFirst()
                .map(ShownSubject::region);
    }

    public Piece mapPage(UUID pageId, UnaryOperator<Page> change) {
        return withPages(pages.stream()
                .map(page -> page.id().equals(pageId) ? change.apply(page) : page)
                .toList());
    }

    public Optional<Page> page(UUID pageId) {
        return pages.stream().filter(page -> page.id().equals(pageId)).findFirst();
    }

    /** The page's place in reading order, from 0; -1 if it is not in this piece. */
    public int indexOf(UUID pageId) {
        for (int i = 0; i < pages.size(); i++) {
            if (pages.get(i).id().equals(pageId)) {
                return i;
            }
        }
        return -1;
    }
}
