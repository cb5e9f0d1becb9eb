package wovenset.core.scene;

import java.util.ArrayList;
import java.util.List;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.style.Rgb;

/**
 * Hairlines that show where prints are cut out of a sheet: at each corner of a print, one along each of its two edges, beginning a
 * little outside it and never on another print. Between neighbours both begin on their own side and meet in the middle of the gap.
 * Cost: quadratic in the prints of a page.
 */
final class CutLines {
    /** Millimetres: a quarter of a point, which every printer shows. */
    private static final double WIDTH = 0.09;

    private static final double LONGEST = 4;
    /** From the print, so that a knife that misses by a little shows no line. */
    private static final double OFF = 0.5;
    /** Gaps below this are cut by one line, which the marks at the sheet's edge show. */
    private static final double NARROWEST = 1;

    private static final double NEAR = 1e-6;

    private final List<BoxMm> prints;
    private final BoxMm sheet;
    private final List<Op> lines = new ArrayList<>();

    private CutLines(List<BoxMm> prints, BoxMm sheet) {
        this.prints = prints;
        this.sheet = sheet;
    }

    /** @param prints upright, with the bands around them */
    static List<Op> of(List<BoxMm> prints, BoxMm sheet) {
        CutLines cut = new CutLines(prints, sheet);
        for (BoxMm print : prints) {
            for (double y : new double[] {print.y(), print.bottom()}) {
                cut.across(print.x(), y, -1);
                cut.across(print.right(), y, 1);
            }
            for (double x : new double[] {print.x(), print.right()}) {
                cut.down(x, print.y(), -1);
                cut.down(x, print.bottom(), 1);
            }
        }
        return cut.lines;
    }

    private void across(double x, double y, int way) {
        double room = way > 0 ? sheet.right() - x : x - sheet.x();
        boolean shared = false;
        for (BoxMm other : prints) {
            double to = way > 0 ? other.x() - x : x - other.right();
            if (to > -NEAR && to < room && other.y() <= y + NEAR && other.bottom() >= y - NEAR) {
                room = Math.max(0, to);
                shared = true;
            }
        }
        double end = end(room, shared);
        if (end > OFF) {
            double from = way > 0 ? x + OFF : x - end;
            line(new BoxMm(from, y - WIDTH / 2, end - OFF, WIDTH));
        }
    }

    private void down(double x, double y, int way) {
        double room = way > 0 ? sheet.bottom() - y : y - sheet.y();
        boolean shared = false;
        for (BoxMm other : prints) {
            double to = way > 0 ? other.y() - y : y - other.bottom();
            if (to > -NEAR && to < room && other.x() <= x + NEAR && other.right() >= x - NEAR) {
                room = Math.max(0, to);
                shared = true;
            }
        }
        double end = end(room, shared);
        if (end > OFF) {
            double from = way > 0 ? y + OFF : y - end;
            line(new BoxMm(x - WIDTH / 2, from, WIDTH, end - OFF));
        }
    }

    /** How far from the print its line ends; nothing if there is no room. */
    private static double end(double room, boolean shared) {
        return room < NARROWEST ? 0 : Math.min(OFF + LONGEST, shared ? room / 2 : room);
    }

    private void line(BoxMm box) {
        lines.add(new Op.Fill(new ShapeMm.Rectangle(box), Rgb.INK));
    }
}
