package wovenset.core.picture;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.Raster;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgcodecs;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Size;
import org.jspecify.annotations.Nullable;
import wovenset.core.said.Reason;

/**
 * Decodes photos to upright sRGB pixels of the size that is asked for.
 *
 * <p>A JPEG is decoded at 1/2, 1/4 or 1/8 by its own transform where that is still large enough, then reduced by area
 * averaging, which is free of shimmer. Pixels stay outside the Java heap until the final size.
 */
public final class PhotoDecoder {
    private PhotoDecoder() {}

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
        try (Mat picture = upright(file, header, longEdge)) {
            return image(picture);
        }
    }

    /** As {@link #decode}, outside the Java heap; the caller closes it. */
    @SuppressWarnings("ReferenceEquality") // Whether two names stand for the same memory.
    static Mat upright(Path file, PhotoHeader header, int longEdge) {
        Mat stored = stored(file, header, longEdge);
        try {
            boolean clear = stored.channels() == 4;
            ColourProfile profile = header.inks() ? null : profile(file, header);
            if (clear) {
                if (profile != null) {
                    ClearPixels.changeColours(stored, profile::toStandard);
                }
                ClearPixels.multiply(stored);
            }
            Mat sized = sized(stored, longEdge);
            if (profile != null && !clear) {
                profile.toStandard(sized);
            }
            Mat upright = header.orientation().upright(sized);
            if (upright != sized && sized != stored) {
                sized.close();
            }
            if (upright == stored) {
                stored = null;
            }
            return upright;
        } finally {
            if (stored != null) {
                stored.close();
            }
        }
    }

    private static @Nullable ColourProfile profile(Path file, PhotoHeader header) {
        try {
            return ColourProfile.of(header.format(), Files.readAllBytes(file));
        } catch (IOException e) {
            throw RefusedPhotoException.because(e, Reason.FILE_UNREADABLE);
        }
    }

    private static Mat stored(Path file, PhotoHeader header, int longEdge) {
        if (header.inks()) {
            return inks(file, header);
        }
        int stored = Math.max(header.storedWidth(), header.storedHeight());
        int flag = header.format() != PictureFormat.JPEG || stored / 2 < longEdge
                ? opencv_imgcodecs.IMREAD_COLOR
                : stored / 4 < longEdge
                        ? opencv_imgcodecs.IMREAD_REDUCED_COLOR_2
                        : stored / 8 < longEdge
                                ? opencv_imgcodecs.IMREAD_REDUCED_COLOR_4
                                : opencv_imgcodecs.IMREAD_REDUCED_COLOR_8;
        boolean mayBeClear = header.format() == PictureFormat.PNG
                || header.format() == PictureFormat.WEBP
                || header.format() == PictureFormat.GIF
                || header.format() == PictureFormat.TIFF;
        Mat picture;
        try {
            picture = opencv_imgcodecs.imread(
                    file.toString(),
                    mayBeClear ? opencv_imgcodecs.IMREAD_UNCHANGED : flag | opencv_imgcodecs.IMREAD_IGNORE_ORIENTATION);
        } catch (RuntimeException e) {
            throw RefusedPhotoException.because(e, Reason.FILE_PIXELS_DAMAGED);
        }
        if (picture == null || picture.empty()) {
            throw new RefusedPhotoException(Reason.FILE_PIXELS_DAMAGED);
        }
        return mayBeClear ? ClearPixels.eightBit(picture) : picture;
    }

    /** Four inks, converted by their own profile, which only the Java readers know how to; without one, as inks print. */
    private static Mat inks(Path file, PhotoHeader header) {
        try {
            if (header.format() == PictureFormat.JPEG) {
                JpegSegments segments = JpegSegments.read(Files.readAllBytes(file));
                if (segments.profile() == null) {
                    return bare(file, segments);
                }
            }
            BufferedImage read = ImageIO.read(file.toFile());
            if (read == null) {
                throw new RefusedPhotoException(Reason.FILE_PIXELS_DAMAGED);
            }
            BufferedImage plain = new BufferedImage(read.getWidth(), read.getHeight(), BufferedImage.TYPE_3BYTE_BGR);
            Graphics2D graphics = plain.createGraphics();
            graphics.drawImage(read, 0, 0, Color.WHITE, null);
            graphics.dispose();
            Mat picture = new Mat(plain.getHeight(), plain.getWidth(), opencv_core.CV_8UC3);
            picture.data().put(((DataBufferByte) plain.getRaster().getDataBuffer()).getData());
            return picture;
        } catch (IOException | RuntimeException e) {
            throw RefusedPhotoException.because(e, Reason.FILE_PIXELS_DAMAGED);
        }
    }

    /** Inks as the file holds them. Programs that write an Adobe segment write them inverted. */
    private static Mat bare(Path file, JpegSegments segments) throws IOException {
        try (ImageInputStream stream = ImageIO.createImageInputStream(file.toFile())) {
            ImageReader reader = ImageIO.getImageReadersByFormatName("jpeg").next();
            try {
                reader.setInput(stream, true, true);
                Raster raster = reader.readRaster(0, null);
                byte[] inks = new byte[raster.getWidth() * raster.getHeight() * 4];
                raster.getDataElements(0, 0, raster.getWidth(), raster.getHeight(), inks);
                if (segments.adobeTransform() == 2) {
                    fromBrightness(inks);
                } else if (segments.adobeTransform() == 0) {
                    for (int i = 0; i < inks.length; i++) {
                        inks[i] = (byte) ~inks[i];
                    }
                }
                Mat picture = new Mat(raster.getHeight(), raster.getWidth(), opencv_core.CV_8UC3);
                picture.data().put(InkColours.blueGreenRed(inks));
                return picture;
            } finally {
                reader.dispose();
            }
        }
    }

    /** Brightness and colour (ITU-T T.871) of the inverted inks' complement, and inverted black, to inks. */
    private static void fromBrightness(byte[] pixels) {
        for (int i = 0; i < pixels.length; i += 4) {
            double y = pixels[i] & 255;
            double cb = (pixels[i + 1] & 255) - 128;
            double cr = (pixels[i + 2] & 255) - 128;
            pixels[i] = clamped(y + 1.402 * cr);
            pixels[i + 1] = clamped(y - 0.344136 * cb - 0.714136 * cr);
            pixels[i + 2] = clamped(y + 1.772 * cb);
            pixels[i + 3] = (byte) ~pixels[i + 3];
        }
    }

    private static byte clamped(double value) {
        return (byte) Math.round(Math.min(255, Math.max(0, value)));
    }

    /** Reduced to the long edge by area averaging; the same picture if it is not larger. */
    static Mat sized(Mat picture, int longEdge) {
        int edge = Math.max(picture.cols(), picture.rows());
        if (edge <= longEdge) {
            return picture;
        }
        Mat reduced = new Mat();
        try (Size size =
                new Size(Math.max(1, (int) Math.round(picture.cols() * (double) longEdge / edge)), Math.max(1, (int)
                        Math.round(picture.rows() * (double) longEdge / edge)))) {
            opencv_imgproc.resize(picture, reduced, size, 0, 0, opencv_imgproc.INTER_AREA);
        }
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
