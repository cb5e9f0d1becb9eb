package wovenset.core.edit;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.caption.OwnTable;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.Region;

/** A change to the photos that take part: which, in what order, with which words and dates. */
public sealed interface EntryEdit extends Edit {
    /** Adds photos at the end of the light table; those already there stay where they are. */
    record AddPhotos(List<PhotoId> photos) implements EntryEdit {}

    /** Takes entries out of the piece and out of every frame that shows them. */
    record RemoveEntries(List<UUID> entryIds) implements EntryEdit {}

    /** Puts the light table in this order; exactly the entries that are on it. */
    record OrderEntries(List<UUID> entryIds) implements EntryEdit {}

    /** Changes a photo's words wherever it shows, but for frames with words of their own. */
    record CaptionEntry(UUID entryId, String caption) implements EntryEdit {}

    /** Words for a photo of the piece. */
    record EntryCaption(UUID entryId, String caption) {}

    /** Changes the words of many photos at once, as {@link CaptionEntry} does those of one. */
    record CaptionEntries(List<EntryCaption> captions) implements EntryEdit {}

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
    record SetTable(Optional<OwnTable> table, List<TableRow> rows) implements EntryEdit {}

    /** Changes the table's row of one photo, as {@link SetTable} does that of all. */
    record WriteRow(TableRow row) implements EntryEdit {}

    /**
     * Shows where a photo's subject is; crops that are aimed at it follow.
     *
     * @param region nothing for what the machine has found
     */
    record ShowSubject(UUID entryId, Optional<Region> region) implements EntryEdit {}

    /** Says when photos were taken, the same for all, as for a box of scans; nothing for what their files say. */
    record DateEntries(List<UUID> entryIds, Optional<LocalDateTime> at) implements EntryEdit {}

    /** Puts right the times of photos whose camera's clock was wrong; those without a time stay so. */
    record ShiftDates(List<UUID> entryIds, long minutes) implements EntryEdit {}

    /**
     * Puts another photo in the place of one, wherever that is shown: frames, sizes, styles and its place in the order stay. The two change places, so
     * that nothing is lost but what was done by hand to their pixels.
     *
     * @param captionsToo whether their words go with the photos
     */
    record ExchangePhotos(UUID entryId, UUID otherId, boolean captionsToo) implements EntryEdit {}
}
