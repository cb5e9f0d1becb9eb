package wovenset.core.edit.dress;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.edit.Outcome;
import wovenset.core.edit.StyleEdit;
import wovenset.core.edit.slots.Handlers;
import wovenset.core.edit.slots.Named;
import wovenset.core.item.Group;
import wovenset.core.item.Item;
import wovenset.core.item.Items;
import wovenset.core.item.Look;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.said.Doing;
import wovenset.core.said.Reason;
import wovenset.core.style.StyleSheet;

/** Edits of the papers that pictures are mounted on. */
public final class MountEdits {
    private final Supplier<UUID> ids;

    public MountEdits(Supplier<UUID> ids) {
        this.ids = ids;
    }

    public void register(Handlers handlers) {
        handlers.on(StyleEdit.MountItems.class, this::mount);
        handlers.on(StyleEdit.SetMount.class, MountEdits::set);
        handlers.on(StyleEdit.UnmountItems.class, MountEdits::unmount);
    }

    private Outcome mount(Piece piece, StyleEdit.MountItems edit) {
        Page page = Named.page(piece, edit.pageId());
        List<Item> members = Named.holders(page, edit.itemIds());
        if (members.isEmpty()) {
            throw EditRefusedException.of("itemIds", Reason.SELECT_PHOTO_FIRST);
        }
        StyleSheet sheet = piece.styles();
        UUID mount = edit.mount().id();
        StyleSheet knowing = sheet.mount(mount).isPresent() ? sheet : sheet.with(edit.mount());
        boolean one = members.size() == 1 && members.get(0) instanceof Group;
        Page mounted = one
                ? page.mapItems(
                        item -> item.equals(members.get(0)) ? ((Group) item).withMount(Optional.of(mount)) : item)
                : page.withItems(
                        Named.together(page, members, new Group(ids.get(), Look.PLAIN, members, Optional.of(mount))));
        return Outcome.of(
                pruned(piece.withStyles(knowing).mapPage(page.id(), old -> mounted)),
                Doing.MOUNT,
                Items.frames(members).size());
    }

    private static Outcome set(Piece piece, StyleEdit.SetMount edit) {
        if (piece.styles().mount(edit.mount().id()).isEmpty()) {
            throw EditRefusedException.of("mount", Reason.MOUNT_GONE);
        }
        return Outcome.of(piece.withStyles(piece.styles().with(edit.mount())), Doing.SET_MOUNT);
    }

    /** A group of one was made for its papers only. */
    private static Outcome unmount(Piece piece, StyleEdit.UnmountItems edit) {
        Page page = Named.page(piece, edit.pageId());
        List<Item> bare = Named.holders(page, edit.itemIds()).stream()
                .filter(item -> item instanceof Group group && group.mount().isPresent())
                .toList();
        if (bare.isEmpty()) {
            throw EditRefusedException.of("itemIds", Reason.NOTHING_MOUNTED);
        }
        List<Item> items = new ArrayList<>();
        for (Item item : page.items()) {
            if (item instanceof Group group && bare.contains(group)) {
                items.add(group.children().size() == 1 ? group.children().get(0) : group.withMount(Optional.empty()));
            } else {
                items.add(item);
            }
        }
        return Outcome.of(pruned(piece.mapPage(page.id(), old -> page.withItems(items))), Doing.UNMOUNT);
    }

    /** Without papers that nothing lies on. */
    private static Piece pruned(Piece piece) {
        Set<UUID> worn = piece.pages().stream()
                .flatMap(page -> page.items().stream())
                .flatMap(MountEdits::mounts)
                .collect(Collectors.toSet());
        StyleSheet sheet = piece.styles();
        return piece.withStyles(sheet.withMounts(sheet.mounts().stream()
                .filter(mount -> worn.contains(mount.id()))
                .toList()));
    }

    private static Stream<UUID> mounts(Item item) {
        return item instanceof Group group
                ? Stream.concat(
                        group.mount().stream(), group.children().stream().flatMap(MountEdits::mounts))
                : Stream.empty();
    }
}
