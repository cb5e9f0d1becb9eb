package wovenset.core.delta;

import java.util.Optional;

/** A value before and after; nothing where it was not there yet, or is no longer. */
public record Change<T>(Optional<T> before, Optional<T> after) {
    public static <T> Change<T> of(T before, T after) {
        return new Change<>(Optional.of(before), Optional.of(after));
    }

    public Change<T> inverse() {
        return new Change<>(after, before);
    }
}
