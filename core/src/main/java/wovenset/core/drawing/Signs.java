package wovenset.core.drawing;

import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.RoundRectangle2D;

/** Small drawings of things. */
final class Signs {
    private Signs() {}

    static Picture sprig() {
        Path2D stem = Pen.curve(t -> 40 + 18 * Math.sin(2.2 * t), t -> 200 - 190 * t);
        Pen leaves = new Pen();
        for (int i = 0; i < 6; i++) {
            double t = 0.18 + 0.13 * i;
            double x = 40 + 18 * Math.sin(2.2 * t);
            double y = 200 - 190 * t;
            double size = 44 - 4.0 * i;
            leaves.leaf(x, y, size, 0.42 * size, -38).leaf(x, y, size, 0.42 * size, -142);
        }
        leaves.leaf(40 + 18 * Math.sin(2.2), 12, 30, 12, -90);
        return Picture.of(
                new Part("Stem", Hues.STEM, new Pen().line(stem, 3).path()),
                new Part("Leaves", Hues.LEAF, leaves.path()));
    }

    static Picture feather() {
        Path2D vane = new Path2D.Double();
        vane.moveTo(0, 170);
        vane.curveTo(-46, 120, -34, 30, 14, 0);
        vane.curveTo(44, 50, 40, 130, 0, 170);
        vane.closePath();
        Pen barbs = new Pen();
        for (int i = 0; i < 7; i++) {
            double y = 40 + 17.0 * i;
            barbs.line(Pen.straight(5 - 0.02 * y, y + 8, -22 + i, y - 8), 1.6);
            barbs.line(Pen.straight(5 - 0.02 * y, y + 8, 24 - 0.4 * i, y - 10), 1.6);
        }
        return Picture.of(
                new Part("Vane", Hues.SKY, vane),
                new Part("Barbs", Hues.WOAD, barbs.path()),
                new Part(
                        "Quill",
                        Hues.INK,
                        new Pen()
                                .line(Pen.curve(t -> -6 + 18 * t - 6 * Math.sin(Math.PI * t), t -> 205 - 195 * t), 3)
                                .path()));
    }

    static Picture heart() {
        Path2D heart = heart(1, 0, 0);
        return Picture.of(
                new Part("Heart", Hues.MADDER, heart),
                new Part(
                        "Stitches",
                        Hues.LINEN,
                        new Pen().stitches(heart(0.82, 0, 8), 2.2, 8, 6).path()));
    }

    private static Path2D heart(double scale, double x, double y) {
        Path2D heart = new Path2D.Double();
        heart.moveTo(0, 90);
        heart.curveTo(-28, 60, -100, 20, -100, -40);
        heart.curveTo(-100, -78, -70, -98, -44, -98);
        heart.curveTo(-22, -98, -6, -84, 0, -66);
        heart.curveTo(6, -84, 22, -98, 44, -98);
        heart.curveTo(70, -98, 100, -78, 100, -40);
        heart.curveTo(100, 20, 28, 60, 0, 90);
        heart.closePath();
        return new Path2D.Double(heart, new AffineTransform(scale, 0, 0, scale, x, y - 8));
    }

    static Picture kite() {
        Path2D tail = Pen.curve(t -> 22 * Math.sin(2 * Math.PI * 1.4 * t), t -> 100 + 110 * t);
        Pen bows = new Pen();
        for (int i = 1; i <= 3; i++) {
            double t = 0.28 * i;
            double x = 22 * Math.sin(2 * Math.PI * 1.4 * t);
            double y = 100 + 110 * t;
            bows.polygon(x, y, x - 13, y - 8, x - 13, y + 8).polygon(x, y, x + 13, y - 8, x + 13, y + 8);
        }
        return Picture.of(
                new Part("Tail", Hues.INK, new Pen().line(tail, 2.2).path()),
                new Part(
                        "Sail",
                        Hues.MADDER,
                        new Pen().polygon(0, -100, 70, -20, 0, 100, -70, -20).path()),
                new Part(
                        "Panels",
                        Hues.WELD,
                        new Pen()
                                .polygon(0, -100, 70, -20, 0, -20)
                                .polygon(0, 100, -70, -20, 0, -20)
                                .path()),
                new Part("Bows", Hues.WOAD, bows.path()));
    }

    static Picture pot() {
        Path2D body = new Path2D.Double();
        body.moveTo(-26, -80);
        body.curveTo(-20, -50, -80, -30, -76, 30);
        body.curveTo(-74, 66, -50, 84, -40, 90);
        body.lineTo(40, 90);
        body.curveTo(50, 84, 74, 66, 76, 30);
        body.curveTo(80, -30, 20, -50, 26, -80);
        body.closePath();
        return Picture.of(
                new Part("Body", Hues.CLAY, body),
                new Part(
                        "Rim",
                        Hues.BARK,
                        new Pen().polygon(-34, -92, 34, -92, 28, -76, -28, -76).path()),
                new Part(
                        "Glaze",
                        Hues.SKY,
                        new Pen()
                                .line(Pen.curve(t -> -72 + 144 * t, t -> 14 + 7 * Math.sin(2 * Math.PI * 3 * t)), 5)
                                .line(Pen.straight(-69, 36, 69, 36), 3)
                                .path()));
    }

    static Picture bow() {
        Path2D left = new Path2D.Double();
        left.moveTo(0, 0);
        left.curveTo(-30, -46, -92, -58, -98, -30);
        left.curveTo(-104, 0, -96, 40, -76, 40);
        left.curveTo(-50, 40, -20, 22, 0, 0);
        left.closePath();
        Path2D right = new Path2D.Double(left, AffineTransform.getScaleInstance(-1, 1));
        return Picture.of(
                new Part(
                        "Tails",
                        Hues.ROSE,
                        new Pen()
                                .polygon(-6, 4, -60, 100, -40, 96, -28, 112, 6, 10)
                                .polygon(6, 4, 60, 100, 40, 96, 28, 112, -6, 10)
                                .path()),
                new Part("Loops", Hues.MADDER, new Pen().add(left).add(right).path()),
                new Part(
                        "Knot",
                        Hues.ROSE,
                        new Pen()
                                .add(new RoundRectangle2D.Double(-15, -17, 30, 34, 16, 16))
                                .path()));
    }

    static Picture cloud() {
        Area cloud = new Area(new Pen()
                .dot(-60, 10, 34)
                .dot(-20, -18, 42)
                .dot(36, -8, 36)
                .dot(72, 16, 28)
                .path());
        cloud.add(new Area(new RoundRectangle2D.Double(-94, 4, 194, 40, 40, 40)));
        return Picture.of(new Part("Cloud", Hues.SKY, new Pen().add(cloud).path()));
    }

    static Picture shell() {
        Pen ribs = new Pen();
        for (int i = -3; i <= 3; i++) {
            double angle = Math.toRadians(-90 + 20.0 * i);
            ribs.line(
                    Pen.straight(
                            10 * Math.cos(angle),
                            78 + 10 * Math.sin(angle),
                            128 * Math.cos(angle),
                            78 + 128 * Math.sin(angle)),
                    3);
        }
        double[] points = new double[2 * 123];
        for (int i = 0; i <= 120; i++) {
            double degrees = -160 + 140.0 * i / 120;
            double radius = 136 + 7 * Math.abs(Math.sin(Math.toRadians((degrees + 160) * 180 / 20)));
            points[2 * i] = radius * Math.cos(Math.toRadians(degrees));
            points[2 * i + 1] = 78 + radius * Math.sin(Math.toRadians(degrees));
        }
        points[242] = 22;
        points[243] = 92;
        points[244] = -22;
        points[245] = 92;
        return Picture.of(
                new Part("Shell", Hues.CLAY, new Pen().polygon(points).path()),
                new Part("Ribs", Hues.LINEN, ribs.path()));
    }
}
