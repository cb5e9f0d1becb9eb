package wovenset.core.piece;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import wovenset.core.arrangement.Arrangement;
import wovenset.core.item.Frame;
import wovenset.core.item.Item;
import wovenset.core.item.Items;
import wovenset.core.item.Placement;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;
import wovenset.core.style.Ground;

/**
 * One page.
 *
 * @param items from back to front: the only order in which things lie over each other
 * @param pictures that are seen through frames
 * @param flow whether an album's flow fills it
 * @param numbered whether its number stands on it, where the piece's pages have numbers
 */
public record Page(
        UUID id,
        Ground ground,
        Arrangement arrangement,
        List<Item> items,
        List<Guide> guides,
        List<SharedPicture> pictures,
        Flow flow,
        boolean numbered) {
    /** The most frames that a page is given. */
    public static final int MOST_FRAMES = 500;

    public Page {
        items = List.copyOf(items);
        guides = List.copyOf(guides);
        pictures = List.copyOf(pictures);
        checkSlots(arrangement, Items.frames(items));
    }

    /** How a page stands to the flow of its piece's album. */
    public enum Flow {
        /** A page of its own: the flow goes past it. */
        BY_HAND,
        /** The flow has put it before a chapter, for its title. */
        OPENING,
        /** The flow fills it, and may fill it otherwise. */
        FLOWED,
        /** The flow has filled it, and leaves it as it is. */
        PINNED
    }

    /** A page of its own. */
    public Page(
            UUID id,
            Ground ground,
            Arrangement arrangement,
            List<Item> items,
            List<Guide> guides,
            List<SharedPicture> pictures) {
        this(id, ground, arrangement, items, guides, pictures, Flow.BY_HAND, true);
    }

    /** A page on the common ground, without guides. */
    public static Page of(UUID id, Arrangement arrangement, List<? extends Item> items) {
        return new Page(id, new Ground.Common(), arrangement, List.copyOf(items), List.of(), List.of());
    }

    private static void checkSlots(Arrangement arrangement, List<Frame> frames) {
        Set<UUID> ids = new HashSet<>();
        Set<Integer> slots = new HashSet<>();
        for (Frame frame : frames) {
            Checks.that(ids.add(frame.id()), Reason.ITEM_TWICE);
            if (frame.placement() instanceof Placement.InSlot in) {
                Checks.that(in.slot() < arrangement.slots() && slots.add(in.slot()), Reason.SLOT);
            }
        }
        Checks.that(arrangement.mayBeVacant() || slots.size() == arrangement.slots(), Reason.SLOT_VACANT);
    }

    /** All frames for photos, those in groups, too, from back to front. */
    public List<Frame> frames() {
        return Items.frames(items);
    }

    public Optional<Frame> frame(UUID frameId) {
        return frames().stream().filter(frame -> frame.id().equals(frameId)).findFirst();
    }

    /** The item of this name, on the page itself or in a group. */
    public Optional<Item> item(UUID itemId) {
        return Items.find(items, itemId);
    }

    /** The frames that lie in slots, in the slots' order. */
    public List<Frame> slotted() {
        return frames().stream()
                .filter(Frame::isSlotted)
                .sorted(Comparator.comparingInt(Page::slotOf))
                .toList();
    }

    /** The slot that a frame lies in, from 0; -1 if it lies in none. */
    public static int slotOf(Frame frame) {
        return frame.placement() instanceof Placement.InSlot in ? in.slot() : -1;
    }

    /** The item on the page itself that is this one, or the group that holds it. */
    public Optional<Item> holder(UUID itemId) {
        return items.stream().filter(item -> Items.holds(item, itemId)).findFirst();
    }

    public Optional<SharedPicture> picture(UUID pictureId) {
        return pictures.stream()
                .filter(picture -> picture.id().equals(pictureId))
                .findFirst();
    }

    public Page with(Arrangement newArrangement, List<? extends Item> newItems) {
        return new Page(id, ground, newArrangement, List.copyOf(newItems), guides, pictures, flow, numbered);
    }

    public Page withItems(List<? extends Item> newItems) {
        return with(arrangement, newItems);
    }

    public Page withGuides(List<Guide> newGuides) {
        return new Page(id, ground, arrangement, items, newGuides, pictures, flow, numbered);
    }

    public Page withGround(Ground newGround) {
        return new Page(id, newGround, arrangement, items, guides, pictures, flow, numbered);
    }

    public Page withPictures(List<SharedPicture> newPictures) {
        return new Page(id, ground, arrangement, items, guides, newPictures, flow, numbered);
    }

    public Page withFlow(Flow newFlow) {
        return new Page(id, ground, arrangement, items, guides, pictures, newFlow, numbered);
    }

    public Page withNumbered(boolean newNumbered) {
        return new Page(id, ground, arrangement, items, guides, pictures, flow, newNumbered);
    }

    /** Each item changed, those in groups before the groups themselves. */
    public Page mapItems(UnaryOperator<Item> change) {
        return withItems(Items.map(items, change));
    }

    /** Each frame changed, wherever it is. */
    public Page mapFrames(UnaryOperator<Frame> change) {
        return withItems(Items.mapFrames(items, frame -> Optional.of(change.apply(frame))));
    }

    public Page mapFrame(UUID frameId, UnaryOperator<Frame> change) {
        return mapFrames(frame -> frame.id().equals(frameId) ? change.apply(frame) : frame);
    }
}
