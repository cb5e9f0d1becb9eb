package wovenset.core.edit;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wovenset.core.arrange.Alignment;
import wovenset.core.arrange.Harmony;
import wovenset.core.measure.Length;
import wovenset.core.piece.Arrangement;
import wovenset.core.piece.Border;
import wovenset.core.piece.Crop;
import wovenset.core.piece.Dress;
import wovenset.core.piece.Format;
import wovenset.core.piece.Frame;
import wovenset.core.piece.Grid;
import wovenset.core.piece.Guide;
import wovenset.core.piece.Marks;
import wovenset.core.piece.Pattern;
import wovenset.core.piece.PhotoId;
import wovenset.core.piece.Region;
import wovenset.core.piece.Spot;

/** A change to a piece, as a value. */
public sealed interface Edit {
    /** Gives the piece another name. */
    record RenamePiece(String name) implements Edit {}

    /** Changes size, bleed or unit; every page's cells follow. */
    record SetFormat(Format format) implements Edit {}

    /** Changes how the whole piece looks. */
    record SetDress(Dress dress) implements Edit {}

    /** Adds photos at the end of the light table; those already there stay where they are. */
    record AddPhotos(List<PhotoId> photos) implements Edit {}

    /** Takes photos out of the piece and out of every frame that shows them. */
    record RemovePhotos(List<PhotoId> photos) implements Edit {}

    /** Puts the light table in this order; exactly the photos that are on it. */
    record OrderPhotos(List<PhotoId> photos) implements Edit {}

    /**
     * Changes a page's grid. When there are fewer cells, empty frames go first, then photos from the end go back to the
     * drawer.
     *
     * @param pageId null for every page
     */
    record SetGrid(@Nullable UUID pageId, Grid grid) implements Edit {}

    /**
     * Gives a page another arrangement.
     *
     * @param order the page's frames in the order of the arrangement's places: every one that the present arrangement places
     *     and that shows a photo; empty ones that are not named go. Frames with a place of their own give it up if they are
     *     named, and stay where they are if not. A grid's further cells are empty
     */
    record Arrange(UUID pageId, Arrangement arrangement, List<UUID> order) implements Edit {}

    /**
     * Puts a page's photos into a pattern.
     *
     * @param withDress whether the whole piece takes on the pattern's look, too
     */
    record ApplyPattern(UUID pageId, Pattern pattern, boolean withDress) implements Edit {}

    /**
     * Orders the page's photos over its frames by their colours; those that are pinned stay.
     *
     * @param seed another may give another order
     */
    record Harmonise(UUID pageId, Harmony.Mode mode, long seed) implements Edit {}

    /** Changes what is wanted of a photo when its page is arranged anew. */
    record SetMarks(UUID pageId, UUID frameId, Marks marks) implements Edit {}

    /** Makes the piece's size that which the page's fixed cells, gaps and margins come to. */
    record SizeFromCells(UUID pageId, Grid grid) implements Edit {}

    /**
     * Fills a page with as many of the grid's fixed cells as fit; photos come in their order, and from the drawer.
     *
     * @param mayTurn whether cells may lie the other way round where more then fit
     */
    record FillWithCells(UUID pageId, Grid grid, boolean mayTurn) implements Edit {}

    /** Joins a grid's cells that make up a rectangle. The first photo among them stays, others go back to the drawer. */
    record JoinCells(UUID pageId, List<UUID> frameIds) implements Edit {}

    /** Parts joined cells again; the photo stays in the first. */
    record PartCells(UUID pageId, UUID frameId) implements Edit {}

    /** Lets photos that no frame shows flow into the empty frames in reading order, on new pages if there are too few. */
    record FlowPhotos() implements Edit {}

    /** Puts a photo in a frame; the frame keeps its size. */
    record PlacePhoto(UUID pageId, UUID frameId, PhotoId photo) implements Edit {}

    /** Takes the photo and its words out of a frame. */
    record EmptyFrame(UUID pageId, UUID frameId) implements Edit {}

    /** Exchanges what two frames show, also between pages. */
    record SwapFrames(UUID pageId, UUID frameId, UUID otherPageId, UUID otherFrameId) implements Edit {}

    /** Changes how a photo lies in its frame. */
    record SetCrop(UUID pageId, UUID frameId, Crop crop) implements Edit {}

    /**
     * Shows where a photo's subject is; crops that are aimed at it follow.
     *
     * @param region null for what the machine has found
     */
    record SetSubject(PhotoId photo, @Nullable Region region) implements Edit {}

    /** Changes the words below a photo. */
    record SetCaption(UUID pageId, UUID frameId, String caption) implements Edit {}

    /** Edits of frames that have, get or give up a place of their own. */
    sealed interface OfFrames extends Edit {
        UUID pageId();
    }

    /** A frame and the place that it is to have. */
    record FrameSpot(UUID frameId, Spot spot) {}

    /** Puts frames where they are wanted; those that the arrangement placed so far are taken out of it. */
    record PutFrames(UUID pageId, List<FrameSpot> frames) implements OfFrames {}

    /** Adds frames in front of the others, each with a place of its own and a new identifier: drawn, pasted or copied ones. */
    record AddFrames(UUID pageId, List<Frame> frames) implements OfFrames {}

    /** Takes frames off the page, their photos go back to the drawer; a grid keeps its cell, empty. */
    record RemoveFrames(UUID pageId, List<UUID> frameIds) implements OfFrames {}

    /** Gives frames back to the arrangement: into a grid's empty cells, or as new places of a page that is cut. */
    record GiveBackFrames(UUID pageId, List<UUID> frameIds) implements OfFrames {}

    /** Gives every frame of the page the place that it has as its own; empty ones go. */
    record ReleasePage(UUID pageId) implements OfFrames {}

    /** Puts frames in this order from back to front. Those that the arrangement places keep their order among themselves. */
    record OrderFrames(UUID pageId, List<UUID> frameIds) implements OfFrames {}

    /** Lines frames up. */
    record LineUpFrames(UUID pageId, List<UUID> frameIds, Alignment.Edge edge, LineUpTo to) implements OfFrames {}

    /** What frames are lined up to. */
    enum LineUpTo {
        EACH_OTHER,
        PAGE,
        MARGINS
    }

    /** Makes the gaps between frames equal; the outermost stay. */
    record EvenGaps(UUID pageId, List<UUID> frameIds, boolean across) implements OfFrames {}

    /** Gives frames an exact size about their centres. */
    record SizeFrames(UUID pageId, List<UUID> frameIds, @Nullable Length width, @Nullable Length height)
            implements OfFrames {}

    /** Pins photos to the frames that show them, or lets them go. */
    record PinPhotos(UUID pageId, List<UUID> frameIds, boolean pinned) implements OfFrames {}

    /**
     * Gives frames a border of their own.
     *
     * @param border null for that of all others
     */
    record BorderFrames(UUID pageId, List<UUID> frameIds, @Nullable Border border) implements OfFrames {}

    /** Changes the lines to which frames are set. */
    record SetGuides(UUID pageId, List<Guide> guides) implements OfFrames {}

    /** Adds an empty page like its neighbour after this one. */
    record AddPage(UUID afterPageId) implements Edit {}

    /** Adds a copy of a page right after it. */
    record CopyPage(UUID pageId) implements Edit {}

    /** Takes a page out; its photos go back to the drawer. */
    record DeletePage(UUID pageId) implements Edit {}

    /** Moves a page to another place in reading order, counted from 0. */
    record MovePage(UUID pageId, int index) implements Edit {}
}
