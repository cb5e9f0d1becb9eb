package wovenset.core.edit;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.arrange.free.Alignment;
import wovenset.core.arrange.order.Harmony;
import wovenset.core.arrangement.Arrangement;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.Margins;
import wovenset.core.arrangement.Scattered;
import wovenset.core.caption.OwnTable;
import wovenset.core.drawing.Drawing;
import wovenset.core.edit.apply.Edits;
import wovenset.core.geometry.Box;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.item.Item;
import wovenset.core.item.Placement;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.pattern.Pattern;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.Region;
import wovenset.core.piece.Album;
import wovenset.core.piece.Entry;
import wovenset.core.piece.Guide;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.Course;
import wovenset.core.style.CutMarks;
import wovenset.core.style.EdgeRun;
import wovenset.core.style.Folio;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.Ground;
import wovenset.core.style.Grounds;
import wovenset.core.style.Language;
import wovenset.core.style.Light;
import wovenset.core.style.Mount;
import wovenset.core.style.Rule;
import wovenset.core.style.SharedText;
import wovenset.core.style.TextFinish;
import wovenset.core.style.TextStyle;
import wovenset.core.theme.Theme;

/** A change to a piece, as a value. {@link Edits} finds what applies it by its type. */
public sealed interface Edit {
    // ---- the piece ----

    /** Gives the piece another name. */
    record RenamePiece(String name) implements Edit {}

    /** Changes size, bleed or unit; every page's cells follow. */
    record SetFormat(Format format) implements Edit {}

    /** Changes a style, and with it all that wear it, but for what they differ in. */
    record SetFrameStyle(FrameStyle style) implements Edit {}

    /**
     * Makes the look of a frame, with all that it differs in, a style under a name; these frames wear it.
     *
     * @param frameIds the first is the one whose look is kept
     * @param style what the new style goes by
     */
    record KeepStyle(UUID pageId, List<UUID> frameIds, UUID style, String name) implements Edit {}

    /** Takes a style away; who wore it wears the usual one. */
    record RemoveFrameStyle(UUID style) implements Edit {}

    /**
     * Brings a style into the piece, if it is not there yet, and lets these frames wear it as it is in the piece.
     *
     * @param style known by its identity; one whose name another style of the piece has gets the next free number
     */
    record DressFrames(UUID pageId, List<UUID> frameIds, FrameStyle style) implements Edit {}

    /** Brings a style into the piece, if it is not there yet; every frame but those with words wears it, and new ones, too. */
    record DressAll(FrameStyle style) implements Edit {}

    /** Lets every frame of the piece but those with words wear a style as it is, and new ones, too. */
    record WearEverywhere(UUID style) implements Edit {}

    /** Lets the whole piece look as a theme has it: frames, grounds of all pages, letters and colours of words; no measure changes. */
    record WearTheme(Theme theme) implements Edit {}

    /** Changes how words below photos look, and where room is kept for them. */
    record SetCaptionStyle(CaptionStyle captions) implements Edit {}

    /** Gives the pages numbers, or takes them away. */
    record SetFolio(Optional<Folio> folio) implements Edit {}

    /** Changes the ground of all pages that have none of their own, or of left or right ones. */
    record SetCommonGround(Paint ground, Grounds.Side pages) implements Edit {
        public SetCommonGround(Paint ground) {
            this(ground, Grounds.Side.BOTH);
        }
    }

    /** Lets the piece's light come from elsewhere; every shadow follows. */
    record SetLight(Light light) implements Edit {}

    /** Changes how photos end that touch the trim. */
    record SetEdges(EdgeRun edges) implements Edit {}

    /** Whether fine lines show where photos are cut out. */
    record SetCutMarks(CutMarks marks) implements Edit {}

    /** Says what language the words are in. */
    record SetLanguage(Language language) implements Edit {}

    // ---- its photos ----

    /** Adds photos at the end of the light table; those already there stay where they are. */
    record AddPhotos(List<PhotoId> photos) implements Edit {}

    /** Takes entries out of the piece and out of every frame that shows them. */
    record RemoveEntries(List<UUID> entryIds) implements Edit {}

    /** Puts the light table in this order; exactly the entries that are on it. */
    record OrderEntries(List<UUID> entryIds) implements Edit {}

    /** Changes a photo's words wherever it shows, but for frames with words of their own. */
    record CaptionEntry(UUID entryId, String caption) implements Edit {}

    /** Words for a photo of the piece. */
    record EntryCaption(UUID entryId, String caption) {}

    /** Changes the words of many photos at once, as {@link CaptionEntry} does those of one. */
    record CaptionEntries(List<EntryCaption> captions) implements Edit {}

    /**
     * One photo's row of the person's own table.
     *
     * @param cells in the order of the columns, the last ones may be missing; none for no row
     */
    record TableRow(UUID entryId, List<String> cells) {}

    /**
     * Keeps a table of the person's own with the piece, in the place of the one before; photos that no row names have none. Words follow:
     * those of photos whose row is another one than before, and those that are as the table had them. What was written by hand since
     * then stays.
     *
     * @param table nothing to let it go; the words stay
     */
    record SetTable(Optional<OwnTable> table, List<TableRow> rows) implements Edit {}

    /** Changes the table's row of one photo, as {@link SetTable} does that of all. */
    record WriteRow(TableRow row) implements Edit {}

    /**
     * Shows where a photo's subject is; crops that are aimed at it follow.
     *
     * @param region nothing for what the machine has found
     */
    record ShowSubject(UUID entryId, Optional<Region> region) implements Edit {}

    /**
     * Lets photos that no frame shows flow into the empty frames in reading order, on new pages if there are too few.
     *
     * @param copies how often each comes, one after the other, 1 to 99; nothing for once
     */
    record FlowEntries(Optional<Integer> copies) implements Edit {
        public FlowEntries() {
            this(Optional.empty());
        }
    }

    /**
     * Places the photos that no frame shows on pages that are composed for them, so many each. The page takes them if it shows none,
     * or if it is to show all of them beside its own; otherwise new pages right after it do.
     *
     * @param each photos on a page, 1 to 60
     */
    record ComposeWaiting(UUID pageId, int each) implements Edit {}

    /** The most copies of one photo. */
    int MOST_COPIES = 99;

    /** The most prints that are laid at once. */
    int MOST_PRINTS = 2000;

    /**
     * A photo as a print of an exact size, which lies wide or upright as the photo is.
     *
     * @param copies 1 to {@value Edit#MOST_COPIES}
     */
    record PrintWish(UUID entryId, Length width, Length height, int copies) {}

    /**
     * Lays prints without words on sheets, to be cut out: on pages from this one on where nothing is arranged, and on new ones after them.
     *
     * @param gap between prints
     */
    record LayPrints(UUID pageId, List<PrintWish> prints, Length gap) implements Edit {}

    /**
     * Lays one photo over several frames of a page, or over as many pages as it has parts, each filled to its edges.
     *
     * @param gap between the parts: on the page, or on the wall
     * @param bridged whether the picture goes on beyond a gap as it ended before it; otherwise what lies in the gap is left out
     * @param ontoPages whether each part is a page of its own
     */
    record SplitEntry(UUID pageId, UUID entryId, int across, int down, Length gap, boolean bridged, boolean ontoPages)
            implements Edit {}

    // ---- pages ----

    /** Lets all photos on pages wear a style. */
    record WearOnPages(List<UUID> pageIds, UUID style) implements Edit {}

    /** Whether the numbers of pages stand on them, where the piece's pages have numbers. */
    record NumberPages(List<UUID> pageIds, boolean numbered) implements Edit {}

    /**
     * Adds a page of words with room for a title, for a text or for an imprint, in the piece's type.
     *
     * @param afterPageId nothing for before all pages
     * @param text what it says to begin with
     */
    record AddWordsPage(What what, Optional<UUID> afterPageId, String text) implements Edit {
        public enum What {
            /** A few large words, without a number. */
            TITLE,
            /** Words that fill the page. */
            TEXT,
            /** Small words at the foot, without a number. */
            IMPRINT
        }
    }

    /** Adds an empty page like its neighbour after this one. */
    record AddPage(UUID afterPageId) implements Edit {}

    /** Adds copies of pages right after the last of them. */
    record CopyPages(List<UUID> pageIds) implements Edit {}

    /** Takes pages out; their photos wait again. One has to stay. */
    record DeletePages(List<UUID> pageIds) implements Edit {}

    /**
     * Moves pages, in their order, to another place in reading order. The photos of pages that an album's flow fills go with them in the order of
     * all photos.
     *
     * @param index of the first of them then, from 0
     */
    record MovePages(List<UUID> pageIds, int index) implements Edit {}

    /** Changes the lines to which frames are set. */
    record SetGuides(UUID pageId, List<Guide> guides) implements Edit {}

    /** Gives pages a ground of their own, or the common one again. */
    record SetGround(List<UUID> pageIds, Ground ground) implements Edit {}

    // ---- albums ----

    /**
     * Lays a photo across the fold: over both pages of the spread that a page is in where these are empty, else over a new one after it.
     */
    record LayAcross(UUID pageId, UUID entryId) implements Edit {}

    /**
     * Moves or sizes a photo that is seen through frames; on other pages that show parts of the same one it moves along.
     *
     * @param box that it takes on this page
     */
    record PlacePicture(UUID pageId, UUID pictureId, Box box) implements Edit {}

    /**
     * Moves photos, in their order, to another place among all of them; the pages of an album flow anew.
     *
     * @param index of the first of them then, from 0
     */
    record MoveEntries(List<UUID> entryIds, int index) implements Edit {}

    /**
     * Moves a chapter with all of its photos; the pages flow anew.
     *
     * @param index among the chapters then, from 0
     */
    record MoveChapter(UUID chapterId, int index) implements Edit {}

    /**
     * Lets the photos flow over pages as it is wished, for the first time or anew. What was done by hand stays with its photo, and
     * pinned pages stay as they are.
     */
    record FlowAlbum(Album album) implements Edit {}

    /** Says when photos were taken, the same for all, as for a box of scans; nothing for what their files say. */
    record DateEntries(List<UUID> entryIds, Optional<LocalDateTime> at) implements Edit {}

    /** Puts right the times of photos whose camera's clock was wrong; those without a time stay so. */
    record ShiftDates(List<UUID> entryIds, long minutes) implements Edit {}

    /**
     * Puts another photo in the place of one, wherever that is shown: frames, sizes, styles and its place in the order stay. The two change places, so
     * that nothing is lost.
     *
     * @param captionsToo whether their words go with the photos
     */
    record ExchangePhotos(UUID entryId, UUID otherId, boolean captionsToo) implements Edit {}

    /** Makes a cover's spine as wide as so many pages are; what lies on back, spine and front stays there. */
    record FitCover(int pages, Length paper, Length boards) implements Edit {}

    /** Pins flowed pages, so that the flow leaves them as they are, or lets them flow again. */
    record PinPages(List<UUID> pageIds, boolean pinned) implements Edit {}

    /** Takes photos out of the album, where flowed pages close up, or back into what is to flow. */
    record SetAside(List<UUID> entryIds, boolean aside) implements Edit {}

    // ---- arrangements ----

    /** Whether photos may flow to other pages where places are fewer: asked first, by a refusal that says what it comes to. */
    enum Reflow {
        ASK,
        AGREED
    }

    /**
     * Changes a page's grid. Where there are fewer cells, empty frames go first; photos that then have no cell flow on, in
     * their order, to new pages with this grid right after this one.
     */
    record SetGrid(UUID pageId, Grid grid, Reflow reflow) implements Edit {}

    /**
     * Gives all arranged pages this grid. Where that changes the number of cells, photos flow over the pages anew, in their
     * order: on new pages if there are too few, and pages that are left over go.
     */
    record SetGridOfAll(Grid grid, Reflow reflow) implements Edit {}

    /**
     * Gives a page another arrangement.
     *
     * @param order the page's frames in the order of the slots: every one that the present arrangement places and that shows a
     *     photo; empty ones that are not named go. Frames with a place of their own give it up if they are named, and stay
     *     where they are if not. A grid's further cells are empty
     */
    record Arrange(UUID pageId, Arrangement arrangement, List<UUID> order) implements Edit {}

    /** Strews a page's photos anew. The order is as for {@link Arrange}; later prints lie over earlier ones. */
    record Scatter(UUID pageId, Margins margins, Scattered.Recipe recipe, List<UUID> order) implements Edit {}

    /** Puts a page's photos into a pattern, takes on its look, or both. */
    record ApplyPattern(UUID pageId, Pattern pattern, PatternPart part, Reflow reflow) implements Edit {}

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
    record Harmonise(UUID pageId, Harmony.Mode mode, long seed) implements Edit {}

    /** Makes the piece's size that which the page's fixed cells, gaps and margins come to. */
    record SizeFromCells(UUID pageId, Grid grid, Reflow reflow) implements Edit {}

    /**
     * Fills a page with as many of the grid's fixed cells as fit.
     *
     * @param mayTurn whether cells may lie the other way round where more then fit
     */
    record FillWithCells(UUID pageId, Grid grid, boolean mayTurn, Reflow reflow) implements Edit {}

    /** Joins a grid's cells that make up a rectangle. The first photo among them stays, others wait again. */
    record JoinCells(UUID pageId, List<UUID> frameIds) implements Edit {}

    /** Parts joined cells again; the photo stays in the first. */
    record PartCells(UUID pageId, UUID frameId) implements Edit {}

    // ---- what frames show ----

    /** Puts a photo in a frame; the frame keeps its size. */
    record PlaceEntry(UUID pageId, UUID frameId, UUID entryId) implements Edit {}

    /** Takes the photo out of a frame. */
    record EmptyFrame(UUID pageId, UUID frameId) implements Edit {}

    /** Exchanges what two frames show, also between pages. */
    record SwapFrames(UUID pageId, UUID frameId, UUID otherPageId, UUID otherFrameId) implements Edit {}

    // ---- words ----

    /** Where words come to stand that are new. */
    enum WordsPlace {
        TOP,
        BOTTOM,
        FREE
    }

    /**
     * Adds words in front: across the page, or in its middle. They look as such words do already in the piece.
     *
     * @param text nothing for the piece's name where they stand across, and for none where they stand freely
     */
    record AddWords(UUID pageId, WordsPlace where, Optional<String> text) implements Edit {}

    /**
     * Makes each letter of a word a frame of its own, in a row of one height across the page's middle. Photos that wait come into
     * them in their order. Where all cells are empty, they give way.
     *
     * @param typeface whose bold capitals they are
     */
    record AddLetters(UUID pageId, String word, String typeface) implements Edit {}

    /** Changes what a frame's words say, or puts words into an empty frame. */
    record WriteWords(UUID pageId, UUID frameId, String text) implements Edit {}

    /** Makes the frames of words that lie freely just as high as their words need at the size that is wished; the upper side stays. */
    record HeightOfWords(UUID pageId, List<UUID> itemIds) implements Edit {}

    /** Changes how words look; what is not given stays. */
    record DressWords(
            UUID pageId,
            List<UUID> itemIds,
            Optional<String> typeface,
            Optional<TextStyle.Weight> weight,
            Optional<TextStyle.Slant> slant,
            Optional<Double> sizePt,
            Optional<Double> leading,
            Optional<Double> tracking,
            Optional<TextStyle.Align> align,
            Optional<TextStyle.Stand> stand,
            Optional<Rgb> colour,
            Optional<TextFinish> finish,
            Optional<Course> course)
            implements Edit {}

    /**
     * Makes the look of words a style under a name; these words follow it.
     *
     * @param itemIds the first with words is the one whose look is kept
     * @param style what the new style goes by
     */
    record ShareText(UUID pageId, List<UUID> itemIds, UUID style, String name) implements Edit {}

    /** Lets words look as a style of words has it, and follow it from now on. */
    record FollowText(UUID pageId, List<UUID> itemIds, UUID style) implements Edit {}

    /** Changes a style of words, and with it all words that follow it, but for what they differ in. */
    record SetText(SharedText text) implements Edit {}

    /** Takes a style of words away; who followed it looks as before. */
    record RemoveText(UUID style) implements Edit {}

    // ---- papers, boxes and lines ----

    /**
     * Lays items upon papers; those that are not one group yet become one. The papers come into the piece if they are not there yet.
     *
     * @param mount known by its identity; how it is in the piece counts
     */
    record MountItems(UUID pageId, List<UUID> itemIds, Mount mount) implements Edit {}

    /** Changes papers, and with them what lies on them. */
    record SetMount(Mount mount) implements Edit {}

    /** Takes the papers from under items; papers that nothing lies on any more leave the piece. */
    record UnmountItems(UUID pageId, List<UUID> itemIds) implements Edit {}

    /** Adds a box behind what lies in front, in the page's middle. */
    record AddBox(UUID pageId, Paint paint) implements Edit {}

    /** Adds a line in front, across the page's middle. */
    record AddRule(UUID pageId, Rule rule) implements Edit {}

    // ---- ornaments ----

    /**
     * Adds a drawing in front, in its own proportion: a corner at the page's upper left margins, anything else in the page's
     * middle. A ring is an empty frame with the ring round it.
     */
    record AddOrnament(UUID pageId, Drawing drawing) implements Edit {}

    /** Puts another drawing in the place of ornaments; parts keep their colours as far as there are as many. */
    record ExchangeOrnaments(UUID pageId, List<UUID> itemIds, Drawing drawing) implements Edit {}

    /** Colours ornaments and rings, part by part. */
    record ColourOrnaments(UUID pageId, List<UUID> itemIds, List<Rgb> colours) implements Edit {}

    /** Lets words that lie freely lie across the page; its arrangement makes room. */
    record PutWordsAcross(UUID pageId, UUID frameId, Placement.Across.Side side) implements Edit {}

    // ---- items of any kind ----

    /** Changes one thing about items. */
    record PatchItems(UUID pageId, List<UUID> itemIds, ItemChange change) implements Edit {}

    /** An item and the place that it is to have. */
    record ItemMove(UUID itemId, Placement.Free to) {}

    /** Puts items where they are wanted; those that the arrangement placed so far are taken out of it. */
    record MoveItems(UUID pageId, List<ItemMove> moves) implements Edit {}

    /**
     * Adds items in front of the others, with new names, each with a place of its own: drawn, pasted or copied ones.
     *
     * @param entries that the items show; those that this piece does not have come in
     */
    record AddItems(UUID pageId, List<Item> items, List<Entry> entries) implements Edit {}

    /** Takes items off the page, their photos wait again; a grid keeps its cell, empty. */
    record RemoveItems(UUID pageId, List<UUID> itemIds) implements Edit {}

    /** Puts the page's items in this order from back to front. */
    record RestackItems(UUID pageId, List<UUID> itemIds) implements Edit {}

    /** Makes a group of items, where the front one of them lies. */
    record GroupItems(UUID pageId, List<UUID> itemIds) implements Edit {}

    /** Takes apart the groups that hold these items. */
    record UngroupItems(UUID pageId, List<UUID> itemIds) implements Edit {}

    /** Gives frames back to the arrangement: into a grid's empty cells, or as new places of a page that is cut. */
    record GiveBackItems(UUID pageId, List<UUID> itemIds) implements Edit {}

    /** Gives every frame of the page the place that it has as its own; empty ones go. */
    record ReleasePage(UUID pageId) implements Edit {}

    /** Lines frames up. */
    record LineUpItems(UUID pageId, List<UUID> itemIds, Alignment.Edge edge, LineUpTo to) implements Edit {}

    /** What frames are lined up to. */
    enum LineUpTo {
        EACH_OTHER,
        PAGE,
        MARGINS
    }

    /** Makes the gaps between frames equal; the outermost stay. */
    record EvenGaps(UUID pageId, List<UUID> itemIds, boolean across) implements Edit {}

    /** Gives frames an exact size about their centres; a side that is not given stays. */
    record SizeItems(UUID pageId, List<UUID> itemIds, Optional<Length> width, Optional<Length> height)
            implements Edit {}
}
