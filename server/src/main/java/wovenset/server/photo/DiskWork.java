package wovenset.server.photo;

import java.io.IOException;
import java.io.InterruptedIOException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/** Waiting for the disk that goes on while something else is computed. */
final class DiskWork {
    private static final ExecutorService THREADS = Executors.newCachedThreadPool(work -> {
        Thread thread = new Thread(work, "disk");
        thread.setDaemon(true);
        return thread;
    });

    private final Future<?> running;

    private DiskWork(Future<?> running) {
        this.running = running;
    }

    /** Work that waits for the disk. */
    interface Work {
        void run() throws IOException;
    }

    static DiskWork begin(Work work) {
        return new DiskWork(THREADS.submit(() -> {
            work.run();
            return null;
        }));
    }

    /**
     * Waits until it is done.
     *
     * @throws IOException what it failed with
     */
    void finish() throws IOException {
        try {
            running.get();
        } catch (ExecutionException e) {
            throw e.getCause() instanceof IOException failed ? failed : new IOException(e.getCause());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new InterruptedIOException("Waiting for the disk was broken off");
        }
    }
}
