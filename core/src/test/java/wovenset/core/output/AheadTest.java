package wovenset.core.output;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class AheadTest {
    private static Map<Integer, Long> sizes(int count, long each) {
        Map<Integer, Long> sizes = new LinkedHashMap<>();
        IntStream.range(0, count).forEach(i -> sizes.put(i, each));
        return sizes;
    }

    /** Whatever the room and the order in which they are asked for: each is made once and is the right one. */
    @Property(tries = 100)
    void eachValueIsMadeOnce(@ForAll @IntRange(min = 0, max = 40) int count, @ForAll @IntRange(max = 6) int room) {
        Map<Integer, AtomicInteger> made = new ConcurrentHashMap<>();
        try (Ahead<Integer, String> ahead = new Ahead<>(sizes(count, 1), room, key -> {
            made.computeIfAbsent(key, one -> new AtomicInteger()).incrementAndGet();
            return "value " + key;
        })) {
            // From both ends, so that some are asked for long before their turn.
            for (int i = 0; i < count; i++) {
                int key = i % 2 == 0 ? i / 2 : count - 1 - i / 2;
                assertThat(ahead.take(key)).isEqualTo("value " + key);
                assertThat(ahead.take(key)).isNull();
            }
            assertThat(ahead.take(-1)).isNull();
        }
        assertThat(made).hasSize(count);
        assertThat(made.values()).allSatisfy(times -> assertThat(times).hasValue(1));
    }

    /** Two have room: a third is made only once one of them was taken. */
    @Test
    void noMoreIsMadeAheadThanThereIsRoomFor() throws InterruptedException {
        CountDownLatch two = new CountDownLatch(2);
        CountDownLatch three = new CountDownLatch(3);
        AtomicInteger made = new AtomicInteger();
        try (Ahead<Integer, Integer> ahead = new Ahead<>(sizes(9, 10), 25, key -> {
            made.incrementAndGet();
            two.countDown();
            three.countDown();
            return key;
        })) {
            assertThat(two.await(20, TimeUnit.SECONDS)).isTrue();
            assertThat(three.await(50, TimeUnit.MILLISECONDS)).isFalse();
            assertThat(ahead.take(0)).isZero();
            assertThat(three.await(20, TimeUnit.SECONDS)).isTrue();
        }
        assertThat(made).hasValueLessThan(9);
    }

    @Test
    void whatGoesWrongIsToldToTheOneWhoAsks() {
        try (Ahead<Integer, Integer> ahead = new Ahead<>(sizes(1, 1), 5, key -> {
            throw new IllegalStateException("damaged");
        })) {
            assertThatThrownBy(() -> ahead.take(0)).hasMessage("damaged");
        }
    }
}
