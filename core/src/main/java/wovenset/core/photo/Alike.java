package wovenset.core.photo;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.ToLongFunction;

/**
 * Groups of photos that look alike: each is like at least one other of its group (single linkage). The photos' order is kept. Cost: a comparison of
 * 64 bits for each pair.
 */
public final class Alike {
    /** Of the crispest one's crispness. */
    private static final double NEARLY = 0.85;

    private final int[] parent;

    private Alike(int count) {
        parent = new int[count];
        for (int i = 0; i < count; i++) {
            parent[i] = i;
        }
    }

    /**
     * @param traits by their photos, in their order
     * @param richness how much there is of a photo: of those that are nearly as crisp as the crispest the richest is the best, for a copy that was
     *     packed more tightly has edges of its own
     * @return groups of two and more, each with its best photo first and the others in their order
     */
    public static <T> List<List<T>> groups(Map<T, Trait> traits, ToLongFunction<T> richness) {
        List<Map.Entry<T, Trait>> all = List.copyOf(new LinkedHashMap<>(traits).entrySet());
        Alike alike = new Alike(all.size());
        for (int i = 0; i < all.size(); i++) {
            for (int j = i + 1; j < all.size(); j++) {
                if (all.get(i).getValue().isAlike(all.get(j).getValue())) {
                    alike.join(i, j);
                }
            }
        }
        Map<Integer, List<Integer>> groups = new TreeMap<>();
        for (int i = 0; i < all.size(); i++) {
            groups.computeIfAbsent(alike.root(i), root -> new ArrayList<>()).add(i);
        }
        List<List<T>> found = new ArrayList<>();
        for (List<Integer> group : groups.values()) {
            if (group.size() > 1) {
                double crispest = group.stream()
                        .mapToDouble(one -> all.get(one).getValue().crispness())
                        .max()
                        .orElseThrow();
                int best = group.stream()
                        .filter(one -> all.get(one).getValue().crispness() >= NEARLY * crispest)
                        .max(Comparator.comparingLong(
                                one -> richness.applyAsLong(all.get(one).getKey())))
                        .orElseThrow();
                List<T> sorted = new ArrayList<>(List.of(all.get(best).getKey()));
                for (int one : group) {
                    if (one != best) {
                        sorted.add(all.get(one).getKey());
                    }
                }
                found.add(sorted);
            }
        }
        return found;
    }

    /** The earliest stands for all of a group. */
    private void join(int one, int other) {
        int a = root(one);
        int b = root(other);
        parent[Math.max(a, b)] = Math.min(a, b);
    }

    private int root(int i) {
        int at = i;
        while (parent[at] != at) {
            parent[at] = parent[parent[at]];
            at = parent[at];
        }
        return at;
    }
}
