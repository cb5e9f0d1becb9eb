package wovenset.core.edit;

import java.util.List;
import java.util.UUID;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.Mount;

/** A change to frame styles and papers under pictures, or to who wears them. */
public sealed interface StyleEdit extends Edit {
    /** Changes a style, and with it all that wear it, but for what they differ in. */
    record SetFrameStyle(FrameStyle style) implements StyleEdit {}

    /**
     * Makes the look of a frame, with all that it differs in, a style under a name; these frames wear it.
     *
     * @param frameIds the first is the one whose look is kept
     * @param style what the new style goes by
     */
    record KeepStyle(UUID pageId, List<UUID> frameIds, UUID style, String name) implements StyleEdit {}

    /** Takes a style away; who wore it wears the usual one. */
    record RemoveFrameStyle(UUID style) implements StyleEdit {}

    /**
     * Brings a style into the piece, if it is not there yet, and lets these frames wear it as it is in the piece.
     *
     * @param style known by its identity; one whose name another style of the piece has gets the next free number
     */
    record DressFrames(UUID pageId, List<UUID> frameIds, FrameStyle style) implements StyleEdit {}

    /** Brings a style into the piece, if it is not there yet; every frame but those with words wears it, and new ones, too. */
    record DressAll(FrameStyle style) implements StyleEdit {}

    /** Lets every frame of the piece but those with words wear a style as it is, and new ones, too. */
    record WearEverywhere(UUID style) implements StyleEdit {}

    /** Lets all photos on pages wear a style. */
    record WearOnPages(List<UUID> pageIds, UUID style) implements StyleEdit {}

    /**
     * Lays items upon papers; those that are not one group yet become one. The papers come into the piece if they are not there yet.
     *
     * @param mount known by its identity; how it is in the piece counts
     */
    record MountItems(UUID pageId, List<UUID> itemIds, Mount mount) implements StyleEdit {}

    /** Changes papers, and with them what lies on them. */
    record SetMount(Mount mount) implements StyleEdit {}

    /** Takes the papers from under items; papers that nothing lies on any more leave the piece. */
    record UnmountItems(UUID pageId, List<UUID> itemIds) implements StyleEdit {}
}
