package wovenset.core.album;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import wovenset.core.piece.Album;
import wovenset.core.piece.Chapter;
import wovenset.core.piece.Entries;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;

/** Keeps the order of an album's photos and that of its pages in step, whichever of them is changed. Cost: linear in both. */
public final class PageOrder {
    private PageOrder() {}

    /**
     * The piece whose photos lie in the order of its pages again: those of the moved pages come right behind those of the page before them. A
     * chapter of which only some photos moved stays where it was.
     *
     * @param piece whose pages have been moved
     * @param moved pages, in their order
     */
    public static Piece followed(Piece piece, List<Page> moved) {
        Optional<Album> album = piece.album();
        List<UUID> entries = new ArrayList<>();
        moved.stream()
                .filter(page -> page.flow() != Page.Flow.BY_HAND)
                .flatMap(page -> piece.slottedEntries(page).stream())
                // A photo across the fold is on two of them.
                .distinct()
                .forEach(entries::add);
        if (album.isEmpty() || entries.isEmpty()) {
            return piece;
        }
        List<UUID> order = order(piece);
        Set<UUID> going = new HashSet<>(entries);
        Album kept = album.get().without(parts(album.get(), order, going), order);
        return ordered(piece, order, entries, before(piece, moved, order, going))
                .withAlbum(Optional.of(kept));
    }

    /** The moved entries but for those of chapters that move as a whole. */
    private static Set<UUID> parts(Album album, List<UUID> order, Set<UUID> going) {
        Set<UUID> parts = new HashSet<>(going);
        for (Chapter chapter : album.chapters()) {
            List<UUID> all = entriesOf(album, order, chapter);
            if (going.containsAll(all)) {
                parts.removeAll(all);
            }
        }
        return parts;
    }

    /** The entries of a chapter: up to where the next one begins. */
    private static List<UUID> entriesOf(Album album, List<UUID> order, Chapter chapter) {
        Set<UUID> beginnings = new HashSet<>();
        album.chapters().forEach(one -> beginnings.add(one.first()));
        List<UUID> entries = new ArrayList<>();
        int at = order.indexOf(chapter.first());
        while (at >= 0 && at < order.size() && (entries.isEmpty() || !beginnings.contains(order.get(at)))) {
            entries.add(order.get(at++));
        }
        return entries;
    }

    /** How many of the entries that stay come before the moved ones. */
    private static int before(Piece piece, List<Page> moved, List<UUID> order, Set<UUID> going) {
        List<UUID> stay = order.stream().filter(id -> !going.contains(id)).toList();
        List<Page> pages = piece.pages();
        int first = piece.indexOf(moved.get(0).id());
        for (int i = first - 1; i >= 0; i--) {
            Page page = pages.get(i);
            List<UUID> shown = page.flow() == Page.Flow.BY_HAND ? List.of() : piece.slottedEntries(page);
            int last = shown.stream().mapToInt(stay::indexOf).max().orElse(-1);
            if (last >= 0) {
                return last + 1;
            }
        }
        return 0;
    }

    /**
     * The piece with entries moved among all of them.
     *
     * @param index of the first of them then, counted without them
     */
    public static Piece moved(Piece piece, List<UUID> entries, int index) {
        return ordered(piece, order(piece), entries, index);
    }

    /**
     * The piece with a chapter, all of its photos, at another place.
     *
     * @param index among the chapters then, from 0
     */
    public static Piece moved(Piece piece, Album album, Chapter chapter, int index) {
        List<UUID> order = order(piece);
        List<UUID> entries = entriesOf(album, order, chapter);
        List<Chapter> others = album.chapters().stream()
                .filter(one -> !one.id().equals(chapter.id()))
                .sorted((a, b) -> Integer.compare(order.indexOf(a.first()), order.indexOf(b.first())))
                .toList();
        List<UUID> stay = order.stream().filter(id -> !entries.contains(id)).toList();
        int before = index < others.size() ? stay.indexOf(others.get(index).first()) : stay.size();
        return ordered(piece, order, entries, before);
    }

    private static Piece ordered(Piece piece, List<UUID> order, List<UUID> entries, int before) {
        Set<UUID> going = new HashSet<>(entries);
        List<UUID> wanted =
                new ArrayList<>(order.stream().filter(id -> !going.contains(id)).toList());
        wanted.addAll(Math.min(before, wanted.size()), entries);
        List<Entry> list =
                wanted.stream().flatMap(id -> piece.entries().find(id).stream()).toList();
        return piece.withEntries(Entries.of(list));
    }

    private static List<UUID> order(Piece piece) {
        return piece.entries().list().stream().map(Entry::id).toList();
    }
}
