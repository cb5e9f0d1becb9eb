package wovenset.core.adjust;

import org.bytedeco.javacpp.ShortPointer;
import org.bytedeco.opencv.opencv_core.Mat;

/** A picture of a photo with as many pixels or fewer, which is looked at where the photo's pixels lie. */
final class Surround {
    private static final float LEVELS = 255f / 65535;

    /** 16 bits a channel, red first. */
    private final Mat picture;

    private final int width;
    private final int height;

    /** @param width of the photo in pixels */
    Surround(Mat picture, int width, int height) {
        this.picture = picture;
        this.width = width;
        this.height = height;
    }

    /** What lies at the pixels of one of the photo's rows: red, green and blue of each, 0 to 255, between the pixels there are (bilinear). */
    float[] row(int row) {
        int columns = picture.cols();
        float[] mixed = mixed(row);
        float[] all = new float[3 * width];
        if (columns == width) {
            return mixed;
        }
        double scale = columns / (double) width;
        for (int x = 0; x < width; x++) {
            double at = Math.max(0, Math.min(columns - 1.0, (x + 0.5) * scale - 0.5));
            int left = (int) at;
            int right = Math.min(columns - 1, left + 1);
            float share = (float) (at - left);
            for (int c = 0; c < 3; c++) {
                all[3 * x + c] = mixed[3 * left + c] + share * (mixed[3 * right + c] - mixed[3 * left + c]);
            }
        }
        return all;
    }

    /** The same without anything between: squares of one colour. */
    float[] squares(int row) {
        int columns = picture.cols();
        float[] near = levels(Math.min(picture.rows() - 1, row * picture.rows() / height));
        float[] all = new float[3 * width];
        for (int x = 0; x < width; x++) {
            System.arraycopy(near, 3 * Math.min(columns - 1, x * columns / width), all, 3 * x, 3);
        }
        return all;
    }

    private float[] mixed(int row) {
        double at = (row + 0.5) * picture.rows() / height - 0.5;
        double within = Math.max(0, Math.min(picture.rows() - 1.0, at));
        int above = (int) within;
        float share = (float) (within - above);
        float[] one = levels(above);
        if (share > 0) {
            float[] other = levels(Math.min(picture.rows() - 1, above + 1));
            for (int i = 0; i < one.length; i++) {
                one[i] += share * (other[i] - one[i]);
            }
        }
        return one;
    }

    private float[] levels(int row) {
        short[] values = new short[3 * picture.cols()];
        new ShortPointer(picture.ptr(row)).get(values);
        float[] levels = new float[values.length];
        for (int i = 0; i < values.length; i++) {
            levels[i] = (values[i] & 0xffff) * LEVELS;
        }
        return levels;
    }
}
