package wovenset.core.edit.slots;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.item.Frame;
import wovenset.core.item.Group;
import wovenset.core.item.Item;
import wovenset.core.item.Items;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;

/** What an edit names: looked up in the piece, or refused with the field that names it. */
public final class Named {
    private Named() {}

    public static Page page(Piece piece, UUID pageId) {
        return piece.page(pageId).orElseThrow(() -> EditRefusedException.of("pageId", Reason.PAGE_GONE));
    }

    public static Frame frame(Page page, UUID frameId) {
        return page.frame(frameId).orElseThrow(() -> EditRefusedException.of("frameId", Reason.FRAME_GONE));
    }

    /** The frames of these names, each once, in their order. A group stands for all frames in it. */
    public static List<Frame> frames(Page page, List<UUID> itemIds) {
        if (itemIds.isEmpty()) {
            throw EditRefusedException.of("itemIds", Reason.SELECT_FIRST);
        }
        List<Frame> frames = new ArrayList<>();
        for (UUID id : itemIds) {
            Item item = page.item(id).orElseThrow(() -> EditRefusedException.of("itemIds", Reason.FRAME_GONE));
            frames.addAll(Items.frames(List.of(item)));
        }
        return frames.stream().distinct().toList();
    }

    /** The items on the page itself that are these or hold them, from back to front. */
    public static List<Item> holders(Page page, List<UUID> itemIds) {
        List<Item> holders = new ArrayList<>();
        for (UUID id : itemIds) {
            holders.add(page.holder(id).orElseThrow(() -> EditRefusedException.of("itemIds", Reason.FRAME_GONE)));
        }
        return page.items().stream().filter(holders::contains).toList();
    }

    /** The page's items with a group of some of them where the front one of these lies. */
    public static List<Item> together(Page page, List<Item> members, Group group) {
        Item front = members.get(members.size() - 1);
        List<Item> items = new ArrayList<>();
        for (Item item : page.items()) {
            if (item.equals(front)) {
                items.add(group);
            } else if (!members.contains(item)) {
                items.add(item);
            }
        }
        return items;
    }

    /** That this frame is locked, by the number that it has on its page. */
    public static EditRefusedException locked(Page page, Frame frame) {
        return EditRefusedException.of("itemIds", Reason.LOCKED, page.frames().indexOf(frame) + 1);
    }
}
