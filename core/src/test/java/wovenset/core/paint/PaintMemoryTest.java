package wovenset.core.paint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class PaintMemoryTest {
    private final PaintMemory memory = new PaintMemory(10_000_000);

    @Test
    void whatFitsTogetherGoesAtOnceAndWhatDoesNotWaits() throws InterruptedException {
        CountDownLatch waits = new CountDownLatch(1);
        CompletableFuture<Void> third;
        try (var first = memory.take(4_000_000, () -> {});
                var second = memory.take(4_000_000, () -> {})) {
            assertThat(first).isNotSameAs(second);
            third = CompletableFuture.runAsync(
                    () -> memory.take(4_000_000, waits::countDown).close());
            waits.await();
            assertThat(third).isNotDone();
        }
        third.join();
    }

    @Test
    void whatIsLargerThanAllGetsAllOfIt() {
        AtomicInteger asked = new AtomicInteger();
        try (var all = memory.take(1L << 50, asked::incrementAndGet)) {
            assertThat(all).isNotNull();
            assertThat(asked).hasValue(0);
        }
    }

    @Test
    void whoNoLongerWantsItLeavesTheLine() {
        var all = memory.take(10_000_000, () -> {});
        assertThatThrownBy(() -> memory.take(1, () -> {
                    throw new IllegalStateException("cancelled");
                }))
                .hasMessage("cancelled");
        all.close();
        memory.take(10_000_000, () -> {}).close();
    }
}
