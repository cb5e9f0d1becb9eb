package wovenset.core.delta;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;

/** A stretch of an order of names that is another one after a change. */
public record Splice(int at, List<UUID> removed, List<UUID> inserted) {
    public Splice {
        removed = List.copyOf(removed);
        inserted = List.copyOf(inserted);
    }

    /** What lies between the common beginning and the common end; nothing if the orders are equal. Cost: linear. */
    public static Optional<Splice> of(List<UUID> before, List<UUID> after) {
        int start = 0;
        int shorter = Math.min(before.size(), after.size());
        while (start < shorter && before.get(start).equals(after.get(start))) {
            start++;
        }
        int end = 0;
        while (end < shorter - start && before.get(before.size() - 1 - end).equals(after.get(after.size() - 1 - end))) {
            end++;
        }
        Splice splice =
                new Splice(start, before.subList(start, before.size() - end), after.subList(start, after.size() - end));
        return splice.removed.isEmpty() && splice.inserted.isEmpty() ? Optional.empty() : Optional.of(splice);
    }

    static <T> Optional<Splice> of(List<? extends T> before, List<? extends T> after, Function<T, UUID> id) {
        List<UUID> one = new ArrayList<>();
        before.forEach(value -> one.add(id.apply(value)));
        List<UUID> other = new ArrayList<>();
        after.forEach(value -> other.add(id.apply(value)));
        return of(one, other);
    }

    /** @throws IllegalStateException if the order is not the one that it starts from */
    public List<UUID> applied(List<UUID> order) {
        if (at + removed.size() > order.size()
                || !order.subList(at, at + removed.size()).equals(removed)) {
            throw new IllegalStateException("A splice starts from another order");
        }
        List<UUID> changed = new ArrayList<>(order.subList(0, at));
        changed.addAll(inserted);
        changed.addAll(order.subList(at + removed.size(), order.size()));
        return changed;
    }

    public Splice inverse() {
        return new Splice(at, inserted, removed);
    }
}
