package wovenset.core.edit;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.geometry.Box;
import wovenset.core.measure.Length;
import wovenset.core.piece.Album;

/** A change to how photos flow over pages: chapters, pins, what is set aside, what lies across the fold. */
public sealed interface AlbumEdit extends Edit {
    /**
     * Lets photos that no frame shows flow into the empty frames in reading order, on new pages if there are too few.
     *
     * @param copies how often each comes, one after the other, 1 to 99; nothing for once
     */
    record FlowEntries(Optional<Integer> copies) implements AlbumEdit {
        public FlowEntries() {
            this(Optional.empty());
        }
    }

    /** The most copies of one photo. */
    int MOST_COPIES = 99;

    /**
     * Lays a photo across the fold: over both pages of the spread that a page is in where these are empty, else over a new one after it.
     */
    record LayAcross(UUID pageId, UUID entryId) implements AlbumEdit {}

    /**
     * Moves or sizes a photo that is seen through frames; on other pages that show parts of the same one it moves along.
     *
     * @param box that it takes on this page
     */
    record PlacePicture(UUID pageId, UUID pictureId, Box box) implements AlbumEdit {}

    /**
     * Moves photos, in their order, to another place among all of them; the pages of an album flow anew.
     *
     * @param index of the first of them then, from 0
     */
    record MoveEntries(List<UUID> entryIds, int index) implements AlbumEdit {}

    /**
     * Moves photos, in their order, beside those of a page; the pages flow anew, and of the places beside them the one is taken with which
     * the first comes onto that page, or nearest to it.
     *
     * @param page its number in reading order, from 1
     */
    record MoveToPage(List<UUID> entryIds, int page) implements AlbumEdit {}

    /**
     * Moves a chapter with all of its photos; the pages flow anew.
     *
     * @param index among the chapters then, from 0
     */
    record MoveChapter(UUID chapterId, int index) implements AlbumEdit {}

    /**
     * Lets the photos flow over pages as it is wished, for the first time or anew. What was done by hand stays with its photo, and
     * pinned pages stay as they are.
     */
    record FlowAlbum(Album album) implements AlbumEdit {}

    /** Makes a cover's spine as wide as so many pages are; what lies on back, spine and front stays there. */
    record FitCover(int pages, Length paper, Length boards) implements AlbumEdit {}

    /** Pins flowed pages, so that the flow leaves them as they are, or lets them flow again. */
    record PinPages(List<UUID> pageIds, boolean pinned) implements AlbumEdit {}

    /**
     * Puts words among the photos of an album, right after one, as large as they need beside it. They stay behind it when the album flows
     * anew.
     *
     * @param frameId what the words' frame goes by
     */
    record AddBlock(UUID entryId, UUID frameId, String text) implements AlbumEdit {}

    /**
     * Lays what was left of a page that is gone on another page, above all that is there.
     *
     * @param waitingId of the page that is gone
     */
    record LayWaiting(UUID waitingId, UUID pageId) implements AlbumEdit {}

    /** Lets go of what was left of a page that is gone. */
    record LeaveWaiting(UUID waitingId) implements AlbumEdit {}

    /** Takes photos out of the album, where flowed pages close up, or back into what is to flow. */
    record SetAside(List<UUID> entryIds, boolean aside) implements AlbumEdit {}
}
