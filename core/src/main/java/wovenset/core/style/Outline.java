package wovenset.core.style;

import java.util.List;
import wovenset.core.drawing.Drawing;
import wovenset.core.drawing.Opening;
import wovenset.core.drawing.Part;
import wovenset.core.geometry.BoxMm;
import wovenset.core.geometry.Form;
import wovenset.core.geometry.PathData;
import wovenset.core.geometry.ShapeMm;
import wovenset.core.geometry.Tear;
import wovenset.core.ink.Rgb;
import wovenset.core.measure.Length;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/** The form of a frame's edge. */
public sealed interface Outline {
    int LONGEST_NAME = 60;

    /**
     * The form that fills a box, or one at an even distance round it.
     *
     * @param corners of the edge, where the form has any; more than fits means as much as fits
     * @param beyondMm outwards of the form that fills the box; inwards if negative
     */
    ShapeMm shape(BoxMm box, Corners corners, double beyondMm);

    /** The box that a picture in a frame of this form is placed in. */
    default BoxMm picture(BoxMm frame) {
        return frame;
    }

    /** Four sides, with corners as the frame's style has them. */
    record Rect() implements Outline {
        private static final double SLANT = 2 - Math.sqrt(2);

        @Override
        public ShapeMm shape(BoxMm box, Corners corners, double beyondMm) {
            BoxMm moved = beyondMm < 0 ? box.inset(-beyondMm) : box.outset(beyondMm);
            double size = Math.min(corners.size().mm(), Math.min(box.width(), box.height()) / 2);
            if (size == 0) {
                return new ShapeMm.Rectangle(moved);
            }
            return switch (corners.cut()) {
                case ROUND -> rounded(moved, size + beyondMm);
                case CUT -> cut(moved, size + SLANT * beyondMm);
                case SCALLOPED -> {
                    ShapeMm scalloped = new ShapeMm.Scalloped(box, size);
                    yield beyondMm == 0 ? scalloped : new ShapeMm.Offset(scalloped, beyondMm);
                }
                case STAMP, DECKLE -> new ShapeMm.Rectangle(moved);
            };
        }

        private static ShapeMm rounded(BoxMm box, double radius) {
            double fits = Math.min(radius, Math.min(box.width(), box.height()) / 2);
            return fits <= 0 ? new ShapeMm.Rectangle(box) : new ShapeMm.Rounded(box, fits);
        }

        private static ShapeMm cut(BoxMm box, double leg) {
            return leg <= 0 ? new ShapeMm.Rectangle(box) : new ShapeMm.Cut(box, leg);
        }
    }

    /** An ellipse, in a square a circle. */
    record Ellipse() implements Outline {
        @Override
        public ShapeMm shape(BoxMm box, Corners corners, double beyondMm) {
            return around(new ShapeMm.Oval(box), beyondMm);
        }
    }

    /** A drawn form. */
    record Drawn(Form form) implements Outline {
        @Override
        public ShapeMm shape(BoxMm box, Corners corners, double beyondMm) {
            return around(new ShapeMm.Formed(box, form), beyondMm);
        }
    }

    /**
     * A letter, or another outline that was traced.
     *
     * @param name what it is to a person
     * @param data in the unit square; see {@link PathData}
     */
    record Traced(String name, String data) implements Outline {
        public Traced {
            Checks.that(PathData.parse(data).isPresent(), Reason.OUTLINE_DATA);
            boolean named = !name.isBlank() && name.length() <= LONGEST_NAME;
            Checks.that(named, Reason.STYLE_NAME, LONGEST_NAME);
        }

        @Override
        public ShapeMm shape(BoxMm box, Corners corners, double beyondMm) {
            return around(new ShapeMm.Traced(box, data), beyondMm);
        }
    }

    /**
     * A sheet that is torn on some sides; the picture ends before the paper does.
     *
     * @param roughness how far the edge wavers, 0 to {@link #ROUGHEST}
     * @param seed of its course
     */
    record Torn(boolean top, boolean right, boolean bottom, boolean left, Length roughness, int seed)
            implements Outline {
        public static final Length ROUGHEST = Length.ofMm(50);

        public Torn {
            boolean within = !roughness.isNegative() && roughness.compareTo(ROUGHEST) <= 0;
            Checks.that(within, Reason.TEAR_ROUGHNESS);
        }

        private ShapeMm layer(BoxMm box, Tear.Layer layer) {
            return new ShapeMm.Torn(box, new Tear(top, right, bottom, left, roughness.mm(), seed), layer);
        }

        @Override
        public ShapeMm shape(BoxMm box, Corners corners, double beyondMm) {
            return around(layer(box, Tear.Layer.PICTURE), beyondMm);
        }

        /** The paper that the picture is on. */
        public ShapeMm paper(BoxMm box) {
            return layer(box, Tear.Layer.CORE);
        }
    }

    /**
     * The round opening of a ring, which is drawn over the picture's edge. The ring keeps its proportion: it is as large as fits
     * the frame, in its middle.
     *
     * @param colours one for each of its parts
     */
    record Ringed(Drawing ring, List<Rgb> colours) implements Outline {
        public Ringed {
            colours = List.copyOf(colours);
            Checks.that(ring.picture().opening().isPresent(), Reason.NO_RING);
            int parts = ring.picture().parts().size();
            Checks.that(colours.size() == parts, Reason.ORNAMENT_COLOURS, parts);
        }

        /** A ring as it is drawn. */
        public static Ringed of(Drawing ring) {
            return new Ringed(
                    ring, ring.picture().parts().stream().map(Part::usual).toList());
        }

        /** Where the whole ring lies in a frame. */
        public BoxMm ringBox(BoxMm frame) {
            return frame.fitted(ring.picture().width() / ring.picture().height());
        }

        /** The box of what shows through the ring; concentric with it. */
        public BoxMm opening(BoxMm frame) {
            BoxMm box = ringBox(frame);
            Opening opening = ring.picture().opening().orElseThrow();
            return new BoxMm(
                    box.x() + (opening.centreX() - opening.radiusX()) * box.width(),
                    box.y() + (opening.centreY() - opening.radiusY()) * box.height(),
                    2 * opening.radiusX() * box.width(),
                    2 * opening.radiusY() * box.height());
        }

        @Override
        public BoxMm picture(BoxMm frame) {
            return opening(frame);
        }

        @Override
        public ShapeMm shape(BoxMm box, Corners corners, double beyondMm) {
            return around(new ShapeMm.Oval(opening(box)), beyondMm);
        }
    }

    private static ShapeMm around(ShapeMm shape, double beyondMm) {
        return beyondMm == 0 ? shape : new ShapeMm.Offset(shape, beyondMm);
    }
}
