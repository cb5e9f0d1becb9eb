package wovenset.core.piece;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import wovenset.core.item.Fill;
import wovenset.core.item.Frame;
import wovenset.core.item.Group;
import wovenset.core.item.Item;
import wovenset.core.style.Ground;

/** A piece as another one: all in it has a name of its own. */
public final class PieceCopy {
    private final Supplier<UUID> ids;
    private final Map<UUID, UUID> renamed = new HashMap<>();

    private PieceCopy(Supplier<UUID> ids) {
        this.ids = ids;
    }

    public static Piece of(Piece source, String name, Supplier<UUID> ids) {
        return new PieceCopy(ids).copy(source, name);
    }

    private UUID renamed(UUID id) {
        return renamed.computeIfAbsent(id, old -> ids.get());
    }

    private Piece copy(Piece source, String name) {
        List<Entry> entries = new ArrayList<>();
        source.entries().forEach(entry -> entries.add(entry.as(renamed(entry.id()))));
        List<Page> pages = source.pages().stream().map(this::page).toList();
        return new Piece(
                ids.get(),
                name,
                source.format(),
                source.styles(),
                source.table(),
                source.album().map(this::album),
                source.cover(),
                Entries.of(entries),
                pages);
    }

    private Album album(Album album) {
        return album.withChapters(album.chapters().stream()
                        .map(chapter -> new Chapter(renamed(chapter.id()), chapter.title(), renamed(chapter.first())))
                        .toList())
                .withWaiting(album.waiting()
                        .map(waiting -> new Waiting(
                                waiting.pages().stream().map(this::page).toList())));
    }

    private Page page(Page page) {
        List<SharedPicture> pictures = page.pictures().stream()
                .map(picture -> new SharedPicture(renamed(picture.id()), renamed(picture.entry()), picture.box()))
                .toList();
        return new Page(
                renamed(page.id()),
                ground(page.ground()),
                page.arrangement(),
                items(page.items()),
                page.guides(),
                pictures,
                page.flow(),
                page.numbered());
    }

    private Ground ground(Ground ground) {
        return ground instanceof Ground.Pictured pictured ? pictured.withEntry(renamed(pictured.entry())) : ground;
    }

    private List<Item> items(List<Item> items) {
        return items.stream()
                .map(item -> item.accept(new Item.Visitor<Item>() {
                    @Override
                    public Item frame(Frame frame) {
                        return new Frame(
                                renamed(frame.id()),
                                frame.placement(),
                                frame.look(),
                                frame.style(),
                                frame.outline(),
                                fill(frame.fill()),
                                frame.words(),
                                frame.marks());
                    }

                    @Override
                    public Item group(Group group) {
                        return new Group(renamed(group.id()), group.look(), items(group.children()), group.mount());
                    }
                }))
                .toList();
    }

    private Fill fill(Fill fill) {
        if (fill instanceof Fill.OwnPhoto own) {
            return own.mapEntries(this::renamed);
        }
        return fill instanceof Fill.Through through ? through.withPicture(renamed(through.picture())) : fill;
    }
}
