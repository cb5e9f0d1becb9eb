package wovenset.core.drawing;

import java.awt.Shape;
import java.awt.geom.Path2D;

/** Stars, suns and seals of a radius of about 100 about the origin. */
final class Stars {
    private Stars() {}

    /** Five points with facets. */
    static Picture star() {
        Pen facets = new Pen();
        for (int i = 0; i < 5; i++) {
            double tip = Math.toRadians(-90 + 72.0 * i);
            double next = Math.toRadians(-54 + 72.0 * i);
            facets.polygon(0, 0, 100 * Math.cos(tip), 100 * Math.sin(tip), 42 * Math.cos(next), 42 * Math.sin(next));
        }
        return Picture.of(
                new Part(
                        "Star",
                        Hues.WELD,
                        new Pen().points(0, 0, 5, 100, 42, -90).path()),
                new Part("Shade", Hues.CLAY, facets.path()));
    }

    /** A glint of four long points, with two smaller ones. */
    static Picture glints() {
        return Picture.of(new Part(
                "Glints",
                Hues.WELD,
                new Pen()
                        .add(glint(0, 0, 100))
                        .add(glint(88, -74, 38))
                        .add(glint(-78, 70, 30))
                        .path()));
    }

    private static Shape glint(double x, double y, double size) {
        Path2D glint = new Path2D.Double();
        glint.moveTo(0, -size);
        for (int i = 0; i < 4; i++) {
            double tip = Math.toRadians(90.0 * i);
            glint.quadTo(
                    0.08 * size * Math.cos(tip - Math.PI / 4),
                    0.08 * size * Math.sin(tip - Math.PI / 4),
                    size * Math.cos(tip),
                    size * Math.sin(tip));
        }
        glint.closePath();
        return Pen.placed(glint, x, y, 0);
    }

    static Picture sun() {
        Pen rays = new Pen();
        for (int i = 0; i < 16; i++) {
            double at = 22.5 * i;
            double length = i % 2 == 0 ? 42 : 28;
            rays.leaf(54 * Math.cos(Math.toRadians(at)), 54 * Math.sin(Math.toRadians(at)), length, 13, at);
        }
        return Picture.of(
                new Part("Rays", Hues.WELD, rays.path()),
                new Part("Disc", Hues.CLAY, new Pen().dot(0, 0, 46).path()));
    }

    /** A wax seal: a wavy edge and a pressed ring. */
    static Picture seal() {
        return Picture.of(
                new Part(
                        "Wax",
                        Hues.MADDER,
                        new Pen()
                                .round(
                                        0,
                                        0,
                                        at -> 94
                                                + 3 * Math.sin(Math.toRadians(7 * at))
                                                + 3 * Math.sin(Math.toRadians(4 * at)))
                                .path()),
                new Part(
                        "Pressed ring",
                        Hues.ROSE,
                        new Pen()
                                .circle(0, 0, 70, 5)
                                .points(0, 0, 6, 44, 16, -90)
                                .path()));
    }

    /** A rosette of pleated ribbon. */
    static Picture rosette() {
        return Picture.of(
                new Part(
                        "Tails",
                        Hues.ROSE,
                        new Pen()
                                .polygon(-38, 40, -8, 60, -30, 150, -48, 128, -70, 138)
                                .polygon(38, 40, 8, 60, 30, 150, 48, 128, 70, 138)
                                .path()),
                new Part(
                        "Pleats",
                        Hues.MADDER,
                        new Pen().points(0, 0, 20, 90, 76, 0).path()),
                new Part("Button", Hues.LINEN, new Pen().dot(0, 0, 52).path()),
                new Part("Rim", Hues.WELD, new Pen().circle(0, 0, 46, 3).path()));
    }
}
