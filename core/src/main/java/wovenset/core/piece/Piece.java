package wovenset.core.piece;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import wovenset.core.caption.OwnTable;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.FrameWords;
import wovenset.core.measure.Format;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;
import wovenset.core.style.StyleSheet;

/**
 * What is being made.
 *
 * @param table from whose rows photos' words are made; the rows are the entries'
 * @param album how its photos flow over pages, if they do
 * @param cover what of an album it is the cover of, if it is one
 * @param entries all photos that were gathered, in the order of the light table
 * @param pages in reading order, at least one
 */
public record Piece(
        UUID id,
        String name,
        Format format,
        StyleSheet styles,
        Optional<OwnTable> table,
        Optional<Album> album,
        Optional<Cover> cover,
        Entries entries,
        List<Page> pages) {
    public static final int LONGEST_NAME = 120;
    public static final int MOST_PAGES = 400;

    public Piece {
        pages = List.copyOf(pages);
        Checks.that(!pages.isEmpty(), Reason.NO_PAGE);
        Checks.that(pages.size() <= MOST_PAGES, Reason.TOO_MANY_PAGES, MOST_PAGES);
    }

    public Piece withName(String newName) {
        return new Piece(id, newName, format, styles, table, album, cover, entries, pages);
    }

    public Piece withFormat(Format newFormat) {
        return new Piece(id, name, newFormat, styles, table, album, cover, entries, pages);
    }

    public Piece withStyles(StyleSheet newStyles) {
        return new Piece(id, name, format, newStyles, table, album, cover, entries, pages);
    }

    public Piece withTable(Optional<OwnTable> newTable) {
        return new Piece(id, name, format, styles, newTable, album, cover, entries, pages);
    }

    public Piece withAlbum(Optional<Album> newAlbum) {
        return new Piece(id, name, format, styles, table, newAlbum, cover, entries, pages);
    }

    public Piece withCover(Optional<Cover> newCover) {
        return new Piece(id, name, format, styles, table, album, newCover, entries, pages);
    }

    public Piece withEntries(Entries newEntries) {
        return new Piece(id, name, format, styles, table, album, cover, newEntries, pages);
    }

    public Piece withPages(List<Page> newPages) {
        return new Piece(id, name, format, styles, table, album, cover, entries, newPages);
    }

    public Piece mapPages(UnaryOperator<Page> change) {
        return withPages(pages.stream().map(change).toList());
    }

    public Piece mapPage(UUID pageId, UnaryOperator<Page> change) {
        return mapPages(page -> page.id().equals(pageId) ? change.apply(page) : page);
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

    /** The entry that a frame shows; nothing if it is empty. */
    public Optional<Entry> entryOf(Page page, Frame frame) {
        if (frame.fill() instanceof Fill.OwnPhoto own) {
            return entries.find(own.entry());
        }
        if (frame.fill() instanceof Fill.Through through) {
            return page.picture(through.picture()).flatMap(picture -> entries.find(picture.entry()));
        }
        return Optional.empty();
    }

    /** The entries that a page's slots show, in their order. */
    public List<UUID> slottedEntries(Page page) {
        return page.slotted().stream()
                .flatMap(frame -> entryOf(page, frame).stream())
                .map(Entry::id)
                .toList();
    }

    /** The words that stand below a frame, where words are shown; empty for none. */
    public String wordsOf(Page page, Frame frame) {
        return frame.words() instanceof FrameWords.Own own
                ? own.text()
                : entryOf(page, frame).map(Entry::caption).orElse("");
    }
}
