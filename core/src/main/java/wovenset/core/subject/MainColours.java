package wovenset.core.subject;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.bytedeco.javacpp.indexer.FloatIndexer;
import org.bytedeco.javacpp.indexer.UByteIndexer;
import org.bytedeco.opencv.opencv_core.Mat;
import wovenset.core.ink.Rgb;
import wovenset.core.photo.LabColour;

/**
 * The few colours that a picture is seen as: the means of its clusters in CIELAB (Lloyd's k-means, 1982, begun from points that lie far
 * apart, so that the same picture always has the same colours). Clusters that look alike are one. Vivid colours count for more
 * than their area: a kite in a wide sky is what one sees.
 *
 * <p>Cost: {@value #ROUNDS} passes over 64 × 64 pixels for {@value #CLUSTERS} clusters, about 3 ms.
 */
public final class MainColours {
    public static final int MOST = 5;
    private static final int SIDE = 64;
    private static final int CLUSTERS = 9;
    private static final int ROUNDS = 12;
    /** In CIELAB; nearer ones are told apart only side by side. */
    private static final double ALIKE = 12;
    /** The chroma that doubles a colour's weight. */
    private static final double VIVID = 25;

    private final double[][] pixels;
    private final int[] colours;

    private MainColours(double[][] pixels, int[] colours) {
        this.pixels = pixels;
        this.colours = colours;
    }

    /** A cluster's mean, and how many pixels are nearest to it. */
    private record Cluster(LabColour mean, int size) {
        double weight() {
            return size * (1 + Math.hypot(mean.green(), mean.blue()) / VIVID);
        }
    }

    /**
     * The most telling first, 1 to {@link #MOST}.
     *
     * @param image of type 3BYTE_BGR, sRGB
     */
    public static List<Rgb> of(BufferedImage image) {
        try (Mat small = Pixels.reduced(image, SIDE);
                Mat lab = Pixels.lab(small)) {
            double[][] pixels = new double[SIDE * SIDE][3];
            int[] colours = new int[SIDE * SIDE];
            try (FloatIndexer values = lab.createIndexer();
                    UByteIndexer bytes = small.createIndexer()) {
                for (int i = 0; i < pixels.length; i++) {
                    for (int channel = 0; channel < 3; channel++) {
                        pixels[i][channel] = values.get(i / SIDE, i % SIDE, channel);
                        colours[i] |= bytes.get(i / SIDE, i % SIDE, channel) << 8 * channel;
                    }
                }
            }
            return new MainColours(pixels, colours).found();
        }
    }

    private List<Rgb> found() {
        List<Cluster> apart = new ArrayList<>();
        clusters().stream()
                .sorted(Comparator.comparingDouble(Cluster::weight).reversed())
                .forEach(cluster -> {
                    if (apart.stream()
                            .allMatch(other -> distance(
                                            other.mean().values(),
                                            cluster.mean().values())
                                    >= ALIKE)) {
                        apart.add(cluster);
                    }
                });
        return apart.stream()
                .limit(MOST)
                .map(cluster -> new Rgb(
                        String.format("#%06x", colours[nearest(cluster.mean().values())])))
                .toList();
    }

    private List<Cluster> clusters() {
        double[][] means = farApart();
        int[] sizes = new int[CLUSTERS];
        for (int round = 0; round < ROUNDS; round++) {
            double[][] sums = new double[CLUSTERS][3];
            sizes = new int[CLUSTERS];
            for (double[] pixel : pixels) {
                int at = nearest(means, pixel);
                sizes[at]++;
                for (int channel = 0; channel < 3; channel++) {
                    sums[at][channel] += pixel[channel];
                }
            }
            for (int i = 0; i < CLUSTERS; i++) {
                for (int channel = 0; channel < 3 && sizes[i] > 0; channel++) {
                    means[i][channel] = sums[i][channel] / sizes[i];
                }
            }
        }
        List<Cluster> clusters = new ArrayList<>();
        for (int i = 0; i < CLUSTERS; i++) {
            if (sizes[i] > 0) {
                clusters.add(new Cluster(new LabColour(means[i][0], means[i][1], means[i][2]), sizes[i]));
            }
        }
        return clusters;
    }

    /** The first pixel, and then always the one that is farthest from those that were taken. */
    private double[][] farApart() {
        double[][] taken = new double[CLUSTERS][];
        double[] away = new double[pixels.length];
        Arrays.fill(away, Double.MAX_VALUE);
        int next = 0;
        for (int i = 0; i < CLUSTERS; i++) {
            taken[i] = pixels[next].clone();
            for (int pixel = 0; pixel < pixels.length; pixel++) {
                away[pixel] = Math.min(away[pixel], distance(pixels[pixel], taken[i]));
                next = away[pixel] > away[next] ? pixel : next;
            }
        }
        return taken;
    }

    private static int nearest(double[][] means, double[] pixel) {
        int nearest = 0;
        for (int i = 1; i < means.length; i++) {
            nearest = distance(means[i], pixel) < distance(means[nearest], pixel) ? i : nearest;
        }
        return nearest;
    }

    private int nearest(double[] mean) {
        return nearest(pixels, mean);
    }

    private static double distance(double[] a, double[] b) {
        return Math.sqrt((a[0] - b[0]) * (a[0] - b[0]) + (a[1] - b[1]) * (a[1] - b[1]) + (a[2] - b[2]) * (a[2] - b[2]));
    }
}
