package wovenset.core.edit.gather;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.album.FoldAim;
import wovenset.core.album.PageOrder;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.Margins;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.edit.slots.NewPages;
import wovenset.core.geometry.Box;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.FrameWords;
import wovenset.core.item.Placement;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PixelSize;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.SharedPicture;
import wovenset.core.piece.Spreads;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;

/** Edits of pictures that lie across the fold of two facing pages. */
public final class SpreadEdits {
    private final PhotoFacts facts;
    private final Supplier<UUID> ids;

    public SpreadEdits(PhotoFacts facts, Supplier<UUID> ids) {
        this.facts = facts;
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(AlbumEdit.LayAcross.class, this::lay);
        handlers.on(AlbumEdit.PlacePicture.class, SpreadEdits::place);
    }

    private Outcome lay(Piece piece, AlbumEdit.LayAcross edit) {
        int at = piece.indexOf(Named.page(piece, edit.pageId()).id());
        Entry entry = Named.entry(piece, edit.entryId());
        // The album has it there from then on, and nowhere else.
        Piece without = piece.album().isPresent() ? AlbumEdits.closedUp(piece, Set.of(entry.id()), facts, ids) : piece;
        List<Page> pages = new ArrayList<>(without.pages());
        int left = spread(pages, Math.min(at, pages.size() - 1));
        if (pages.size() > Piece.MOST_PAGES) {
            throw EditRefusedException.of("pages", Reason.TOO_MANY_PAGES, Piece.MOST_PAGES);
        }
        Format format = piece.format();
        Box whole = FoldAim.covering(
                facts.size(entry.photo()).orElse(new PixelSize(3, 2)),
                facts.subject(entry.photo()),
                2 * format.width().mm(),
                format.height().mm());
        SharedPicture picture = new SharedPicture(ids.get(), entry.id(), whole);
        pages.set(left, covered(piece, pages.get(left), picture));
        pages.set(
                left + 1,
                covered(piece, pages.get(left + 1), moved(picture, Length.ZERO.minus(format.width()), Length.ZERO)));
        Piece laid = PageOrder.followed(without.withPages(pages), List.of(pages.get(left), pages.get(left + 1)));
        return Outcome.of(laid, Doing.LAY_ACROSS);
    }

    /** Where the left page of an empty spread is: the one there is, or a new one after it. */
    private int spread(List<Page> pages, int at) {
        Page like = pages.get(at);
        int left = at == 0 ? -1 : Spreads.isLeft(at) ? at : at - 1;
        if (left + 1 >= pages.size()) {
            pages.add(NewPages.emptyLike(like, ids));
        }
        if (left > 0 && isEmpty(pages.get(left)) && isEmpty(pages.get(left + 1))) {
            return left;
        }
        pages.add(left + 2, NewPages.emptyLike(like, ids));
        pages.add(left + 2, NewPages.emptyLike(like, ids));
        return left + 2;
    }

    /** With nothing on it that would be lost: words, too, and the title of a chapter. */
    private static boolean isEmpty(Page page) {
        return page.flow() != Page.Flow.OPENING
                && page.frames().stream().allMatch(frame -> frame.isSlotted() && frame.fill() instanceof Fill.Empty);
    }

    private Page covered(Piece piece, Page page, SharedPicture picture) {
        Grid all = new Grid(1, 1, Margins.all(Length.ZERO), Length.ZERO, Length.ZERO, null);
        Frame window = Frame.empty(
                        ids.get(),
                        new Placement.InSlot(0),
                        piece.styles().usual().id())
                .withFill(new Fill.Through(picture.id()))
                // The photo's words would stand below each of its parts.
                .withWords(new FrameWords.Own(""));
        Page covered = page.withPictures(List.of(picture)).with(all, List.of(window));
        return piece.album().isPresent() ? covered.withFlow(Page.Flow.PINNED) : covered;
    }

    private static Outcome place(Piece piece, AlbumEdit.PlacePicture edit) {
        Page page = Named.page(piece, edit.pageId());
        Optional<SharedPicture> picture = page.picture(edit.pictureId());
        if (picture.isEmpty()) {
            throw EditRefusedException.of("pictureId", Reason.PICTURE_GONE);
        }
        Box before = picture.get().box();
        Piece placed = piece.mapPages(one -> one.picture(edit.pictureId())
                .map(shared -> one.withPictures(one.pictures().stream()
                        .map(each -> each.id().equals(shared.id())
                                ? new SharedPicture(
                                        each.id(),
                                        each.entry(),
                                        new Box(
                                                edit.box()
                                                        .x()
                                                        .plus(shared.box().x().minus(before.x())),
                                                edit.box()
                                                        .y()
                                                        .plus(shared.box().y().minus(before.y())),
                                                edit.box().width(),
                                                edit.box().height()))
                                : each)
                        .toList()))
                .orElse(one));
        return Outcome.of(placed, Doing.PLACE_PICTURE);
    }

    private static SharedPicture moved(SharedPicture picture, Length right, Length down) {
        Box box = picture.box();
        return new SharedPicture(
                picture.id(),
                picture.entry(),
                new Box(box.x().plus(right), box.y().plus(down), box.width(), box.height()));
    }
}
