package wovenset.core.drawing;

/** Ornaments for a page's upper left corner, to be turned for the others; about 100 wide. */
final class Corners {
    private Corners() {}

    /** Two twigs along both edges. */
    static Picture leaves() {
        Pen leaves = new Pen();
        for (int i = 0; i < 6; i++) {
            double at = 14 + 14.0 * i;
            double size = 19 - 1.6 * i;
            leaves.leaf(at, 6, size, 0.45 * size, 42).leaf(6, at, size, 0.45 * size, 48);
            if (i > 0) {
                leaves.leaf(at, 6, 0.6 * size, 0.3 * size, -30).leaf(6, at, 0.6 * size, 0.3 * size, 120);
            }
        }
        return Picture.of(
                new Part(
                        "Twigs",
                        Hues.STEM,
                        new Pen()
                                .line(Pen.straight(6, 6, 98, 6), 1.6)
                                .line(Pen.straight(6, 6, 6, 98), 1.6)
                                .path()),
                new Part("Leaves", Hues.LEAF, leaves.path()),
                new Part("Bud", Hues.MADDER, new Pen().dot(7, 7, 6).path()));
    }

    /** Two lines of different strength with a lozenge where they meet. */
    static Picture lines() {
        return Picture.of(
                new Part(
                        "Lines",
                        Hues.INK,
                        new Pen()
                                .polygon(0, 0, 100, 0, 100, 3, 3, 3, 3, 100, 0, 100)
                                .polygon(8, 8, 84, 8, 84, 9.2, 9.2, 9.2, 9.2, 84, 8, 84)
                                .path()),
                new Part(
                        "Lozenge",
                        Hues.WELD,
                        new Pen().polygon(18, 9, 27, 18, 18, 27, 9, 18).path()));
    }

    /** A quarter of a sun. */
    static Picture fan() {
        Pen rays = new Pen();
        for (int i = 0; i < 7; i++) {
            double from = Math.toRadians(90.0 * i / 7 + 1.4);
            double to = Math.toRadians(90.0 * (i + 1) / 7 - 1.4);
            double far = i % 2 == 0 ? 100 : 84;
            rays.polygon(
                    30 * Math.cos(from), 30 * Math.sin(from),
                    far * Math.cos(from), far * Math.sin(from),
                    far * Math.cos(to), far * Math.sin(to),
                    30 * Math.cos(to), 30 * Math.sin(to));
        }
        Pen quarter = new Pen();
        double[] points = new double[2 * 34];
        for (int i = 0; i <= 32; i++) {
            points[2 * i] = 25 * Math.cos(Math.toRadians(90.0 * i / 32));
            points[2 * i + 1] = 25 * Math.sin(Math.toRadians(90.0 * i / 32));
        }
        return Picture.of(
                new Part("Rays", Hues.WELD, rays.path()),
                new Part("Middle", Hues.CLAY, quarter.polygon(points).path()));
    }

    /** A triangle of cloth, sewn on. */
    static Picture patch() {
        return Picture.of(
                new Part(
                        "Cloth",
                        Hues.WOAD,
                        new Pen().polygon(0, 0, 100, 0, 0, 100).path()),
                new Part(
                        "Stitches",
                        Hues.LINEN,
                        new Pen()
                                .stitches(Pen.straight(5, 86, 86, 5), 1.8, 7, 6)
                                .path()));
    }
}
