package wovenset.core.edit;

import java.util.List;
import java.util.UUID;
import wovenset.core.arrange.order.Harmony;
import wovenset.core.arrangement.Arrangement;
import wovenset.core.arrangement.Cutting;
import wovenset.core.arrangement.Figure;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.Margins;
import wovenset.core.arrangement.Scattered;
import wovenset.core.measure.Length;
import wovenset.core.pattern.Pattern;

/** A change to a page's arrangement, or to which photo stands in which of its slots. */
public sealed interface ArrangeEdit extends Edit {
    /**
     * Places the photos that no frame shows on pages that are composed for them, so many each. The page takes them if it shows none,
     * or if it is to show all of them beside its own; otherwise new pages right after it do.
     *
     * @param each photos on a page, 1 to 60
     */
    record ComposeWaiting(UUID pageId, int each) implements ArrangeEdit {}

    /** Whether photos may flow to other pages where places are fewer: asked first, by a refusal that says what it comes to. */
    enum Reflow {
        ASK,
        AGREED
    }

    /**
     * Changes a page's grid. Where there are fewer cells, empty frames go first; photos that then have no cell flow on, in
     * their order, to new pages with this grid right after this one.
     */
    record SetGrid(UUID pageId, Grid grid, Reflow reflow) implements ArrangeEdit {}

    /**
     * Gives all arranged pages this grid. Where that changes the number of cells, photos flow over the pages anew, in their
     * order: on new pages if there are too few, and pages that are left over go.
     */
    record SetGridOfAll(Grid grid, Reflow reflow) implements ArrangeEdit {}

    /**
     * Gives a page another arrangement.
     *
     * @param order the page's frames in the order of the slots: every one that the present arrangement places and that shows a
     *     photo; empty ones that are not named go. Frames with a place of their own give it up if they are named, and stay
     *     where they are if not. A grid's further cells are empty
     */
    record Arrange(UUID pageId, Arrangement arrangement, List<UUID> order) implements ArrangeEdit {}

    /** Strews a page's photos anew. The order is as for {@link Arrange}; later prints lie over earlier ones. */
    record Scatter(UUID pageId, Margins margins, Scattered.Recipe recipe, List<UUID> order) implements ArrangeEdit {}

    /**
     * Cuts a figure into pieces and fills them: with the page's photos, then with those that wait, each where it suits best. Photos beyond
     * the pieces wait. Where the page has this figure cut in this way already, only gap and margins change. The order is as for
     * {@link Arrange}.
     */
    record CutSilhouette(UUID pageId, Margins margins, Length gap, Figure figure, Cutting cutting, List<UUID> order)
            implements ArrangeEdit {}

    /** Puts a page's photos into a pattern, takes on its look, or both. */
    record ApplyPattern(UUID pageId, Pattern pattern, PatternPart part, Reflow reflow) implements ArrangeEdit {}

    /** What of a pattern is used. */
    enum PatternPart {
        /** Its frames; the look stays as it is. */
        FRAMES,
        /** Its look, for the whole piece; no frame or cell changes its size. */
        LOOK,
        BOTH
    }

    /**
     * Orders the page's photos over its frames by their colours; those that are pinned stay.
     *
     * @param seed another may give another order
     */
    record Harmonise(UUID pageId, Harmony.Mode mode, long seed) implements ArrangeEdit {}

    /** Makes the piece's size that which the page's fixed cells, gaps and margins come to. */
    record SizeFromCells(UUID pageId, Grid grid, Reflow reflow) implements ArrangeEdit {}

    /**
     * Fills a page with as many of the grid's fixed cells as fit.
     *
     * @param mayTurn whether cells may lie the other way round where more then fit
     */
    record FillWithCells(UUID pageId, Grid grid, boolean mayTurn, Reflow reflow) implements ArrangeEdit {}

    /** Joins a grid's cells that make up a rectangle. The first photo among them stays, others wait again. */
    record JoinCells(UUID pageId, List<UUID> frameIds) implements ArrangeEdit {}

    /** Parts joined cells again; the photo stays in the first. */
    record PartCells(UUID pageId, UUID frameId) implements ArrangeEdit {}

    /** Puts a photo in a frame; the frame keeps its size. */
    record PlaceEntry(UUID pageId, UUID frameId, UUID entryId) implements ArrangeEdit {}

    /**
     * Lets one photo be seen through frames, in register: it lies once on the page, under all of them. Where some of them show such a photo
     * already, the others take part in it; else it is the photo of the first that has one, large enough for all. What they showed waits.
     */
    record ShowThrough(UUID pageId, List<UUID> frameIds) implements ArrangeEdit {}

    /** Gives frames that a photo is seen through the part that they show as photos of their own. */
    record LetGo(UUID pageId, List<UUID> frameIds) implements ArrangeEdit {}

    /** Takes the photo out of a frame. */
    record EmptyFrame(UUID pageId, UUID frameId) implements ArrangeEdit {}

    /** Exchanges what two frames show, also between pages. */
    record SwapFrames(UUID pageId, UUID frameId, UUID otherPageId, UUID otherFrameId) implements ArrangeEdit {}

    /** Gives frames back to the arrangement: into a grid's empty cells, or as new places of a page that is cut. */
    record GiveBackItems(UUID pageId, List<UUID> itemIds) implements ArrangeEdit {}

    /** Gives every frame of the page the place that it has as its own; empty ones go. */
    record ReleasePage(UUID pageId) implements ArrangeEdit {}
}
