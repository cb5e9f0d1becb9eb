package wovenset.core.retouch;

import java.util.ArrayList;
import java.util.List;
import org.bytedeco.javacpp.FloatPointer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Point;
import org.bytedeco.opencv.opencv_core.Size;

/**
 * A plane of numbers that follows the edges of a picture in colours: the guided filter (K. He, J. Sun, X. Tang, "Guided Image Filtering",
 * IEEE PAMI 35, 2013, section 3.5), kept as its linear coefficients, which are applied to the picture at any other size (K. He, J. Sun, "Fast Guided
 * Filter", 2015).
 *
 * <p>In each window of 2r + 1 pixels the plane p is told from the colour I by a = (Σ + εU)⁻¹ · (mean(I·p) − mean(I)·mean(p)), b = mean(p) −
 * aᵀ·mean(I), Σ the colours' covariance; of all windows that hold a pixel the means of a and b are taken. Cost: 17 box filters and the solving
 * of three equations a pixel, whatever the radius.
 */
final class GuidedPlane {
    /** So little variance needs no telling. */
    private static final double LITTLE = 1e-4;

    private GuidedPlane() {}

    /**
     * The coefficients: three planes for blue, green and red, and one to be added; and a fifth, of how far apart the mean colours
     * are there of where the plane is 1 and where it is 0.
     *
     * @param colours three planes in this order, 0 to 1
     * @param plane as large
     */
    static float[][] of(float[][] colours, float[] plane, int width, int height, int radius, double epsilon) {
        int count = width * height;
        try (Boxes boxes = new Boxes(width, height, radius)) {
            float[][] mean = new float[3][];
            for (int i = 0; i < 3; i++) {
                mean[i] = boxes.mean(colours[i]);
            }
            float[] planeMean = boxes.mean(plane);
            List<float[]> covariances = new ArrayList<>();
            float[][] cross = new float[3][];
            for (int i = 0; i < 3; i++) {
                for (int j = i; j < 3; j++) {
                    covariances.add(boxes.covariance(colours[i], mean[i], colours[j], mean[j]));
                }
                cross[i] = boxes.covariance(colours[i], mean[i], plane, planeMean);
            }
            float[][] coefficients = new float[5][count];
            float[] rr = covariances.get(0);
            float[] rg = covariances.get(1);
            float[] rb = covariances.get(2);
            float[] gg = covariances.get(3);
            float[] gb = covariances.get(4);
            float[] bb = covariances.get(5);
            for (int i = 0; i < count; i++) {
                // The symmetric matrix's inverse by its cofactors.
                double a = rr[i] + epsilon;
                double d = gg[i] + epsilon;
                double f = bb[i] + epsilon;
                double b = rg[i];
                double c = rb[i];
                double e = gb[i];
                double aa = d * f - e * e;
                double ab = c * e - b * f;
                double ac = b * e - c * d;
                double dd = a * f - c * c;
                double de = b * c - a * e;
                double ff = a * d - b * b;
                double over = 1 / (a * aa + b * ab + c * ac);
                double x = (aa * cross[0][i] + ab * cross[1][i] + ac * cross[2][i]) * over;
                double y = (ab * cross[0][i] + dd * cross[1][i] + de * cross[2][i]) * over;
                double z = (ac * cross[0][i] + de * cross[1][i] + ff * cross[2][i]) * over;
                coefficients[0][i] = (float) x;
                coefficients[1][i] = (float) y;
                coefficients[2][i] = (float) z;
                double variance = planeMean[i] * (1 - planeMean[i]);
                double apart =
                        Math.sqrt(cross[0][i] * cross[0][i] + cross[1][i] * cross[1][i] + cross[2][i] * cross[2][i]);
                coefficients[4][i] = variance < LITTLE ? 1 : (float) Math.min(1, apart / variance);
                coefficients[3][i] = (float) (planeMean[i] - x * mean[0][i] - y * mean[1][i] - z * mean[2][i]);
            }
            for (int i = 0; i < coefficients.length; i++) {
                coefficients[i] = boxes.mean(coefficients[i]);
            }
            return coefficients;
        }
    }

    /** Means over square windows; beyond the edges the outermost pixels go on. */
    static final class Boxes implements AutoCloseable {
        private final Mat from;
        private final Mat to;
        private final Size window;
        private final Point middle = new Point(-1, -1);

        Boxes(int width, int height, int radius) {
            from = new Mat(height, width, opencv_core.CV_32F);
            to = new Mat(height, width, opencv_core.CV_32F);
            window = new Size(2 * radius + 1, 2 * radius + 1);
        }

        float[] mean(float[] values) {
            float[] mean = new float[values.length];
            new FloatPointer(from.data()).put(values);
            opencv_imgproc.boxFilter(from, to, opencv_core.CV_32F, window, middle, true, opencv_core.BORDER_REPLICATE);
            new FloatPointer(to.data()).get(mean);
            return mean;
        }

        float[] covariance(float[] one, float[] oneMean, float[] other, float[] otherMean) {
            float[] products = new float[one.length];
            for (int i = 0; i < products.length; i++) {
                products[i] = one[i] * other[i];
            }
            float[] mean = mean(products);
            for (int i = 0; i < products.length; i++) {
                mean[i] -= oneMean[i] * otherMean[i];
            }
            return mean;
        }

        @Override
        public void close() {
            from.close();
            to.close();
            window.close();
            middle.close();
        }
    }
}
