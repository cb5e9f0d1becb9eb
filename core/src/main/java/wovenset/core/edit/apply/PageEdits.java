package wovenset.core.edit.apply;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import wovenset.core.arrangement.Arrangement;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.piece.Fill;
import wovenset.core.piece.Group;
import wovenset.core.piece.Item;
import wovenset.core.piece.Page;
import wovenset.core.piece.PhotoFrame;
import wovenset.core.piece.Piece;
import wovenset.core.piece.Placement;
import wovenset.core.piece.SharedPicture;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;

/** Edits of pages as a whole. */
final class PageEdits {
    private static final int MOST_GUIDES = 100;

    private final Supplier<UUID> ids;

    PageEdits(Supplier<UUID> ids) {
        this.ids = ids;
    }

    void register(Handlers handlers) {
        handlers.on(Edit.AddPage.class, (piece, edit) -> {
            Page neighbour = Edits.checkedPage(piece, edit.afterPageId());
            return insert(piece, piece.indexOf(neighbour.id()) + 1, emptyLike(neighbour, ids), Doing.ADD_PAGE);
        });
        handlers.on(Edit.CopyPage.class, (piece, edit) -> {
            Page source = Edits.checkedPage(piece, edit.pageId());
            return insert(piece, piece.indexOf(source.id()) + 1, copied(source, ids), Doing.COPY_PAGE);
        });
        handlers.on(Edit.DeletePage.class, (piece, edit) -> delete(piece, edit.pageId()));
        handlers.on(Edit.MovePage.class, PageEdits::move);
        handlers.on(Edit.SetGuides.class, PageEdits::guides);
        handlers.on(Edit.SetGround.class, (piece, edit) -> {
            Page page = Edits.checkedPage(piece, edit.pageId());
            return Outcome.of(piece, page.withGround(edit.ground()), Doing.SET_GROUND);
        });
    }

    static Page emptyPage(Arrangement arrangement, UUID style, Supplier<UUID> ids) {
        List<PhotoFrame> frames = IntStream.range(0, arrangement.slots())
                .mapToObj(slot -> PhotoFrame.empty(ids.get(), new Placement.InSlot(slot), style))
                .toList();
        return Page.of(ids.get(), arrangement, frames);
    }

    /** A page whose frames lie as on this one, all empty. */
    static Page emptyLike(Page page, Supplier<UUID> ids) {
        List<Item> items = renamed(Page.flatMapped(page.items(), frame -> Optional.of(frame.emptied(frame.id()))), ids);
        return new Page(ids.get(), page.ground(), page.arrangement(), items, page.guides(), List.of());
    }

    /** A copy in which everything has a name of its own. */
    static Page copied(Page page, Supplier<UUID> ids) {
        Map<UUID, UUID> pictures = new HashMap<>();
        List<SharedPicture> copies = new ArrayList<>();
        for (SharedPicture picture : page.pictures()) {
            UUID id = ids.get();
            pictures.put(picture.id(), id);
            copies.add(new SharedPicture(id, picture.entry(), picture.box()));
        }
        Page renamed = new Page(
                ids.get(), page.ground(), page.arrangement(), renamed(page.items(), ids), page.guides(), copies);
        return pictures.isEmpty()
                ? renamed
                : renamed.mapFrames(frame -> frame.fill() instanceof Fill.Through through
                        ? frame.withFill(new Fill.Through(pictures.getOrDefault(through.picture(), through.picture())))
                        : frame);
    }

    /** The same items under new names. */
    static List<Item> renamed(List<? extends Item> items, Supplier<UUID> ids) {
        List<Item> renamed = new ArrayList<>();
        for (Item item : items) {
            Item one = item.withId(ids.get());
            renamed.add(one instanceof Group group ? group.withChildren(renamed(group.children(), ids)) : one);
        }
        return renamed;
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
        Edits.checkedPage(piece, pageId);
        if (piece.pages().size() == 1) {
            throw EditRefusedException.of("pageId", Reason.LAST_PAGE);
        }
        List<Page> kept =
                piece.pages().stream().filter(page -> !page.id().equals(pageId)).toList();
        return Outcome.of(piece.withPages(kept), Doing.DELETE_PAGE);
    }

    private static Outcome move(Piece piece, Edit.MovePage edit) {
        Page page = Edits.checkedPage(piece, edit.pageId());
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
        Page page = Edits.checkedPage(piece, edit.pageId());
        if (edit.guides().size() > MOST_GUIDES) {
            throw EditRefusedException.of("guides", Reason.GUIDE_COUNT, MOST_GUIDES);
        }
        int more = edit.guides().size() - page.guides().size();
        Doing doing = more > 0 ? Doing.ADD_GUIDE : more < 0 ? Doing.REMOVE_GUIDE : Doing.MOVE_GUIDE;
        return Outcome.of(piece, page.withGuides(edit.guides()), doing);
    }
}
