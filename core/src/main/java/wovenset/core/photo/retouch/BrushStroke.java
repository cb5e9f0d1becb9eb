package wovenset.core.photo.retouch;

import java.util.Arrays;
import java.util.List;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * One movement of a round brush over an upright photo.
 *
 * @param width of the brush, in shares of the photo's longer side
 * @param softness of its edge: 0 for a hard one to 1 for one that fades from the middle on
 * @param points that it goes through; one is a dab
 */
public record BrushStroke(double width, double softness, List<Point> points) {
    private static final int MOST_POINTS = 2000;
    private static final double WIDEST = 0.5;
    private static final double NARROWEST = 0.001;

    /** Shares of the photo's width and height; a stroke may run beyond its edges. */
    public record Point(double x, double y) {}

    public BrushStroke {
        points = List.copyOf(points);
        boolean near = points.stream().allMatch(point -> Math.abs(point.x - 0.5) <= 1 && Math.abs(point.y - 0.5) <= 1);
        Checks.that(!points.isEmpty() && points.size() <= MOST_POINTS && near, Reason.STROKE_POINTS, MOST_POINTS);
        Checks.that(width >= NARROWEST && width <= WIDEST && softness >= 0 && softness <= 1, Reason.STROKE_WIDTH);
    }

    /** What a brush does to a pixel. */
    public interface Paints {
        /**
         * @param at of the pixel, row by row
         * @param much more than 0, at most 1
         */
        void pixel(int at, double much);
    }

    /** Goes over all pixels of a picture of the whole photo that the brush touches. Cost: segments times the pixels around each. */
    public void paint(int widthPx, int heightPx, Paints paints) {
        double radius = Math.max(0.5, width * Math.max(widthPx, heightPx) / 2);
        double[] nearest = new double[widthPx * heightPx];
        Arrays.fill(nearest, Double.MAX_VALUE);
        Point from = points.get(0);
        for (Point to : points.size() == 1 ? points : points.subList(1, points.size())) {
            near(from, to, widthPx, heightPx, radius, nearest);
            from = to;
        }
        double solid = radius * (1 - softness);
        for (int i = 0; i < nearest.length; i++) {
            double much = softness * radius < 0.5
                    ? nearest[i] <= radius ? 1 : 0
                    : 1 - Math.min(1, Math.max(0, (nearest[i] - solid) / (radius - solid)));
            if (much > 0) {
                paints.pixel(i, much * much * (3 - 2 * much));
            }
        }
    }

    /** Lowers the distances of pixels around a segment. */
    private static void near(Point from, Point to, int width, int height, double radius, double[] nearest) {
        double x0 = from.x * width;
        double y0 = from.y * height;
        double across = to.x * width - x0;
        double down = to.y * height - y0;
        double length = across * across + down * down;
        int left = (int) Math.max(0, Math.floor(Math.min(x0, x0 + across) - radius));
        int right = (int) Math.min(width - 1.0, Math.ceil(Math.max(x0, x0 + across) + radius));
        int top = (int) Math.max(0, Math.floor(Math.min(y0, y0 + down) - radius));
        int bottom = (int) Math.min(height - 1.0, Math.ceil(Math.max(y0, y0 + down) + radius));
        for (int y = top; y <= bottom; y++) {
            for (int x = left; x <= right; x++) {
                double offX = x + 0.5 - x0;
                double offY = y + 0.5 - y0;
                double along = length == 0 ? 0 : Math.min(1, Math.max(0, (offX * across + offY * down) / length));
                double distance = Math.hypot(offX - along * across, offY - along * down);
                int at = y * width + x;
                nearest[at] = Math.min(nearest[at], distance);
            }
        }
    }
}
