package wovenset.core.subject;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.opencv_core.Mat;

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
}
