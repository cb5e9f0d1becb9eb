package wovenset.core.adjust;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.ShortPointer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Size;

/** What lies around the pixels of a photo: blurred pictures of it after light and colour are changed. Their memory is freed with it. */
final class Surroundings implements AutoCloseable {
    /** A narrower blur than that changes no pixel by a level that is seen. */
    private static final double NARROWEST = 0.3;
    /** In a reduced picture the blur is between this and twice as wide, in pixels. */
    private static final double REDUCED = 2;

    private static final int MOST = 65535;

    final ByteRows rows;
    private final Toned toned;
    private final Deque<Mat> held = new ArrayDeque<>();

    Surroundings(ByteRows rows, Toned toned) {
        this.rows = rows;
        this.toned = toned;
    }

    int longEdge() {
        return Math.max(rows.width, rows.height);
    }

    /**
     * Blurred with a Gaussian.
     *
     * @param share the standard deviation as a share of the longer side
     * @return nothing if that is too narrow to be seen
     */
    Optional<Surround> blurred(double share) {
        double sigma = share * longEdge();
        if (sigma < NARROWEST) {
            return Optional.empty();
        }
        int reduced = (int) Math.max(1, sigma / REDUCED);
        return Optional.of(smaller(
                Math.max(1, (rows.width + reduced - 1) / reduced),
                Math.max(1, (rows.height + reduced - 1) / reduced),
                picture -> {
                    Mat blurred = new Mat();
                    try (Size any = new Size(0, 0)) {
                        double inReduced = sigma * picture.cols() / rows.width;
                        opencv_imgproc.GaussianBlur(picture, blurred, any, inReduced);
                    }
                    return blurred;
                }));
    }

    /**
     * Averaged to fewer pixels.
     *
     * @param change what becomes of it then: 16 bits a channel, red first; it gives another matrix
     */
    Surround smaller(int width, int height, UnaryOperator<Mat> change) {
        Mat toned16;
        try (Mat all = new Mat(rows.height, rows.width, opencv_core.CV_8UC3);
                Mat small = new Mat();
                Size size = new Size(width, height)) {
            all.data().put(rows.opaque().data());
            boolean same = width == rows.width && height == rows.height;
            if (!same) {
                opencv_imgproc.resize(all, small, size, 0, 0, opencv_imgproc.INTER_AREA);
            }
            toned16 = tonedIn16Bits(same ? all : small);
        }
        Mat changed = change.apply(toned16);
        toned16.close();
        held.add(changed);
        return new Surround(changed, rows.width, rows.height);
    }

    private Mat tonedIn16Bits(Mat bytes) {
        int width = bytes.cols();
        Mat wide = new Mat(bytes.rows(), width, opencv_core.CV_16UC3);
        IntStream.range(0, bytes.rows()).parallel().forEach(y -> {
            byte[] row = new byte[3 * width];
            short[] out = new short[3 * width];
            float[] colour = new float[3];
            new BytePointer(bytes.ptr(y)).get(row);
            for (int x = 0; x < row.length; x += 3) {
                toned.pixel(row[x + 2] & 0xff, row[x + 1] & 0xff, row[x] & 0xff, colour, 0);
                for (int c = 0; c < 3; c++) {
                    out[x + c] = (short) (int) (Math.max(0, Math.min(255, colour[c])) * MOST / 255 + 0.5f);
                }
            }
            new ShortPointer(wide.ptr(y)).put(out);
        });
        return wide;
    }

    @Override
    public void close() {
        held.forEach(Mat::close);
    }
}
