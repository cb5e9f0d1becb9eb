package wovenset.core.subject;

import java.awt.image.BufferedImage;
import java.util.OptionalDouble;
import org.bytedeco.javacpp.FloatPointer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Size;

/**
 * Finds how far a photo is tilted, by its own edges: horizons, walls and tables are level or upright. Pixels whose gradient (Scharr, after a blur)
 * lies within {@value #MOST} degrees of level or upright vote for its tilt, by its strength; the votes are smoothed with a Gaussian of half a
 * degree, and the highest wins if enough of them agree with it (orientation histograms: W. T. Freeman and M. Roth, 1995). Cost: linear in the
 * pixels, some milliseconds for a picture of 400 × 300.
 */
public final class LevelFinder {
    private static final double SOFTENED = 2;
    /** Degrees: beyond this a slope is meant. */
    private static final double MOST = 12;
    /** Votes are counted in steps of so many degrees. */
    private static final double STEP = 0.05;

    private static final double SPREAD = 0.5;
    /** Of the strongest gradient there can be, what a weaker one has says nothing. */
    private static final double WEAKEST = 0.02;
    /** So much of the votes is to lie within a degree of the winner. */
    private static final double AGREEING = 0.4;
    /** So many pixels, by those of the longer side, are to agree: an edge is some three pixels wide. */
    private static final double ENOUGH = 1.5;

    private LevelFinder() {}

    /**
     * The tilt in degrees, clockwise; nothing if the picture's edges do not say.
     *
     * @param image of type 3BYTE_BGR
     */
    public static OptionalDouble tilt(BufferedImage image) {
        int width = image.getWidth();
        int height = image.getHeight();
        float[] across = new float[width * height];
        float[] down = new float[width * height];
        try (Mat picture = Pixels.mat(image);
                Mat grey = new Mat();
                Mat soft = new Mat();
                Mat gradient = new Mat();
                Size any = new Size(0, 0)) {
            opencv_imgproc.cvtColor(picture, grey, opencv_imgproc.COLOR_BGR2GRAY);
            grey.convertTo(soft, opencv_core.CV_32F, 1 / 255.0, 0);
            opencv_imgproc.GaussianBlur(soft, soft, any, SOFTENED);
            opencv_imgproc.Scharr(soft, gradient, opencv_core.CV_32F, 1, 0);
            new FloatPointer(gradient.data()).get(across);
            opencv_imgproc.Scharr(soft, gradient, opencv_core.CV_32F, 0, 1);
            new FloatPointer(gradient.data()).get(down);
        }
        return winner(across, down, Math.max(width, height));
    }

    private static OptionalDouble winner(float[] across, float[] down, int longEdge) {
        int steps = (int) Math.round(2 * MOST / STEP) + 1;
        double[] votes = new double[steps];
        int[] pixels = new int[steps];
        double all = 0;
        for (int i = 0; i < across.length; i++) {
            // A step from black to white over one pixel is 16.
            double strength = Math.hypot(across[i], down[i]) / 16;
            double degrees = Math.toDegrees(Math.atan2(down[i], across[i]));
            double tilt = degrees - 90 * Math.rint(degrees / 90);
            if (strength >= WEAKEST && Math.abs(tilt) <= MOST) {
                int at = (int) Math.round((tilt + MOST) / STEP);
                votes[at] += strength;
                pixels[at]++;
                all += strength;
            }
        }
        double[] smooth = smoothed(votes);
        int best = 0;
        for (int i = 1; i < steps; i++) {
            best = smooth[i] > smooth[best] ? i : best;
        }
        double agreeing = 0;
        int agree = 0;
        for (int i = 0; i < steps; i++) {
            if (Math.abs(i - best) * STEP <= 1) {
                agreeing += votes[i];
                agree += pixels[i];
            }
        }
        return agreeing == 0 || agreeing < AGREEING * all || agree < ENOUGH * longEdge
                ? OptionalDouble.empty()
                : OptionalDouble.of(Math.rint(10 * (best * STEP - MOST)) / 10);
    }

    private static double[] smoothed(double[] votes) {
        int reach = (int) Math.round(3 * SPREAD / STEP);
        double[] smooth = new double[votes.length];
        for (int i = 0; i < votes.length; i++) {
            for (int j = Math.max(0, i - reach); j <= Math.min(votes.length - 1, i + reach); j++) {
                double off = (j - i) * STEP / SPREAD;
                smooth[i] += votes[j] * Math.exp(-off * off / 2);
            }
        }
        return smooth;
    }
}
