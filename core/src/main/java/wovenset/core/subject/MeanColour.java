package wovenset.core.subject;

import java.awt.image.BufferedImage;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Scalar;
import wovenset.core.photo.LabColour;

/** The mean colour of a picture in CIELAB, by area. Cost: a pass over a picture of 64 × 64 pixels. */
public final class MeanColour {
    private static final int SIDE = 64;

    private MeanColour() {}

    /** @param image of type 3BYTE_BGR, sRGB */
    public static LabColour of(BufferedImage image) {
        try (Mat small = Pixels.reduced(image, SIDE);
                Mat lab = Pixels.lab(small);
                Scalar mean = opencv_core.mean(lab)) {
            return new LabColour(mean.get(0), mean.get(1), mean.get(2));
        }
    }
}
