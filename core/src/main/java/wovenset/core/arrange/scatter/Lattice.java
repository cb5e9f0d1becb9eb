package wovenset.core.arrange.scatter;

import wovenset.core.geometry.BoxMm;

/** Where prints are at home before they are moved: about as many rows as make square cells, from left to right and top to bottom. */
final class Lattice {
    /** How prints are shared out among the rows. */
    enum Rows {
        /** As many in each as in the others, or one more: a row of few would leave a hole. */
        EVEN,
        /** As many as a row holds, the rest in the last one. */
        FULL
    }

    final double cellWidth;
    final double cellHeight;
    private final BoxMm box;
    private final int prints;
    private final int columns;
    private final int rows;
    private final Rows how;

    Lattice(BoxMm box, int prints, Rows how) {
        this.box = box;
        this.prints = prints;
        this.how = how;
        columns = Math.max(1, (int) Math.round(Math.sqrt(prints * box.width() / box.height())));
        rows = (prints + columns - 1) / columns;
        cellWidth = how == Rows.EVEN ? box.width() * rows / prints : box.width() / columns;
        cellHeight = box.height() / rows;
    }

    double x(int print) {
        int row = row(print);
        return box.x() + (print - first(row) + 0.5) * box.width() / (first(row + 1) - first(row));
    }

    double y(int print) {
        return box.y() + (row(print) + 0.5) * cellHeight;
    }

    private int row(int print) {
        return how == Rows.EVEN ? (int) ((long) print * rows / prints) : print / columns;
    }

    private int first(int row) {
        return how == Rows.EVEN ? (row * prints + rows - 1) / rows : Math.min(prints, row * columns);
    }
}
