package wovenset.server.recent;

import com.google.common.cache.Cache;
import com.google.common.cache.CacheBuilder;
import com.google.common.util.concurrent.UncheckedExecutionException;
import java.util.concurrent.ExecutionException;
import java.util.function.Function;
import java.util.function.ToIntFunction;
import org.jspecify.annotations.Nullable;

/**
 * Values by their keys; what was used longest ago goes first. That order is the point: someone who turns to another piece
 * wants its photos now, however often the last one's were drawn. A cache that goes by frequency would turn them away.
 */
public final class Recent<K, V> {
    private final Cache<K, V> kept;

    private Recent(Cache<K, V> kept) {
        this.kept = kept;
    }

    /** Keeps about so many values. */
    public static <K, V> Recent<K, V> entries(long most) {
        return new Recent<>(CacheBuilder.newBuilder().maximumSize(most).build());
    }

    /**
     * Keeps values of about so many bytes together. The store is in four parts, so a value of more than a quarter is not
     * kept.
     */
    public static <K, V> Recent<K, V> bytes(long most, ToIntFunction<V> size) {
        return new Recent<>(CacheBuilder.newBuilder()
                .maximumWeight(most)
                .weigher((K key, V value) -> size.applyAsInt(value))
                .build());
    }

    public @Nullable V find(K key) {
        return kept.getIfPresent(key);
    }

    public void forget(K key) {
        kept.invalidate(key);
    }

    public void put(K key, V value) {
        kept.put(key, value);
    }

    /** The value; made now if it is not there, once even when several ask at the same time. What the maker throws goes through. */
    public V get(K key, Function<K, V> maker) {
        try {
            return kept.get(key, () -> maker.apply(key));
        } catch (UncheckedExecutionException e) {
            throw e.getCause() instanceof RuntimeException own ? own : e;
        } catch (ExecutionException e) {
            throw new IllegalStateException(e);
        }
    }
}
