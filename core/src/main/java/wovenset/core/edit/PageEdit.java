package wovenset.core.edit;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Guide;
import wovenset.core.piece.Page;
import wovenset.core.style.Ground;
import wovenset.core.style.StyleSheet;

/** A change to the pages themselves, or what makes new ones. */
public sealed interface PageEdit extends Edit {
    /** The most prints that are laid at once. */
    int MOST_PRINTS = 2000;

    /**
     * A photo as a print of an exact size, which lies wide or upright as the photo is.
     *
     * @param copies 1 to {@value AlbumEdit#MOST_COPIES}
     */
    record PrintWish(UUID entryId, Length width, Length height, int copies) {}

    /**
     * Lays prints without words on sheets, to be cut out: on pages from this one on where nothing is arranged, and on new ones after them.
     *
     * @param gap between prints
     */
    record LayPrints(UUID pageId, List<PrintWish> prints, Length gap) implements PageEdit {}

    /**
     * Lays one photo over several frames of a page, or over as many pages as it has parts, each filled to its edges.
     *
     * @param gap between the parts: on the page, or on the wall
     * @param bridged whether the picture goes on beyond a gap as it ended before it; otherwise what lies in the gap is left out
     * @param ontoPages whether each part is a page of its own
     */
    record SplitEntry(UUID pageId, UUID entryId, int across, int down, Length gap, boolean bridged, boolean ontoPages)
            implements PageEdit {}

    /**
     * Makes the piece a set for a wall: a page for each picture, all of the size that the wall gives, filled and dressed alike. Pages that were
     * a set before, or have nothing on them, give way.
     *
     * @param entryIds the photos, one for each picture; or one that goes over all of them
     * @param wallWidth of the wall, or of what stands before it
     * @param wallHeight that is free
     * @param parts how many pictures one photo goes over; several photos are as many as they are
     * @param gap between the pictures on the wall
     * @param bridged whether one photo goes on beyond a gap as it ended before it
     * @param proportion width by height of each picture; nothing for what the photos have
     */
    record HangSet(
            List<UUID> entryIds,
            Length wallWidth,
            Length wallHeight,
            int parts,
            Length gap,
            boolean bridged,
            Optional<Double> proportion,
            SetFinish finish)
            implements PageEdit {}

    /** How the pictures of a set end. */
    enum SetFinish {
        /** The photo fills them and goes round their sides. */
        TO_THE_EDGE,
        /** A border of two colours, the outer one round the sides. */
        TWO_TONES,
        /** Behind two papers with depth. */
        DEEP_PAPER
    }

    /** Whether the numbers of pages stand on them, where the piece's pages have numbers. */
    record NumberPages(List<UUID> pageIds, boolean numbered) implements PageEdit {}

    /**
     * Adds a page of words with room for a title, for a text or for an imprint, in the piece's type.
     *
     * @param afterPageId nothing for before all pages
     * @param text what it says to begin with
     */
    record AddWordsPage(What what, Optional<UUID> afterPageId, String text) implements PageEdit {
        public enum What {
            /** A few large words, without a number. */
            TITLE,
            /** Words that fill the page. */
            TEXT,
            /** Small words at the foot, without a number. */
            IMPRINT
        }
    }

    /**
     * Adds pages of another piece as they are there, in this one's size: with the photos that they show, the styles that they wear and
     * their ground.
     *
     * @param entries of the other piece; those that the pages show are taken
     * @param styles of the other piece
     * @param format of the other piece
     * @param afterPageId where they come; nothing for the front
     */
    record TakePages(
            List<Page> pages, List<Entry> entries, StyleSheet styles, Format format, Optional<UUID> afterPageId)
            implements PageEdit {}

    /** Adds an empty page like its neighbour after this one. */
    record AddPage(UUID afterPageId) implements PageEdit {}

    /** Adds copies of pages right after the last of them. */
    record CopyPages(List<UUID> pageIds) implements PageEdit {}

    /** Takes pages out; their photos wait again. One has to stay. */
    record DeletePages(List<UUID> pageIds) implements PageEdit {}

    /**
     * Moves pages, in their order, to another place in reading order. The photos of pages that an album's flow fills go with them in the order of
     * all photos.
     *
     * @param index of the first of them then, from 0
     */
    record MovePages(List<UUID> pageIds, int index) implements PageEdit {}

    /** Changes the lines to which frames are set. */
    record SetGuides(UUID pageId, List<Guide> guides) implements PageEdit {}

    /** Gives pages a ground of their own, or the common one again. */
    record SetGround(List<UUID> pageIds, Ground ground) implements PageEdit {}
}
