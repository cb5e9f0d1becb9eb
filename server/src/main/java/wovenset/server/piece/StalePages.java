package wovenset.server.piece;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import wovenset.core.delta.PieceDelta;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.style.Folio;
import wovenset.core.style.Grounds;
import wovenset.core.style.StyleSheet;

/**
 * Pages that look different after a step and are not changed themselves: they show an entry whose words or subject changed, came to lie on the
 * other side where left and right pages differ, or have another number or running title. Cost: linear in pages and frames.
 */
final class StalePages {
    private StalePages() {}

    static Set<UUID> of(Piece before, Piece after, PieceDelta delta) {
        Set<UUID> entries = new HashSet<>();
        delta.entries().forEach(change -> {
            if (change.before().isPresent()) {
                change.after().map(Entry::id).ifPresent(entries::add);
            }
        });
        Set<UUID> stale = new HashSet<>();
        if (!entries.isEmpty()) {
            Set<UUID> changed = new HashSet<>();
            delta.pages().forEach(page -> changed.add(page.pageId()));
            for (Page page : after.pages()) {
                boolean shows = !changed.contains(page.id())
                        && page.frames().stream().anyMatch(frame -> after.entryOf(page, frame)
                                .filter(entry -> entries.contains(entry.id()))
                                .isPresent());
                if (shows) {
                    stale.add(page.id());
                }
            }
        }
        StyleSheet styles = after.styles();
        if (styles.folio().isPresent() && folioChanged(before, after, delta)) {
            after.pages().forEach(page -> stale.add(page.id()));
            return stale;
        }
        if (delta.pageOrder().isPresent() && !styles.grounds().areAlike()) {
            for (int i = 0; i < after.pages().size(); i++) {
                Page page = after.pages().get(i);
                int was = before.indexOf(page.id());
                if (was >= 0 && Grounds.Side.of(was) != Grounds.Side.of(i)) {
                    stale.add(page.id());
                }
            }
        }
        return stale;
    }

    /** Whether a number, or what runs beside it, may be another one on any page. */
    private static boolean folioChanged(Piece before, Piece after, PieceDelta delta) {
        boolean alone = after.styles().folio().orElseThrow().running() == Folio.Running.NONE;
        return delta.pageOrder().isPresent()
                || !alone && delta.head().isPresent()
                || !alone && !beginnings(before).equals(beginnings(after));
    }

    /** Where each chapter's first photo is shown. */
    private static Map<UUID, Integer> beginnings(Piece piece) {
        Map<UUID, Integer> beginnings = new HashMap<>();
        piece.album().ifPresent(album -> album.chapters().forEach(one -> beginnings.put(one.first(), -1)));
        if (!beginnings.isEmpty()) {
            for (int i = 0; i < piece.pages().size(); i++) {
                for (UUID entry : piece.slottedEntries(piece.pages().get(i))) {
                    beginnings.replace(entry, i);
                }
            }
        }
        return beginnings;
    }
}
