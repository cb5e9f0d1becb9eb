package wovenset.core.paint;

import wovenset.core.geometry.ValueNoise;
import wovenset.core.ink.Paint;

/**
 * How much of a texture's second colour there is at a place, 0 to 1. A pure function of the place: any part of a page at any
 * resolution shows the same threads, and nothing repeats.
 *
 * <p>Made of {@link ValueNoise}. What is finer
 * than two pixels fades away, so that no false pattern arises. Cost: constant, one to five noises a place.
 */
final class Textures {
    /** From chain line to chain line, in ribs. */
    private static final double CHAIN = 26;
    /** Of a thread's roundness over its width, so that the tone stays where threads cannot be told apart. */
    private static final double ROUND_MEAN = 1.0 / 3;

    private Textures() {}

    /**
     * @param x in grains
     * @param pixel of the device, in grains
     */
    static double at(Paint.Texture.Material material, double x, double y, double pixel) {
        return switch (material) {
            case LINEN -> linen(x, y, pixel);
            case LAID -> laid(x, y, pixel);
            case KRAFT -> kraft(x, y, pixel);
            case SLATE -> slate(x, y);
            case WASH -> wash(x, y);
            case WOOD -> wood(x, y, pixel);
            case FELT -> felt(x, y);
        };
    }

    /** What is left of a detail of this period. */
    private static double seen(double period, double pixel) {
        return Math.max(0, Math.min(1, (period / pixel - 2) / 2));
    }

    private static double linen(double x, double y, double pixel) {
        double across = ValueNoise.at(x / 40, Math.floor(y), 1);
        double down = ValueNoise.at(Math.floor(x), y / 40, 2);
        boolean over = (((long) Math.floor(x) + (long) Math.floor(y)) & 1) == 0;
        double u = x - Math.floor(x) - 0.5;
        double v = y - Math.floor(y) - 0.5;
        double round = 4 * (over ? v * v : u * u);
        double thread = over ? across : down;
        double slubs = 0.5 * (across + down);
        double fine = seen(1, pixel);
        return clamped(0.15 + 0.55 * (fine * thread + (1 - fine) * slubs) + 0.4 * mixed(ROUND_MEAN, round, fine));
    }

    private static double laid(double x, double y, double pixel) {
        double ribs = 0.5 + 0.5 * Math.sin(2 * Math.PI * y + ValueNoise.at(x / 30, y / 30, 3));
        double off = Math.abs(x / CHAIN - Math.rint(x / CHAIN)) * CHAIN;
        double chain = Math.max(0, 1 - off);
        double cloud = ValueNoise.at(x / 18, y / 18, 4);
        double fine = seen(1, pixel);
        return clamped(0.45 * fine * ribs + 0.22 * (1 - fine) + 0.45 * chain * seen(2, pixel) + 0.25 * cloud);
    }

    private static double kraft(double x, double y, double pixel) {
        double fibres = ValueNoise.at(x / 6, y, 5) * 0.6 + ValueNoise.at(x / 2, y / 9, 6) * 0.4;
        double fleck = ValueNoise.at(x / 1.5, y / 1.5, 7);
        double dark = fleck > 0.86 ? (fleck - 0.86) * 6 * seen(1.5, pixel) : 0;
        return clamped(0.15 + 0.55 * fibres + dark);
    }

    private static double slate(double x, double y) {
        double folds = 0;
        double size = 0.6;
        for (double period = 40; period > 1; period /= 2.6) {
            folds += size * Math.abs(2 * ValueNoise.at(x / period, y / (period * 0.7), (int) period) - 1);
            size *= 0.55;
        }
        return clamped(folds);
    }

    private static double wash(double x, double y) {
        double bend = 30 * ValueNoise.at(x / 90, y / 90, 8);
        double pool = ValueNoise.at((x + bend) / 70, (y - bend) / 70, 9);
        double edge = 1 - Math.min(1, Math.abs(pool - 0.55) * 14);
        double grains = ValueNoise.at(x / 3, y / 3, 10);
        return clamped(0.75 * pool + 0.18 * edge + 0.12 * (grains - 0.5));
    }

    private static double wood(double x, double y, double pixel) {
        double bent = y / 9 + 2.2 * ValueNoise.at(x / 160, y / 22, 11);
        double rings = 0.5 + 0.5 * Math.sin(2 * Math.PI * bent);
        double fibres = ValueNoise.at(x / 24, y, 12);
        return clamped(0.55 * rings * rings + 0.4 * mixed(0.5, fibres, seen(1, pixel)) + 0.1);
    }

    private static double felt(double x, double y) {
        double mottled = ValueNoise.at(x / 5, y / 5, 13);
        double fibres = 0.5 * (ValueNoise.at(x + 2 * mottled, y / 3, 14) + ValueNoise.at(x / 3, y + 2 * mottled, 15));
        return clamped(0.5 * mottled + 0.5 * fibres);
    }

    private static double clamped(double share) {
        return Math.max(0, Math.min(1, share));
    }

    private static double mixed(double a, double b, double share) {
        return a + share * (b - a);
    }
}
