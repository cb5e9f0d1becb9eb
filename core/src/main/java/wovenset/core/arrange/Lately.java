package wovenset.core.arrange;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/** Remembers the latest answers of a function that always gives the same answer to the same question. Safe for several threads. */
final class Lately<K, V> {
    private final Map<K, V> kept;

    Lately(int most) {
        kept = new LinkedHashMap<>(16, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > most;
            }
        };
    }

    V get(K key, Function<K, V> find) {
        synchronized (kept) {
            V known = kept.get(key);
            if (known != null) {
                return known;
            }
        }
        V found = find.apply(key);
        synchronized (kept) {
            kept.put(key, found);
        }
        return found;
    }
}
