package wovenset.core.drawing;

import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;

/** What holds paper, and what a post office puts on it. */
final class Fasteners {
    private Fasteners() {}

    /** Paper tape with cut teeth. */
    static Picture tape() {
        Pen stripes = new Pen();
        for (int i = 0; i < 9; i++) {
            double x = 12 + 20.0 * i;
            stripes.polygon(x, 0, x + 8, 0, x - 4, 40, x - 12, 40);
        }
        Area within = new Area(stripes.path());
        within.intersect(new Area(teeth()));
        return Picture.of(
                new Part("Tape", Hues.STRAW, teeth()),
                new Part("Stripes", Hues.CLAY, new Pen().add(within).path()));
    }

    private static Path2D teeth() {
        double[] points = new double[2 * 20];
        for (int i = 0; i < 10; i++) {
            points[2 * i] = i % 2 == 0 ? 180 : 175;
            points[2 * i + 1] = 40.0 * i / 9;
            points[20 + 2 * i] = i % 2 == 0 ? 0 : 5;
            points[20 + 2 * i + 1] = 40 - 40.0 * i / 9;
        }
        return new Pen().polygon(points).path();
    }

    /** A round mark with bars that wave beside it. */
    static Picture postmark() {
        Pen bars = new Pen();
        for (int i = -2; i <= 2; i++) {
            double y = 15.0 * i;
            bars.line(Pen.curve(t -> 56 + 130 * t, t -> y + 5 * Math.sin(2 * Math.PI * 3 * t)), 3);
        }
        return Picture.of(
                new Part(
                        "Rings",
                        Hues.INK,
                        new Pen().circle(0, 0, 56, 3.4).circle(0, 0, 40, 1.8).path()),
                new Part("Star", Hues.INK, new Pen().points(0, 0, 5, 14, 6, -90).path()),
                new Part("Bars", Hues.INK, bars.path()));
    }

    /** A stamp of a print shop of our own: a perforated frame round a kite. */
    static Picture stamp() {
        Pen holes = new Pen();
        for (int i = 0; i <= 8; i++) {
            holes.dot(10.0 * i, 0, 3).dot(10.0 * i, 100, 3);
        }
        for (int i = 1; i < 10; i++) {
            holes.dot(0, 10.0 * i, 3).dot(80, 10.0 * i, 3);
        }
        Area paper = new Area(new Rectangle2D.Double(0, 0, 80, 100));
        paper.subtract(new Area(holes.path()));
        return Picture.of(
                new Part("Paper", Hues.LINEN, new Pen().add(paper).path()),
                new Part(
                        "Field",
                        Hues.SKY,
                        new Pen().polygon(10, 10, 70, 10, 70, 90, 10, 90).path()),
                new Part(
                        "Kite",
                        Hues.MADDER,
                        new Pen().polygon(40, 18, 58, 40, 40, 70, 22, 40).path()),
                new Part(
                        "Tail",
                        Hues.INK,
                        new Pen()
                                .line(Pen.curve(t -> 40 + 8 * Math.sin(2 * Math.PI * t), t -> 70 + 16 * t), 1.4)
                                .path()));
    }

    /** A sewing button with four holes. */
    static Picture button() {
        Area disc = new Area(new Pen().dot(0, 0, 100).path());
        disc.subtract(new Area(new Pen()
                .dot(-22, -22, 12)
                .dot(22, -22, 12)
                .dot(-22, 22, 12)
                .dot(22, 22, 12)
                .path()));
        return Picture.of(
                new Part("Button", Hues.WOAD, new Pen().add(disc).path()),
                new Part("Rim", Hues.SKY, new Pen().circle(0, 0, 78, 7).path()));
    }
}
