package wovenset.core.edit;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import wovenset.core.piece.Arrangement;
import wovenset.core.piece.Crop;
import wovenset.core.piece.Dress;
import wovenset.core.piece.Format;
import wovenset.core.piece.Grid;
import wovenset.core.piece.Marks;
import wovenset.core.piece.PhotoId;

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
     * @param order the page's frames in the order of the arrangement's places: every frame that shows a photo; empty ones
     *     that are not named go
     */
    record Arrange(UUID pageId, Arrangement arrangement, List<UUID> order) implements Edit {}

    /** Changes what is wanted of a photo when its page is arranged anew. */
    record SetMarks(UUID pageId, UUID frameId, Marks marks) implements Edit {}

    /** Makes the piece's size that which the page's fixed cells, gaps and margins come to. */
    record SizeFromCells(UUID pageId, Grid grid) implements Edit {}

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

    /** Changes the words below a photo. */
    record SetCaption(UUID pageId, UUID frameId, String caption) implements Edit {}

    /** Adds an empty page like its neighbour after this one. */
    record AddPage(UUID afterPageId) implements Edit {}

    /** Adds a copy of a page right after it. */
    record CopyPage(UUID pageId) implements Edit {}

    /** Takes a page out; its photos go back to the drawer. */
    record DeletePage(UUID pageId) implements Edit {}

    /** Moves a page to another place in reading order, counted from 0. */
    record MovePage(UUID pageId, int index) implements Edit {}
}
