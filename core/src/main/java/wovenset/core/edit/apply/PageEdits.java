package wovenset.core.edit.apply;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.slots.Named;
import wovenset.core.edit.slots.NewPages;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;
import wovenset.core.style.Ground;

/** Edits of pages as a whole. */
final class PageEdits {
    private static final int MOST_GUIDES = 100;

    private final Supplier<UUID> ids;

    PageEdits(Supplier<UUID> ids) {
        this.ids = ids;
    }

    void register(Handlers handlers) {
        handlers.on(Edit.AddPage.class, (piece, edit) -> {
            Page neighbour = Named.page(piece, edit.afterPageId());
            return insert(piece, piece.indexOf(neighbour.id()) + 1, NewPages.emptyLike(neighbour, ids), Doing.ADD_PAGE);
        });
        handlers.on(Edit.CopyPage.class, (piece, edit) -> {
            Page source = Named.page(piece, edit.pageId());
            return insert(piece, piece.indexOf(source.id()) + 1, NewPages.copied(source, ids), Doing.COPY_PAGE);
        });
        handlers.on(Edit.DeletePage.class, (piece, edit) -> delete(piece, edit.pageId()));
        handlers.on(Edit.MovePage.class, PageEdits::move);
        handlers.on(Edit.SetGuides.class, PageEdits::guides);
        handlers.on(Edit.SetGround.class, (piece, edit) -> {
            Page page = Named.page(piece, edit.pageId());
            if (edit.ground() instanceof Ground.Pictured pictured) {
                EntryEdits.checkedEntry(piece, pictured.entry());
            }
            return Outcome.of(piece, page.withGround(edit.ground()), Doing.SET_GROUND);
        });
    }

    private static Outcome insert(Piece piece, int index, Page page, Doing doing) {
        if (piece.pages().size() >= Piece.MOST_PAGES) {
            throw EditRefusedException.of("pages", Reason.TOO_MANY_PAGES, Piece.MOST_PAGES);
        }
        List<Page> pages = new ArrayList<>(piece.pages());
        pages.add(index, page);
        return Outcome.of(piece.withPages(pages), doing);
    }

    private static Outcome delete(Piece piece, UUID pageId) {
        Named.page(piece, pageId);
        if (piece.pages().size() == 1) {
            throw EditRefusedException.of("pageId", Reason.LAST_PAGE);
        }
        List<Page> kept =
                piece.pages().stream().filter(page -> !page.id().equals(pageId)).toList();
        return Outcome.of(piece.withPages(kept), Doing.DELETE_PAGE);
    }

    private static Outcome move(Piece piece, Edit.MovePage edit) {
        Page page = Named.page(piece, edit.pageId());
        if (edit.index() < 0 || edit.index() >= piece.pages().size()) {
            throw EditRefusedException.of(
                    "index", Reason.PAGE_PLACE, piece.pages().size());
        }
        List<Page> pages = new ArrayList<>(piece.pages());
        pages.remove(page);
        pages.add(edit.index(), page);
        return Outcome.of(piece.withPages(pages), Doing.MOVE_PAGE);
    }

    private static Outcome guides(Piece piece, Edit.SetGuides edit) {
        Page page = Named.page(piece, edit.pageId());
        if (edit.guides().size() > MOST_GUIDES) {
            throw EditRefusedException.of("guides", Reason.GUIDE_COUNT, MOST_GUIDES);
        }
        int more = edit.guides().size() - page.guides().size();
        Doing doing = more > 0 ? Doing.ADD_GUIDE : more < 0 ? Doing.REMOVE_GUIDE : Doing.MOVE_GUIDE;
        return Outcome.of(piece, page.withGuides(edit.guides()), doing);
    }
}
