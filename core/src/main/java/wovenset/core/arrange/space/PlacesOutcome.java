package wovenset.core.arrange.space;

import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import wovenset.core.said.Said;

/** Where a page's frames lie, or why they cannot. */
public sealed interface PlacesOutcome {
    /** A place for each frame. */
    record Fits(Map<UUID, Place> places) implements PlacesOutcome {
        public Fits {
            places = Map.copyOf(places);
        }

        public Place of(UUID frameId) {
            return Objects.requireNonNull(places.get(frameId), "a place for each frame");
        }
    }

    /**
     * @param field which number stands in the way
     * @param reason what does not fit, and the nearest that does
     */
    record DoesNotFit(String field, Said reason) implements PlacesOutcome {}
}
