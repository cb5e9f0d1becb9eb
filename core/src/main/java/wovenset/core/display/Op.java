package wovenset.core.display;

import java.util.List;
import java.util.Optional;
import wovenset.core.geometry.Affine;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.Perspective;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.ink.Blend;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.words.Setting;

/**
 * One operation of a display list, as a value: equal operations have equal texts, by which their pictures are named. A new
 * kind is added here and to {@link Visitor}, and the build then says which backends have to learn it.
 */
public sealed interface Op {
    /** The upright box around all that it paints. */
    BoxMm ink();

    void accept(Visitor visitor);

    /** One answer for each kind. */
    interface Visitor {
        void group(Group group);

        void fill(Fill fill);

        void shade(Shade shade);

        void image(Image image);

        void softImage(SoftImage image);

        void glyphs(Glyphs glyphs);

        void letterEdge(LetterEdge edge);

        void letterShade(LetterShade shade);

        void tilted(Tilted tilted);

        void said(Said said);
    }

    /** The box around all that these paint; of no size if that is nothing. */
    static BoxMm ink(List<Op> ops) {
        return ops.stream().map(Op::ink).reduce(BoxMm::union).orElse(new BoxMm(0, 0, 0, 0));
    }

    /**
     * Operations drawn as one thing.
     *
     * @param to maps their axes to those around them
     * @param opacity of all of it together, 0 to 1
     * @param blend how all of it together lies on what is behind it
     * @param clip in their axes: nothing shows beyond it
     * @param fade in their axes: how solid each place of it is
     */
    record Group(Affine to, double opacity, Blend blend, Optional<ShapeMm> clip, Optional<Fade> fade, List<Op> children)
            implements Op {
        public Group {
            children = List.copyOf(children);
        }

        public Group(Affine to, double opacity, Optional<ShapeMm> clip, List<Op> children) {
            this(to, opacity, Blend.NORMAL, clip, Optional.empty(), children);
        }

        /** Whether it has to be drawn by itself before it is laid on. */
        public boolean isLayer() {
            return opacity < 1 || blend != Blend.NORMAL || fade.isPresent();
        }

        @Override
        public BoxMm ink() {
            return to.bounds(clip.map(ShapeMm::bounds).orElseGet(() -> Op.ink(children)));
        }

        @Override
        public void accept(Visitor visitor) {
            visitor.group(this);
        }
    }

    /** A shape covered with a paint. A gradient runs over the shape's box; a texture lies still on the axes. */
    record Fill(ShapeMm shape, Paint paint) implements Op {
        public Fill(ShapeMm shape, Rgb colour) {
            this(shape, new Paint.Solid(colour));
        }

        @Override
        public BoxMm ink() {
            return shape.bounds();
        }

        @Override
        public void accept(Visitor visitor) {
            visitor.fill(this);
        }
    }

    /**
     * A shape of one colour with a soft edge: a Gaussian with a third of the softness as its σ takes the place of the edge.
     *
     * @param softMm how far it fades beyond the shape, and into it
     */
    record Shade(ShapeMm shape, Rgb colour, double strength, double softMm) implements Op {
        /** The Gaussian's σ. */
        public double sigmaMm() {
            return softMm / 3;
        }

        @Override
        public BoxMm ink() {
            return shape.bounds().outset(softMm);
        }

        @Override
        public void accept(Visitor visitor) {
            visitor.shade(this);
        }
    }

    /**
     * A photo.
     *
     * @param widthPx of the upright photo
     * @param to maps the upright photo's unit square (0,0 top left to 1,1 bottom right) to the axes around it
     */
    record Image(PhotoPixels pixels, int widthPx, int heightPx, Affine to) implements Op {
        /** The size of one pixel of the photo. */
        public double mmPerPixel() {
            return Math.sqrt(Math.abs(to.a() * to.d() - to.b() * to.c()) / ((double) widthPx * heightPx));
        }

        @Override
        public BoxMm ink() {
            return to.bounds(new BoxMm(0, 0, 1, 1));
        }

        @Override
        public void accept(Visitor visitor) {
            visitor.image(this);
        }
    }

    /**
     * A photo whose details run into each other: a Gaussian with a third of the softness as its σ, the photo's edges carried on.
     *
     * @param softMm more than zero
     */
    record SoftImage(Image image, double softMm) implements Op {
        /** The Gaussian's σ. */
        public double sigmaMm() {
            return softMm / 3;
        }

        @Override
        public BoxMm ink() {
            return image.ink();
        }

        @Override
        public void accept(Visitor visitor) {
            visitor.softImage(this);
        }
    }

    /**
     * Signs that are drawn one by one and say something together.
     *
     * @param text what a reader hears and a search finds
     */
    record Said(String text, List<Op> signs) implements Op {
        public Said {
            signs = List.copyOf(signs);
        }

        @Override
        public BoxMm ink() {
            return Op.ink(signs);
        }

        @Override
        public void accept(Visitor visitor) {
            visitor.said(this);
        }
    }

    /**
     * A line of words.
     *
     * @param x where its baseline starts
     * @param widthMm of the line
     */
    record Glyphs(String text, Setting setting, double sizePt, Rgb colour, double x, double y, double widthMm)
            implements Op {
        private static final double MM_PER_PT = 25.4 / 72;
        /** Signs reach this far above and below the baseline, in type sizes, and aside. */
        private static final double ABOVE = 1.1;

        private static final double BELOW = 0.45;
        private static final double ASIDE = 0.3;
        /** As far as letters of the shipped faces reach, without accents. */
        private static final double LETTERS = 0.75;

        private static final double TAILS = 0.25;

        /** The box from the line's highest letters to its lowest, without what room is kept beyond them. */
        public BoxMm signs() {
            double size = sizePt * MM_PER_PT;
            return new BoxMm(x, y - LETTERS * size, widthMm, (LETTERS + TAILS) * size);
        }

        @Override
        public BoxMm ink() {
            double size = sizePt * MM_PER_PT;
            return new BoxMm(x - ASIDE * size, y - ABOVE * size, widthMm + 2 * ASIDE * size, (ABOVE + BELOW) * size);
        }

        @Override
        public void accept(Visitor visitor) {
            visitor.glyphs(this);
        }
    }

    /** Around each letter of a line, without its inside, so much of a colour. */
    record LetterEdge(Glyphs line, Rgb colour, double widthMm) implements Op {
        @Override
        public BoxMm ink() {
            return line.ink().outset(widthMm);
        }

        @Override
        public void accept(Visitor visitor) {
            visitor.letterEdge(this);
        }
    }

    /** The letters of a line with a soft edge, as a {@link Shade} is of a shape. */
    record LetterShade(Glyphs line, Rgb colour, double strength, double softMm) implements Op {
        /** The Gaussian's σ. */
        public double sigmaMm() {
            return softMm / 3;
        }

        @Override
        public BoxMm ink() {
            return line.ink().outset(softMm);
        }

        @Override
        public void accept(Visitor visitor) {
            visitor.letterShade(this);
        }
    }

    /** Operations on a plane that is seen at a slant. Backends draw it as pixels. */
    record Tilted(Perspective seen, List<Op> children) implements Op {
        public Tilted {
            children = List.copyOf(children);
        }

        @Override
        public BoxMm ink() {
            return seen.bounds(Op.ink(children));
        }

        @Override
        public void accept(Visitor visitor) {
            visitor.tilted(this);
        }
    }
}
