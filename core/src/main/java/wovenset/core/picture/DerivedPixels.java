package wovenset.core.picture;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgcodecs;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;

/** Reads and reduces the derived sizes that the screen is drawn from. */
public final class DerivedPixels {
    private DerivedPixels() {}

    /** A JPEG file's pixels, as they are stored. */
    public static BufferedImage read(byte[] jpeg) {
        try (BytePointer bytes = new BytePointer(jpeg);
                Mat raw = new Mat(1, jpeg.length, opencv_core.CV_8UC1, bytes);
                Mat picture = opencv_imgcodecs.imdecode(raw, opencv_imgcodecs.IMREAD_COLOR)) {
            if (picture.empty()) {
                throw new RefusedPhotoException("A derived picture cannot be decoded.");
            }
            return PhotoDecoder.image(picture);
        }
    }

    /** A picture reduced by area averaging to these sizes. */
    public static BufferedImage reduced(BufferedImage image, int width, int height) {
        try (Mat picture = new Mat(image.getHeight(), image.getWidth(), opencv_core.CV_8UC3);
                Mat small = new Mat();
                org.bytedeco.opencv.opencv_core.Size size = new org.bytedeco.opencv.opencv_core.Size(width, height)) {
            picture.data().put(((DataBufferByte) image.getRaster().getDataBuffer()).getData());
            opencv_imgproc.resize(picture, small, size, 0, 0, opencv_imgproc.INTER_AREA);
            return PhotoDecoder.image(small);
        }
    }
}
