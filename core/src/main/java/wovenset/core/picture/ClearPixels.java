package wovenset.core.picture;

import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.MatVector;
import org.bytedeco.opencv.opencv_core.Scalar;

/** Brings decoded pixels of any depth and channel count to 8-bit blue, green, red, with clear parts laid on white. */
final class ClearPixels {
    private static final double SIXTEEN_TO_EIGHT = 1 / 257.0;

    private ClearPixels() {}

    /** Takes over the given picture and gives one that the caller owns. */
    static Mat onWhite(Mat decoded) {
        Mat eight = decoded;
        if (decoded.depth() != opencv_core.CV_8U) {
            eight = new Mat();
            decoded.convertTo(
                    eight, opencv_core.CV_8U, decoded.depth() == opencv_core.CV_16U ? SIXTEEN_TO_EIGHT : 255, 0);
            decoded.close();
        }
        Mat colour = new Mat();
        switch (eight.channels()) {
            case 1 -> opencv_imgproc.cvtColor(eight, colour, opencv_imgproc.COLOR_GRAY2BGR);
            case 4 -> blend(eight, colour);
            default -> {
                colour.close();
                return eight;
            }
        }
        eight.close();
        return colour;
    }

    /** c · a + 255 · (1 − a) for each channel, computed as 255 − (255 − c) · a. */
    private static void blend(Mat clear, Mat colour) {
        try (MatVector planes = new MatVector(4);
                MatVector blended = new MatVector(3);
                Mat white = new Mat(clear.rows(), clear.cols(), opencv_core.CV_8UC1, new Scalar(255))) {
            opencv_core.split(clear, planes);
            for (int i = 0; i < 3; i++) {
                Mat dark = new Mat();
                opencv_core.subtract(white, planes.get(i), dark);
                Mat covered = new Mat();
                opencv_core.multiply(dark, planes.get(3), covered, 1 / 255.0, -1);
                Mat plane = new Mat();
                opencv_core.subtract(white, covered, plane);
                dark.close();
                covered.close();
                blended.put(i, plane);
            }
            opencv_core.merge(blended, colour);
        }
    }
}
