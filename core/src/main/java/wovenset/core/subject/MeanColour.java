package wovenset.core.subject;

import java.awt.image.BufferedImage;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Scalar;
import org.bytedeco.opencv.opencv_core.Size;
import wovenset.core.photo.LabColour;

/** The mean colour of a picture in CIELAB, by area. Cost: a pass over a picture of 64 × 64 pixels. */
public final class MeanColour {
    private static final int SIDE = 64;

    private MeanColour() {}

    /** @param image of type 3BYTE_BGR, sRGB */
    public static LabColour of(BufferedImage image) {
        try (Mat picture = Pixels.mat(image);
                Mat small = new Mat();
                Mat real = new Mat();
                Mat lab = new Mat();
                Size size = new Size(SIDE, SIDE)) {
            opencv_imgproc.resize(picture, small, size, 0, 0, opencv_imgproc.INTER_AREA);
            small.convertTo(real, opencv_core.CV_32F, 1 / 255.0, 0);
            opencv_imgproc.cvtColor(real, lab, opencv_imgproc.COLOR_BGR2Lab);
            try (Scalar mean = opencv_core.mean(lab)) {
                return new LabColour(mean.get(0), mean.get(1), mean.get(2));
            }
        }
    }
}
