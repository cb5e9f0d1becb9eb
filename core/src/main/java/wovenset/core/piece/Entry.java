package wovenset.core.piece;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.caption.OwnTable;
import wovenset.core.item.FrameWords;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PhotoNotes;
import wovenset.core.photo.Region;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * One photo as it takes part in a piece. A photo that is to take part twice, each time with words of its own, is two entries.
 *
 * @param caption its words, wherever it is shown; empty for none
 * @param subject what the person has shown to be its subject; nothing for what the machine has found
 * @param cells its row of the piece's table, up to the last one that is filled; none without a row
 * @param aside whether it was set aside: an album's flow goes past it
 * @param taken when it was taken, where the person knows better than the camera
 */
public record Entry(
        UUID id,
        PhotoId photo,
        String caption,
        Optional<Region> subject,
        List<String> cells,
        boolean aside,
        Optional<LocalDateTime> taken) {
    public Entry {
        FrameWords.check(caption);
        cells = withoutEmptyEnd(cells.stream().map(String::strip).toList());
        Checks.that(cells.size() <= OwnTable.MOST_COLUMNS, Reason.TABLE_COLUMNS, OwnTable.MOST_COLUMNS);
        cells.forEach(cell -> Checks.that(
                cell.codePointCount(0, cell.length()) <= FrameWords.LONGEST, Reason.TABLE_CELL, FrameWords.LONGEST));
    }

    public static Entry of(UUID id, PhotoId photo, String caption) {
        return new Entry(id, photo, caption, Optional.empty(), List.of(), false, Optional.empty());
    }

    private static List<String> withoutEmptyEnd(List<String> cells) {
        int length = cells.size();
        while (length > 0 && cells.get(length - 1).isEmpty()) {
            length--;
        }
        return List.copyOf(cells.subList(0, length));
    }

    /** The same under another name. */
    public Entry as(UUID newId) {
        return new Entry(newId, photo, caption, subject, cells, aside, taken);
    }

    public Entry withCaption(String words) {
        return new Entry(id, photo, words, subject, cells, aside, taken);
    }

    public Entry withSubject(Optional<Region> shown) {
        return new Entry(id, photo, caption, shown, cells, aside, taken);
    }

    public Entry withCells(List<String> row) {
        return new Entry(id, photo, caption, subject, row, aside, taken);
    }

    public Entry withAside(boolean isAside) {
        return new Entry(id, photo, caption, subject, cells, isAside, taken);
    }

    public Entry withTaken(Optional<LocalDateTime> at) {
        return new Entry(id, photo, caption, subject, cells, aside, at);
    }

    /** In the place of another photo; what was shown as that one's subject is no longer known. */
    public Entry withPhoto(PhotoId other) {
        return new Entry(id, other, caption, Optional.empty(), cells, aside, Optional.empty());
    }

    /** What is known of its photo, with the day that the person knows. */
    public PhotoNotes noted(Map<PhotoId, PhotoNotes> notes) {
        PhotoNotes note = notes.getOrDefault(photo, PhotoNotes.NONE);
        return taken.isEmpty() ? note : new PhotoNotes(note.fileName(), taken, note.words(), note.place());
    }
}
