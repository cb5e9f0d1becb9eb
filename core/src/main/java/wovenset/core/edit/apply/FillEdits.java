package wovenset.core.edit.apply;

import wovenset.core.edit.Edit;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.slots.Named;
import wovenset.core.item.Crop;
import wovenset.core.item.Fill;
import wovenset.core.item.PhotoFrame;
import wovenset.core.piece.Page;
import wovenset.core.said.Doing;

/** Edits of what frames show. */
final class FillEdits {
    void register(Handlers handlers) {
        handlers.on(Edit.PlaceEntry.class, (piece, edit) -> {
            EntryEdits.checkedEntry(piece, edit.entryId());
            Page page = Named.page(piece, edit.pageId());
            PhotoFrame frame = Named.frame(page, edit.frameId());
            Fill fill = new Fill.OwnPhoto(edit.entryId(), Crop.CENTRED);
            return Outcome.of(piece, page.mapFrame(frame.id(), one -> one.withFill(fill)), Doing.PLACE);
        });
        handlers.on(Edit.EmptyFrame.class, (piece, edit) -> {
            Page page = Named.page(piece, edit.pageId());
            PhotoFrame frame = Named.frame(page, edit.frameId());
            return Outcome.of(piece, page.mapFrame(frame.id(), one -> one.withFill(Fill.EMPTY)), Doing.EMPTY);
        });
        handlers.on(Edit.SwapFrames.class, (piece, edit) -> {
            Page page = Named.page(piece, edit.pageId());
            Page otherPage = Named.page(piece, edit.otherPageId());
            PhotoFrame one = Named.frame(page, edit.frameId());
            PhotoFrame other = Named.frame(otherPage, edit.otherFrameId());
            return Outcome.of(
                    piece.mapPage(page.id(), now -> now.mapFrame(one.id(), frame -> frame.withContentOf(other)))
                            .mapPage(
                                    otherPage.id(), now -> now.mapFrame(other.id(), frame -> frame.withContentOf(one))),
                    Doing.SWAP);
        });
    }
}
