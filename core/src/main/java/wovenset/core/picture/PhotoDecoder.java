package wovenset.core.picture;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.nio.file.Path;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgcodecs;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Size;

/**
 * Decodes photos to upright sRGB pixels of the size that is asked for.
 *
 * <p>A JPEG is decoded at 1/2, 1/4 or 1/8 by its own transform where that is still large enough, then reduced by area
 * averaging, which is free of shimmer, or what comes to nearly the same. Pixels stay outside the Java heap until the final size.
 */
public final class PhotoDecoder {
    /** Reductions by less change so little that nothing can shimmer. */
    private static final double LEAST_SMOOTHED = 1.1;
    /** From here on an area holds more than a pixel and its neighbours. */
    private static final double MOST_SMOOTHED = 1.9;

    private PhotoDecoder() {}

    /** How pixels are made fewer. */
    enum Reduction {
        /** By averaging areas: for what is printed. */
        EXACT,
        /** By what comes nearly to the same much sooner: for screens. */
        QUICK
    }

    /** Loads the native library; it takes some seconds the first time on a machine. */
    public static void warm() {
        opencv_core.setNumThreads(1);
        new Mat(1, 1, opencv_core.CV_8UC3).close();
        try (Mat seed = new Mat(8, 8, opencv_core.CV_8UC3);
                Mat half = new Mat()) {
            opencv_imgproc.resize(seed, half, new Size(4, 4));
            opencv_imgcodecs.haveImageWriter(".png");
        }
    }

    /**
     * @param longEdge the longer side that is asked for; a smaller photo is not enlarged
     * @throws RefusedPhotoException if the pixels cannot be decoded
     */
    public static BufferedImage decode(Path file, PhotoHeader header, int longEdge) {
        try (Mat picture = upright(file, header, longEdge, Reduction.EXACT)) {
            return image(picture);
        }
    }

    /** As {@link #decode}, outside the Java heap; the caller closes it. */
    @SuppressWarnings("ReferenceEquality") // Whether two names stand for the same memory.
    static Mat upright(Path file, PhotoHeader header, int longEdge, Reduction reduction) {
        StoredPicture read = StoredPicture.read(file, header, longEdge);
        Mat stored = read.pixels();
        try {
            boolean clear = stored.channels() == 4;
            if (clear) {
                read.toStandard(stored);
                ClearPixels.multiply(stored);
            }
            Mat sized = sized(stored, longEdge, reduction);
            if (!clear) {
                read.toStandard(sized);
            }
            Mat upright = header.orientation().upright(sized);
            if (upright != sized && sized != stored) {
                sized.close();
            }
            if (upright != stored) {
                stored.close();
            }
            return upright;
        } catch (RuntimeException e) {
            stored.close();
            throw e;
        }
    }

    /** Reduced to the long edge; the same picture if it is not larger. */
    static Mat sized(Mat picture, int longEdge, Reduction reduction) {
        double by = (double) Math.max(picture.cols(), picture.rows()) / longEdge;
        if (by <= 1) {
            return picture;
        }
        try (Size size = new Size(reduced(picture.cols(), by), reduced(picture.rows(), by))) {
            if (reduction == Reduction.EXACT) {
                return resized(picture, size, opencv_imgproc.INTER_AREA);
            }
            int whole = (int) by;
            if (whole >= 2 && picture.cols() % whole == 0 && picture.rows() % whole == 0) {
                return inTwoSteps(picture, whole, by, size);
            }
            return by < MOST_SMOOTHED ? smoothed(picture, by, size) : resized(picture, size, opencv_imgproc.INTER_AREA);
        }
    }

    /** Blocks of whole pixels are averaged much sooner than areas that cut through them. */
    private static Mat inTwoSteps(Mat picture, int whole, double by, Size size) {
        try (Size first = new Size(picture.cols() / whole, picture.rows() / whole)) {
            Mat blocks = resized(picture, first, opencv_imgproc.INTER_AREA);
            if (first.width() == size.width() && first.height() == size.height()) {
                return blocks;
            }
            try (blocks) {
                return smoothed(blocks, by / whole, size);
            }
        }
    }

    private static int reduced(int pixels, double by) {
        return Math.max(1, (int) Math.round(pixels / by));
    }

    /**
     * Almost what averaging areas comes to, in half its time: an area a little larger than a pixel has with its neighbours just the
     * weights a, 1 - 2a, a with a = (s - 1) / 2s, where it lies straight on one, and those of linear interpolation, where it lies
     * between two.
     */
    private static Mat smoothed(Mat picture, double by, Size size) {
        if (by < LEAST_SMOOTHED) {
            return resized(picture, size, opencv_imgproc.INTER_LINEAR);
        }
        double beside = (by - 1) / (2 * by);
        double sigma = Math.sqrt(-1 / (2 * Math.log(beside / (1 - 2 * beside))));
        try (Mat smooth = new Mat();
                Size three = new Size(3, 3)) {
            opencv_imgproc.GaussianBlur(picture, smooth, three, sigma);
            return resized(smooth, size, opencv_imgproc.INTER_LINEAR);
        }
    }

    private static Mat resized(Mat picture, Size size, int how) {
        Mat reduced = new Mat();
        opencv_imgproc.resize(picture, reduced, size, 0, 0, how);
        return reduced;
    }

    /** The same pixels on the heap; those with clear parts have their colours multiplied by alpha. */
    static BufferedImage image(Mat picture) {
        boolean clear = picture.channels() == 4;
        BufferedImage image = new BufferedImage(
                picture.cols(),
                picture.rows(),
                clear ? BufferedImage.TYPE_4BYTE_ABGR_PRE : BufferedImage.TYPE_3BYTE_BGR);
        byte[] pixels = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        picture.data().get(pixels);
        if (clear) {
            alphaFirst(pixels);
        }
        return image;
    }

    /** Blue, green, red, alpha to alpha, blue, green, red. */
    static void alphaFirst(byte[] pixels) {
        for (int i = 0; i < pixels.length; i += 4) {
            byte alpha = pixels[i + 3];
            pixels[i + 3] = pixels[i + 2];
            pixels[i + 2] = pixels[i + 1];
            pixels[i + 1] = pixels[i];
            pixels[i] = alpha;
        }
    }
}
