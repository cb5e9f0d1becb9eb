package wovenset.core.picture;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Size;

/**
 * Makes more pixels of a picture than it has, for prints that are larger than it is sharp: a windowed sinc over eight pixels each way (C. Duchon,
 * "Lanczos filtering in one and two dimensions", 1979), which keeps edges steeper than linear interpolation does. No detail comes of it. Cost: linear in the
 * pixels that are made.
 */
public final class Enlargement {
    private Enlargement() {}

    /**
     * @param image of bytes that are all its own; with alpha in its colours where something is clear
     * @param longEdge of the result, in pixels; one that is not longer than the image gives the image itself
     */
    public static BufferedImage of(BufferedImage image, int longEdge) {
        int edge = Math.max(image.getWidth(), image.getHeight());
        if (longEdge <= edge) {
            return image;
        }
        int width = Math.max(1, (int) Math.round(image.getWidth() * (double) longEdge / edge));
        int height = Math.max(1, (int) Math.round(image.getHeight() * (double) longEdge / edge));
        boolean clear = image.getColorModel().hasAlpha();
        BufferedImage large = new BufferedImage(width, height, image.getType());
        byte[] pixels = ((DataBufferByte) large.getRaster().getDataBuffer()).getData();
        try (Mat picture = new Mat(
                        image.getHeight(), image.getWidth(), clear ? opencv_core.CV_8UC4 : opencv_core.CV_8UC3);
                Mat made = new Mat();
                Size size = new Size(width, height)) {
            picture.data().put(((DataBufferByte) image.getRaster().getDataBuffer()).getData());
            opencv_imgproc.resize(picture, made, size, 0, 0, opencv_imgproc.INTER_LANCZOS4);
            made.data().get(pixels);
        }
        if (clear) {
            keepWithinAlpha(pixels);
        }
        return large;
    }

    /** A filter that reaches beyond edges makes colours that are more than how solid the pixel is. */
    private static void keepWithinAlpha(byte[] pixels) {
        for (int at = 0; at < pixels.length; at += 4) {
            int alpha = pixels[at] & 255;
            for (int channel = at + 1; channel < at + 4; channel++) {
                pixels[channel] = (byte) Math.min(alpha, pixels[channel] & 255);
            }
        }
    }
}
