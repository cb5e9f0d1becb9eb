package wovenset.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wovenset.core.display.Op;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.style.TextFinish;
import wovenset.core.style.effect.Shadow;

/** Draws what makes words stand out, behind them: their ground, then their shadow, then an edge around the letters. */
final class FinishOps {
    private final TextFinish finish;
    private final FrameLook.Fall fall;

    FinishOps(TextFinish finish, FrameLook.Fall fall) {
        this.finish = finish;
        this.fall = fall;
    }

    /**
     * Lines with all that lies behind them, which comes first: one line's shadow never falls on another line.
     *
     * @param top of the first line, and the height of all
     */
    List<Op> with(List<Op.Glyphs> lines, double top, double height) {
        List<Op> ops = new ArrayList<>();
        lines.stream()
                .map(one -> new BoxMm(one.x(), top, one.widthMm(), height))
                .reduce(BoxMm::union)
                .ifPresent(all -> ops.addAll(panel(all)));
        lines.forEach(one -> ops.addAll(behind(one, Affine.IDENTITY)));
        ops.addAll(lines);
        return ops;
    }

    /** The ground of words that stand in this box. */
    List<Op> panel(BoxMm words) {
        return finish.panel()
                .filter(panel -> panel.opacity() > 0)
                .<List<Op>>map(panel -> {
                    BoxMm box = words.outset(panel.pad().mm());
                    double radius = Math.min(panel.radius().mm(), Math.min(box.width(), box.height()) / 2);
                    ShapeMm shape = radius > 0 ? new ShapeMm.Rounded(box, radius) : new ShapeMm.Rectangle(box);
                    return List.of(new Op.Group(
                            Affine.IDENTITY,
                            panel.opacity(),
                            Optional.empty(),
                            List.of(new Op.Fill(shape, panel.colour()))));
                })
                .orElse(List.of());
    }

    /** What lies behind a line. It may be set in axes that are turned by themselves. */
    List<Op> behind(Op.Glyphs line, Affine lineTo) {
        List<Op> ops = new ArrayList<>();
        finish.shadow().filter(shadow -> !shadow.isNone()).ifPresent(shadow -> ops.add(shade(shadow, line, lineTo)));
        finish.edge()
                .filter(edge -> edge.width().isPositive())
                .ifPresent(edge -> ops.add(placed(
                        lineTo,
                        new Op.LetterEdge(line, edge.colour(), edge.width().mm()))));
        return ops;
    }

    private Op shade(Shadow shadow, Op.Glyphs line, Affine lineTo) {
        double height = shadow.height().mm();
        Affine fallen = Affine.shift(height * fall.right(), height * fall.down());
        return placed(
                fallen.after(lineTo),
                new Op.LetterShade(
                        line,
                        shadow.colour(),
                        shadow.strength(),
                        shadow.softness().mm()));
    }

    private static Op placed(Affine to, Op op) {
        return to.equals(Affine.IDENTITY) ? op : new Op.Group(to, 1, Optional.empty(), List.of(op));
    }
}
