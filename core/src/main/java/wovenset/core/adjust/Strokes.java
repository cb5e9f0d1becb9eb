package wovenset.core.adjust;

import java.util.stream.IntStream;
import org.bytedeco.javacpp.FloatPointer;
import org.bytedeco.javacpp.ShortPointer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Size;

/**
 * Strokes of a brush: each pixel takes the mean of that one of four squares touching it whose light varies least, so edges stay and what is
 * between them becomes plain (Kuwahara, Hachimura, Eiho and Kinoshita, 1976). Cost: linear in the pixels, whatever the width.
 */
final class Strokes {
    /** In pixels. */
    private static final double EDGE = 1.2;

    private Strokes() {}

    /**
     * The painted picture; the caller closes it.
     *
     * @param picture 16 bits a channel, red first
     * @param side of the squares in pixels
     */
    static Mat painted(Mat picture, int side) {
        Mat painted = new Mat(picture.rows(), picture.cols(), opencv_core.CV_16UC3);
        try (Mat grey = new Mat();
                Mat light = new Mat();
                Mat squared = new Mat();
                Mat means = new Mat();
                Mat mean = new Mat();
                Mat meanSquared = new Mat();
                Size square = new Size(side, side)) {
            opencv_imgproc.cvtColor(picture, grey, opencv_imgproc.COLOR_RGB2GRAY);
            grey.convertTo(light, opencv_core.CV_32F, 1 / 65535.0, 0);
            opencv_core.multiply(light, light, squared);
            opencv_imgproc.blur(picture, means, square);
            opencv_imgproc.blur(light, mean, square);
            opencv_imgproc.blur(squared, meanSquared, square);
            int reach = Math.max(1, side / 2);
            IntStream.range(0, picture.rows())
                    .parallel()
                    .forEach(row -> paint(row, reach, means, mean, meanSquared, painted));
        }
        // Where the choice of a square changes, an edge is a stair.
        try (Size any = new Size(0, 0)) {
            opencv_imgproc.GaussianBlur(painted, painted, any, EDGE);
        }
        return painted;
    }

    private static void paint(int row, int reach, Mat means, Mat mean, Mat meanSquared, Mat into) {
        int columns = into.cols();
        int[] rows = {Math.max(0, row - reach), Math.min(into.rows() - 1, row + reach)};
        short[][] colours = new short[2][3 * columns];
        float[][] variances = new float[2][];
        for (int i = 0; i < 2; i++) {
            new ShortPointer(means.ptr(rows[i])).get(colours[i]);
            variances[i] = variances(rows[i], columns, mean, meanSquared);
        }
        short[] out = new short[3 * columns];
        for (int x = 0; x < columns; x++) {
            int left = Math.max(0, x - reach);
            int right = Math.min(columns - 1, x + reach);
            int of = variances[0][left] <= variances[1][left] ? 0 : 1;
            int at = left;
            int ofRight = variances[0][right] <= variances[1][right] ? 0 : 1;
            if (variances[ofRight][right] < variances[of][at]) {
                of = ofRight;
                at = right;
            }
            System.arraycopy(colours[of], 3 * at, out, 3 * x, 3);
        }
        new ShortPointer(into.ptr(row)).put(out);
    }

    private static float[] variances(int row, int columns, Mat mean, Mat meanSquared) {
        float[] means = new float[columns];
        float[] squares = new float[columns];
        new FloatPointer(mean.ptr(row)).get(means);
        new FloatPointer(meanSquared.ptr(row)).get(squares);
        for (int x = 0; x < columns; x++) {
            squares[x] -= means[x] * means[x];
        }
        return squares;
    }
}
