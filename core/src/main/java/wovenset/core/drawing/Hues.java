package wovenset.core.drawing;

import wovenset.core.ink.Rgb;

/** The colours that drawings have before anyone changes them: those of plants that dye, of clay and of undyed cloth. */
final class Hues {
    static final Rgb LEAF = new Rgb("#5e7b4f");
    static final Rgb STEM = new Rgb("#465c3b");
    static final Rgb WOAD = new Rgb("#2f4b7c");
    static final Rgb SKY = new Rgb("#8fa9c9");
    static final Rgb MADDER = new Rgb("#a4373a");
    static final Rgb ROSE = new Rgb("#7a2629");
    static final Rgb WELD = new Rgb("#c9971c");
    static final Rgb STRAW = new Rgb("#e6cf8b");
    static final Rgb CLAY = new Rgb("#b5754f");
    static final Rgb BARK = new Rgb("#6b4a34");
    static final Rgb LINEN = new Rgb("#eadfc8");
    static final Rgb INK = new Rgb("#22293a");

    private Hues() {}
}
