package wovenset.core.retouch;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.List;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgcodecs;
import org.bytedeco.opencv.opencv_core.Mat;
import wovenset.core.geometry.Homography;
import wovenset.core.photo.retouch.FacedPlane;
import wovenset.core.photo.retouch.FacedPlane.Corner;

/** Cuts a print out of a scan, straight and as large as it lies there. Cost: a pass over its pixels. */
public final class PrintCut {
    private static final int QUALITY = 95;

    private PrintCut() {}

    /** @param scan all of it, of bytes */
    public static BufferedImage of(BufferedImage scan, FacedPlane print) {
        List<Corner> corners = print.corners();
        int width = scan.getWidth();
        int height = scan.getHeight();
        double[] from = new double[8];
        for (int i = 0; i < 4; i++) {
            from[2 * i] = corners.get(i).x() * width;
            from[2 * i + 1] = corners.get(i).y() * height;
        }
        int across = (int) Math.max(1, Math.round((side(from, 0, 1) + side(from, 3, 2)) / 2));
        int down = (int) Math.max(1, Math.round((side(from, 0, 3) + side(from, 1, 2)) / 2));
        Homography straight = Homography.between(from, new double[] {0, 0, across, 0, across, down, 0, down});
        return Facing.warped(scan, straight, across, down);
    }

    private static double side(double[] corners, int from, int to) {
        return Math.hypot(corners[2 * to] - corners[2 * from], corners[2 * to + 1] - corners[2 * from + 1]);
    }

    /** The same as a file, sRGB without a profile, with all of its colours kept. */
    public static byte[] jpeg(BufferedImage scan, FacedPlane print) {
        BufferedImage cut = of(scan, print);
        boolean clear = cut.getColorModel().hasAlpha();
        try (Mat picture = new Mat(cut.getHeight(), cut.getWidth(), clear ? opencv_core.CV_8UC4 : opencv_core.CV_8UC3);
                IntPointer options = new IntPointer(
                        opencv_imgcodecs.IMWRITE_JPEG_QUALITY,
                        QUALITY,
                        opencv_imgcodecs.IMWRITE_JPEG_SAMPLING_FACTOR,
                        opencv_imgcodecs.IMWRITE_JPEG_SAMPLING_FACTOR_444);
                BytePointer packed = new BytePointer()) {
            picture.data().put(((DataBufferByte) cut.getRaster().getDataBuffer()).getData());
            opencv_imgcodecs.imencode(".jpg", picture, packed, options);
            byte[] file = new byte[(int) packed.limit()];
            packed.get(file);
            return file;
        }
    }
}
