package wovenset.core.edit.dress;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiFunction;
import wovenset.core.edit.AdjustEdit;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.item.Frame;
import wovenset.core.photo.Adjustments;
import wovenset.core.photo.Balance;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.Tones;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;

/** Edits that work light and colour out, or take them to other uses. */
public final class AdjustEdits {
    private final PhotoFacts facts;

    public AdjustEdits(PhotoFacts facts) {
        this.facts = facts;
    }

    public void register(Handlers handlers) {
        handlers.on(AdjustEdit.AdjustByItself.class, this::byItself);
        handlers.on(AdjustEdit.MakeAlike.class, this::alike);
        handlers.on(AdjustEdit.AdjustElsewhere.class, AdjustEdits::elsewhere);
    }

    private Outcome byItself(Piece piece, AdjustEdit.AdjustByItself edit) {
        return changed(
                piece,
                edit.pageId(),
                edit.itemIds(),
                Doing.ADJUST_BY_ITSELF,
                (frame, tones) -> Balance.automatic(tones, frame.adjustments()));
    }

    private Outcome alike(Piece piece, AdjustEdit.MakeAlike edit) {
        Page page = Named.page(piece, edit.pageId());
        Frame like = Named.frames(page, List.of(edit.likeId())).get(0);
        Tones its =
                tones(piece, page, like).orElseThrow(() -> EditRefusedException.of("likeId", Reason.SHOWS_NO_PHOTO));
        return changed(
                piece,
                edit.pageId(),
                edit.itemIds().stream().filter(id -> !id.equals(edit.likeId())).toList(),
                Doing.MAKE_ALIKE,
                (frame, tones) -> Balance.alike(tones, its, like.adjustments(), frame.adjustments()));
    }

    private Outcome changed(
            Piece piece, UUID pageId, List<UUID> itemIds, Doing doing, BiFunction<Frame, Tones, Adjustments> change) {
        Page page = Named.page(piece, pageId);
        Set<UUID> wanted = new HashSet<>();
        for (Frame frame : Named.frames(page, itemIds)) {
            if (tones(piece, page, frame).isPresent()) {
                wanted.add(frame.id());
            }
        }
        if (wanted.isEmpty()) {
            throw EditRefusedException.of("itemIds", Reason.SHOWS_NO_PHOTO);
        }
        Page now = page.mapFrames(frame -> wanted.contains(frame.id())
                ? frame.withAdjustments(
                        change.apply(frame, tones(piece, page, frame).orElseThrow()))
                : frame);
        return Outcome.of(piece, now, doing, wanted.size());
    }

    private Optional<Tones> tones(Piece piece, Page page, Frame frame) {
        return piece.entryOf(page, frame).map(Entry::photo).flatMap(facts::tones);
    }

    private static Outcome elsewhere(Piece piece, AdjustEdit.AdjustElsewhere edit) {
        Page page = Named.page(piece, edit.pageId());
        Frame from = Named.frames(page, List.of(edit.frameId())).get(0);
        PhotoId photo = piece.entryOf(page, from)
                .map(Entry::photo)
                .orElseThrow(() -> EditRefusedException.of("frameId", Reason.SHOWS_NO_PHOTO));
        int[] count = new int[1];
        Piece changed = piece.mapPages(one -> {
            if (edit.where() == AdjustEdit.Where.PAGE && !one.id().equals(page.id())) {
                return one;
            }
            Page now = one.mapFrames(frame -> {
                boolean meant = piece.entryOf(one, frame)
                        .filter(entry -> edit.where() != AdjustEdit.Where.SAME_PHOTO
                                || entry.photo().equals(photo))
                        .isPresent();
                if (!meant || frame.adjustments().equals(from.adjustments())) {
                    return frame;
                }
                count[0]++;
                return frame.withAdjustments(from.adjustments());
            });
            return now.equals(one) ? one : now;
        });
        if (count[0] == 0) {
            throw EditRefusedException.of("where", Reason.ALIKE_ALREADY);
        }
        return Outcome.of(changed, Doing.ADJUST, count[0]);
    }
}
