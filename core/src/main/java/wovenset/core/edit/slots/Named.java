package wovenset.core.edit.slots;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.item.Frame;
import wovenset.core.item.Group;
import wovenset.core.item.Item;
import wovenset.core.item.Items;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Reason;
import wovenset.core.style.FrameStyle;
import wovenset.core.words.Typefaces;

/** What an edit names: looked up in the piece, or refused with the field that names it. */
public final class Named {
    private Named() {}

    public static Page page(Piece piece, UUID pageId) {
        return piece.page(pageId).orElseThrow(() -> EditRefusedException.of("pageId", Reason.PAGE_GONE));
    }

    /** These pages in reading order, each once. */
    public static List<Page> pages(Piece piece, List<UUID> ids) {
        Set<UUID> wanted = new HashSet<>();
        ids.forEach(id -> wanted.add(page(piece, id).id()));
        if (wanted.isEmpty()) {
            throw EditRefusedException.of("pageIds", Reason.CHOOSE_PAGES);
        }
        return piece.pages().stream().filter(page -> wanted.contains(page.id())).toList();
    }

    public static Entry entry(Piece piece, UUID entryId) {
        return piece.entries().find(entryId).orElseThrow(() -> EditRefusedException.of("entryId", Reason.ENTRY_GONE));
    }

    /** The style of this name, or the refusal that it is gone. */
    public static FrameStyle style(Piece piece, UUID id) {
        FrameStyle style = piece.styles().frame(id);
        if (!style.id().equals(id)) {
            throw EditRefusedException.of("style", Reason.STYLE_GONE);
        }
        return style;
    }

    /** The entries that no frame shows, in their order. */
    public static List<Entry> waiting(Piece piece) {
        Map<UUID, Entry> waiting = new LinkedHashMap<>();
        piece.entries().forEach(entry -> waiting.put(entry.id(), entry));
        piece.pages().forEach(page -> page.frames()
                .forEach(frame -> piece.entryOf(page, frame).ifPresent(entry -> waiting.remove(entry.id()))));
        return List.copyOf(waiting.values());
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

    /** @throws EditRefusedException if a page is to have more frames than it may */
    public static void checkCount(int frames) {
        if (frames > Page.MOST_FRAMES) {
            throw EditRefusedException.of("items", Reason.FRAME_COUNT, Page.MOST_FRAMES);
        }
    }

    /** @throws EditRefusedException if a typeface does not ship */
    public static void checkTypeface(String typeface) {
        if (!Typefaces.names().contains(typeface)) {
            throw EditRefusedException.of("typeface", Reason.TYPEFACE, String.join(", ", Typefaces.names()));
        }
    }

    /** @throws EditRefusedException if a frame has words in a typeface that does not ship */
    public static void checkTypeface(Frame frame) {
        frame.ownWords().ifPresent(words -> checkTypeface(words.style().typeface()));
    }
}
