package wovenset.core.edit.items;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import wovenset.core.album.AlbumFlow;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.ItemChange;
import wovenset.core.edit.ItemEdit;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.gather.AlbumEdits;
import wovenset.core.edit.slots.Brought;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.edit.slots.Slots;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Group;
import wovenset.core.item.Item;
import wovenset.core.item.Items;
import wovenset.core.item.Look;
import wovenset.core.item.Placement;
import wovenset.core.measure.Format;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;
import wovenset.core.said.Said;
import wovenset.core.style.StyleUse;

/** Edits of items, whatever their kind: patch, move, add, remove, restack, group. */
public final class ItemEdits {
    /** What of a frame has to lie on the page, so that none is lost. */
    private static final double SEEN_MM = 1;

    private final PhotoFacts facts;
    private final Supplier<UUID> ids;

    public ItemEdits(PhotoFacts facts, Supplier<UUID> ids) {
        this.facts = facts;
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(ItemEdit.PatchItems.class, ItemEdits::patch);
        handlers.on(ItemEdit.MoveItems.class, (piece, edit) -> {
            Map<UUID, Placement.Free> wanted = new LinkedHashMap<>();
            edit.moves().forEach(move -> wanted.put(move.itemId(), move.to()));
            Page page = Named.page(piece, edit.pageId());
            return moved(piece, page, wanted, moveName(page, wanted));
        });
        handlers.on(ItemEdit.AddItems.class, this::add);
        handlers.on(ItemEdit.RemoveItems.class, (piece, edit) -> {
            Page page = Named.page(piece, edit.pageId());
            List<Frame> frames = Named.frames(page, edit.itemIds());
            if (frames.stream().allMatch(frame -> AlbumFlow.isBlock(page, frame))) {
                Set<UUID> out = frames.stream().map(Frame::id).collect(Collectors.toSet());
                return Outcome.of(AlbumEdits.closedUp(piece, out, facts, ids), Doing.DELETE, frames.size());
            }
            Page without = new Slots(piece, facts, ids).without(page, frames);
            Piece untitled = AlbumEdits.untitled(piece, frames);
            return Outcome.of(untitled, without, Doing.DELETE, frames.size());
        });
        handlers.on(ItemEdit.RestackItems.class, ItemEdits::restack);
        handlers.on(ItemEdit.GroupItems.class, this::group);
        handlers.on(ItemEdit.UngroupItems.class, ItemEdits::ungroup);
    }

    private static Outcome patch(Piece piece, ItemEdit.PatchItems edit) {
        Page page = Named.page(piece, edit.pageId());
        Set<UUID> wanted = new HashSet<>(edit.itemIds());
        Named.frames(page, edit.itemIds());
        if (edit.change() instanceof ItemChange.WearStyle wear) {
            Named.style(piece, wear.style());
        } else if (edit.change() instanceof ItemChange.Wear wear) {
            Named.style(piece, wear.style().style());
        }
        boolean pins = edit.change() instanceof ItemChange.SetPinned;
        if (pins && Named.frames(page, edit.itemIds()).stream().allMatch(Frame::isEmpty)) {
            throw EditRefusedException.of("itemIds", Reason.SELECT_PHOTO_FIRST);
        }
        Page patched =
                page.mapItems(item -> wanted.contains(item.id()) ? edit.change().in(item) : item);
        return Outcome.of(piece, patched, edit.change().doing(), wanted.size());
    }

    /** Puts frames where they are wanted, unless they are locked. */
    Outcome moved(Piece piece, Page page, Map<UUID, Placement.Free> wanted, Said name) {
        for (Frame frame : Named.frames(page, List.copyOf(wanted.keySet()))) {
            Placement.Free to = Objects.requireNonNull(wanted.get(frame.id()));
            if (frame.hasOwnPlace() && frame.look().locked() && !to.equals(frame.placement())) {
                throw Named.locked(page, frame);
            }
            checkSeen(piece.format(), to);
        }
        Page freed = new Slots(piece, facts, ids).takenOut(page, wanted.keySet());
        Page moved = freed.mapFrames(frame -> {
            Placement.Free to = wanted.get(frame.id());
            return to == null ? frame : frame.withPlacement(to);
        });
        return new Outcome(piece.mapPage(page.id(), old -> moved), name);
    }

    private static void checkSeen(Format format, Placement.Free free) {
        BoxMm box = free.box().mm().turned(free.turnDegrees());
        BoxMm sheet = new BoxMm(0, 0, format.width().mm(), format.height().mm())
                .outset(format.bleed().mm() - SEEN_MM);
        if (box.right() < sheet.x()
                || box.bottom() < sheet.y()
                || box.x() > sheet.right()
                || box.y() > sheet.bottom()) {
            throw EditRefusedException.of("to", Reason.OFF_THE_PAGE);
        }
    }

    private static Said moveName(Page page, Map<UUID, Placement.Free> wanted) {
        Doing doing = Doing.MOVE;
        for (Frame frame : page.frames()) {
            Placement.Free to = wanted.get(frame.id());
            if (to == null) {
                continue;
            }
            if (!(frame.placement() instanceof Placement.Free from)) {
                return Said.of(Doing.TAKE_OUT, wanted.size());
            }
            boolean sized = !from.box().width().equals(to.box().width())
                    || !from.box().height().equals(to.box().height());
            if (from.turnDegrees() != to.turnDegrees()) {
                doing = Doing.TURN;
            } else if (sized && doing == Doing.MOVE) {
                doing = Doing.SIZE;
            }
        }
        return Said.of(doing, wanted.size());
    }

    private Outcome add(Piece piece, ItemEdit.AddItems edit) {
        Page page = Named.page(piece, edit.pageId());
        List<Frame> added = Items.frames(edit.items());
        if (added.isEmpty()) {
            throw EditRefusedException.of("items", Reason.NOTHING_TO_ADD);
        }
        Named.checkCount(page.frames().size() + added.size());
        for (Frame frame : added) {
            if (frame.isSlotted()) {
                throw EditRefusedException.of("items", Reason.PLACE_NEEDED);
            }
            Named.checkTypeface(frame);
            if (frame.placement() instanceof Placement.Free free) {
                checkSeen(piece.format(), free);
            }
        }
        Map<UUID, UUID> known = new HashMap<>();
        Piece with = Brought.entries(piece, edit.entries(), known, facts, ids);
        List<Item> items = new ArrayList<>(page.items());
        items.addAll(
                Items.renamed(Items.mapFrames(edit.items(), frame -> Optional.of(shown(with, frame, known))), ids));
        boolean drawn = added.size() == 1 && added.get(0).isEmpty();
        return drawn
                ? Outcome.of(with, page.withItems(items), Doing.DRAW)
                : Outcome.of(with, page.withItems(items), Doing.ADD, added.size());
    }

    /** A frame that came from elsewhere: it names entries and styles of this piece. */
    private static Frame shown(Piece piece, Frame frame, Map<UUID, UUID> known) {
        boolean styled = piece.styles().frames().stream()
                .anyMatch(style -> style.id().equals(frame.style().style()));
        Frame one = styled
                ? frame
                : frame.withStyle(
                        new StyleUse(piece.styles().usual().id(), frame.style().differences()));
        if (!(frame.fill() instanceof Fill.OwnPhoto own)) {
            return one.mapOwnWords(words -> words.sharing(
                    words.shared().filter(text -> piece.styles().text(text).isPresent())));
        }
        UUID entry = known.getOrDefault(own.entry(), own.entry());
        if (piece.entries().find(entry).isEmpty()) {
            throw EditRefusedException.of("items", Reason.ENTRY_GONE);
        }
        return one.refilled(own.mapEntries(each -> known.getOrDefault(each, each)));
    }

    private static Outcome restack(Piece piece, ItemEdit.RestackItems edit) {
        Page page = Named.page(piece, edit.pageId());
        Map<UUID, Item> items = new LinkedHashMap<>();
        page.items().forEach(item -> items.put(item.id(), item));
        if (edit.itemIds().size() != items.size() || !items.keySet().equals(Set.copyOf(edit.itemIds()))) {
            throw EditRefusedException.of("itemIds", Reason.ORDER_OF_ITEMS);
        }
        List<Item> order = new ArrayList<>();
        edit.itemIds().forEach(id -> order.add(Objects.requireNonNull(items.get(id))));
        return Outcome.of(piece, page.withItems(order), Doing.RESTACK);
    }

    private Outcome group(Piece piece, ItemEdit.GroupItems edit) {
        Page page = Named.page(piece, edit.pageId());
        List<Item> members = Named.holders(page, edit.itemIds());
        if (members.size() < 2) {
            throw EditRefusedException.of("itemIds", Reason.GROUP_TWO);
        }
        List<Item> items = Named.together(page, members, new Group(ids.get(), Look.PLAIN, members));
        return Outcome.of(
                piece, page.withItems(items), Doing.GROUP, Items.frames(members).size());
    }

    private static Outcome ungroup(Piece piece, ItemEdit.UngroupItems edit) {
        Page page = Named.page(piece, edit.pageId());
        List<Item> apart = Named.holders(page, edit.itemIds());
        List<Item> items = new ArrayList<>();
        for (Item item : page.items()) {
            if (item instanceof Group group && apart.contains(group)) {
                items.addAll(group.children());
            } else {
                items.add(item);
            }
        }
        return Outcome.of(
                piece, page.withItems(items), Doing.UNGROUP, Items.frames(apart).size());
    }
}
