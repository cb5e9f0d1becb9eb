package wovenset.core.picture;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgcodecs;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Size;
import wovenset.core.picture.file.RefusedPhotoException;
import wovenset.core.said.Reason;

/** Reads and reduces the derived sizes that the screen is drawn from. */
public final class DerivedPixels {
    private static final byte JPEG_BEGINS = (byte) 0xff;

    private DerivedPixels() {}

    /** A derived file's pixels, as they are stored. */
    public static BufferedImage read(byte[] file) {
        return read(file, opencv_imgcodecs.IMREAD_UNCHANGED);
    }

    /** The same at a quarter of its width and height, which a JPEG's own transform gives much sooner. */
    public static BufferedImage readQuarter(byte[] file) {
        return read(file, 4, opencv_imgcodecs.IMREAD_REDUCED_COLOR_4);
    }

    /** The same at half its width and height. */
    public static BufferedImage readHalf(byte[] file) {
        return read(file, 2, opencv_imgcodecs.IMREAD_REDUCED_COLOR_2);
    }

    private static BufferedImage read(byte[] file, int part, int how) {
        if (file.length > 0 && file[0] == JPEG_BEGINS) {
            return read(file, how);
        }
        BufferedImage picture = read(file);
        return reduced(picture, Math.max(1, picture.getWidth() / part), Math.max(1, picture.getHeight() / part));
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
