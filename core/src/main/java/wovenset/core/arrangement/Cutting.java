package wovenset.core.arrangement;

import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/** How a figure is cut into pieces. What comes out empty or tiny is joined to a neighbour. */
public sealed interface Cutting {
    int MOST_PIECES = 120;
    int MOST_LINES = 12;

    /** Straight across and down, evenly. */
    record Rows(int rows, int columns) implements Cutting {
        public Rows {
            boolean within = rows >= 1 && columns >= 1 && rows <= MOST_LINES && columns <= MOST_LINES;
            Checks.that(within, Reason.CUTTING_LINES, MOST_LINES);
        }
    }

    /**
     * By halves and halves again, so that the pieces suit the photos.
     *
     * @param seed another one may cut otherwise
     */
    record Halves(int pieces, long seed) implements Cutting {
        public Halves {
            checkPieces(pieces);
        }
    }

    /**
     * Into cells like those of a leaf or of cracked glaze.
     *
     * @param seed another one cuts otherwise
     */
    record Cells(int pieces, long seed) implements Cutting {
        public Cells {
            checkPieces(pieces);
        }
    }

    private static void checkPieces(int pieces) {
        Checks.that(pieces >= 1 && pieces <= MOST_PIECES, Reason.CUTTING_PIECES, MOST_PIECES);
    }
}
