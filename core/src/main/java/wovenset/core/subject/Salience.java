package wovenset.core.subject;

import java.awt.image.BufferedImage;
import org.bytedeco.javacpp.indexer.FloatIndexer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Size;
import wovenset.core.photo.Region;

/**
 * What stands out of a picture by colour and brightness from what surrounds it (after Achanta and others, “Frequency-tuned
 * salient region detection”, 2009, with the surroundings taken near the edge, as Wei and others, “Geodesic saliency using
 * background priors”, 2012, advise: a photographer puts the subject away from the edges).
 *
 * <p>On a picture of {@value #SIDE} pixels in CIELAB, blurred a little: s(p) = min over the edge's zones of ‖c(p) − mean of the
 * zone‖, times a bell about the middle. The region is that between the marks that leave {@value #TAIL} of the sum of s² on each
 * side, across and down. Cost: about a millisecond.
 */
final class Salience {
    private static final int SIDE = 96;
    private static final double TAIL = 0.06;
    /** Zones of the edge: so many along each side. */
    private static final int ZONES = 4;

    private static final int EDGE = 6;
    /** The bell's width, in shares of the picture's sides. */
    private static final double BELL = 0.36;

    private Salience() {}

    static Region region(BufferedImage image) {
        double scale = (double) SIDE / Math.max(image.getWidth(), image.getHeight());
        int width = Math.max(8, (int) Math.round(image.getWidth() * scale));
        int height = Math.max(8, (int) Math.round(image.getHeight() * scale));
        float[][] lab = lab(image, width, height);
        float[][] zones = zones(lab, width, height);
        double[] across = new double[width];
        double[] down = new double[height];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                float[] colour = lab[y * width + x];
                double nearest = Double.MAX_VALUE;
                for (float[] zone : zones) {
                    nearest = Math.min(nearest, squared(colour, zone));
                }
                double dx = ((x + 0.5) / width - 0.5) / BELL;
                double dy = ((y + 0.5) / height - 0.5) / BELL;
                double stands = nearest * Math.exp(-(dx * dx + dy * dy));
                across[x] += stands;
                down[y] += stands;
            }
        }
        return Region.within(mark(across, TAIL), mark(down, TAIL), mark(across, 1 - TAIL), mark(down, 1 - TAIL));
    }

    /** Where a share of the sum lies before, as a share of the length. */
    private static double mark(double[] sums, double share) {
        double all = 0;
        for (double sum : sums) {
            all += sum;
        }
        if (all <= 0) {
            return share;
        }
        double before = 0;
        for (int i = 0; i < sums.length; i++) {
            if (before + sums[i] >= share * all) {
                return (i + (share * all - before) / Math.max(1e-12, sums[i])) / sums.length;
            }
            before += sums[i];
        }
        return 1;
    }

    private static float[][] lab(BufferedImage image, int width, int height) {
        try (Mat picture = Pixels.mat(image);
                Mat small = new Mat();
                Mat real = new Mat();
                Mat lab = new Mat();
                Mat soft = new Mat();
                Size size = new Size(width, height);
                Size blur = new Size(5, 5)) {
            opencv_imgproc.resize(picture, small, size, 0, 0, opencv_imgproc.INTER_AREA);
            small.convertTo(real, opencv_core.CV_32F, 1 / 255.0, 0);
            opencv_imgproc.cvtColor(real, lab, opencv_imgproc.COLOR_BGR2Lab);
            opencv_imgproc.GaussianBlur(lab, soft, blur, 0);
            float[][] colours = new float[width * height][3];
            try (FloatIndexer values = soft.createIndexer()) {
                for (int y = 0; y < height; y++) {
                    for (int x = 0; x < width; x++) {
                        for (int channel = 0; channel < 3; channel++) {
                            colours[y * width + x][channel] = values.get(y, x, channel);
                        }
                    }
                }
            }
            return colours;
        }
    }

    /** Mean colours along the edge. */
    private static float[][] zones(float[][] lab, int width, int height) {
        float[][] sums = new float[4 * ZONES][3];
        int[] counts = new int[4 * ZONES];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int along = Math.min(ZONES - 1, x * ZONES / width);
                int aside = Math.min(ZONES - 1, y * ZONES / height);
                int zone = y < EDGE
                        ? along
                        : y >= height - EDGE
                                ? ZONES + along
                                : x < EDGE ? 2 * ZONES + aside : x >= width - EDGE ? 3 * ZONES + aside : -1;
                if (zone >= 0) {
                    counts[zone]++;
                    for (int channel = 0; channel < 3; channel++) {
                        sums[zone][channel] += lab[y * width + x][channel];
                    }
                }
            }
        }
        for (int zone = 0; zone < sums.length; zone++) {
            for (int channel = 0; channel < 3; channel++) {
                sums[zone][channel] /= Math.max(1, counts[zone]);
            }
        }
        return sums;
    }

    private static double squared(float[] a, float[] b) {
        double l = a[0] - b[0];
        double green = a[1] - b[1];
        double blue = a[2] - b[2];
        return l * l + green * green + blue * blue;
    }
}
