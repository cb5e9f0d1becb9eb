package wovenset.server.scene;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.Executor;
import java.util.concurrent.PriorityBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;

/**
 * As many threads that draw as there are processors. What lies on the bench comes first; small pictures of whole pages, of which a screen shows
 * dozens, wait behind it, each in the order in which they were asked for.
 */
final class Drawers implements AutoCloseable {
    private final AtomicLong asked = new AtomicLong();
    private final ThreadPoolExecutor threads;

    private record Turn(boolean bench, long number, Runnable work) implements Runnable, Comparable<Turn> {
        @Override
        public void run() {
            work.run();
        }

        @Override
        public int compareTo(Turn other) {
            return bench == other.bench ? Long.compare(number, other.number) : bench ? -1 : 1;
        }
    }

    Drawers(int count) {
        threads = new ThreadPoolExecutor(count, count, 0, TimeUnit.SECONDS, new PriorityBlockingQueue<>());
    }

    /** Where pictures for the bench are drawn. */
    Executor bench() {
        return work -> threads.execute(new Turn(true, asked.getAndIncrement(), work));
    }

    /** Draws a small picture of a page once nothing for the bench is to be drawn, and waits for it. */
    <T> T behind(Supplier<T> picture) {
        try {
            return CompletableFuture.supplyAsync(
                            picture, work -> threads.execute(new Turn(false, asked.getAndIncrement(), work)))
                    .join();
        } catch (CompletionException e) {
            throw e.getCause() instanceof RuntimeException own ? own : e;
        }
    }

    @Override
    public void close() {
        threads.shutdown();
    }
}
