package wovenset.core.frame;

import java.util.List;
import java.util.stream.IntStream;
import wovenset.core.display.Op;
import wovenset.core.drawing.Drawing;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.ink.Rgb;

/** Draws an ornament into a box, part by part. */
final class OrnamentOps {
    private OrnamentOps() {}

    static List<Op> of(Drawing drawing, List<Rgb> colours, BoxMm box) {
        return IntStream.range(0, colours.size())
                .<Op>mapToObj(part -> new Op.Fill(new ShapeMm.Ornament(box, drawing, part), colours.get(part)))
                .toList();
    }
}
