package wovenset.core.edit.slots;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.scatter.Scatter;
import wovenset.core.arrange.space.FrameTrim;
import wovenset.core.arrange.space.Heads;
import wovenset.core.arrange.space.PagePhotos;
import wovenset.core.arrange.space.Place;
import wovenset.core.arrange.space.PlacesOutcome;
import wovenset.core.arrange.space.Space;
import wovenset.core.arrangement.Arrangement;
import wovenset.core.arrangement.Margins;
import wovenset.core.arrangement.Scattered;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.geometry.Box;
import wovenset.core.item.Frame;
import wovenset.core.item.Item;
import wovenset.core.item.Items;
import wovenset.core.item.Placement;
import wovenset.core.measure.Length;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;

/** Lays frames of a page into the slots of another arrangement, and strews them. */
public final class Laying {
    private final PhotoFacts facts;

    public Laying(PhotoFacts facts) {
        this.facts = facts;
    }

    /** Stands for a place until the arrangement that has one is there. */
    public static final Placement.Free FREE_FOR_NOW =
            new Placement.Free(new Box(Length.ZERO, Length.ZERO, Placement.Free.SMALLEST, Placement.Free.SMALLEST), 0);

    /** In which order from back to front frames lie that come into slots. */
    public enum Stacking {
        KEPT,
        IN_ORDER
    }

    /** The page in another arrangement, with these of its frames in the slots; other slotted frames go. */
    public static Page inSlots(Page page, Arrangement arrangement, List<Frame> frames, Stacking stacking) {
        List<UUID> order = frames.stream().map(Frame::id).toList();
        List<Item> items = new ArrayList<>(Items.mapFrames(page.items(), frame -> {
            int slot = order.indexOf(frame.id());
            if (slot >= 0) {
                return stacking == Stacking.IN_ORDER ? Optional.empty() : Optional.of(frame.inSlot(slot));
            }
            return Optional.of(frame).filter(Frame::hasOwnPlace);
        }));
        if (stacking == Stacking.IN_ORDER) {
            List<Item> prints = new ArrayList<>();
            for (int slot = 0; slot < frames.size(); slot++) {
                prints.add(frames.get(slot).inSlot(slot));
            }
            items.addAll(0, prints);
        }
        if (stacking == Stacking.KEPT) {
            stackInReadingOrder(items);
        }
        return page.with(arrangement, items);
    }

    /** Among the places from back to front that arranged frames take, the frames follow each other as their slots do. */
    private static void stackInReadingOrder(List<Item> items) {
        List<Integer> at = new ArrayList<>();
        Map<Integer, Frame> bySlot = new TreeMap<>();
        for (int i = 0; i < items.size(); i++) {
            if (items.get(i) instanceof Frame frame && frame.placement() instanceof Placement.InSlot in) {
                at.add(i);
                bySlot.put(in.slot(), frame);
            }
        }
        Iterator<Frame> next = bySlot.values().iterator();
        at.forEach(i -> items.set(i, next.next()));
    }

    /**
     * Prints strewn for these frames of a page.
     *
     * @throws EditRefusedException if the margins or what surrounds the photos leave no room
     */
    public Scattered strewn(Piece piece, Page page, List<Frame> frames, Margins margins, Scattered.Recipe recipe) {
        Optional<PlacesOutcome.DoesNotFit> problem = Places.marginProblem(piece.format(), margins);
        if (problem.isPresent()) {
            throw new EditRefusedException(problem.get().field(), problem.get().reason());
        }
        List<FrameTrim> trims = Places.trims(piece, page, frames);
        Margins inner = Heads.of(piece, page, margins).margins();
        Space space = Space.of(piece.format(), inner, Length.ZERO, trims);
        PagePhotos photos = new PagePhotos(piece, page, facts);
        List<Place> places = Scatter.places(
                recipe,
                photos.shown(frames),
                frames.stream().map(photos::region).toList(),
                space);
        if (places.isEmpty() && !frames.isEmpty()) {
            PlacesOutcome.DoesNotFit none = Places.noRoomAtAll(space.widestTrim(), frames.size());
            throw new EditRefusedException(none.field(), none.reason());
        }
        return new Scattered(
                margins,
                recipe,
                places.stream()
                        .map(place -> new Scattered.Print(Box.of(place.box()), place.turnDegrees()))
                        .toList());
    }
}
