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
    private DerivedPixels() {}

    /** A derived file's pixels, as they are stored. */
    public static BufferedImage read(byte[] file) {
        try (BytePointer bytes = new BytePointer(file);
                Mat raw = new Mat(1, file.length, opencv_core.CV_8UC1, bytes);
                Mat picture = opencv_imgcodecs.imdecode(raw, opencv_imgcodecs.IMREAD_UNCHANGED)) {
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
