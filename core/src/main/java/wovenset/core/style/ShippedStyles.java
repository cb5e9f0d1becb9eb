package wovenset.core.style;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.style.effect.Effect;
import wovenset.core.style.effect.Fastening;
import wovenset.core.style.effect.Glow;
import wovenset.core.style.effect.InnerShadow;
import wovenset.core.style.effect.Reflection;
import wovenset.core.style.effect.Shadow;
import wovenset.core.style.effect.SoftEdge;

/**
 * The frame styles that everybody has, from plain to festive. Their measures are parts of the page's shorter side, to a tenth of
 * a millimetre, so that they suit a card and a wall. A style has the same identity on all pages.
 */
public final class ShippedStyles {
    private static final Rgb PAPER = new Rgb("#fffdf8");
    private static final Rgb CREAM = new Rgb("#f3ead6");
    private static final Rgb LINEN = new Rgb("#e5dac2");
    private static final Rgb WALNUT = new Rgb("#4a3527");
    private static final Rgb WOAD = new Rgb("#2f4b7c");
    private static final Rgb LICHEN = new Rgb("#5e7b4f");
    private static final Rgb MADDER = new Rgb("#a4373a");
    private static final Rgb WELD = new Rgb("#c9971c");
    private static final Rgb TAPE = new Rgb("#e6d9b0");

    /** So much wider are borders of what hangs alone than of one frame among others. */
    private static final double ALONE = 1.6;

    private final double unitMm;

    private ShippedStyles(Format format, double times) {
        this.unitMm = times * Math.min(format.width().mm(), format.height().mm()) / 100;
    }

    /** All of them, for pages of this size; no two are alike in bands and corners. */
    public static List<FrameStyle> of(Format format) {
        return new ShippedStyles(format, 1).all();
    }

    private List<FrameStyle> all() {
        return List.of(
                style("Bare"),
                style("Hairline", band(0.2, Rgb.INK)),
                style("Paper border", band(1.2, PAPER)),
                style("Loose print", band(0.8, PAPER)).withCorners(round(0.5)).with(shadow(0.5, 1.6, 0.45)),
                style("Wide foot", band(1.1, PAPER)).withFoot(length(4)).with(shadow(0.4, 1.2, 0.45)),
                style("Linen mat", bevelled(3.2, LINEN)).with(inner(0.3)),
                style("Two mats", bevelled(0.6, WOAD), bevelled(2.8, PAPER)).with(inner(0.3)),
                twoTones(),
                deepPaper(),
                style("Walnut frame", bevelled(2.6, PAPER), band(1.3, WALNUT))
                        .with(inner(0.3))
                        .with(shadow(0.9, 2.2, 0.55)),
                style(
                                "Gilt frame",
                                band(0.25, new Rgb("#7d5f1a")),
                                band(1, new Rgb("#c9a23e")),
                                band(0.3, new Rgb("#ecd892")),
                                band(0.2, new Rgb("#7d5f1a")))
                        .with(shadow(0.7, 1.8, 0.5)),
                style("Photo corners", band(0.5, CREAM)).with(held(Fastening.Means.PHOTO_CORNERS, 3, WALNUT)),
                style("Two strips of tape", band(0.6, PAPER))
                        .withCorners(cut(Corners.Cut.DECKLE, 0.35))
                        .with(held(Fastening.Means.TAPE_UPPER_CORNERS, 1.8, TAPE))
                        .with(shadow(0.25, 0.8, 0.35)),
                style("Torn edge", band(1.5, PAPER))
                        .withCorners(cut(Corners.Cut.DECKLE, 0.8))
                        .with(shadow(0.4, 1.1, 0.45)),
                style("Stamp", band(1.2, PAPER))
                        .withCorners(cut(Corners.Cut.STAMP, 0.9))
                        .with(shadow(0.3, 0.8, 0.45)),
                style("Cut corners", band(0.7, LICHEN), band(0.35, PAPER)).withCorners(cut(Corners.Cut.CUT, 3)),
                style("Scalloped", band(0.35, PAPER), band(0.8, MADDER)).withCorners(cut(Corners.Cut.SCALLOPED, 3)),
                style("Mist").withCorners(round(2)).with(new SoftEdge(length(3))),
                style("Still water", band(0.25, PAPER)).with(new Reflection(0.28, Length.ZERO, 0.5)),
                style("Lantern", band(0.5, WELD))
                        .withCorners(round(4))
                        .with(new Glow(length(2.4), 0.8, new Rgb("#f3b54a"))));
    }

    /** A border of two colours, for pages that are one picture. */
    public static FrameStyle twoTones(Format format) {
        return new ShippedStyles(format, ALONE).twoTones();
    }

    /** Behind two papers with depth, for pages that are one picture. */
    public static FrameStyle deepPaper(Format format) {
        return new ShippedStyles(format, ALONE).deepPaper();
    }

    private FrameStyle twoTones() {
        return style("Two tones", band(1.4, LINEN), band(2.4, WOAD));
    }

    private FrameStyle deepPaper() {
        return style(
                        "Deep paper",
                        new Band(length(0.9), new Paint.Solid(LINEN), Band.Side.OUTSIDE, length(0.3)),
                        new Band(length(4.2), new Paint.Solid(PAPER), Band.Side.OUTSIDE, length(0.4)))
                .with(inner(0.4));
    }

    private Length length(double units) {
        return Length.ofMicrometres(Math.round(units * unitMm * 10) * 100);
    }

    private Band band(double width, Rgb colour) {
        return Band.of(length(width), colour, Band.Side.OUTSIDE);
    }

    private Band bevelled(double width, Rgb colour) {
        return new Band(length(width), new Paint.Solid(colour), Band.Side.OUTSIDE, length(0.3));
    }

    private Corners round(double radius) {
        return Corners.round(length(radius));
    }

    private Corners cut(Corners.Cut how, double size) {
        return new Corners(how, length(size));
    }

    private Effect shadow(double height, double softness, double strength) {
        return new Shadow(length(height), length(softness), strength, Rgb.INK);
    }

    private Effect inner(double height) {
        return new InnerShadow(length(height), length(2 * height), 0.45, Rgb.INK);
    }

    private Effect held(Fastening.Means means, double size, Rgb colour) {
        return new Fastening(means, length(size), colour);
    }

    private static FrameStyle style(String name, Band... bands) {
        UUID id = UUID.nameUUIDFromBytes(("frame style " + name).getBytes(StandardCharsets.UTF_8));
        FrameStyle plain = FrameStyle.plain(id, name);
        return bands.length == 0 ? plain : plain.withBands(List.of(bands));
    }
}
