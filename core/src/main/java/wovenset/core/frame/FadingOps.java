package wovenset.core.frame;

import java.util.List;
import java.util.Optional;
import wovenset.core.display.Fade;
import wovenset.core.display.Op;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.ink.Blend;
import wovenset.core.item.Fading;

/** Draws things as one that is as solid as it is to be, and grows faint. */
public final class FadingOps {
    private FadingOps() {}

    /**
     * @param to maps the things' axes to those around them
     * @param box of the things, in their axes, across which they fade
     */
    public static Op.Group of(Affine to, double opacity, Optional<Fading> fading, BoxMm box, List<Op> things) {
        return new Op.Group(to, opacity, Blend.NORMAL, Optional.empty(), fading.map(one -> fade(one, box)), things);
    }

    private static Fade fade(Fading fading, BoxMm box) {
        if (fading.form() == Fading.Form.MIDDLE) {
            return new Fade.Around(box, fading.start(), fading.end());
        }
        double right = Math.sin(Math.toRadians(fading.towardsDegrees()));
        double down = -Math.cos(Math.toRadians(fading.towardsDegrees()));
        double way = Math.abs(right) * box.width() + Math.abs(down) * box.height();
        double from = (fading.start() - 0.5) * way;
        double to = (fading.end() - 0.5) * way;
        return new Fade.Along(
                box.centreX() + from * right,
                box.centreY() + from * down,
                box.centreX() + to * right,
                box.centreY() + to * down);
    }
}
