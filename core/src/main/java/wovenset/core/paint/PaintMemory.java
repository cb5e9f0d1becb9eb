package wovenset.core.paint;

import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;

/**
 * Bytes that pictures under way may take together. Who asks for more than is free waits for its turn, in the order of asking, so
 * that several large pictures are painted one after the other instead of failing.
 */
public final class PaintMemory {
    /** Shares are counted in these, so that they fit a semaphore's counter. */
    private static final long GRAIN = 1 << 16;

    private static final long ASK_EVERY_MS = 200;

    private final int grains;
    private final Semaphore free;

    /** @param bytes for all together */
    public PaintMemory(long bytes) {
        grains = grains(bytes);
        free = new Semaphore(grains, /* fair= */ true);
    }

    private static int grains(long bytes) {
        return (int) Math.min(Integer.MAX_VALUE, Math.max(1, (bytes + GRAIN - 1) / GRAIN));
    }

    /** What was asked for; closing gives it back. */
    public final class Share implements AutoCloseable {
        private final int held;

        private Share(int held) {
            this.held = held;
        }

        @Override
        public void close() {
            free.release(held);
        }
    }

    /**
     * Waits for room. A picture that is larger than all of it gets all of it.
     *
     * @param waiting run a few times a second until it is there; what it throws ends the wait
     */
    public Share take(long bytes, Runnable waiting) {
        int wanted = Math.min(grains, grains(bytes));
        try {
            while (!free.tryAcquire(wanted, ASK_EVERY_MS, TimeUnit.MILLISECONDS)) {
                waiting.run();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("Stopped while waiting for memory", e);
        }
        return new Share(wanted);
    }
}
