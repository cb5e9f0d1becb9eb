package wovenset.core.scene;

import java.util.ArrayList;
import java.util.List;
import wovenset.core.display.Op;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.ink.Rgb;

/**
 * Hairlines that show where prints are cut out of a sheet: at each corner of a print, one along each of its two edges, beginning a
 * little outside it and never on another print. Between neighbours both begin on their own side and meet in the middle of the gap.
 * Cost: quadratic in the prints of a page.
 */
final class CutLines {
    /** Millimetres: a quarter of a point, which every printer shows. */
    private static final double HAIRLINE = 0.09;

    private static final double LONGEST = 4;
    /** From the print, so that a knife that misses by a little shows no line. */
    private static final double OFF = 0.5;
    /** Gaps below this are cut by one line, which the marks at the sheet's edge show. */
    private static final double NARROWEST = 1;

    private static final double NEAR = 1e-6;

    private CutLines() {}

    /** @param prints upright, with the bands around them */
    static List<Op> of(List<BoxMm> prints, BoxMm sheet) {
        List<BoxMm> lines = new ArrayList<>(across(prints, sheet));
        // Down the sheet is across the sheet that is turned over its corner.
        across(prints.stream().map(CutLines::turned).toList(), turned(sheet)).forEach(line -> lines.add(turned(line)));
        return lines.stream()
                .<Op>map(line -> new Op.Fill(new ShapeMm.Rectangle(line), Rgb.INK))
                .toList();
    }

    private static BoxMm turned(BoxMm box) {
        return new BoxMm(box.y(), box.x(), box.height(), box.width());
    }

    /** The lines that go on from the prints' upper and lower edges, to the left and to the right. */
    private static List<BoxMm> across(List<BoxMm> prints, BoxMm sheet) {
        List<BoxMm> lines = new ArrayList<>();
        for (BoxMm print : prints) {
            for (double y : new double[] {print.y(), print.bottom()}) {
                double toLeft = length(prints, y, print.x(), sheet.x(), -1);
                double toRight = length(prints, y, print.right(), sheet.right(), 1);
                if (toLeft > 0) {
                    lines.add(new BoxMm(print.x() - OFF - toLeft, y - HAIRLINE / 2, toLeft, HAIRLINE));
                }
                if (toRight > 0) {
                    lines.add(new BoxMm(print.right() + OFF, y - HAIRLINE / 2, toRight, HAIRLINE));
                }
            }
        }
        return lines;
    }

    /** How long a line is that goes from a print at x this way to the sheet's edge, or to the middle of the gap before another. */
    private static double length(List<BoxMm> prints, double y, double x, double edge, int way) {
        double room = way * (edge - x);
        boolean shared = false;
        for (BoxMm other : prints) {
            double to = way > 0 ? other.x() - x : x - other.right();
            if (to > -NEAR && to < room && other.y() <= y + NEAR && other.bottom() >= y - NEAR) {
                room = Math.max(0, to);
                shared = true;
            }
        }
        return room < NARROWEST ? 0 : Math.min(LONGEST, (shared ? room / 2 : room) - OFF);
    }
}
