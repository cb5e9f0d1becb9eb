package wovenset.core.edit.gather;

import java.util.Optional;
import java.util.Set;
import wovenset.core.album.AlbumFlow;
import wovenset.core.edit.ArrangeEdit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.item.Crop;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Items;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;

/** Edits of what frames show. */
public final class FillEdits {
    private final AlbumEdits albums;

    public FillEdits(AlbumEdits albums) {
        this.albums = albums;
    }

    public void register(Handlers handlers) {
        handlers.on(ArrangeEdit.PlaceEntry.class, (piece, edit) -> {
            Entry entry = Named.entry(piece, edit.entryId());
            Page page = Named.page(piece, edit.pageId());
            Frame frame = Named.frame(page, edit.frameId());
            if (!frame.isForPhotos()) {
                throw EditRefusedException.of("frameId", Reason.FRAME_HAS_WORDS);
            }
            Fill fill = new Fill.OwnPhoto(edit.entryId(), Crop.CENTRED);
            // Who places a photo wants it to be in.
            Piece with = entry.aside()
                    ? piece.withEntries(piece.entries().map(entry.id(), one -> one.withAside(false)))
                    : piece;
            return Outcome.of(with, page.mapFrame(frame.id(), one -> one.withFill(fill)), Doing.PLACE);
        });
        handlers.on(ArrangeEdit.EmptyFrame.class, (piece, edit) -> {
            Page page = Named.page(piece, edit.pageId());
            Frame frame = Named.frame(page, edit.frameId());
            if (!frame.isForPhotos() && frame.hasOwnPlace() && frame.look().locked()) {
                throw Named.locked(page, frame);
            }
            if (!frame.isForPhotos()) {
                boolean isDrawing = frame.fill() instanceof Fill.Ornament;
                return Outcome.of(
                        piece, without(page, frame), isDrawing ? Doing.TAKE_OUT_ORNAMENT : Doing.TAKE_OUT_WORDS);
            }
            Optional<Entry> shown = piece.entryOf(page, frame);
            if (shown.isPresent() && AlbumFlow.isFlowed(page) && frame.isSlotted()) {
                return albums.aside(piece, Set.of(shown.get().id()));
            }
            return Outcome.of(piece, page.mapFrame(frame.id(), one -> one.withFill(Fill.EMPTY)), Doing.EMPTY);
        });
        handlers.on(ArrangeEdit.SwapFrames.class, (piece, edit) -> {
            Page page = Named.page(piece, edit.pageId());
            Page otherPage = Named.page(piece, edit.otherPageId());
            Frame one = Named.frame(page, edit.frameId());
            Frame other = Named.frame(otherPage, edit.otherFrameId());
            return Outcome.of(
                    piece.mapPage(page.id(), now -> now.mapFrame(one.id(), frame -> frame.withContentOf(other)))
                            .mapPage(
                                    otherPage.id(), now -> now.mapFrame(other.id(), frame -> frame.withContentOf(one))),
                    Doing.SWAP);
        });
    }

    /** Words and drawings that lie in no slot go with their frame: it was made for them. */
    private static Page without(Page page, Frame words) {
        return page.withItems(Items.mapFrames(page.items(), frame -> {
            if (!frame.id().equals(words.id())) {
                return Optional.of(frame);
            }
            return Optional.of(frame).filter(Frame::isSlotted).map(one -> one.withFill(Fill.EMPTY));
        }));
    }
}
