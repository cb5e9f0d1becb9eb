package wovenset.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wovenset.core.display.Fade;
import wovenset.core.display.Op;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.ink.Blend;
import wovenset.core.style.effect.Glow;
import wovenset.core.style.effect.InnerShadow;
import wovenset.core.style.effect.Reflection;
import wovenset.core.style.effect.Shadow;
import wovenset.core.style.effect.SoftEdge;

/** Draws what a style does to light and edge, around a print that is drawn already. */
final class EffectOps {
    /** Of the shorter side. */
    private static final double MOST_FADED = 0.2;

    private final FrameLook look;
    private final ShapeMm silhouette;

    EffectOps(FrameLook look, ShapeMm silhouette) {
        this.look = look;
        this.silhouette = silhouette;
    }

    /** The print as solid as its edge lets it be. */
    List<Op> softened(List<Op> print) {
        return look.effect(SoftEdge.class)
                .<List<Op>>map(soft -> {
                    double half = half(soft);
                    Fade fade = new Fade.SoftShape(new ShapeMm.Offset(silhouette, -half), half);
                    return List.of(new Op.Group(
                            Affine.IDENTITY, 1, Blend.NORMAL, Optional.of(silhouette), Optional.of(fade), print));
                })
                .orElse(print);
    }

    /** Half of where the edge fades; however wide it is to be, something of the print is left. */
    private double half(SoftEdge soft) {
        BoxMm box = silhouette.bounds();
        return Math.min(soft.width().mm() / 2, MOST_FADED * Math.min(box.width(), box.height()));
    }

    /** What lies behind the print: its mirror image, its shadow and its glow. */
    List<Op> behind(List<Op> print) {
        List<Op> ops = new ArrayList<>();
        look.effect(Reflection.class).ifPresent(reflection -> ops.add(reflected(reflection, print)));
        look.effect(Shadow.class).ifPresent(shadow -> ops.add(shade(shadow)));
        look.effect(Glow.class).ifPresent(glow -> {
            double half = glow.spread().mm() / 2;
            ops.add(new Op.Shade(new ShapeMm.Offset(silhouette, half), glow.colour(), glow.strength(), half));
        });
        return ops;
    }

    /** A print whose edge fades throws a shadow that fades as far. */
    private Op shade(Shadow shadow) {
        double soft = look.effect(SoftEdge.class).map(this::half).orElse(0.0);
        ShapeMm solid = soft == 0 ? silhouette : new ShapeMm.Offset(silhouette, -soft);
        return fallen(
                shadow.height().mm(),
                new Op.Shade(
                        solid,
                        shadow.colour(),
                        shadow.strength(),
                        shadow.softness().mm() + soft));
    }

    private Op.Group fallen(double height, Op.Shade shade) {
        Affine to =
                Affine.shift(height * look.fall().right(), height * look.fall().down());
        return new Op.Group(to, 1, Optional.empty(), List.of(shade));
    }

    private Op reflected(Reflection reflection, List<Op> print) {
        BoxMm box = silhouette.bounds();
        double top = box.bottom() + reflection.distance().mm();
        double height = reflection.height() * box.height();
        Affine mirror = new Affine(1, 0, 0, -1, 0, box.bottom() + top);
        BoxMm shown = new BoxMm(box.x(), top, box.width(), height);
        return new Op.Group(
                Affine.IDENTITY,
                1,
                Blend.NORMAL,
                Optional.of(new ShapeMm.Rectangle(shown)),
                Optional.of(new Fade.Downwards(top, top + height, reflection.strength())),
                List.of(new Op.Group(mirror, 1, Optional.empty(), print)));
    }

    /** The shadow that falls on the picture from the edge of its window. */
    List<Op> within(ShapeMm opening) {
        return look.effect(InnerShadow.class)
                .<List<Op>>map(shadow -> {
                    double height = shadow.height().mm();
                    double soft = shadow.softness().mm();
                    BoxMm around = opening.bounds().outset(2 * (height + soft) + 1);
                    ShapeMm paper = new ShapeMm.Ring(new ShapeMm.Rectangle(around), opening);
                    Op.Shade shade = new Op.Shade(paper, shadow.colour(), shadow.strength(), soft);
                    return List.of(
                            new Op.Group(Affine.IDENTITY, 1, Optional.of(opening), List.of(fallen(height, shade))));
                })
                .orElse(List.of());
    }
}
