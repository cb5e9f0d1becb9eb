package wovenset.core.retouch;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import org.bytedeco.javacpp.FloatPointer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Size;

/** Pictures as planes of numbers, and what lies between their pixels. */
final class Planes {
    private Planes() {}

    /** Blue, green and red, 0 to 1; what is clear counts as grey. */
    static float[][] colours(BufferedImage image) {
        byte[] data = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        boolean clear = image.getColorModel().hasAlpha();
        int step = clear ? 4 : 3;
        float[][] colours = new float[3][image.getWidth() * image.getHeight()];
        for (int i = 0; i < colours[0].length; i++) {
            int at = i * step;
            float behind = clear ? (255 - (data[at] & 0xff)) / 2f : 0;
            for (int channel = 0; channel < 3; channel++) {
                colours[channel][i] = ((data[at + step - 3 + channel] & 0xff) + behind) / 255;
            }
        }
        return colours;
    }

    /** A plane brought to another size, by straight lines between its pixels' middles. */
    static float[] sized(float[] plane, int width, int height, int newWidth, int newHeight) {
        float[] sized = new float[newWidth * newHeight];
        try (Mat from = new Mat(height, width, opencv_core.CV_32F);
                Mat to = new Mat();
                Size size = new Size(newWidth, newHeight)) {
            new FloatPointer(from.data()).put(plane);
            opencv_imgproc.resize(from, to, size, 0, 0, opencv_imgproc.INTER_LINEAR);
            new FloatPointer(to.data()).get(sized);
        }
        return sized;
    }

    /** A place on planes of one size that goes along the rows of a picture of another. */
    static final class Place {
        private final int width;
        private final int height;
        private final double perX;
        private final double perY;
        private int above;
        private int below;
        private float down;
        private int left;
        private int right;
        private float across;

        Place(int width, int height, int pictureWidth, int pictureHeight) {
            this.width = width;
            this.height = height;
            perX = (double) width / pictureWidth;
            perY = (double) height / pictureHeight;
        }

        void row(int y) {
            double at = Math.min(height - 1.0, Math.max(0, (y + 0.5) * perY - 0.5));
            above = ((int) at) * width;
            below = Math.min(height - 1, ((int) at) + 1) * width;
            down = (float) (at - (int) at);
        }

        void column(int x) {
            double at = Math.min(width - 1.0, Math.max(0, (x + 0.5) * perX - 0.5));
            left = (int) at;
            right = Math.min(width - 1, left + 1);
            across = (float) (at - left);
        }

        /** By straight lines between the four pixels around. */
        float of(float[] plane) {
            float upper = plane[above + left] + across * (plane[above + right] - plane[above + left]);
            float lower = plane[below + left] + across * (plane[below + right] - plane[below + left]);
            return upper + down * (lower - upper);
        }

        /** The pixel up and left. */
        int nearest() {
            return above + left;
        }
    }
}
