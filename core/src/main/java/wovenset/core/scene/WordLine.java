package wovenset.core.scene;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wovenset.core.display.Op;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.ink.Rgb;

/**
 * A line of words as it stands on the page, below pictures, too; along a curve each sign by itself.
 *
 * @param box the upright box around its signs
 * @param edge of a colour of its own around the letters
 */
public record WordLine(BoxMm box, Rgb colour, Optional<Rgb> edge) {

    /** Those of a frame, in the order they are drawn. Cost: linear in what a frame draws. */
    public static List<WordLine> of(FrameScene frame) {
        Walk walk = new Walk();
        walk.collect(
                frame.resolved().ops(),
                Affine.shift(frame.box().x(), frame.box().y()));
        return walk.lines;
    }

    private static final class Walk {
        private final List<WordLine> lines = new ArrayList<>();
        private final Map<Op.Glyphs, Rgb> edges = new HashMap<>();

        private void collect(List<Op> ops, Affine to) {
            for (Op op : ops) {
                if (op instanceof Op.Group group) {
                    collect(group.children(), to.after(group.to()));
                } else if (op instanceof Op.Said said) {
                    collect(said.signs(), to);
                } else if (op instanceof Op.LetterEdge edge) {
                    edges.put(edge.line(), edge.colour());
                } else if (op instanceof Op.Glyphs line) {
                    lines.add(
                            new WordLine(to.bounds(line.signs()), line.colour(), Optional.ofNullable(edges.get(line))));
                }
            }
        }
    }
}
