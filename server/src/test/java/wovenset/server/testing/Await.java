package wovenset.server.testing;

import java.time.Duration;
import java.time.Instant;
import java.util.function.BooleanSupplier;

/** Waits for what takes its time, looking often and giving up in the end. */
public final class Await {
    private static final Duration PATIENCE = Duration.ofSeconds(240);
    private static final long LOOK_EVERY_MS = 25;

    private Await() {}

    /** @throws IllegalStateException if it has not come to pass after four minutes */
    public static void until(String what, BooleanSupplier condition) {
        Instant end = Instant.now().plus(PATIENCE);
        while (!condition.getAsBoolean()) {
            if (Instant.now().isAfter(end)) {
                throw new IllegalStateException("Waited in vain until " + what);
            }
            try {
                Thread.sleep(LOOK_EVERY_MS);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(e);
            }
        }
    }
}
