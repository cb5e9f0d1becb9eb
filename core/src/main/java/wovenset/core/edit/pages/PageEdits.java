package wovenset.core.edit.pages;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.album.PageOrder;
import wovenset.core.arrangement.Margins;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.edit.slots.NewPages;
import wovenset.core.edit.slots.WordsPages;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;
import wovenset.core.style.Ground;

/** Edits of pages as a whole. */
public final class PageEdits {
    private static final int MOST_GUIDES = 100;

    private final PhotoFacts facts;
    private final Supplier<UUID> ids;

    public PageEdits(PhotoFacts facts, Supplier<UUID> ids) {
        this.facts = facts;
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(PageEdit.AddPage.class, (piece, edit) -> {
            Page neighbour = Named.page(piece, edit.afterPageId());
            return insert(piece, piece.indexOf(neighbour.id()) + 1, NewPages.emptyLike(neighbour, ids), Doing.ADD_PAGE);
        });
        handlers.on(PageEdit.AddWordsPage.class, this::addWordsPage);
        handlers.on(PageEdit.NumberPages.class, PageEdits::number);
        handlers.on(PageEdit.CopyPages.class, this::copy);
        handlers.on(PageEdit.DeletePages.class, PageEdits::delete);
        handlers.on(PageEdit.MovePages.class, PageEdits::move);
        handlers.on(PageEdit.SetGuides.class, PageEdits::guides);
        handlers.on(PageEdit.SetGround.class, PageEdits::ground);
    }

    private static Outcome insert(Piece piece, int index, Page page, Doing doing) {
        return Outcome.of(inserted(piece, index, List.of(page)), doing);
    }

    /** The piece with more pages, if it may have so many. */
    static Piece inserted(Piece piece, int index, List<Page> more) {
        if (piece.pages().size() + more.size() > Piece.MOST_PAGES) {
            throw EditRefusedException.of("pages", Reason.TOO_MANY_PAGES, Piece.MOST_PAGES);
        }
        List<Page> pages = new ArrayList<>(piece.pages());
        // Nothing comes between two pages with one photo across both.
        boolean between = index > 0
                && index < pages.size()
                && pages.get(index).pictures().stream()
                        .anyMatch(picture ->
                                pages.get(index - 1).picture(picture.id()).isPresent());
        pages.addAll(between ? index + 1 : index, more);
        return piece.withPages(pages);
    }

    private Outcome copy(Piece piece, PageEdit.CopyPages edit) {
        List<Page> sources = Named.pages(piece, edit.pageIds());
        int last = piece.indexOf(sources.get(sources.size() - 1).id());
        List<Page> copies =
                sources.stream().map(page -> NewPages.copied(page, ids)).toList();
        return Outcome.of(inserted(piece, last + 1, copies), Doing.COPY_PAGE, copies.size());
    }

    private static Outcome ground(Piece piece, PageEdit.SetGround edit) {
        if (edit.ground() instanceof Ground.Pictured pictured) {
            Named.entry(piece, pictured.entry());
        }
        Piece grounded = piece;
        for (Page page : Named.pages(piece, edit.pageIds())) {
            grounded = grounded.mapPage(page.id(), one -> one.withGround(edit.ground()));
        }
        return Outcome.of(grounded, Doing.SET_GROUND);
    }

    private static Outcome delete(Piece piece, PageEdit.DeletePages edit) {
        List<Page> out = Named.pages(piece, edit.pageIds());
        if (out.size() == piece.pages().size()) {
            throw EditRefusedException.of("pageIds", Reason.LAST_PAGE);
        }
        List<Page> kept = new ArrayList<>(piece.pages());
        kept.removeAll(out);
        return Outcome.of(piece.withPages(kept), Doing.DELETE_PAGE, out.size());
    }

    private Outcome addWordsPage(Piece piece, PageEdit.AddWordsPage edit) {
        int at = edit.afterPageId()
                .map(id -> piece.indexOf(Named.page(piece, id).id()) + 1)
                .orElse(0);
        Margins margins = piece.pages().get(Math.max(0, at - 1)).arrangement().margins();
        return insert(
                piece,
                at,
                WordsPages.of(piece, edit, margins, facts, ids),
                switch (edit.what()) {
                    case TITLE -> Doing.ADD_TITLE_PAGE;
                    case TEXT -> Doing.ADD_TEXT_PAGE;
                    case IMPRINT -> Doing.ADD_IMPRINT;
                });
    }

    private static Outcome number(Piece piece, PageEdit.NumberPages edit) {
        Piece numbered = piece;
        for (Page page : Named.pages(piece, edit.pageIds())) {
            numbered = numbered.mapPage(page.id(), one -> one.withNumbered(edit.numbered()));
        }
        return Outcome.of(
                numbered,
                edit.numbered() ? Doing.NUMBER_PAGES : Doing.UNNUMBER_PAGES,
                edit.pageIds().size());
    }

    private static Outcome move(Piece piece, PageEdit.MovePages edit) {
        List<Page> moved = Named.pages(piece, edit.pageIds());
        int last = piece.pages().size() - moved.size();
        if (edit.index() < 0 || edit.index() > last) {
            throw EditRefusedException.of("index", Reason.PAGE_PLACE, last + 1);
        }
        List<Page> pages = new ArrayList<>(piece.pages());
        pages.removeAll(moved);
        pages.addAll(edit.index(), moved);
        return Outcome.of(PageOrder.followed(piece.withPages(pages), moved), Doing.MOVE_PAGE, moved.size());
    }

    private static Outcome guides(Piece piece, PageEdit.SetGuides edit) {
        Page page = Named.page(piece, edit.pageId());
        if (edit.guides().size() > MOST_GUIDES) {
            throw EditRefusedException.of("guides", Reason.GUIDE_COUNT, MOST_GUIDES);
        }
        int more = edit.guides().size() - page.guides().size();
        Doing doing = more > 0 ? Doing.ADD_GUIDE : more < 0 ? Doing.REMOVE_GUIDE : Doing.MOVE_GUIDE;
        return Outcome.of(piece, page.withGuides(edit.guides()), doing);
    }
}
