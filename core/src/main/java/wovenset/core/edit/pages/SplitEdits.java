package wovenset.core.edit.pages;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.arrange.propose.PageProposals;
import wovenset.core.arrange.space.Heads;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.Margins;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.PageEdit;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.geometry.Box;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.FrameWords;
import wovenset.core.item.Item;
import wovenset.core.item.Placement;
import wovenset.core.measure.Length;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.piece.SharedPicture;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;

/**
 * Lays one photo over several frames or pages, each of which is a window onto its part. With columns of width w and gaps of g, the
 * part in column i begins at i·(w + g) of a picture n·w + (n − 1)·g wide where the gaps leave out what lies in them, and at i·w of one
 * n·w wide where the picture goes on beyond a gap as it ended before it; rows likewise.
 */
public final class SplitEdits {
    private final Supplier<UUID> ids;

    public SplitEdits(Supplier<UUID> ids) {
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(PageEdit.SplitEntry.class, this::split);
    }

    private Outcome split(Piece piece, PageEdit.SplitEntry edit) {
        Page page = Named.page(piece, edit.pageId());
        Named.entry(piece, edit.entryId());
        if (edit.across() < 1 || edit.down() < 1 || edit.across() > Grid.MOST || edit.down() > Grid.MOST) {
            throw EditRefusedException.of("across", Reason.GRID_COUNTS, Grid.MOST);
        }
        if (edit.gap().isNegative()) {
            throw EditRefusedException.of("gap", Reason.GAP_NEGATIVE);
        }
        boolean free = PageProposals.taking(page).isEmpty();
        if (!edit.ontoPages() && !free) {
            throw EditRefusedException.of("pageId", Reason.PAGE_HAS_PHOTOS);
        }
        List<Page> pages = new ArrayList<>();
        for (Page one : piece.pages()) {
            if (!one.id().equals(page.id())) {
                pages.add(one);
            } else if (edit.ontoPages()) {
                if (!free) {
                    pages.add(page);
                }
                pages.addAll(
                        parts(piece, page, edit, free, piece.styles().usual().id()));
            } else {
                pages.add(framed(piece, page, edit));
            }
        }
        if (pages.size() > Piece.MOST_PAGES) {
            throw EditRefusedException.of("pages", Reason.TOO_MANY_PAGES_TO_FLOW, Piece.MOST_PAGES);
        }
        return Outcome.of(piece.withPages(pages), Doing.SPLIT, edit.across() * edit.down());
    }

    /** Where the whole picture lies, seen from the part in a row and column whose own corner is at x, y. */
    private static Box whole(PageEdit.SplitEntry edit, Length width, Length height, int row, int column, Box part) {
        Length gap = edit.bridged() ? Length.ZERO : edit.gap();
        return new Box(
                part.x().minus(width.plus(gap).times(column)),
                part.y().minus(height.plus(gap).times(row)),
                width.times(edit.across()).plus(gap.times(edit.across() - 1)),
                height.times(edit.down()).plus(gap.times(edit.down() - 1)));
    }

    /** A page that is all picture. */
    static Grid filled() {
        return new Grid(1, 1, Margins.all(Length.ZERO), Length.ZERO, Length.ZERO, null);
    }

    /**
     * A page for each part.
     *
     * @param here whether the first one takes the place of the one they are like
     */
    List<Page> parts(Piece piece, Page like, PageEdit.SplitEntry edit, boolean here, UUID style) {
        Length width = piece.format().width();
        Length height = piece.format().height();
        Box sheet = new Box(Length.ZERO, Length.ZERO, width, height);
        Grid filled = filled();
        List<Page> pages = new ArrayList<>();
        for (int row = 0; row < edit.down(); row++) {
            for (int column = 0; column < edit.across(); column++) {
                SharedPicture picture =
                        new SharedPicture(ids.get(), edit.entryId(), whole(edit, width, height, row, column, sheet));
                UUID id = here && pages.isEmpty() ? like.id() : ids.get();
                pages.add(new Page(
                        id, like.ground(), filled, List.of(window(style, 0, picture)), List.of(), List.of(picture)));
            }
        }
        return pages;
    }

    private Frame window(UUID style, int slot, SharedPicture picture) {
        return Frame.empty(ids.get(), new Placement.InSlot(slot), style)
                .withFill(new Fill.Through(picture.id()))
                // The photo's words would stand below each of its parts.
                .withWords(new FrameWords.Own(""));
    }

    private Page framed(Piece piece, Page page, PageEdit.SplitEntry edit) {
        Margins margins = Heads.of(piece, page).margins();
        Length gapsAcross = edit.gap().times(edit.across() - 1);
        Length gapsDown = edit.gap().times(edit.down() - 1);
        Length width = shared(
                piece.format()
                        .width()
                        .minus(margins.left())
                        .minus(margins.right())
                        .minus(gapsAcross),
                edit.across());
        Length height = shared(
                piece.format()
                        .height()
                        .minus(margins.top())
                        .minus(margins.bottom())
                        .minus(gapsDown),
                edit.down());
        List<SharedPicture> pictures = new ArrayList<>();
        List<Item> items = new ArrayList<>(
                page.frames().stream().filter(Frame::hasOwnPlace).toList());
        for (int slot = 0; slot < edit.across() * edit.down(); slot++) {
            int row = slot / edit.across();
            int column = slot % edit.across();
            Box part = new Box(
                    margins.left().plus(width.plus(edit.gap()).times(column)),
                    margins.top().plus(height.plus(edit.gap()).times(row)),
                    width,
                    height);
            Box whole = whole(edit, width, height, row, column, part);
            SharedPicture picture = pictures.stream()
                    .filter(one -> one.box().equals(whole))
                    .findFirst()
                    .orElseGet(() -> {
                        SharedPicture made = new SharedPicture(ids.get(), edit.entryId(), whole);
                        pictures.add(made);
                        return made;
                    });
            items.add(window(piece.styles().usual().id(), slot, picture));
        }
        Grid grid = new Grid(edit.down(), edit.across(), page.arrangement().margins(), edit.gap(), edit.gap(), null);
        List<SharedPicture> all = new ArrayList<>(page.pictures());
        all.addAll(pictures);
        return page.withPictures(all).with(grid, items);
    }

    private static Length shared(Length length, int parts) {
        return new Length(length.micrometres() / parts);
    }
}
