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
 */
public record Piece(UUID id, String name, Format format, Dress dress, List<PhotoId> photos, List<Page> pages) {
    public static final int LONGEST_NAME = 120;

    public Piece {
        photos = List.copyOf(photos);
        pages = List.copyOf(pages);
        if (pages.isEmpty()) {
            throw new IllegalArgumentException("A piece has at least one page");
        }
    }

    public Piece withName(String newName) {
        return new Piece(id, newName, format, dress, photos, pages);
    }

    public Piece withFormat(Format newFormat) {
        return new Piece(id, name, newFormat, dress, photos, pages);
    }

    public Piece withDress(Dress newDress) {
        return new Piece(id, name, format, newDress, photos, pages);
    }

    public Piece withPhotos(List<PhotoId> newPhotos) {
        return new Piece(id, name, format, dress, newPhotos, pages);
    }

    public Piece withPages(List<Page> newPages) {
        return new Piece(id, name, format, dress, photos, newPages);
    }

    public Piece mapPage(UUID pageId, UnaryOperator<Page> change) {
        return withPages(pages.stream().map(page -> page.id().equals(pageId) ? change.apply(page) : page).toList());
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
