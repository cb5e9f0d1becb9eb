package wovenset.core.display;

import java.util.List;
import java.util.stream.Stream;

/** Takes the letters out of what is drawn, so that what lies behind them can be looked at. Cost: linear in the operations. */
public final class Wordless {
    private Wordless() {}

    /** The unit without its letters; what words lie on, as a ground of their own, stays. */
    public static Unit of(Unit unit) {
        return new Unit(unit.itemId(), unit.x(), unit.y(), unit.blend(), of(unit.ops()));
    }

    private static List<Op> of(List<Op> ops) {
        return ops.stream().flatMap(Wordless::of).toList();
    }

    private static Stream<Op> of(Op op) {
        if (op instanceof Op.Group group) {
            return Stream.of(new Op.Group(
                    group.to(), group.opacity(), group.blend(), group.clip(), group.fade(), of(group.children())));
        }
        if (op instanceof Op.Tilted tilted) {
            return Stream.of(new Op.Tilted(tilted.seen(), of(tilted.children())));
        }
        boolean letters = op instanceof Op.Said
                || op instanceof Op.Glyphs
                || op instanceof Op.LetterEdge
                || op instanceof Op.LetterShade;
        return letters ? Stream.empty() : Stream.of(op);
    }
}
