package wovenset.core.arrange;

import java.util.List;

/** Where an arrangement puts a page's frames, or why it cannot. */
public sealed interface PlacesOutcome {
    /** One place for each frame, in their order. */
    record Fits(List<Place> places) implements PlacesOutcome {
        public Fits {
            places = List.copyOf(places);
        }
    }

    /**
     * @param field which number stands in the way
     * @param reason what does not fit, and the nearest that does
     */
    record DoesNotFit(String field, String reason) implements PlacesOutcome {}
}
