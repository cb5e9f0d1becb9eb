package wovenset.core.adjust;

import java.util.Optional;
import wovenset.core.photo.Adjustment;
import wovenset.core.photo.Adjustments;

/**
 * What lies over a photo as a whole: darker or lighter corners, and grain.
 *
 * <p>With d the distance from the middle as a share of that of the corners, and s = smoothstep from 0.3 to 1: v' = v·(1 − 0.8·a·s), or with
 * lighter corners v + (255 − v)·0.8·a·s. Grain is noise on a lattice of {@value #GRAINS} points along the longer side, smooth between them,
 * the same at each size and each time, strongest in the middle tones; where several grains lie on one pixel they average out as they would
 * in a reduced picture.
 */
final class Overlay implements ByteRows.Row {
    static final double MOST_VIGNETTE = 0.8;
    /** In levels, the standard deviation in the middle tones being about half of it. */
    static final double MOST_GRAIN = 90;

    static final int GRAINS = 1400;
    private static final int MOST_LOOKS = 6;
    private static final double FROM = 0.3;

    private final int width;
    private final int height;
    private final double vignette;
    private final double grain;
    private final double cell;
    /** At so many places along each side of a pixel grain is looked at. */
    private final int looks;

    private Overlay(Adjustments adjustments, int width, int height) {
        this.width = width;
        this.height = height;
        vignette = MOST_VIGNETTE * adjustments.of(Adjustment.VIGNETTE) / 100;
        cell = Math.max(width, height) / (double) GRAINS;
        looks = (int) Math.min(MOST_LOOKS, Math.ceil(1 / cell));
        grain = MOST_GRAIN * adjustments.of(Adjustment.GRAIN) / 100;
    }

    static Optional<ByteRows.Row> of(Adjustments adjustments, int width, int height) {
        Overlay overlay = new Overlay(adjustments, width, height);
        return overlay.vignette == 0 && overlay.grain == 0 ? Optional.empty() : Optional.of(overlay);
    }

    @Override
    public void change(int row, float[] colours) {
        double down = (2 * row + 1.0) / height - 1;
        for (int x = 0; x < width; x++) {
            int at = 3 * x;
            if (vignette != 0) {
                double across = (2 * x + 1.0) / width - 1;
                float share = (float)
                        (vignette * smooth((Math.sqrt((across * across + down * down) / 2) - FROM) / (1 - FROM)));
                for (int c = at; c < at + 3; c++) {
                    colours[c] = share > 0 ? colours[c] * (1 - share) : colours[c] - share * (255 - colours[c]);
                }
            }
            if (grain != 0) {
                float luma = Math.max(0, Math.min(255, Toned.luma(colours[at], colours[at + 1], colours[at + 2])));
                float more = (float) (grain * seen(x, row) * 4 * luma * (255 - luma) / (255 * 255));
                colours[at] += more;
                colours[at + 1] += more;
                colours[at + 2] += more;
            }
        }
    }

    private static double smooth(double t) {
        double within = Math.max(0, Math.min(1, t));
        return within * within * (3 - 2 * within);
    }

    /** The noise as a pixel sees it: where that holds several grains, their mean. */
    private double seen(int x, int y) {
        double sum = 0;
        for (int down = 0; down < looks; down++) {
            for (int across = 0; across < looks; across++) {
                sum += noise((x + (across + 0.5) / looks) / cell, (y + (down + 0.5) / looks) / cell);
            }
        }
        return sum / (looks * looks);
    }

    /** From -0.5 to 0.5 between the points of the lattice. */
    private static double noise(double x, double y) {
        int left = (int) Math.floor(x);
        int top = (int) Math.floor(y);
        double across = smooth(x - left);
        double down = smooth(y - top);
        double above = grainAt(left, top) * (1 - across) + grainAt(left + 1, top) * across;
        double below = grainAt(left, top + 1) * (1 - across) + grainAt(left + 1, top + 1) * across;
        return above * (1 - down) + below * down;
    }

    /** A number that the place alone decides (the mixing of SplitMix64; Steele, Lea and Flood, 2014). */
    private static double grainAt(int x, int y) {
        long mixed = (x * 0x9E3779B97F4A7C15L) ^ (y * 0xC2B2AE3D27D4EB4FL);
        mixed = (mixed ^ (mixed >>> 30)) * 0xBF58476D1CE4E5B9L;
        mixed = (mixed ^ (mixed >>> 27)) * 0x94D049BB133111EBL;
        return ((mixed ^ (mixed >>> 31)) >>> 11) * 0x1.0p-53 - 0.5;
    }
}
