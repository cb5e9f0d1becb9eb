package wovenset.server.piece;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/**
 * Numbers that put rows in order, with room between them, so that a row that is moved or added changes no other. Those that
 * stay are the longest part of the new order that is in order already (Fredman 1975); the others are put half way between their
 * neighbours, and only where there is no room left are all numbered anew. Cost: n log n.
 */
final class Positions {
    static final long STEP = 1L << 32;

    private Positions() {}

    /** The positions that have to be written; those that are not in it stay. */
    static Map<UUID, Long> changed(Map<UUID, Long> now, List<UUID> order) {
        Set<UUID> kept = longestInOrder(now, order);
        Map<UUID, Long> changed = new HashMap<>();
        long before = 0;
        for (int i = 0; i < order.size(); ) {
            UUID id = order.get(i);
            if (kept.contains(id)) {
                before = now.getOrDefault(id, 0L);
                i++;
                continue;
            }
            int end = i;
            while (end < order.size() && !kept.contains(order.get(end))) {
                end++;
            }
            int count = end - i;
            long step = end < order.size() ? (now.getOrDefault(order.get(end), 0L) - before) / (count + 1) : STEP;
            if (step == 0) {
                return anew(order);
            }
            for (; i < end; i++) {
                before += step;
                changed.put(order.get(i), before);
            }
        }
        return changed;
    }

    private static Map<UUID, Long> anew(List<UUID> order) {
        Map<UUID, Long> all = new HashMap<>();
        for (int i = 0; i < order.size(); i++) {
            all.put(order.get(i), (i + 1) * STEP);
        }
        return all;
    }

    private static Set<UUID> longestInOrder(Map<UUID, Long> now, List<UUID> order) {
        List<UUID> known = order.stream().filter(now::containsKey).toList();
        // The piles of patience sorting: the last of each pile, and whom each was laid after.
        List<Integer> tops = new ArrayList<>();
        int[] after = new int[known.size()];
        for (int i = 0; i < known.size(); i++) {
            long position = now.getOrDefault(known.get(i), 0L);
            int low = 0;
            int high = tops.size();
            while (low < high) {
                int middle = (low + high) / 2;
                if (now.getOrDefault(known.get(tops.get(middle)), 0L) < position) {
                    low = middle + 1;
                } else {
                    high = middle;
                }
            }
            after[i] = low == 0 ? -1 : tops.get(low - 1);
            if (low == tops.size()) {
                tops.add(i);
            } else {
                tops.set(low, i);
            }
        }
        Set<UUID> longest = new HashSet<>();
        for (int i = tops.isEmpty() ? -1 : tops.get(tops.size() - 1); i >= 0; i = after[i]) {
            longest.add(known.get(i));
        }
        return longest;
    }
}
