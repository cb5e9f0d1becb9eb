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
    private static final float FROM = 0.3f;

    private final int width;
    private final int height;
    private final float vignette;
    private final float[] halves;
    private final float grain;
    private final double cell;
    /** At so many places along each side of a pixel grain is looked at. */
    private final int looks;
    /** For each of those places across: the grain to the left of it, and how far it is from there to the next, smoothly. */
    private final int[] lefts;

    private final float[] shares;

    private Overlay(Adjustments adjustments, int width, int height) {
        this.width = width;
        this.height = height;
        vignette = (float) (MOST_VIGNETTE * adjustments.of(Adjustment.VIGNETTE) / 100);
        cell = Math.max(width, height) / (double) GRAINS;
        looks = (int) Math.min(MOST_LOOKS, Math.ceil(1 / cell));
        grain = (float) (MOST_GRAIN * adjustments.of(Adjustment.GRAIN) / 100);
        halves = new float[width];
        for (int x = 0; x < width; x++) {
            halves[x] = half(x, width);
        }
        lefts = new int[grain == 0 ? 0 : width * looks];
        shares = new float[lefts.length];
        for (int at = 0; at < lefts.length; at++) {
            double x = (at + 0.5) / looks / cell;
            lefts[at] = (int) x;
            shares[at] = Within.smooth((float) (x - lefts[at]));
        }
    }

    static Optional<ByteRows.Row> of(Adjustments adjustments, int width, int height) {
        Overlay overlay = new Overlay(adjustments, width, height);
        return overlay.vignette == 0 && overlay.grain == 0 ? Optional.empty() : Optional.of(overlay);
    }

    @Override
    public void change(int row, float[] colours) {
        if (vignette != 0) {
            shade(row, colours);
        }
        if (grain != 0) {
            strew(row, colours);
        }
    }

    private void shade(int row, float[] colours) {
        float[] shares = shades(half(row, height));
        float towards = vignette > 0 ? 0 : 255;
        // From both sides at once: the photo's right half is as dark as its left.
        for (int x = 0, left = 0, right = 3 * (width - 1); left < right; x++, left += 3, right -= 3) {
            shade(colours, left, shares[x], towards);
            shade(colours, right, shares[x], towards);
        }
        if (width % 2 > 0) {
            shade(colours, 3 * (width / 2), shares[width / 2], towards);
        }
    }

    /** How much of a row's left half, and of what is in the middle, is lost. Nothing but sums: several are reckoned at once. */
    private float[] shades(float down) {
        float[] shares = new float[(width + 1) / 2];
        float most = Math.abs(vignette);
        for (int x = 0; x < shares.length; x++) {
            float beyond = (float) Math.sqrt(halves[x] + down) - FROM;
            shares[x] = most * Within.bend(Math.max(0, beyond) * (1 / (1 - FROM)));
        }
        return shares;
    }

    private static void shade(float[] colours, int at, float share, float towards) {
        colours[at] += share * (towards - colours[at]);
        colours[at + 1] += share * (towards - colours[at + 1]);
        colours[at + 2] += share * (towards - colours[at + 2]);
    }

    /** Half the square of the distance from the middle, which is 1 at the edge. */
    private static float half(int at, int size) {
        float distance = (2 * at + 1f) / size - 1;
        return distance * distance / 2;
    }

    private void strew(int row, float[] colours) {
        float[] noise = noise(row);
        for (int x = 0; x < width; x++) {
            int at = 3 * x;
            float luma = Within.level(Toned.luma(colours[at], colours[at + 1], colours[at + 2]));
            float more = grain * noise[x] * 4 * luma * (255 - luma) / (255 * 255);
            colours[at] += more;
            colours[at + 1] += more;
            colours[at + 2] += more;
        }
    }

    /** The noise as the pixels of a row see it, from -0.5 to 0.5: where a pixel holds several grains, their mean. */
    private float[] noise(int row) {
        float[] noise = new float[width];
        float weight = 1f / (looks * looks);
        for (int look = 0; look < looks; look++) {
            float[] line = line((row + (look + 0.5) / looks) / cell);
            for (int at = 0; at < lefts.length; at++) {
                float left = line[lefts[at]];
                noise[at / looks] += weight * (left + shares[at] * (line[lefts[at] + 1] - left));
            }
        }
        return noise;
    }

    /** What lies at this height of the lattice, at each of its points across. */
    private float[] line(double y) {
        int top = (int) y;
        float below = Within.smooth((float) (y - top));
        float[] line = new float[lefts[lefts.length - 1] + 2];
        for (int x = 0; x < line.length; x++) {
            float upper = grainAt(x, top);
            line[x] = upper + below * (grainAt(x, top + 1) - upper);
        }
        return line;
    }

    /** A number that the place alone decides (the mixing of SplitMix64; Steele, Lea and Flood, 2014). */
    private static float grainAt(int x, int y) {
        long mixed = (x * 0x9E3779B97F4A7C15L) ^ (y * 0xC2B2AE3D27D4EB4FL);
        mixed = (mixed ^ (mixed >>> 30)) * 0xBF58476D1CE4E5B9L;
        mixed = (mixed ^ (mixed >>> 27)) * 0x94D049BB133111EBL;
        return ((mixed ^ (mixed >>> 31)) >>> 40) * 0x1.0p-24f - 0.5f;
    }
}
