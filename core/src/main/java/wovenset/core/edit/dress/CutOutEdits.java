package wovenset.core.edit.dress;

import java.util.Optional;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.RetouchEdit;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.retouch.BrushStroke;
import wovenset.core.photo.retouch.CutOut;
import wovenset.core.photo.retouch.PixelPlane;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;

/** Edits that show a photo's subject alone. */
public final class CutOutEdits {
    private final PhotoFacts facts;

    public CutOutEdits(PhotoFacts facts) {
        this.facts = facts;
    }

    public void register(Handlers handlers) {
        handlers.on(
                RetouchEdit.CutOutPeople.class,
                (piece, edit) -> people(new PhotoUse(piece, edit.pageId(), edit.frameId())));
        handlers.on(RetouchEdit.MarkCutOut.class, this::mark);
        handlers.on(RetouchEdit.ShapeCutOut.class, (piece, edit) -> {
            PhotoUse use = new PhotoUse(piece, edit.pageId(), edit.frameId());
            CutOut shaped = begun(use).withEdge(edit.edge()).withShadow(edit.shadow());
            return with(use, Optional.of(shaped), Doing.SHAPE_CUT_OUT);
        });
        handlers.on(RetouchEdit.EndCutOut.class, (piece, edit) -> {
            PhotoUse use = new PhotoUse(piece, edit.pageId(), edit.frameId());
            begun(use);
            return with(use, Optional.empty(), Doing.END_CUT_OUT);
        });
    }

    private static CutOut begun(PhotoUse use) {
        return use.retouching().cutOut().orElseThrow(() -> EditRefusedException.of("frameId", Reason.NO_CUT_OUT));
    }

    private static Outcome with(PhotoUse use, Optional<CutOut> cutOut, Doing doing) {
        return use.with(use.retouching().withCutOut(cutOut), doing);
    }

    private Outcome people(PhotoUse use) {
        PixelPlane labels =
                facts.people(use.photo()).orElseThrow(() -> EditRefusedException.of("frameId", Reason.NO_PERSON));
        CutOut found = new CutOut(CutOut.From.PERSON, labels);
        return with(
                use,
                Optional.of(use.retouching()
                        .cutOut()
                        .map(before -> found.withEdge(before.edge()).withShadow(before.shadow()))
                        .orElse(found)),
                Doing.CUT_OUT_PERSON);
    }

    private Outcome mark(Piece piece, RetouchEdit.MarkCutOut edit) {
        PhotoUse use = new PhotoUse(piece, edit.pageId(), edit.frameId());
        CutOut marked =
                switch (edit.mark()) {
                    case KEEP -> stroked(use, edit.stroke(), CutOut.KEPT);
                    case DROP -> stroked(use, edit.stroke(), CutOut.DROPPED);
                    case BRING_BACK -> brushed(use, edit.stroke(), 255);
                    case TAKE_AWAY -> brushed(use, edit.stroke(), 0);
                };
        for (boolean seen : marked.seen()) {
            if (seen) {
                boolean brush = edit.mark() == RetouchEdit.Mark.BRING_BACK || edit.mark() == RetouchEdit.Mark.TAKE_AWAY;
                return with(use, Optional.of(marked), brush ? Doing.BRUSH_CUT_OUT : Doing.MARK_CUT_OUT);
            }
        }
        throw EditRefusedException.of("stroke", Reason.CUT_OUT_NOTHING);
    }

    private CutOut stroked(PhotoUse use, BrushStroke stroke, byte label) {
        CutOut before =
                use.retouching().cutOut().orElseGet(() -> new CutOut(CutOut.From.STROKES, even(use, CutOut.OUTSIDE)));
        PixelPlane plane = before.labels();
        byte[] labels = plane.values();
        stroke.paint(plane.width(), plane.height(), (at, much) -> labels[at] = label);
        // What was taken away or brought back under a stroke is not meant any more.
        CutOut cleared = before.brushed()
                .map(painted -> before.withBrushed(over(painted, stroke, CutOut.UNTOUCHED)))
                .orElse(before);
        return facts.parted(
                        use.photo(),
                        PixelPlane.of(plane.width(), plane.height(), labels),
                        before.from() == CutOut.From.STROKES)
                .map(cleared::withLabels)
                .orElseThrow(() -> EditRefusedException.of("frameId", Reason.SHOWS_NO_PHOTO));
    }

    /** Without strokes before, the whole photo is seen, to take something away from it. */
    private CutOut brushed(PhotoUse use, BrushStroke stroke, int to) {
        CutOut before =
                use.retouching().cutOut().orElseGet(() -> new CutOut(CutOut.From.STROKES, even(use, CutOut.INSIDE)));
        PixelPlane painted = before.brushed().orElseGet(() -> even(use, CutOut.UNTOUCHED));
        return before.withBrushed(over(painted, stroke, to));
    }

    private static PixelPlane over(PixelPlane plane, BrushStroke stroke, int to) {
        byte[] values = plane.values();
        stroke.paint(plane.width(), plane.height(), (at, much) -> {
            int now = values[at] & 0xff;
            values[at] = (byte) Math.round(now + much * (to - now));
        });
        return PixelPlane.of(plane.width(), plane.height(), values);
    }

    private PixelPlane even(PhotoUse use, int value) {
        PixelSize size = use.size(facts);
        return PixelPlane.even(size.width(), size.height(), value);
    }
}
