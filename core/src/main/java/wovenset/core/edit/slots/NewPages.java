package wovenset.core.edit.slots;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import wovenset.core.arrangement.Arrangement;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Item;
import wovenset.core.item.Items;
import wovenset.core.item.Placement;
import wovenset.core.piece.Page;
import wovenset.core.piece.SharedPicture;

/** Pages made from nothing or after another; all that is in them has new names. */
public final class NewPages {
    private NewPages() {}

    /** A page with an empty frame in each slot. */
    public static Page empty(Arrangement arrangement, UUID style, Supplier<UUID> ids) {
        List<Frame> frames = IntStream.range(0, arrangement.slots())
                .mapToObj(slot -> Frame.empty(ids.get(), new Placement.InSlot(slot), style))
                .toList();
        return Page.of(ids.get(), arrangement, frames);
    }

    /** A page whose frames lie as on this one, all empty; words outside its slots are this one's alone. */
    public static Page emptyLike(Page page, Supplier<UUID> ids) {
        List<Item> items = Items.renamed(
                Items.mapFrames(
                        page.items(),
                        frame -> !frame.isForPhotos() && frame.hasOwnPlace()
                                ? Optional.empty()
                                : Optional.of(frame.emptied(frame.id()))),
                ids);
        return new Page(ids.get(), page.ground(), page.arrangement(), items, page.guides(), List.of());
    }

    /** A copy in which everything has a name of its own. */
    public static Page copied(Page page, Supplier<UUID> ids) {
        Map<UUID, UUID> pictures = new HashMap<>();
        List<SharedPicture> copies = new ArrayList<>();
        for (SharedPicture picture : page.pictures()) {
            UUID id = ids.get();
            pictures.put(picture.id(), id);
            copies.add(new SharedPicture(id, picture.entry(), picture.box()));
        }
        Page renamed = new Page(
                        ids.get(),
                        page.ground(),
                        page.arrangement(),
                        Items.renamed(page.items(), ids),
                        page.guides(),
                        copies)
                .withNumbered(page.numbered());
        return pictures.isEmpty()
                ? renamed
                : renamed.mapFrames(frame -> frame.fill() instanceof Fill.Through through
                        ? frame.refilled(
                                through.withPicture(pictures.getOrDefault(through.picture(), through.picture())))
                        : frame);
    }
}
