package wovenset.core.edit;

import java.util.List;
import java.util.UUID;
import wovenset.core.item.Mosaic;

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

    /**
     * Makes a frame's photo up of others. Where it is made up in this way already, only tint and veil change.
     *
     * @param entryIds of the photos; none for all of the piece but itself and those that are set aside
     * @param tint how far its own colours are laid on the tiles, 0 to 1
     * @param veil how much of it itself lies over them, 0 to 1
     */
    record MakeMosaic(UUID pageId, UUID frameId, Mosaic.Weave weave, List<UUID> entryIds, double tint, double veil)
            implements AdjustEdit {}

    /** Shows the photo itself again. */
    record EndMosaic(UUID pageId, UUID frameId) implements AdjustEdit {}

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
