package wovenset.core.drawing;

import java.awt.geom.Path2D;
import java.util.List;

/** Lines between words or pictures, about 300 wide. */
final class Dividers {
    private Dividers() {}

    /** Leaves that grow from a bud in the middle to both sides. */
    static Picture leaves() {
        Pen leaves = new Pen();
        for (int side = -1; side <= 1; side += 2) {
            for (int i = 0; i < 7; i++) {
                double x = side * (18 + 17.0 * i);
                double size = 20 - 1.4 * i;
                double ahead = side > 0 ? 0 : 180;
                leaves.leaf(x, 0, size, 0.42 * size, ahead - side * 40);
                leaves.leaf(x + side * 8, 0, size, 0.42 * size, ahead + side * 40);
            }
        }
        return Picture.of(
                new Part(
                        "Twig",
                        Hues.STEM,
                        new Pen().line(Pen.straight(-148, 0, 148, 0), 1.6).path()),
                new Part("Leaves", Hues.LEAF, leaves.path()),
                new Part("Bud", Hues.MADDER, new Pen().dot(0, 0, 6).path()));
    }

    static Picture wave() {
        return Picture.of(new Part(
                "Wave",
                Hues.WOAD,
                new Pen()
                        .line(
                                Pen.curve(t -> 300 * t, t -> 9 * Math.sin(2 * Math.PI * 6 * t) * Math.sin(Math.PI * t)),
                                4)
                        .path()));
    }

    /** Dots that grow towards the middle. */
    static Picture dots() {
        Pen dots = new Pen();
        for (int i = -9; i <= 9; i++) {
            dots.dot(16.0 * i, 0, 2 + 5 * Math.exp(-i * i / 18.0));
        }
        return Picture.of(new Part("Dots", Hues.CLAY, dots.path()));
    }

    /** A fine line on both sides of three lozenges. */
    static Picture lozenges() {
        return Picture.of(
                new Part(
                        "Lines",
                        Hues.INK,
                        new Pen()
                                .polygon(-150, 0, -34, -1.6, -34, 1.6)
                                .polygon(150, 0, 34, -1.6, 34, 1.6)
                                .path()),
                new Part(
                        "Lozenges",
                        Hues.WELD,
                        new Pen()
                                .polygon(-12, 0, 0, -12, 12, 0, 0, 12)
                                .polygon(-28, 0, -21, -7, -14, 0, -21, 7)
                                .polygon(28, 0, 21, -7, 14, 0, 21, 7)
                                .path()));
    }

    /** Two strands that cross. */
    static Picture braid() {
        return Picture.of(new Part("One strand", Hues.WOAD, strand(1)), new Part("Other strand", Hues.SKY, strand(-1)));
    }

    private static Path2D strand(int way) {
        return new Pen()
                .line(Pen.curve(t -> 300 * t, t -> way * 8 * Math.sin(2 * Math.PI * 5 * t)), 5)
                .path();
    }

    /** Pennants on a line that hangs a little. */
    static Picture bunting() {
        Pen one = new Pen();
        Pen other = new Pen();
        Pen third = new Pen();
        for (int i = 0; i < 9; i++) {
            double t = (i + 0.5) / 9;
            double x = 300 * t;
            double y = hang(t);
            Pen pen = List.of(one, other, third).get(i % 3);
            pen.polygon(x - 14, hang(t - 0.046), x + 14, hang(t + 0.046), x, y + 34);
        }
        return Picture.of(
                new Part("First pennants", Hues.MADDER, one.path()),
                new Part("Second pennants", Hues.WELD, other.path()),
                new Part("Third pennants", Hues.WOAD, third.path()),
                new Part(
                        "Line",
                        Hues.BARK,
                        new Pen()
                                .line(Pen.curve(t -> 300 * t, Dividers::hang), 2)
                                .path()));
    }

    private static double hang(double t) {
        return 26 * Math.sin(Math.PI * t);
    }
}
