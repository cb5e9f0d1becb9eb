package wovenset.server.scene;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Supplier;

/**
 * As many threads that draw as there are processors, twice: what lies on the bench is drawn at once, and small pictures of whole pages, of
 * which a screen shows dozens, are not begun while there is anything of it left to draw. One that was begun before goes on beside it, for a
 * wall of many photos may take half a second.
 */
final class Drawers implements AutoCloseable {
    private final ExecutorService bench;
    private final ExecutorService small;
    private int left;

    Drawers(int count) {
        bench = Executors.newFixedThreadPool(count);
        small = Executors.newFixedThreadPool(count);
    }

    /** Where pictures for the bench are drawn. */
    Executor bench() {
        return work -> {
            synchronized (this) {
                left++;
            }
            bench.execute(() -> {
                try {
                    work.run();
                } finally {
                    synchronized (this) {
                        left--;
                        notifyAll();
                    }
                }
            });
        };
    }

    /** Draws a small picture of a page once nothing for the bench is to be drawn, and waits for it. */
    <T> T behind(Supplier<T> picture) {
        try {
            return CompletableFuture.supplyAsync(
                            () -> {
                                awaitBench();
                                return picture.get();
                            },
                            small)
                    .join();
        } catch (CompletionException e) {
            throw e.getCause() instanceof RuntimeException own ? own : e;
        }
    }

    private synchronized void awaitBench() {
        try {
            while (left > 0) {
                wait();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void close() {
        bench.shutdown();
        // Those that wait for the bench are not begun any more.
        small.shutdownNow();
    }
}
