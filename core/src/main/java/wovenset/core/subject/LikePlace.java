package wovenset.core.subject;

import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.Optional;
import org.bytedeco.javacpp.FloatPointer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Rect;
import wovenset.core.photo.retouch.BrushStroke;
import wovenset.core.photo.retouch.BrushStroke.PixelBox;

/**
 * Finds the place of a photo that goes on best around a stroke, so that its picture can cover what is under the stroke: of all places near by that do
 * not touch the stroke's box, the one where a rim around the stroke differs least (sum of squares, template matching with a mask). Cost: the rim's pixels times the places, by the
 * library's Fourier transform some tenths of a second.
 */
public final class LikePlace {
    /** Of the stroke's longer side: how wide a rim is looked at, and how far places are. */
    private static final double RIM = 0.35;

    private static final double FAR = 3;
    private static final int LEAST_RIM = 3;

    private LikePlace() {}

    /**
     * How far away it is, in shares of the photo's width and height; nothing if the photo has no room for one.
     *
     * @param image of type 3BYTE_BGR
     */
    public static Optional<BrushStroke.Point> find(BufferedImage image, BrushStroke stroke) {
        int width = image.getWidth();
        int height = image.getHeight();
        PixelBox own = stroke.box(width, height, 1);
        int side = Math.max(own.width(), own.height());
        PixelBox rim = stroke.box(width, height, 1 + Math.max(LEAST_RIM, RIM * side));
        PixelBox search = stroke.box(width, height, 1 + LEAST_RIM + FAR * side);
        if (own.isEmpty() || search.width() <= rim.width() && search.height() <= rim.height()) {
            return Optional.empty();
        }
        byte[] mask = new byte[rim.width() * rim.height()];
        Arrays.fill(mask, (byte) 255);
        stroke.paint(width, height, rim, (at, much) -> mask[at] = 0);
        int across = search.width() - rim.width() + 1;
        int down = search.height() - rim.height() + 1;
        float[] costs = new float[across * down];
        try (Mat picture = Pixels.mat(image);
                Rect area = rect(search);
                Rect part = rect(rim);
                Mat where = new Mat(picture, area);
                Mat template = new Mat(picture, part);
                Mat around = new Mat(rim.height(), rim.width(), opencv_core.CV_8UC1);
                Mat cost = new Mat()) {
            around.data().put(mask);
            opencv_imgproc.matchTemplate(where, template, cost, opencv_imgproc.TM_SQDIFF, around);
            new FloatPointer(cost.data()).get(costs);
        }
        int best = -1;
        for (int i = 0; i < costs.length; i++) {
            int x = search.left() + i % across - rim.left();
            int y = search.top() + Math.floorDiv(i, across) - rim.top();
            boolean apart = Math.abs(x) >= own.width() || Math.abs(y) >= own.height();
            if (apart && (best < 0 || costs[i] < costs[best])) {
                best = i;
            }
        }
        return best < 0
                ? Optional.empty()
                : Optional.of(new BrushStroke.Point(
                        (double) (search.left() + best % across - rim.left()) / width,
                        (double) (search.top() + Math.floorDiv(best, across) - rim.top()) / height));
    }

    private static Rect rect(PixelBox box) {
        return new Rect(box.left(), box.top(), box.width(), box.height());
    }
}
