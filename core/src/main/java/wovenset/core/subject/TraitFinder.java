package wovenset.core.subject;

import java.awt.image.BufferedImage;
import java.util.Arrays;
import org.bytedeco.javacpp.indexer.FloatIndexer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Rect;
import org.bytedeco.opencv.opencv_core.Scalar;
import org.bytedeco.opencv.opencv_core.Size;
import wovenset.core.photo.Trait;

/**
 * Looks at a photo for what tells it apart.
 *
 * <ul>
 *   <li>Likeness: the low 8 × 8 coefficients of the cosine transform of a grey picture of 32 × 32, each above their median or not (perceptual hash,
 *       Zauner 2010). The first one, the mean grey, does not count.
 *   <li>Crispness: the standard deviation of the Laplacian (Pech-Pacheco et al. 2000) in tiles of a grey picture 1024 pixels long, of which the one
 *       counts that a twentieth of the tiles exceed: a photo is in focus if a part of it is.
 * </ul>
 *
 * Cost: some passes over a picture 1024 pixels long.
 */
public final class TraitFinder {
    private static final int SIDE = 32;
    private static final int LOW = 8;
    private static final int LONG_EDGE = 1024;
    private static final int TILES = 12;
    private static final double FINEST = 0.05;

    private TraitFinder() {}

    /** @param image of type 3BYTE_BGR, sRGB */
    public static Trait of(BufferedImage image) {
        try (Mat picture = Pixels.mat(image);
                Mat grey = new Mat()) {
            opencv_imgproc.cvtColor(picture, grey, opencv_imgproc.COLOR_BGR2GRAY);
            return new Trait(likeness(grey), crispness(grey));
        }
    }

    private static long likeness(Mat grey) {
        try (Mat small = new Mat();
                Mat real = new Mat();
                Mat cosines = new Mat();
                Size size = new Size(SIDE, SIDE)) {
            opencv_imgproc.resize(grey, small, size, 0, 0, opencv_imgproc.INTER_AREA);
            small.convertTo(real, opencv_core.CV_32F);
            opencv_core.dct(real, cosines);
            double[] low = new double[LOW * LOW];
            try (FloatIndexer at = cosines.createIndexer()) {
                for (int i = 0; i < low.length; i++) {
                    low[i] = at.get(Math.floorDiv(i, LOW), i % LOW);
                }
            }
            double[] sorted = Arrays.copyOfRange(low, 1, low.length);
            Arrays.sort(sorted);
            double median = sorted[sorted.length / 2];
            long bits = 0;
            for (int i = 1; i < low.length; i++) {
                bits |= low[i] > median ? 1L << i : 0;
            }
            return bits;
        }
    }

    private static double crispness(Mat grey) {
        double scale = (double) LONG_EDGE / Math.max(grey.cols(), grey.rows());
        try (Mat sized = new Mat();
                Mat second = new Mat();
                Size none = new Size()) {
            opencv_imgproc.resize(grey, sized, none, scale, scale, opencv_imgproc.INTER_AREA);
            opencv_imgproc.Laplacian(sized, second, opencv_core.CV_32F);
            int side = Math.max(1, LONG_EDGE / TILES);
            double[] tiles = new double
                    [Math.max(1, Math.floorDiv(second.cols(), side)) * Math.max(1, Math.floorDiv(second.rows(), side))];
            int across = Math.max(1, Math.floorDiv(second.cols(), side));
            for (int i = 0; i < tiles.length; i++) {
                tiles[i] = deviation(second, i % across * side, Math.floorDiv(i, across) * side, side);
            }
            Arrays.sort(tiles);
            return tiles[(int) Math.floor((1 - FINEST) * (tiles.length - 1))];
        }
    }

    private static double deviation(Mat second, int x, int y, int side) {
        int width = Math.min(side, second.cols() - x);
        int height = Math.min(side, second.rows() - y);
        try (Rect rect = new Rect(x, y, width, height);
                Mat tile = new Mat(second, rect);
                Mat mean = new Mat();
                Mat deviation = new Mat()) {
            opencv_core.meanStdDev(tile, mean, deviation);
            try (Scalar value = opencv_core.sumElems(deviation)) {
                return value.get(0);
            }
        }
    }
}
