package wovenset.core.adjust;

/**
 * A Gaussian blur, down and then across, row by row: each row is made when it is wanted, so that no blurred picture need be held.
 * Beyond the edges the picture is mirrored. Cost: as many steps a value as the standard deviation times {@value #REACH}, twice.
 */
final class Gaussian {
    /** In standard deviations; what lies farther away weighs less than a level in ten thousand. */
    private static final int REACH = 4;

    /** Of the middle, and of the two at each distance from it. */
    private final float[] weights;

    /** @param sigma standard deviation in pixels, above 0 */
    Gaussian(double sigma) {
        weights = new float[1 + (int) Math.max(1, REACH * sigma)];
        double[] exact = new double[weights.length];
        double sum = 0;
        for (int i = 0; i < exact.length; i++) {
            exact[i] = Math.exp(-i * i / (2 * sigma * sigma));
            sum += i == 0 ? exact[i] : 2 * exact[i];
        }
        for (int i = 0; i < exact.length; i++) {
            weights[i] = (float) (exact[i] / sum);
        }
    }

    float[] row(Samples picture, int row) {
        float[] down = new float[picture.row(row).length];
        weigh(picture.row(row), picture.row(row), weights[0] / 2, down);
        for (int i = 1; i < weights.length; i++) {
            weigh(
                    picture.row(mirrored(row - i, picture.height)),
                    picture.row(mirrored(row + i, picture.height)),
                    weights[i],
                    down);
        }
        return across(down, picture.channels);
    }

    private float[] across(float[] values, int channels) {
        int reach = weights.length - 1;
        float[] wider = new float[values.length + 2 * reach * channels];
        System.arraycopy(values, 0, wider, reach * channels, values.length);
        int width = values.length / channels;
        for (int i = 1; i <= reach; i++) {
            System.arraycopy(values, channels * mirrored(-i, width), wider, (reach - i) * channels, channels);
            int beyond = width - 1 + i;
            System.arraycopy(values, channels * mirrored(beyond, width), wider, (reach + beyond) * channels, channels);
        }
        float[] across = new float[values.length];
        weigh(values, values, weights[0] / 2, across);
        // Copies that begin at the same place: such loops are run on several values at once, others are not.
        float[] left = new float[values.length];
        float[] right = new float[values.length];
        for (int i = 1; i <= reach; i++) {
            System.arraycopy(wider, (reach - i) * channels, left, 0, left.length);
            System.arraycopy(wider, (reach + i) * channels, right, 0, right.length);
            weigh(left, right, weights[i], across);
        }
        return across;
    }

    private static void weigh(float[] one, float[] other, float weight, float[] into) {
        for (int x = 0; x < into.length; x++) {
            into[x] += weight * (one[x] + other[x]);
        }
    }

    /** The place within, with each edge a mirror through the outermost pixel. */
    private static int mirrored(int at, int size) {
        if (size == 1) {
            return 0;
        }
        int round = Math.floorMod(at, 2 * (size - 1));
        return Math.min(round, 2 * (size - 1) - round);
    }
}
