package wovenset.core.edit;

import java.util.List;
import java.util.UUID;

/** A change of the light and colour of photos that follows from the photos themselves, or from another use. */
public sealed interface AdjustEdit extends Edit {
    /** Puts the white, light and contrast of each photo right by itself. */
    record AdjustByItself(UUID pageId, List<UUID> itemIds) implements AdjustEdit {}

    /**
     * Gives photos the white, light and contrast of another one.
     *
     * @param likeId the frame of that one, on the same page
     */
    record MakeAlike(UUID pageId, List<UUID> itemIds, UUID likeId) implements AdjustEdit {}

    /** Changes other uses as this one is changed. */
    record AdjustElsewhere(UUID pageId, UUID frameId, Where where) implements AdjustEdit {}

    /** Which other uses. */
    enum Where {
        /** All of the same photo, in the whole piece. */
        SAME_PHOTO,
        /** All photos of the page. */
        PAGE,
        /** All photos of the piece. */
        PIECE
    }
}
