package wovenset.core.edit.slots;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.slicing.SlicingGrowth;
import wovenset.core.arrange.space.Heads;
import wovenset.core.arrange.space.PagePhotos;
import wovenset.core.arrange.space.PlacesOutcome;
import wovenset.core.arrange.space.Space;
import wovenset.core.arrangement.Arrangement;
import wovenset.core.arrangement.ByHand;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.Scattered;
import wovenset.core.arrangement.Silhouette;
import wovenset.core.arrangement.Slicing;
import wovenset.core.arrangement.SlicingTree;
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
import wovenset.core.said.Reason;

/** Which frames of a page lie in its arrangement's slots: how one leaves its slot and comes back. */
public final class Slots {
    private final Piece piece;
    private final PhotoFacts facts;
    private final Supplier<UUID> ids;

    public Slots(Piece piece, PhotoFacts facts, Supplier<UUID> ids) {
        this.piece = piece;
        this.facts = facts;
        this.ids = ids;
    }

    /** Where the page's frames lie now. */
    public PlacesOutcome.Fits places(Page page) {
        return (PlacesOutcome.Fits) Places.of(piece, page, facts);
    }

    /** The place of a frame as one of its own. */
    public static Placement.Free placement(Frame frame, PlacesOutcome.Fits places) {
        return frame.placement() instanceof Placement.Free free
                ? free
                : places.of(frame.id()).free();
    }

    /** These frames with the places that they have as their own, in front; a grid keeps empty cells for them. */
    public Page takenOut(Page page, Set<UUID> out) {
        List<Frame> leaving = page.frames().stream()
                .filter(frame -> out.contains(frame.id()) && !frame.isFree())
                .toList();
        if (leaving.isEmpty()) {
            return page;
        }
        PlacesOutcome.Fits places = places(page);
        Set<UUID> leavingIds = new HashSet<>(leaving.stream().map(Frame::id).toList());
        Page rest = vacated(page, leavingIds, ids);
        List<Item> items = new ArrayList<>(Items.mapFrames(
                rest.items(), frame -> Optional.of(frame).filter(one -> !leavingIds.contains(one.id()))));
        leaving.forEach(frame -> items.add(places.of(frame.id()).taken(frame)));
        return rest.withItems(items);
    }

    /** The page without these frames, wherever they were. */
    public Page without(Page page, List<Frame> out) {
        out.stream().filter(frame -> frame.look().locked()).findFirst().ifPresent(frame -> {
            throw Named.locked(page, frame);
        });
        Set<UUID> gone = new HashSet<>(out.stream().map(Frame::id).toList());
        Page rest = vacated(page, gone, ids);
        return rest.withItems(Items.mapFrames(rest.items(), frame -> Optional.of(frame)
                .filter(one -> !(gone.contains(one.id()) && one.hasOwnPlace()))));
    }

    /** The page whose arrangement no longer places these frames, which are gone with their slots. */
    private static Page vacated(Page page, Set<UUID> out, Supplier<UUID> ids) {
        return page.arrangement().accept(new Arrangement.Visitor<>() {
            @Override
            public Page grid(Grid grid) {
                return emptied();
            }

            @Override
            public Page slicing(Slicing slicing) {
                Optional<SlicingTree> tree = Optional.of(slicing.tree());
                List<UUID> kept = new ArrayList<>();
                for (Frame frame : page.slotted()) {
                    if (out.contains(frame.id())) {
                        tree = tree.flatMap(now -> now.without(kept.size()));
                    } else {
                        kept.add(frame.id());
                    }
                }
                Arrangement rest =
                        tree.<Arrangement>map(slicing::withTree).orElseGet(() -> new ByHand(slicing.margins()));
                return page.with(rest, Items.mapFrames(page.items(), frame -> {
                    if (frame.hasOwnPlace()) {
                        return Optional.of(frame);
                    }
                    int slot = kept.indexOf(frame.id());
                    return slot < 0 ? Optional.empty() : Optional.of(frame.inSlot(slot));
                }));
            }

            @Override
            public Page scattered(Scattered scattered) {
                return page.withItems(Items.mapFrames(page.items(), frame -> Optional.of(frame)
                        .filter(one -> one.hasOwnPlace() || !out.contains(one.id()))));
            }

            @Override
            public Page silhouette(Silhouette silhouette) {
                return emptied();
            }

            @Override
            public Page byHand(ByHand byHand) {
                return page;
            }

            private Page emptied() {
                return page.mapFrames(
                        frame -> out.contains(frame.id()) && frame.isSlotted() ? frame.emptied(ids.get()) : frame);
            }
        });
    }

    public Page released(Page page) {
        PlacesOutcome.Fits places = places(page);
        return page.with(new ByHand(page.arrangement().margins()), Items.mapFrames(page.items(), frame -> {
            if (frame.isSlotted() && frame.isEmpty()) {
                return Optional.empty();
            }
            return Optional.of(frame.isSlotted() ? places.of(frame.id()).taken(frame) : frame);
        }));
    }

    public Page givenBack(Page page, List<Frame> back) {
        Page now = page;
        for (Frame frame : back) {
            if (frame.isFree()) {
                now = givenBack(now, frame);
            }
        }
        return now;
    }

    private Page givenBack(Page page, Frame frame) {
        return page.arrangement().accept(new Arrangement.Visitor<>() {
            @Override
            public Page grid(Grid grid) {
                return inFirstEmpty();
            }

            private Page inFirstEmpty() {
                Frame empty = page.slotted().stream()
                        .filter(Frame::isEmpty)
                        .findFirst()
                        .orElseThrow(() -> EditRefusedException.of("itemIds", Reason.NO_EMPTY_CELL));
                return page.withItems(Items.mapFrames(page.items(), one -> {
                    if (one.id().equals(empty.id())) {
                        return Optional.empty();
                    }
                    return Optional.of(one.id().equals(frame.id()) ? one.withPlacement(empty.placement()) : one);
                }));
            }

            @Override
            public Page silhouette(Silhouette silhouette) {
                return inFirstEmpty();
            }

            @Override
            public Page slicing(Slicing slicing) {
                List<Frame> frames = new ArrayList<>(page.slotted());
                frames.add(frame);
                Space space = Space.of(
                        piece.format(),
                        Heads.of(piece, page).margins(),
                        slicing.gap(),
                        Places.trims(piece, page, frames));
                SlicingTree tree =
                        SlicingGrowth.withOneMore(slicing, new PagePhotos(piece, page, facts).shown(frames), space);
                return inSlot(slicing.withTree(tree), frames.size() - 1);
            }

            /** Into the vacancy whose proportion is the nearest; where there is none it stays where it lies, as one print more. */
            @Override
            public Page scattered(Scattered scattered) {
                Set<Integer> taken = page.slotted().stream().map(Page::slotOf).collect(Collectors.toSet());
                double own = new PagePhotos(piece, page, facts).shown(frame);
                Optional<Integer> vacancy = IntStream.range(0, scattered.slots())
                        .boxed()
                        .filter(slot -> !taken.contains(slot))
                        .min(Comparator.comparingDouble(slot -> Math.abs(
                                Math.log(proportion(scattered.prints().get(slot).box()) / own))));
                if (vacancy.isPresent()) {
                    return inSlot(scattered, vacancy.get());
                }
                Placement.Free free = (Placement.Free) frame.placement();
                List<Scattered.Print> prints = new ArrayList<>(scattered.prints());
                prints.add(new Scattered.Print(free.box(), free.turnDegrees()));
                return inSlot(scattered.withPrints(prints), prints.size() - 1);
            }

            @Override
            public Page byHand(ByHand byHand) {
                return inSlot(new Slicing(byHand.margins(), Length.ofMm(3), true, SlicingTree.Leaf.OWN), 0);
            }

            private Page inSlot(Arrangement arrangement, int slot) {
                List<Item> items = new ArrayList<>(Items.mapFrames(
                        page.items(), one -> Optional.of(one.id().equals(frame.id()) ? one.inSlot(slot) : one)));
                restack(items, frame.id(), slot);
                return page.with(arrangement, items);
            }
        });
    }

    /** A frame on the page itself goes behind the first one of a later slot, as it lay before it was taken out. */
    private static void restack(List<Item> items, UUID frameId, int slot) {
        int own = items.stream().map(Item::id).toList().indexOf(frameId);
        for (int i = 0; i < own; i++) {
            if (items.get(i) instanceof Frame other
                    && other.placement() instanceof Placement.InSlot in
                    && in.slot() > slot) {
                items.add(i, items.remove(own));
                return;
            }
        }
    }

    private static double proportion(Box box) {
        return box.width().mm() / box.height().mm();
    }
}
