package wovenset.core.geometry;

/**
 * Noise of 0 to 1 that is smooth over one unit: values at whole places, mixed by 3t² − 2t³ between them (Perlin 1985, with values
 * in the place of gradients). A pure function: the same place and seed always have the same value.
 */
public final class ValueNoise {
    private ValueNoise() {}

    /** Along a line. */
    public static double at(double x, long seed) {
        long cell = (long) Math.floor(x);
        return mixed(value(cell, 0, seed), value(cell + 1, 0, seed), Smoothstep.of(x - cell));
    }

    /** In the plane. */
    public static double at(double x, double y, long seed) {
        long column = (long) Math.floor(x);
        long row = (long) Math.floor(y);
        double across = Smoothstep.of(x - column);
        double upper = mixed(value(column, row, seed), value(column + 1, row, seed), across);
        double lower = mixed(value(column, row + 1, seed), value(column + 1, row + 1, seed), across);
        return mixed(upper, lower, Smoothstep.of(y - row));
    }

    private static double mixed(double a, double b, double share) {
        return a + share * (b - a);
    }

    /** The finaliser of MurmurHash3 over the place: its bits are even, and it needs no table. */
    private static double value(long column, long row, long seed) {
        long bits = column * 0x9e3779b97f4a7c15L + row * 0xc2b2ae3d27d4eb4fL + seed * 0x165667b19e3779f9L;
        bits = (bits ^ bits >>> 33) * 0xff51afd7ed558ccdL;
        bits = (bits ^ bits >>> 33) * 0xc4ceb9fe1a85ec53L;
        return (bits >>> 40) * 0x1p-24;
    }
}
