package wovenset.core.album;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.arrangement.ByHand;
import wovenset.core.geometry.Box;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Frame;
import wovenset.core.item.Item;
import wovenset.core.item.Placement;
import wovenset.core.item.Placement.Across;
import wovenset.core.measure.Format;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Album;
import wovenset.core.piece.Chapter;
import wovenset.core.piece.GroundColour;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.WornWords;
import wovenset.core.style.TextStyle;

/**
 * How chapters begin: with their title across the page of their first photos, or on a page of its own before them. The title's words keep their
 * look when they go from one to the other.
 */
final class Openings {
    /** A title that has a page to itself is so much larger. */
    private static final double LARGER = 1.5;
    /** Its middle lies there of the page's height: the optical middle, above the one of a ruler. */
    private static final double MIDDLE = 0.42;

    private static final int LINES = 3;

    private final Piece piece;
    private final Album album;
    private final PhotoFacts facts;
    private final Supplier<UUID> ids;
    private final HandWork work;
    private final Iterator<Page> blanks;

    Openings(Piece piece, Album album, PhotoFacts facts, Supplier<UUID> ids, HandWork work) {
        this.piece = piece;
        this.album = album;
        this.facts = facts;
        this.ids = ids;
        this.work = work;
        this.blanks = piece.pages().stream().filter(Openings::isBlank).iterator();
    }

    /** A page with nothing on it, so that the next one lies on the right. */
    Page blank() {
        return blanks.hasNext() ? blanks.next() : blank(album, ids);
    }

    static Page blank(Album album, Supplier<UUID> ids) {
        return Page.of(ids.get(), new ByHand(album.margins()), List.of())
                .withFlow(Page.Flow.FLOWED)
                .withNumbered(false);
    }

    /** Whether the flow has put a page in only for the side that the next one lies on. */
    static boolean isBlank(Page page) {
        return HandWork.isFlowed(page) && page.items().isEmpty();
    }

    /** The page for a chapter's title: the one that there is, or a new one. */
    Page before(Chapter chapter) {
        Page known = work.openings.get(chapter.id());
        if (known != null) {
            return known.mapFrame(chapter.id(), frame -> frame.mapOwnWords(words -> words.withText(chapter.title())));
        }
        Page page = Page.of(ids.get(), new ByHand(album.margins()), List.of())
                .withFlow(Page.Flow.OPENING)
                .withNumbered(false);
        Frame across = across(chapter, page);
        Frame title = across.mapOwnWords(words -> words.withStyle(words.style().scaled(LARGER)));
        List<Item> items = new ArrayList<>(List.of(title.withPlacement(
                new Placement.Free(place(title.ownWords().orElseThrow().style()), 0))));
        return page.withItems(items);
    }

    private Box place(TextStyle style) {
        Format format = piece.format();
        BoxMm room = new BoxMm(
                album.margins().left().mm(),
                0,
                format.width()
                        .minus(album.margins().left())
                        .minus(album.margins().right())
                        .mm(),
                format.height().mm());
        double height = Math.min(room.height() / 2, LINES * style.lineMm());
        return Box.of(new BoxMm(room.x(), MIDDLE * room.height() - height / 2, room.width(), height));
    }

    /** A chapter's title across the page on which it begins, as it looked where it was before. */
    Frame across(Chapter chapter, Page page) {
        Across.Side top = Across.Side.TOP;
        Frame known = work.headings.get(chapter.id());
        Frame opening = Optional.ofNullable(work.openings.get(chapter.id()))
                .flatMap(one -> one.frame(chapter.id()))
                .map(frame -> frame.withPlacement(new Across(top))
                        .mapOwnWords(words -> words.withStyle(words.style().scaled(1 / LARGER))))
                .orElse(null);
        Frame like = known != null ? known : opening;
        Frame frame = like != null
                ? like
                : Frame.of(
                        chapter.id(),
                        new Across(top),
                        piece.styles().usual().id(),
                        WornWords.at(piece, GroundColour.of(piece, page, facts), Optional.of(top)));
        return frame.mapOwnWords(words -> words.withText(chapter.title()));
    }
}
