package wovenset.core.retouch;

import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import org.bytedeco.javacpp.DoublePointer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Scalar;
import org.bytedeco.opencv.opencv_core.Size;
import wovenset.core.geometry.Homography;
import wovenset.core.photo.retouch.FacedPlane;

/** A picture as it would be seen from straight before a plane in it; what the photo has not seen is clear. Cost: a pass over the pixels. */
final class Facing {
    /** Shares of the photo; less than any pixel. */
    private static final double WITHIN = 1e-9;

    private Facing() {}

    /** @param image all of the photo, of bytes */
    static BufferedImage of(BufferedImage image, FacedPlane plane) {
        int width = image.getWidth();
        int height = image.getHeight();
        Homography facing = plane.facing(width, height);
        BufferedImage from = covers(facing.inverse()) ? image : withAlpha(image);
        return warped(from, facing.scaled(width, height), width, height);
    }

    /**
     * A picture of this size; what the image has not is clear, or where it has nothing that is clear, as its edge.
     *
     * @param map from the image's pixels to the picture's, both told from their upper left corners
     */
    static BufferedImage warped(BufferedImage image, Homography map, int width, int height) {
        BufferedImage to = new BufferedImage(width, height, image.getType());
        double[] matrix = map.matrix().stream().mapToDouble(Double::doubleValue).toArray();
        boolean clear = image.getColorModel().hasAlpha();
        int type = clear ? opencv_core.CV_8UC4 : opencv_core.CV_8UC3;
        int beyond = clear ? opencv_core.BORDER_CONSTANT : opencv_core.BORDER_REPLICATE;
        try (Mat source = new Mat(image.getHeight(), image.getWidth(), type);
                Mat target = new Mat();
                Mat way = new Mat(3, 3, opencv_core.CV_64F);
                Size size = new Size(width, height);
                Scalar nothing = new Scalar(0, 0, 0, 0)) {
            source.data().put(bytes(image));
            // The library tells pixels by their middles, not by their corners.
            new DoublePointer(way.data()).put(shifted(matrix));
            opencv_imgproc.warpPerspective(source, target, way, size, opencv_imgproc.INTER_LINEAR, beyond, nothing);
            target.data().get(bytes(to));
        }
        return to;
    }

    /** Whether all of the picture was seen by the photo. */
    private static boolean covers(Homography back) {
        for (int corner = 0; corner < 4; corner++) {
            double x = corner % 2;
            double y = corner < 2 ? 0 : 1;
            Point2D.Double at = back.map(x, y);
            if (back.depth(x, y) <= 0 || Math.min(at.x, at.y) < -WITHIN || Math.max(at.x, at.y) > 1 + WITHIN) {
                return false;
            }
        }
        return true;
    }

    /** The map between coordinates that are half a pixel less. */
    private static double[] shifted(double[] m) {
        double[] right = new double[9];
        for (int row = 0; row < 3; row++) {
            right[3 * row] = m[3 * row];
            right[3 * row + 1] = m[3 * row + 1];
            right[3 * row + 2] = m[3 * row + 2] + (m[3 * row] + m[3 * row + 1]) / 2;
        }
        for (int column = 0; column < 3; column++) {
            right[column] -= right[6 + column] / 2;
            right[3 + column] -= right[6 + column] / 2;
        }
        return right;
    }

    private static BufferedImage withAlpha(BufferedImage image) {
        if (image.getType() == BufferedImage.TYPE_4BYTE_ABGR_PRE) {
            return image;
        }
        BufferedImage copy = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_4BYTE_ABGR_PRE);
        byte[] from = bytes(image);
        byte[] to = bytes(copy);
        for (int i = 0; i < to.length / 4; i++) {
            to[4 * i] = (byte) 255;
            System.arraycopy(from, 3 * i, to, 4 * i + 1, 3);
        }
        return copy;
    }

    private static byte[] bytes(BufferedImage image) {
        return ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    }
}
