package wovenset.core.drawing;

import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.util.List;
import java.util.Optional;

/** Rings of a radius of about 100 about the origin, each with an opening for a photo. */
final class Rings {
    private Rings() {}

    private static Picture ring(double opening, Part... parts) {
        return Picture.of(List.of(parts), Optional.of(new Opening(0, 0, opening, opening)), Optional.empty());
    }

    private static double x(double radius, double degrees) {
        return radius * Math.cos(Math.toRadians(degrees));
    }

    private static double y(double radius, double degrees) {
        return radius * Math.sin(Math.toRadians(degrees));
    }

    /** Leaves on both sides of a twig. */
    static Picture leaves() {
        Pen outer = new Pen();
        Pen inner = new Pen();
        for (int i = 0; i < 30; i++) {
            double at = 12.0 * i;
            outer.leaf(x(82, at), y(82, at), 24, 11, at + 58);
            inner.leaf(x(82, at + 6), y(82, at + 6), 17, 8, at + 128);
        }
        return ring(
                82,
                new Part("Twig", Hues.STEM, new Pen().circle(0, 0, 82, 2.2).path()),
                new Part("Inner leaves", Hues.LEAF, inner.path()),
                new Part("Outer leaves", Hues.STEM, outer.path()));
    }

    /** Two branches that meet below and leave a gap on top. */
    static Picture laurel() {
        Pen leaves = new Pen();
        Pen berries = new Pen();
        for (int side = -1; side <= 1; side += 2) {
            for (int i = 0; i < 11; i++) {
                double along = 90 + side * (8 + 13.0 * i);
                double size = 25 - 0.9 * i;
                leaves.leaf(x(84, along), y(84, along), size, 0.42 * size, along + side * 52);
                leaves.leaf(x(84, along), y(84, along), size * 0.8, 0.36 * size, along + side * 132);
                if (i % 3 == 1) {
                    berries.dot(x(97, along + side * 8), y(97, along + side * 8), 3);
                }
            }
        }
        return ring(
                84,
                new Part(
                        "Twigs",
                        Hues.BARK,
                        new Pen()
                                .line(Pen.arc(0, 0, 84, 90, 232), 2)
                                .line(Pen.arc(0, 0, 84, 90, -52), 2)
                                .path()),
                new Part("Leaves", Hues.LEAF, leaves.path()),
                new Part("Berries", Hues.WELD, berries.path()));
    }

    /** Berries in clusters of three with small leaves. */
    static Picture berries() {
        Pen leaves = new Pen();
        Pen berries = new Pen();
        for (int i = 0; i < 18; i++) {
            double at = 20.0 * i;
            leaves.leaf(x(84, at + 8), y(84, at + 8), 18, 9, at + 48);
            leaves.leaf(x(84, at + 10), y(84, at + 10), 14, 7, at + 150);
            berries.dot(x(91, at), y(91, at), 5.2)
                    .dot(x(80, at + 4), y(80, at + 4), 4)
                    .dot(x(93, at + 7.5), y(93, at + 7.5), 3.2);
        }
        return ring(
                84,
                new Part("Twig", Hues.BARK, new Pen().circle(0, 0, 84, 2).path()),
                new Part("Leaves", Hues.LEAF, leaves.path()),
                new Part("Berries", Hues.MADDER, berries.path()));
    }

    /** A rope of two strands. */
    static Picture twine() {
        Pen strands = new Pen();
        int turns = 56;
        for (int i = 0; i < turns; i++) {
            double at = 360.0 * i / turns;
            Path2D strand = new Path2D.Double();
            strand.moveTo(-7.5, -3.2);
            strand.curveTo(-3, -5.6, 3.5, -2.8, 7.5, 3.2);
            strand.curveTo(3, 5.6, -3.5, 2.8, -7.5, -3.2);
            strand.closePath();
            strands.add(Pen.placed(strand, x(91, at), y(91, at), at));
        }
        return ring(
                88,
                new Part("Rope", Hues.BARK, new Pen().circle(0, 0, 91, 15).path()),
                new Part("Strands", Hues.STRAW, strands.path()));
    }

    /** Beads of two sizes. */
    static Picture beads() {
        Pen large = new Pen();
        Pen small = new Pen();
        for (int i = 0; i < 36; i++) {
            large.dot(x(93, 10.0 * i), y(93, 10.0 * i), 6);
            small.dot(x(93, 10.0 * i + 5), y(93, 10.0 * i + 5), 2.6);
        }
        return ring(
                87,
                new Part("Line", Hues.WOAD, new Pen().circle(0, 0, 86, 3).path()),
                new Part("Beads", Hues.WOAD, large.path()),
                new Part("Small beads", Hues.SKY, small.path()));
    }

    /** A plate's rim of petals. */
    static Picture petals() {
        Pen marks = new Pen();
        for (int i = 0; i < 24; i++) {
            marks.leaf(x(86, 15.0 * i), y(86, 15.0 * i), 10, 5, 15.0 * i);
        }
        Path2D rim = new Pen()
                .round(0, 0, at -> 95 + 5 * Math.abs(Math.cos(Math.toRadians(12 * at))))
                .path();
        return ring(
                81,
                new Part("Rim", Hues.LINEN, without(rim, 80)),
                new Part("Line", Hues.CLAY, new Pen().circle(0, 0, 81, 2).path()),
                new Part("Petals", Hues.CLAY, marks.path()));
    }

    /** Rays of two lengths. */
    static Picture rays() {
        Pen rays = new Pen();
        for (int i = 0; i < 48; i++) {
            double at = 7.5 * i;
            double tip = i % 2 == 0 ? 100 : 92;
            rays.polygon(x(82, at - 2.4), y(82, at - 2.4), x(tip, at), y(tip, at), x(82, at + 2.4), y(82, at + 2.4));
        }
        return ring(
                78,
                new Part("Rays", Hues.WELD, rays.path()),
                new Part("Rim", Hues.BARK, new Pen().circle(0, 0, 79, 5).path()));
    }

    /** A cloth edge with stitches. */
    static Picture stitched() {
        return ring(
                83,
                new Part("Cloth", Hues.MADDER, new Pen().circle(0, 0, 90, 20).path()),
                new Part(
                        "Stitches",
                        Hues.LINEN,
                        new Pen()
                                .stitches(new Ellipse2D.Double(-95, -95, 190, 190), 1.6, 6, 5)
                                .stitches(new Ellipse2D.Double(-85, -85, 170, 170), 1.6, 6, 5)
                                .path()));
    }

    /** Two fine lines, crossed by short ones at even distances as a dial. */
    static Picture dial() {
        Pen marks = new Pen();
        for (int i = 0; i < 60; i++) {
            double from = i % 5 == 0 ? 88 : 92;
            marks.line(Pen.straight(x(from, 6.0 * i), y(from, 6.0 * i), x(97, 6.0 * i), y(97, 6.0 * i)), 1);
        }
        return ring(
                84,
                new Part(
                        "Lines",
                        Hues.INK,
                        new Pen().circle(0, 0, 84, 2).circle(0, 0, 99, 2).path()),
                new Part("Marks", Hues.WELD, marks.path()));
    }

    private static Path2D without(Path2D outer, double radius) {
        Path2D ring = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        ring.append(outer, false);
        ring.append(new Ellipse2D.Double(-radius, -radius, 2 * radius, 2 * radius), false);
        return ring;
    }
}
