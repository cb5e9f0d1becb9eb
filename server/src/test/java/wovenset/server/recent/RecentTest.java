package wovenset.server.recent;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class RecentTest {
    @Test
    void newValuesStayHoweverOftenTheOldOnesWereUsed() {
        Recent<Integer, byte[]> recent = Recent.bytes(400_000, value -> value.length);
        for (int times = 0; times < 50; times++) {
            for (int old = 0; old < 300; old++) {
                recent.get(old, key -> new byte[1000]);
            }
        }
        AtomicInteger made = new AtomicInteger();
        for (int times = 0; times < 5; times++) {
            for (int now = 1000; now < 1060; now++) {
                recent.get(now, key -> {
                    made.incrementAndGet();
                    return new byte[1000];
                });
            }
        }
        assertThat(made).hasValue(60);
    }

    @Test
    void theBoundHolds() {
        Recent<Integer, String> recent = Recent.entries(100);
        for (int i = 0; i < 10_000; i++) {
            recent.put(i, "value");
        }
        assertThat(IntStream.range(0, 10_000)
                        .filter(i -> recent.find(i) != null)
                        .count())
                .isLessThanOrEqualTo(100);
    }

    @Test
    void aFailureIsToldAndNotKept() {
        Recent<String, String> recent = Recent.entries(10);
        assertThatThrownBy(() -> recent.get("a", key -> {
                    throw new IllegalArgumentException("no such thing");
                }))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessage("no such thing");
        assertThat(recent.get("a", key -> "there now")).isEqualTo("there now");
    }
}
