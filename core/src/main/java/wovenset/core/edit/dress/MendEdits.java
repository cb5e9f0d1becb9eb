package wovenset.core.edit.dress;

import java.util.Optional;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.RetouchEdit;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.photo.retouch.BrushStroke;
import wovenset.core.photo.retouch.FacedPlane;
import wovenset.core.photo.retouch.Mend;
import wovenset.core.photo.retouch.Retouching;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;

/** Edits that put right what was taken wrong: spots, red eyes, slanted things. */
public final class MendEdits {
    private final PhotoFacts facts;

    public MendEdits(PhotoFacts facts) {
        this.facts = facts;
    }

    public void register(Handlers handlers) {
        handlers.on(RetouchEdit.MendPhoto.class, this::mend);
        handlers.on(RetouchEdit.RemoveMend.class, (piece, edit) -> {
            PhotoUse use = new PhotoUse(piece, edit.pageId(), edit.frameId());
            Retouching before = use.retouching();
            if (edit.index() < 0 || edit.index() >= before.mends().size()) {
                throw EditRefusedException.of("index", Reason.NO_MEND);
            }
            return use.with(before.withoutMend(edit.index()), Doing.REMOVE_MEND);
        });
        handlers.on(RetouchEdit.FacePlane.class, (piece, edit) -> {
            PhotoUse use = new PhotoUse(piece, edit.pageId(), edit.frameId());
            FacedPlane plane = new FacedPlane(edit.corners(), edit.whole());
            return use.with(use.retouching().withPlane(Optional.of(plane)), Doing.FACE_PLANE);
        });
        handlers.on(RetouchEdit.ExtendPhoto.class, this::extend);
        handlers.on(RetouchEdit.EndPlane.class, (piece, edit) -> {
            PhotoUse use = new PhotoUse(piece, edit.pageId(), edit.frameId());
            if (use.retouching().plane().isEmpty()) {
                throw EditRefusedException.of("frameId", Reason.NO_PLANE);
            }
            return use.with(use.retouching().withPlane(Optional.empty()), Doing.END_PLANE);
        });
    }

    private Outcome extend(Piece piece, RetouchEdit.ExtendPhoto edit) {
        PhotoUse use = new PhotoUse(piece, edit.pageId(), edit.frameId());
        boolean sampled = edit.extended()
                && edit.going().filter(RetouchEdit.GoingOn.SAMPLED::equals).isPresent();
        Retouching now = use.retouching();
        return use.with(
                now.withExtended(
                        edit.extended(),
                        sampled
                                ? facts.edges(
                                        new PhotoPixels(use.photo(), use.frame().adjustments(), now.ofPixels()))
                                : Optional.empty()),
                edit.extended() ? Doing.EXTEND_PHOTO : Doing.END_EXTENDING);
    }

    private Outcome mend(Piece piece, RetouchEdit.MendPhoto edit) {
        PhotoUse use = new PhotoUse(piece, edit.pageId(), edit.frameId());
        Optional<BrushStroke.Point> like =
                edit.mending() == Mend.Kind.REMOVE ? facts.like(use.photo(), edit.stroke()) : Optional.empty();
        return use.with(use.retouching().with(new Mend(edit.mending(), edit.stroke(), like)), Doing.MEND);
    }
}
