package wovenset.core.edit;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.photo.retouch.BrushStroke;
import wovenset.core.photo.retouch.FacedPlane;
import wovenset.core.photo.retouch.GroundShadow;
import wovenset.core.photo.retouch.Mend;

/** What is done by hand to the photo in a frame, for this use of it. */
public sealed interface RetouchEdit extends Edit {
    /** Shows the people in the photo alone. */
    record CutOutPeople(UUID pageId, UUID frameId) implements RetouchEdit {}

    /** Says by a stroke what is to be seen of the photo; the first one begins a cut-out. */
    record MarkCutOut(UUID pageId, UUID frameId, Mark mark, BrushStroke stroke) implements RetouchEdit {}

    /**
     * Changes the edge and the shadow of a cut-out.
     *
     * @param edge how far it lies in (below 0) or out, -1 to 1
     */
    record ShapeCutOut(UUID pageId, UUID frameId, double edge, Optional<GroundShadow> shadow) implements RetouchEdit {}

    /** Shows the whole photo again. */
    record EndCutOut(UUID pageId, UUID frameId) implements RetouchEdit {}

    /** Puts a place right. */
    record MendPhoto(UUID pageId, UUID frameId, Mend.Kind mending, BrushStroke stroke) implements RetouchEdit {}

    /** @param index of a mend, counted from 0 */
    record RemoveMend(UUID pageId, UUID frameId, int index) implements RetouchEdit {}

    /** Shows a flat thing that was seen at a slant as from straight before it; see {@link FacedPlane}. */
    record FacePlane(UUID pageId, UUID frameId, List<FacedPlane.Corner> corners, boolean whole)
            implements RetouchEdit {}

    /** Shows the photo as it was taken again. */
    record EndPlane(UUID pageId, UUID frameId) implements RetouchEdit {}

    /**
     * Lets a photo that is shown whole go on where its frame has room beside it, or leaves that bare again.
     *
     * @param going how it goes on; if nothing is said, mirrored
     */
    record ExtendPhoto(UUID pageId, UUID frameId, boolean extended, Optional<GoingOn> going) implements RetouchEdit {}

    /** How a photo goes on beyond its edges. */
    enum GoingOn {
        /** Mirrored over them. */
        MIRRORED,
        /** As it does elsewhere in the photo, where it looks most like along its edge. */
        SAMPLED
    }

    /**
     * Makes one picture of what these frames' photos show: cut out, alike in size and light, on one ground. Where nothing is cut out yet, people
     * are. The page is arranged by hand then.
     *
     * @param itemIds of the frames, from left to right
     * @param rows that they stand in; nothing for as many as suit
     */
    record StandTogether(UUID pageId, List<UUID> itemIds, Optional<Integer> rows) implements RetouchEdit {}

    /** What a stroke says. */
    enum Mark {
        /** This is of the subject: what belongs to it is found anew. */
        KEEP,
        /** This is not. */
        DROP,
        /** Just this is seen. */
        BRING_BACK,
        /** Just this is not. */
        TAKE_AWAY
    }
}
