package wovenset.server.piece;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class PositionsTest {
    private static List<UUID> sorted(Map<UUID, Long> positions) {
        return positions.keySet().stream()
                .sorted(Comparator.comparing(id -> Objects.requireNonNull(positions.get(id))))
                .toList();
    }

    @Test
    void whateverIsMovedAddedAndRemovedTheOrderIsKeptAndFewRowsAreWritten() {
        Random random = new Random(7);
        List<UUID> order =
                new ArrayList<>(Stream.generate(UUID::randomUUID).limit(200).toList());
        Map<UUID, Long> now = new HashMap<>(Positions.changed(Map.of(), order));
        for (int step = 0; step < 500; step++) {
            switch (random.nextInt(3)) {
                case 0 -> order.add(random.nextInt(order.size() + 1), UUID.randomUUID());
                case 1 -> now.remove(order.remove(random.nextInt(order.size())));
                default -> order.add(random.nextInt(order.size()), order.remove(random.nextInt(order.size())));
            }
            Map<UUID, Long> changed = Positions.changed(now, order);
            assertThat(changed.size()).isLessThanOrEqualTo(1);
            now.putAll(changed);
            assertThat(sorted(now)).isEqualTo(order);
        }
    }

    @Test
    void whereThereIsNoRoomLeftAllAreNumberedAnew() {
        List<UUID> order = new ArrayList<>(List.of(UUID.randomUUID(), UUID.randomUUID()));
        Map<UUID, Long> now = new HashMap<>(Positions.changed(Map.of(), order));
        for (int i = 0; i < 100; i++) {
            order.add(1, UUID.randomUUID());
            now.putAll(Positions.changed(now, order));
            assertThat(sorted(now)).isEqualTo(order);
        }
        Collections.reverse(order);
        now.putAll(Positions.changed(now, order));
        assertThat(sorted(now)).isEqualTo(order);
    }
}
