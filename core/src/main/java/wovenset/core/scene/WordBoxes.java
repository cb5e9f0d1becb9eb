package wovenset.core.scene;

import java.util.ArrayList;
import java.util.List;
import wovenset.core.display.Op;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;

/** Where words stand on the page, those below pictures, too. Cost: linear in what a frame draws. */
final class WordBoxes {
    private final List<BoxMm> boxes = new ArrayList<>();

    private WordBoxes() {}

    static List<BoxMm> of(FrameScene frame) {
        WordBoxes words = new WordBoxes();
        words.collect(
                frame.resolved().ops(),
                Affine.shift(frame.box().x(), frame.box().y()));
        return words.boxes;
    }

    private void collect(List<Op> ops, Affine to) {
        for (Op op : ops) {
            if (op instanceof Op.Group group) {
                collect(group.children(), to.after(group.to()));
            } else if (op instanceof Op.Said said) {
                collect(said.signs(), to);
            } else if (op instanceof Op.Glyphs line) {
                boxes.add(to.bounds(line.signs()));
            }
        }
    }
}
