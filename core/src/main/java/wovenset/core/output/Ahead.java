package wovenset.core.output;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Makes values on threads of its own, one for each processor, before they are asked for, in the order in which they will be, and never more than so many bytes of
 * them that nobody has taken yet. What is asked for sooner is made by whoever asks. Each is handed out once.
 */
final class Ahead<K, V> implements AutoCloseable {
    private final long most;
    private final Map<K, Wanted<V>> wanted = new HashMap<>();
    private final Queue<Wanted<V>> inOrder = new ArrayDeque<>();
    private final List<Thread> helpers = new ArrayList<>();
    private long waiting;
    private boolean ended;

    /** Guarded by the one who makes them. */
    private static final class Wanted<V> {
        final FutureTask<V> task;
        final long bytes;
        boolean taken;
        boolean ahead;

        Wanted(FutureTask<V> task, long bytes) {
            this.task = task;
            this.bytes = bytes;
        }
    }

    /**
     * @param bytes of each value, or any other measure of room, in the order in which they will be asked for
     * @param maker called by several threads
     */
    Ahead(Map<K, Long> bytes, long most, Function<K, V> maker) {
        this.most = most;
        bytes.forEach((key, size) -> {
            Wanted<V> one = new Wanted<>(new FutureTask<>(() -> maker.apply(key)), size);
            wanted.put(key, one);
            inOrder.add(one);
        });
        int count = Math.min(bytes.size(), Runtime.getRuntime().availableProcessors());
        for (int i = 0; i < count; i++) {
            Thread helper = new Thread(this::work, "ahead");
            helper.setDaemon(true);
            helpers.add(helper);
        }
        helpers.forEach(Thread::start);
    }

    /** The value; null if it is none of those that were announced, or was handed out before. What its maker throws goes through. */
    @Nullable
    V take(K key) {
        Wanted<V> one;
        synchronized (this) {
            one = wanted.remove(key);
            if (one == null) {
                return null;
            }
            one.taken = true;
        }
        // Nothing happens if a helper is at it already.
        one.task.run();
        try {
            return one.task.get();
        } catch (ExecutionException e) {
            throw e.getCause() instanceof RuntimeException own ? own : new IllegalStateException(e.getCause());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        } finally {
            synchronized (this) {
                waiting -= one.ahead ? one.bytes : 0;
                notifyAll();
            }
        }
    }

    private void work() {
        for (Wanted<V> one = next(); one != null; one = next()) {
            one.task.run();
        }
    }

    /** The next one that there is room for, once there is; null if there is none, or nobody wants more. */
    private synchronized @Nullable Wanted<V> next() {
        for (Wanted<V> one = inOrder.poll(); one != null && !ended; one = inOrder.poll()) {
            while (!ended && !one.taken && one.bytes <= most && waiting + one.bytes > most) {
                try {
                    wait();
                } catch (InterruptedException e) {
                    Thread.currentThread().interrupt();
                    return null;
                }
            }
            if (!ended && !one.taken && one.bytes <= most) {
                one.ahead = true;
                waiting += one.bytes;
                return one;
            }
        }
        return null;
    }

    /** Returns once nothing is under way any more. */
    @Override
    public void close() {
        synchronized (this) {
            ended = true;
            notifyAll();
        }
        try {
            for (Thread helper : helpers) {
                helper.join();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
