package wovenset.core.piece;

import java.util.UUID;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * A cover in one sheet: from left to right the back, the spine and the front.
 *
 * @param album the piece that it is for
 * @param pages of that piece
 * @param paper how thick a sheet is, which is two pages; 0.01 to 5 mm
 * @param boards how much thicker back and front make the book together, 0 to 20 mm
 */
public record Cover(UUID album, int pages, Length paper, Length boards) {
    private static final Length THINNEST = Length.ofMm(0.01);
    private static final Length THICKEST = Length.ofMm(5);
    private static final Length MOST_BOARDS = Length.ofMm(20);

    public Cover {
        Checks.that(pages >= 1 && pages <= Piece.MOST_PAGES, Reason.COVER_PAGES, Piece.MOST_PAGES);
        Checks.that(paper.compareTo(THINNEST) >= 0 && paper.compareTo(THICKEST) <= 0, Reason.PAPER_THICKNESS);
        Checks.that(!boards.isNegative() && boards.compareTo(MOST_BOARDS) <= 0, Reason.BOARD_THICKNESS);
    }

    /** As wide as all sheets are thick, and the boards: ⌈pages / 2⌉ · paper + boards. */
    public Length spine() {
        return paper.times(Math.floorDiv(pages + 1, 2)).plus(boards);
    }
}
