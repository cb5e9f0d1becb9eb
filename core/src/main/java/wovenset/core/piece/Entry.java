package wovenset.core.piece;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.caption.OwnTable;
import wovenset.core.item.FrameWords;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.Region;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * One photo as it takes part in a piece. A photo that is to take part twice, each time with words of its own, is two entries.
 *
 * @param caption its words, wherever it is shown; empty for none
 * @param subject what the person has shown to be its subject; nothing for what the machine has found
 * @param cells its row of the piece's table, up to the last one that is filled; none without a row
 * @param aside whether it was taken out of the album: the flow goes past it
 */
public record Entry(
        UUID id, PhotoId photo, String caption, Optional<Region> subject, List<String> cells, boolean aside) {
    public Entry {
        FrameWords.check(caption);
        cells = withoutEmptyEnd(cells.stream().map(String::strip).toList());
        Checks.that(cells.size() <= OwnTable.MOST_COLUMNS, Reason.TABLE_COLUMNS, OwnTable.MOST_COLUMNS);
        cells.forEach(cell -> Checks.that(
                cell.codePointCount(0, cell.length()) <= FrameWords.LONGEST, Reason.TABLE_CELL, FrameWords.LONGEST));
    }

    public static Entry of(UUID id, PhotoId photo, String caption) {
        return new Entry(id, photo, caption, Optional.empty(), List.of(), false);
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
        return new Entry(newId, photo, caption, subject, cells, aside);
    }

    public Entry withCaption(String words) {
        return new Entry(id, photo, words, subject, cells, aside);
    }

    public Entry withSubject(Optional<Region> shown) {
        return new Entry(id, photo, caption, shown, cells, aside);
    }

    public Entry withCells(List<String> row) {
        return new Entry(id, photo, caption, subject, row, aside);
    }

    public Entry withAside(boolean isAside) {
        return new Entry(id, photo, caption, subject, cells, isAside);
    }
}
