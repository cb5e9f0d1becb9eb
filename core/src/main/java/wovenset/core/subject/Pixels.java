package wovenset.core.subject;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Size;

/** Pictures for the library that looks at them. */
final class Pixels {
    private Pixels() {}

    /** A picture of three bytes a pixel, blue first, as a matrix of its own. */
    static Mat mat(BufferedImage image) {
        if (image.getType() != BufferedImage.TYPE_3BYTE_BGR) {
            throw new IllegalArgumentException("Subjects are looked for in pictures of type 3BYTE_BGR");
        }
        Mat picture = new Mat(image.getHeight(), image.getWidth(), opencv_core.CV_8UC3);
        picture.data().put(((DataBufferByte) image.getRaster().getDataBuffer()).getData());
        return picture;
    }

    /** A picture as large as is wanted, whatever its proportion; the caller closes it. */
    static Mat reduced(BufferedImage image, int side) {
        Mat small = new Mat();
        try (Mat picture = mat(image);
                Size size = new Size(side, side)) {
            opencv_imgproc.resize(picture, small, size, 0, 0, opencv_imgproc.INTER_AREA);
        }
        return small;
    }

    /** A picture of bytes in CIELAB; the caller closes it. */
    static Mat lab(Mat picture) {
        Mat lab = new Mat();
        try (Mat real = new Mat()) {
            picture.convertTo(real, opencv_core.CV_32F, 1 / 255.0, 0);
            opencv_imgproc.cvtColor(real, lab, opencv_imgproc.COLOR_BGR2Lab);
        }
        return lab;
    }
}
