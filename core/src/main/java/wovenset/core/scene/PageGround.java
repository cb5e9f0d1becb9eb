package wovenset.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wovenset.core.display.Op;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;

/**
 * What a page and its bleed are covered with.
 *
 * @param paint solid, where a photo lies on it
 * @param photo as solid as its group is; it reaches a little beyond the bleed
 * @param colour the one that stands for all of it: what words on it have to be read on
 */
public record PageGround(Paint paint, Optional<Op.Group> photo, Rgb colour) {
    static PageGround of(Paint paint) {
        return new PageGround(paint, Optional.empty(), paint.colour());
    }

    /** Whether a screen needs no picture of it. */
    public boolean isSolid() {
        return photo.isEmpty() && paint instanceof Paint.Solid;
    }

    List<Op> ops(BoxMm box) {
        ShapeMm all = new ShapeMm.Rectangle(box);
        List<Op> ops = new ArrayList<>(List.of(new Op.Fill(all, paint)));
        photo.ifPresent(one -> ops.add(new Op.Group(Affine.IDENTITY, 1, Optional.of(all), List.of(one))));
        return ops;
    }
}
