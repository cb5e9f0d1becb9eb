package wovenset.core.picture;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.stream.IntStream;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.DoublePointer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgcodecs;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Scalar;
import org.bytedeco.opencv.opencv_core.Size;
import wovenset.core.picture.file.RefusedPhotoException;
import wovenset.core.said.Reason;

/** Reads and reduces the derived sizes that the screen is drawn from. */
public final class DerivedPixels {
    private static final byte JPEG_BEGINS = (byte) 0xff;

    /** Rows that one processor makes at a time. */
    private static final int BAND = 128;

    private DerivedPixels() {}

    /** A derived file's pixels, as they are stored. */
    public static BufferedImage read(byte[] file) {
        return read(file, opencv_imgcodecs.IMREAD_UNCHANGED);
    }

    /** The same at a quarter of its width and height, which a JPEG's own transform gives much sooner. */
    public static BufferedImage readQuarter(byte[] file) {
        boolean jpeg = file.length > 0 && file[0] == JPEG_BEGINS;
        if (jpeg) {
            return read(file, opencv_imgcodecs.IMREAD_REDUCED_COLOR_4);
        }
        BufferedImage picture = read(file);
        return reduced(picture, Math.max(1, picture.getWidth() / 4), Math.max(1, picture.getHeight() / 4));
    }

    private static BufferedImage read(byte[] file, int how) {
        try (BytePointer bytes = new BytePointer(file);
                Mat raw = new Mat(1, file.length, opencv_core.CV_8UC1, bytes);
                Mat picture = opencv_imgcodecs.imdecode(raw, how)) {
            if (picture.empty()) {
                throw new RefusedPhotoException(Reason.FILE_PIXELS_DAMAGED);
            }
            if (picture.channels() == 4) {
                ClearPixels.multiply(picture);
            }
            return PhotoDecoder.image(picture);
        }
    }

    /** The same with clear parts laid on white, for whoever looks at colours. */
    public static BufferedImage readOnWhite(byte[] file) {
        BufferedImage picture = read(file);
        if (!picture.getColorModel().hasAlpha()) {
            return picture;
        }
        BufferedImage white = new BufferedImage(picture.getWidth(), picture.getHeight(), BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = white.createGraphics();
        graphics.drawImage(picture, 0, 0, Color.WHITE, null);
        graphics.dispose();
        return white;
    }

    /**
     * A picture brought to these sizes and blurred by a Gaussian; its edges are carried on.
     *
     * @param image as for {@link #reduced}
     * @param sigma in pixels of the result
     */
    public static BufferedImage softened(BufferedImage image, int width, int height, double sigma) {
        BufferedImage sized = reduced(image, width, height);
        byte[] pixels = ((DataBufferByte) sized.getRaster().getDataBuffer()).getData();
        boolean clear = sized.getColorModel().hasAlpha();
        try (Mat picture = new Mat(height, width, clear ? opencv_core.CV_8UC4 : opencv_core.CV_8UC3);
                Mat soft = new Mat();
                Size own = new Size(0, 0)) {
            picture.data().put(pixels);
            opencv_imgproc.GaussianBlur(picture, soft, own, sigma, sigma, opencv_core.BORDER_REPLICATE, 0);
            soft.data().get(pixels);
        }
        return sized;
    }

    /**
     * A picture scaled and shifted onto other pixels, each between its four nearest (bilinear); beyond its edges it goes on as they are.
     *
     * @param image of three bytes a pixel that are all its own
     * @param scaleX wanted pixels to one of the image's
     * @param left where its left edge comes to lie among them
     */
    public static BufferedImage shifted(
            BufferedImage image, double scaleX, double scaleY, double left, double top, int width, int height) {
        byte[] pixels = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        BufferedImage shifted = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
        byte[] into = ((DataBufferByte) shifted.getRaster().getDataBuffer()).getData();
        int line = 3 * image.getWidth();
        IntStream.range(0, (height + BAND - 1) / BAND).parallel().forEach(band -> {
            int begin = band * BAND;
            int rows = Math.min(BAND, height - begin);
            // Only the rows that are needed.
            double upper = (begin - top) / scaleY;
            int first = (int) Math.max(0, Math.min(image.getHeight() - 1, Math.floor(upper) - 1));
            int end = (int) Math.max(first + 1, Math.min(image.getHeight(), Math.ceil(upper + rows / scaleY) + 2));
            // From the middles of the wanted pixels to those of its own.
            double[] back = {
                1 / scaleX, 0, (0.5 - left) / scaleX - 0.5, 0, 1 / scaleY, upper + 0.5 / scaleY - 0.5 - first
            };
            try (Mat picture = new Mat(end - first, image.getWidth(), opencv_core.CV_8UC3);
                    Mat to = new Mat(2, 3, opencv_core.CV_64F);
                    Mat wanted = new Mat();
                    Scalar nothing = new Scalar();
                    Size size = new Size(width, rows)) {
                picture.data().put(pixels, first * line, (end - first) * line);
                new DoublePointer(to.data()).put(back);
                opencv_imgproc.warpAffine(
                        picture,
                        wanted,
                        to,
                        size,
                        opencv_imgproc.INTER_LINEAR | opencv_imgproc.WARP_INVERSE_MAP,
                        opencv_core.BORDER_REPLICATE,
                        nothing);
                wanted.data().get(into, 3 * begin * width, 3 * rows * width);
            }
        });
        return shifted;
    }

    /** A picture no longer than that, in pixels, reduced by area averaging if it is; of bytes as there. */
    public static BufferedImage within(BufferedImage image, int longEdge) {
        int edge = Math.max(image.getWidth(), image.getHeight());
        return longEdge >= edge
                ? image
                : reduced(
                        image,
                        Math.max(1, (int) Math.round(image.getWidth() * (double) longEdge / edge)),
                        Math.max(1, (int) Math.round(image.getHeight() * (double) longEdge / edge)));
    }

    /**
     * A picture reduced by area averaging to these sizes.
     *
     * @param image of bytes that are all its own, not a part of another
     */
    public static BufferedImage reduced(BufferedImage image, int width, int height) {
        boolean clear = image.getColorModel().hasAlpha();
        byte[] pixels = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        if (pixels.length != image.getWidth() * image.getHeight() * (clear ? 4 : 3)) {
            throw new IllegalArgumentException("A part of another picture");
        }
        try (Mat picture = new Mat(
                        image.getHeight(), image.getWidth(), clear ? opencv_core.CV_8UC4 : opencv_core.CV_8UC3);
                Mat small = new Mat();
                Size size = new Size(width, height)) {
            picture.data().put(pixels);
            opencv_imgproc.resize(picture, small, size, 0, 0, opencv_imgproc.INTER_AREA);
            if (!clear) {
                return PhotoDecoder.image(small);
            }
            BufferedImage reduced = new BufferedImage(width, height, BufferedImage.TYPE_4BYTE_ABGR_PRE);
            small.data().get(((DataBufferByte) reduced.getRaster().getDataBuffer()).getData());
            return reduced;
        }
    }
}
