package wovenset.core.edit.dress;

import java.util.UUID;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.slots.Named;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.retouch.Retouching;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;

/** A frame and the photo of its own that it shows, to work on by hand. */
final class PhotoUse {
    private final Piece piece;
    private final Page page;
    private final Frame frame;
    private final Fill.OwnPhoto own;

    /** @throws EditRefusedException if there is no such frame, or it shows none */
    PhotoUse(Piece piece, UUID pageId, UUID frameId) {
        this.piece = piece;
        page = Named.page(piece, pageId);
        frame = Named.frame(page, frameId);
        if (!(frame.fill() instanceof Fill.OwnPhoto photo)) {
            throw EditRefusedException.of("frameId", Reason.SHOWS_NO_PHOTO);
        }
        own = photo;
    }

    Page page() {
        return page;
    }

    Frame frame() {
        return frame;
    }

    Fill.OwnPhoto own() {
        return own;
    }

    PhotoId photo() {
        return Named.entry(piece, own.entry()).photo();
    }

    PixelSize size(PhotoFacts facts) {
        return facts.size(photo()).orElseThrow(() -> EditRefusedException.of("frameId", Reason.SHOWS_NO_PHOTO));
    }

    Retouching retouching() {
        return frame.retouching();
    }

    Outcome with(Retouching retouching, Doing doing) {
        Fill.OwnPhoto now = own.withRetouched(retouching.unlessNone());
        return Outcome.of(piece, page.mapFrame(frame.id(), one -> one.refilled(now)), doing);
    }
}
