package wovenset.core.item;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

/** Walks over items and what lies in their groups. All lists are from back to front. */
public final class Items {
    private Items() {}

    /** All frames for photos among these items and in their groups. */
    public static List<Frame> frames(List<? extends Item> items) {
        List<Frame> frames = new ArrayList<>();
        for (Item item : items) {
            frames.addAll(item.accept(new Item.Visitor<List<Frame>>() {
                @Override
                public List<Frame> frame(Frame frame) {
                    return List.of(frame);
                }

                @Override
                public List<Frame> group(Group group) {
                    return frames(group.children());
                }
            }));
        }
        return frames;
    }

    /** The item of this name, among these or in a group. */
    public static Optional<Item> find(List<Item> items, UUID itemId) {
        for (Item item : items) {
            if (item.id().equals(itemId)) {
                return Optional.of(item);
            }
            Optional<Item> inside = item instanceof Group group ? find(group.children(), itemId) : Optional.empty();
            if (inside.isPresent()) {
                return inside;
            }
        }
        return Optional.empty();
    }

    /** Whether this is the item of that name, or a group in which it lies. */
    public static boolean holds(Item item, UUID itemId) {
        return find(List.of(item), itemId).isPresent();
    }

    /** Each item changed, those in groups before the groups themselves. */
    public static List<Item> map(List<Item> items, UnaryOperator<Item> change) {
        return items.stream()
                .map(item -> change.apply(
                        item instanceof Group group ? group.withChildren(map(group.children(), change)) : item))
                .toList();
    }

    /**
     * Items with each frame changed or gone; groups that have nothing left are gone, too.
     *
     * @param change nothing for a frame that goes
     */
    public static List<Item> mapFrames(List<Item> items, Function<Frame, Optional<Frame>> change) {
        List<Item> kept = new ArrayList<>();
        for (Item item : items) {
            Optional<? extends Item> changed = item.accept(new Item.Visitor<Optional<? extends Item>>() {
                @Override
                public Optional<? extends Item> frame(Frame frame) {
                    return change.apply(frame);
                }

                @Override
                public Optional<? extends Item> group(Group group) {
                    List<Item> children = mapFrames(group.children(), change);
                    return children.isEmpty() ? Optional.empty() : Optional.of(group.withChildren(children));
                }
            });
            changed.ifPresent(kept::add);
        }
        return kept;
    }

    /** The same items under new names. */
    public static List<Item> renamed(List<? extends Item> items, Supplier<UUID> ids) {
        List<Item> renamed = new ArrayList<>();
        for (Item item : items) {
            Item one = item.withId(ids.get());
            renamed.add(one instanceof Group group ? group.withChildren(renamed(group.children(), ids)) : one);
        }
        return renamed;
    }
}
