package wovenset.core.edit.items;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import wovenset.core.arrange.free.Alignment;
import wovenset.core.arrange.space.PlacesOutcome;
import wovenset.core.arrangement.Margins;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.edit.slots.Slots;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Frame;
import wovenset.core.item.Placement;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;
import wovenset.core.said.Said;

/** Edits that work places out from the present ones: lining up, even gaps, exact sizes. */
public final class AlignEdits {
    private final PhotoFacts facts;
    private final Supplier<UUID> ids;

    public AlignEdits(PhotoFacts facts, Supplier<UUID> ids) {
        this.facts = facts;
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(ItemEdit.LineUpItems.class, (piece, edit) -> {
            Page page = Named.page(piece, edit.pageId());
            return changed(
                    piece,
                    page,
                    edit.itemIds(),
                    places ->
                            Alignment.linedUp(places, edit.edge(), reference(piece.format(), page, places, edit.to())),
                    Doing.LINE_UP);
        });
        handlers.on(ItemEdit.EvenGaps.class, (piece, edit) -> {
            if (edit.itemIds().size() < 3) {
                throw EditRefusedException.of("itemIds", Reason.GAPS_OF_THREE);
            }
            return changed(
                    piece,
                    Named.page(piece, edit.pageId()),
                    edit.itemIds(),
                    places -> Alignment.evenGaps(places, edit.across()),
                    Doing.EVEN_GAPS);
        });
        handlers.on(
                ItemEdit.SizeItems.class,
                (piece, edit) -> changed(
                        piece,
                        Named.page(piece, edit.pageId()),
                        edit.itemIds(),
                        places -> places.stream()
                                .map(free -> sized(piece.format(), free, edit))
                                .toList(),
                        Doing.SIZE));
    }

    private static Placement.Free sized(Format format, Placement.Free free, ItemEdit.SizeItems edit) {
        Length width = edit.width().orElse(free.box().width());
        Length height = edit.height().orElse(free.box().height());
        checkSide(format, width, "width");
        checkSide(format, height, "height");
        return free.withBox(free.box().sized(width, height));
    }

    private static void checkSide(Format format, Length side, String field) {
        if (side.compareTo(Placement.Free.SMALLEST) < 0 || side.compareTo(Format.LARGEST) > 0) {
            throw EditRefusedException.of(
                    field, Reason.FRAME_SIDE, format.say(Placement.Free.SMALLEST), format.say(Format.LARGEST));
        }
    }

    private static BoxMm reference(Format format, Page page, List<Placement.Free> places, ItemEdit.LineUpTo to) {
        Margins margins = page.arrangement().margins();
        return switch (to) {
            case EACH_OTHER -> Alignment.around(places);
            case PAGE -> BoxMm.of(Length.ZERO, Length.ZERO, format.width(), format.height());
            case MARGINS ->
                BoxMm.of(
                        margins.left(),
                        margins.top(),
                        format.width().minus(margins.left()).minus(margins.right()),
                        format.height().minus(margins.top()).minus(margins.bottom()));
        };
    }

    /** Works the new places out from the present ones, also of frames that the arrangement places. */
    private Outcome changed(
            Piece piece, Page page, List<UUID> itemIds, UnaryOperator<List<Placement.Free>> change, Doing doing) {
        List<Frame> frames = Named.frames(page, itemIds);
        PlacesOutcome.Fits now = new Slots(piece, facts, ids).places(page);
        List<Placement.Free> places = change.apply(
                frames.stream().map(frame -> Slots.placement(frame, now)).toList());
        Map<UUID, Placement.Free> wanted = new LinkedHashMap<>();
        for (int i = 0; i < frames.size(); i++) {
            wanted.put(frames.get(i).id(), places.get(i));
        }
        return new ItemEdits(facts, ids).moved(piece, page, wanted, Said.of(doing, frames.size()));
    }
}
