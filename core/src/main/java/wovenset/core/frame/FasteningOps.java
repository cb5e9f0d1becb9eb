package wovenset.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wovenset.core.display.Op;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.ink.Rgb;
import wovenset.core.style.effect.Fastening;

/** Draws tape and photo corners on a print. */
final class FasteningOps {
    /** A strip's length, in widths. */
    private static final double TAPE_LENGTH = 3;
    /** Teeth across a strip's torn end. */
    private static final int TEETH = 5;

    private static final double TOOTH = 0.09;
    private static final double TAPE_SOLID = 0.78;
    private static final double SHADE = 0.28;
    private static final double SHADE_SOFT = 0.12;
    /** How far a paper corner stands over the print, in legs. */
    private static final double OVER = 0.06;
    /** The lit fold along a paper corner's slanted side, in legs. */
    private static final double FOLD = 0.07;

    private final Fastening fastening;
    private final BoxMm print;
    private final List<Op> ops = new ArrayList<>();

    private FasteningOps(Fastening fastening, BoxMm print) {
        this.fastening = fastening;
        this.print = print;
    }

    /** @param print the box of what is held */
    static List<Op> of(Fastening fastening, BoxMm print) {
        FasteningOps drawn = new FasteningOps(fastening, print);
        drawn.draw();
        return drawn.ops;
    }

    private void draw() {
        switch (fastening.means()) {
            case TAPE_ABOVE -> tape(print.centreX(), print.y(), -3);
            case TAPE_UPPER_CORNERS -> upperTapes();
            case TAPE_CORNERS -> {
                upperTapes();
                tape(print.right(), print.bottom(), -45);
                tape(print.x(), print.bottom(), 45);
            }
            case PHOTO_CORNERS -> {
                corner(print.x(), print.y(), 1, 1);
                corner(print.right(), print.y(), -1, 1);
                corner(print.right(), print.bottom(), -1, -1);
                corner(print.x(), print.bottom(), 1, -1);
            }
        }
    }

    private void upperTapes() {
        tape(print.x(), print.y(), -45);
        tape(print.right(), print.y(), 45);
    }

    private void tape(double x, double y, double degrees) {
        double width = fastening.size().mm();
        double half = width * TAPE_LENGTH / 2;
        List<Double> strip = new ArrayList<>();
        for (int end = 1; end >= -1; end -= 2) {
            for (int i = 0; i <= 2 * TEETH; i++) {
                double in = i % 2 == 0 ? 0 : TOOTH * width;
                strip.add(end * (half - in));
                strip.add(end * (-width / 2 + width * i / (2 * TEETH)));
            }
        }
        ShapeMm shape = new ShapeMm.Polygon(strip);
        Affine to = Affine.shift(x, y).after(Affine.turn(degrees, 0, 0));
        ops.add(new Op.Group(
                to,
                1,
                Optional.empty(),
                List.of(
                        new Op.Shade(shape, Rgb.INK, SHADE / 2, SHADE_SOFT * width),
                        new Op.Group(
                                Affine.IDENTITY,
                                TAPE_SOLID,
                                Optional.empty(),
                                List.of(new Op.Fill(shape, fastening.colour()))))));
    }

    /** @param dx towards the print's middle */
    private void corner(double x, double y, int dx, int dy) {
        double leg = fastening.size().mm();
        Affine to = new Affine(dx, 0, 0, dy, x - dx * OVER * leg, y - dy * OVER * leg);
        ShapeMm triangle = new ShapeMm.Polygon(List.of(0.0, 0.0, leg, 0.0, 0.0, leg));
        double fold = leg * (1 - FOLD);
        ShapeMm lit = new ShapeMm.Polygon(List.of(leg, 0.0, 0.0, leg, 0.0, fold, fold, 0.0));
        ops.add(new Op.Group(
                to,
                1,
                Optional.empty(),
                List.of(
                        new Op.Shade(triangle, Rgb.INK, SHADE, SHADE_SOFT * leg / 2),
                        new Op.Fill(triangle, fastening.colour()),
                        new Op.Group(
                                Affine.IDENTITY,
                                0.35,
                                Optional.empty(),
                                List.of(new Op.Fill(lit, new Rgb("#ffffff")))))));
    }
}
