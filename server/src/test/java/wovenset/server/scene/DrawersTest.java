package wovenset.server.scene;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.Test;
import wovenset.server.web.NotFoundException;

class DrawersTest {
    @Test
    void theBenchComesBeforeSmallPicturesThatWereAskedForEarlier() throws InterruptedException {
        try (Drawers drawers = new Drawers(1)) {
            CountDownLatch drawing = new CountDownLatch(1);
            CountDownLatch go = new CountDownLatch(1);
            List<String> order = new CopyOnWriteArrayList<>();
            CompletableFuture<Void> busy = CompletableFuture.runAsync(
                    () -> {
                        drawing.countDown();
                        order.add(await(go));
                    },
                    drawers.bench());
            drawing.await();
            List<CompletableFuture<Void>> small =
                    List.of(later(drawers, order, "first small"), later(drawers, order, "second small"));
            CompletableFuture<Void> bench = CompletableFuture.runAsync(() -> order.add("bench"), drawers.bench());
            go.countDown();
            busy.join();
            bench.join();
            small.forEach(CompletableFuture::join);
            assertThat(order).startsWith("under way", "bench").contains("first small", "second small");
        }
    }

    /** However long a small picture takes that was begun before, the bench does not wait for it. */
    @Test
    void theBenchDoesNotWaitForASmallPictureThatIsUnderWay() throws InterruptedException {
        try (Drawers drawers = new Drawers(1)) {
            CountDownLatch drawing = new CountDownLatch(1);
            CountDownLatch go = new CountDownLatch(1);
            CompletableFuture<String> small = CompletableFuture.supplyAsync(() -> drawers.behind(() -> {
                drawing.countDown();
                return await(go);
            }));
            drawing.await();
            CompletableFuture.runAsync(() -> {}, drawers.bench()).join();
            assertThat(small).isNotDone();
            go.countDown();
            assertThat(small.join()).isEqualTo("under way");
        }
    }

    @Test
    void whatGoesWrongIsToldAsItIs() {
        try (Drawers drawers = new Drawers(1)) {
            assertThatThrownBy(() -> drawers.behind(() -> {
                        throw new NotFoundException("gone");
                    }))
                    .isInstanceOf(NotFoundException.class);
        }
    }

    /** Asks for a small picture, and returns once it waits in the line. */
    private static CompletableFuture<Void> later(Drawers drawers, List<String> order, String name) {
        CompletableFuture<Void> done = new CompletableFuture<>();
        Thread asking = new Thread(() -> {
            drawers.behind(() -> order.add(name));
            done.complete(null);
        });
        asking.start();
        while (asking.getState() != Thread.State.WAITING) {
            Thread.onSpinWait();
        }
        return done;
    }

    private static String await(CountDownLatch latch) {
        try {
            latch.await();
            return "under way";
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
