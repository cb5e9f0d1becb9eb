package wovenset.core.edit.apply;

import java.util.List;
import wovenset.core.album.AlbumFlow;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.PieceEdit;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;

/** A flowed page that a person arranges by hand is pinned: the flow would arrange it as before. */
final class HandPins {
    private HandPins() {}

    @SuppressWarnings("ReferenceEquality") // The same object needs no comparing; another may still be equal.
    static Piece changed(Piece before, Piece after, Edit edit) {
        boolean ofTheFlow = edit instanceof AlbumEdit && !(edit instanceof AlbumEdit.FlowEntries)
                || edit instanceof ItemEdit.RemoveItems removed && takesWordsOut(before, removed)
                || edit instanceof ArrangeEdit.EmptyFrame
                || edit instanceof EntryEdit.RemoveEntries
                // Every page follows these alike.
                || edit instanceof PieceEdit.SetFormat
                || edit instanceof PieceEdit.SetCaptionStyle
                || edit instanceof PieceEdit.WearTheme;
        if (ofTheFlow || before.album().isEmpty()) {
            return after;
        }
        List<Page> old = before.pages();
        Piece now = after;
        for (int i = 0; i < after.pages().size(); i++) {
            Page page = after.pages().get(i);
            // Most pages are the same object in the same place.
            if (page.flow() == Page.Flow.FLOWED
                    && !(i < old.size() && old.get(i) == page)
                    && before.page(page.id())
                            .filter(was -> isArranged(before, was, after, page))
                            .isPresent()) {
                now = now.mapPage(page.id(), one -> one.withFlow(Page.Flow.PINNED));
            }
        }
        return now;
    }

    /** Words that stand among photos are taken out: what stays has closed up. */
    private static boolean takesWordsOut(Piece before, ItemEdit.RemoveItems edit) {
        Page page = before.page(edit.pageId()).orElseThrow();
        return edit.itemIds().stream().allMatch(id -> page.frame(id)
                .filter(frame -> AlbumFlow.isBlock(page, frame))
                .isPresent());
    }

    private static boolean isArranged(Piece before, Page old, Piece after, Page page) {
        return !old.arrangement().equals(page.arrangement())
                || !before.slottedEntries(old).equals(after.slottedEntries(page));
    }
}
