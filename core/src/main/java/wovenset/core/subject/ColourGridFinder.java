package wovenset.core.subject;

import java.awt.image.BufferedImage;
import org.bytedeco.javacpp.FloatPointer;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Rect;
import org.bytedeco.opencv.opencv_core.Size;
import wovenset.core.photo.ColourGrid;
import wovenset.core.photo.Region;

/** Finds the mean colours of a picture's part in a grid. Cost: a pass over its pixels. */
public final class ColourGridFinder {
    private ColourGridFinder() {}

    /** @param image of type 3BYTE_BGR, sRGB */
    public static ColourGrid of(BufferedImage image, Region part, int columns, int rows) {
        int left = (int) Math.floor(part.x() * image.getWidth());
        int top = (int) Math.floor(part.y() * image.getHeight());
        int width = Math.max(1, Math.min(image.getWidth() - left, (int) Math.round(part.width() * image.getWidth())));
        int height =
                Math.max(1, Math.min(image.getHeight() - top, (int) Math.round(part.height() * image.getHeight())));
        float[] values = new float[3 * columns * rows];
        try (Mat picture = Pixels.mat(image);
                Rect rect = new Rect(left, top, width, height);
                Mat cut = new Mat(picture, rect);
                Mat small = new Mat();
                Size size = new Size(columns, rows)) {
            opencv_imgproc.resize(cut, small, size, 0, 0, opencv_imgproc.INTER_AREA);
            try (Mat lab = Pixels.lab(small);
                    FloatPointer data = new FloatPointer(lab.data())) {
                data.get(values);
            }
        }
        return new ColourGrid(columns, rows, values);
    }
}
