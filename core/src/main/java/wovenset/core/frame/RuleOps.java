package wovenset.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import wovenset.core.display.Op;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.style.Rule;

/** Draws a rule along its frame's middle, from end to end. Cost: linear in dashes and dots. */
final class RuleOps {
    /** In thicknesses: how long a dash is and how far from the next, and how far from dot to dot. */
    private static final double DASH = 4;

    private static final double GAP = 2.5;
    private static final double DOT_GAP = 1.2;
    private static final int MOST_MARKS = 2000;

    private final Rule rule;
    private final BoxMm frame;
    private final boolean across;
    private final List<Op> ops = new ArrayList<>();

    private RuleOps(Rule rule, BoxMm frame) {
        this.rule = rule;
        this.frame = frame;
        this.across = frame.width() >= frame.height();
    }

    static List<Op> of(Rule rule, BoxMm frame) {
        return new RuleOps(rule, frame).drawn();
    }

    private List<Op> drawn() {
        double thick = rule.thickness().mm();
        double length = across ? frame.width() : frame.height();
        switch (rule.stroke()) {
            case PLAIN -> add(along(0, length, -thick / 2, thick / 2));
            case DOUBLE -> {
                add(along(0, length, -thick / 2, -thick / 6));
                add(along(0, length, thick / 6, thick / 2));
            }
            case THICK_AND_FINE -> {
                add(along(0, length, -thick / 2, thick / 6));
                add(along(0, length, thick / 3, thick / 2));
            }
            case DASHES ->
                marks(
                        length,
                        DASH * thick,
                        GAP * thick,
                        (from, to) -> new ShapeMm.Rectangle(stretch(from, to, -thick / 2, thick / 2)));
            case DOTS ->
                marks(
                        length,
                        thick,
                        DOT_GAP * thick,
                        (from, to) -> new ShapeMm.Oval(stretch(from, to, -thick / 2, thick / 2)));
        }
        return ops;
    }

    /** As many marks as come nearest to the wished gap, the first and the last at the ends. */
    private void marks(double length, double mark, double gap, BiFunction<Double, Double, ShapeMm> shape) {
        double one = Math.min(mark, length);
        int count = (int) Math.max(1, Math.min(MOST_MARKS, Math.round((length + gap) / (one + gap))));
        double step = count == 1 ? 0 : (length - one) / (count - 1);
        for (int i = 0; i < count; i++) {
            add(shape.apply(i * step, i * step + one));
        }
    }

    private void add(ShapeMm shape) {
        ops.add(new Op.Fill(shape, rule.colour()));
    }

    private ShapeMm along(double from, double to, double above, double below) {
        return new ShapeMm.Rectangle(stretch(from, to, above, below));
    }

    /** @param above of the middle line, negative upwards, or leftwards of an upright one */
    private BoxMm stretch(double from, double to, double above, double below) {
        double middle = across ? frame.centreY() : frame.centreX();
        return across
                ? new BoxMm(frame.x() + from, middle + above, to - from, below - above)
                : new BoxMm(middle + above, frame.y() + from, below - above, to - from);
    }
}
