package wovenset.core.picture;

import java.util.function.Consumer;
import org.bytedeco.javacpp.DoublePointer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.MatVector;

/**
 * Brings decoded pixels of any depth and channel count to 8-bit blue, green, red, and alpha where some of it is clear. Colours
 * are then multiplied by their alpha, so that averages of neighbours are right.
 */
final class ClearPixels {
    private static final double SIXTEEN_TO_EIGHT = 1 / 257.0;
    private static final int SOLID = 255;

    private ClearPixels() {}

    /** Takes over the given picture and gives one of three or four channels that the caller owns; not yet multiplied. */
    static Mat eightBit(Mat decoded) {
        Mat eight = decoded;
        if (decoded.depth() != opencv_core.CV_8U) {
            eight = new Mat();
            decoded.convertTo(
                    eight, opencv_core.CV_8U, decoded.depth() == opencv_core.CV_16U ? SIXTEEN_TO_EIGHT : SOLID, 0);
            decoded.close();
        }
        int conversion;
        switch (eight.channels()) {
            case 1 -> conversion = opencv_imgproc.COLOR_GRAY2BGR;
            case 4 -> {
                if (isClear(eight)) {
                    return eight;
                }
                conversion = opencv_imgproc.COLOR_BGRA2BGR;
            }
            default -> {
                return eight;
            }
        }
        Mat colour = new Mat();
        opencv_imgproc.cvtColor(eight, colour, conversion);
        eight.close();
        return colour;
    }

    private static boolean isClear(Mat picture) {
        try (Mat alpha = new Mat();
                DoublePointer least = new DoublePointer(1L)) {
            opencv_core.extractChannel(picture, alpha, 3);
            opencv_core.minMaxLoc(alpha, least, null, null, null, null);
            return least.get() < SOLID;
        }
    }

    /** Multiplies the colours of a picture with four channels by its alpha, in place. */
    static void multiply(Mat picture) {
        eachColour(picture, (colour, alpha) -> opencv_core.multiply(colour, alpha, colour, 1.0 / SOLID, -1));
    }

    /** The way back; colours of what is wholly clear stay black. */
    static void unmultiply(Mat picture) {
        eachColour(picture, (colour, alpha) -> opencv_core.divide(colour, alpha, colour, SOLID, -1));
    }

    private interface OfTwo {
        void apply(Mat colour, Mat alpha);
    }

    private static void eachColour(Mat picture, OfTwo change) {
        try (MatVector planes = new MatVector(4)) {
            opencv_core.split(picture, planes);
            for (int i = 0; i < 3; i++) {
                change.apply(planes.get(i), planes.get(3));
            }
            opencv_core.merge(planes, picture);
        }
    }

    /** The three colours alone, and their alpha put back after they were changed. */
    static void changeColours(Mat picture, Consumer<Mat> change) {
        try (Mat colours = new Mat();
                Mat alpha = new Mat();
                MatVector both = new MatVector(2)) {
            opencv_imgproc.cvtColor(picture, colours, opencv_imgproc.COLOR_BGRA2BGR);
            opencv_core.extractChannel(picture, alpha, 3);
            change.accept(colours);
            both.put(0, colours);
            both.put(1, alpha);
            opencv_core.merge(both, picture);
        }
    }
}
