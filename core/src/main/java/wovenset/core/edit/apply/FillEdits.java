package wovenset.core.edit.apply;

import wovenset.core.edit.Edit;
import wovenset.core.edit.Outcome;
import wovenset.core.piece.Crop;
import wovenset.core.piece.Fill;
import wovenset.core.piece.Page;
import wovenset.core.piece.PhotoFrame;
import wovenset.core.said.Doing;

/** Edits of what frames show. */
final class FillEdits {
    void register(Handlers handlers) {
        handlers.on(Edit.PlaceEntry.class, (piece, edit) -> {
            EntryEdits.checkedEntry(piece, edit.entryId());
            Page page = Edits.checkedPage(piece, edit.pageId());
            PhotoFrame frame = Edits.checkedFrame(page, edit.frameId());
            Fill fill = new Fill.OwnPhoto(edit.entryId(), Crop.CENTRED);
            return Outcome.of(piece, page.mapFrame(frame.id(), one -> one.withFill(fill)), Doing.PLACE);
        });
        handlers.on(Edit.EmptyFrame.class, (piece, edit) -> {
            Page page = Edits.checkedPage(piece, edit.pageId());
            PhotoFrame frame = Edits.checkedFrame(page, edit.frameId());
            return Outcome.of(piece, page.mapFrame(frame.id(), one -> one.withFill(Fill.EMPTY)), Doing.EMPTY);
        });
        handlers.on(Edit.SwapFrames.class, (piece, edit) -> {
            Page page = Edits.checkedPage(piece, edit.pageId());
            Page otherPage = Edits.checkedPage(piece, edit.otherPageId());
            PhotoFrame one = Edits.checkedFrame(page, edit.frameId());
            PhotoFrame other = Edits.checkedFrame(otherPage, edit.otherFrameId());
            return Outcome.of(
                    piece.mapPage(page.id(), now -> now.mapFrame(one.id(), frame -> frame.withContentOf(other)))
                            .mapPage(
                                    otherPage.id(), now -> now.mapFrame(other.id(), frame -> frame.withContentOf(one))),
                    Doing.SWAP);
        });
    }
}
