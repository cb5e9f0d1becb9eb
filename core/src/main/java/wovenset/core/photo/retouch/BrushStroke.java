package wovenset.core.photo.retouch;

import java.util.Arrays;
import java.util.List;
import wovenset.core.geometry.Smoothstep;
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
        new Distances(this, widthPx, heightPx, new PixelBox(0, 0, widthPx, heightPx)).paint(paints);
    }

    /**
     * The same of a part of that picture.
     *
     * @param paints told places row by row in the part
     */
    public void paint(int widthPx, int heightPx, PixelBox part, Paints paints) {
        new Distances(this, widthPx, heightPx, part).paint(paints);
    }

    /** The part of a picture of the whole photo that it touches, with so much around; of no size if it touches none. */
    public PixelBox box(int widthPx, int heightPx, double around) {
        double beyond = radius(widthPx, heightPx) + around;
        double left = points.stream().mapToDouble(Point::x).min().orElse(0) * widthPx - beyond;
        double right = points.stream().mapToDouble(Point::x).max().orElse(0) * widthPx + beyond;
        double top = points.stream().mapToDouble(Point::y).min().orElse(0) * heightPx - beyond;
        double bottom = points.stream().mapToDouble(Point::y).max().orElse(0) * heightPx + beyond;
        int x = (int) Math.min(widthPx, Math.max(0, Math.floor(left)));
        int y = (int) Math.min(heightPx, Math.max(0, Math.floor(top)));
        return new PixelBox(
                x,
                y,
                Math.max(0, (int) Math.min(widthPx, Math.ceil(right)) - x),
                Math.max(0, (int) Math.min(heightPx, Math.ceil(bottom)) - y));
    }

    /** In pixels of a picture of the whole photo. */
    public double radius(int widthPx, int heightPx) {
        return Math.max(0.5, width * Math.max(widthPx, heightPx) / 2);
    }

    /** A part of a picture, in its pixels. */
    public record PixelBox(int left, int top, int width, int height) {
        public boolean isEmpty() {
            return width == 0 || height == 0;
        }
    }

    /** How far each pixel of a part lies from where the brush went. */
    private static final class Distances {
        private final BrushStroke stroke;
        private final PixelBox part;
        private final double radius;
        private final double[] nearest;

        Distances(BrushStroke stroke, int widthPx, int heightPx, PixelBox part) {
            this.stroke = stroke;
            this.part = part;
            radius = stroke.radius(widthPx, heightPx);
            nearest = new double[part.width * part.height];
            Arrays.fill(nearest, Double.MAX_VALUE);
            List<Point> points = stroke.points;
            Point from = points.get(0);
            for (Point to : points.size() == 1 ? points : points.subList(1, points.size())) {
                near(from.x * widthPx, from.y * heightPx, to.x * widthPx, to.y * heightPx);
                from = to;
            }
        }

        void paint(Paints paints) {
            double solid = radius * (1 - stroke.softness);
            for (int i = 0; i < nearest.length; i++) {
                double much = stroke.softness * radius < 0.5
                        ? nearest[i] <= radius ? 1 : 0
                        : 1 - Smoothstep.of((nearest[i] - solid) / (radius - solid));
                if (much > 0) {
                    paints.pixel(i, much);
                }
            }
        }

        /** Lowers the distances of pixels around a segment. */
        private void near(double x0, double y0, double x1, double y1) {
            double across = x1 - x0;
            double down = y1 - y0;
            double length = across * across + down * down;
            int left = (int) Math.max(part.left, Math.floor(Math.min(x0, x1) - radius));
            int right = (int) Math.min(part.left + part.width - 1.0, Math.ceil(Math.max(x0, x1) + radius));
            int top = (int) Math.max(part.top, Math.floor(Math.min(y0, y1) - radius));
            int bottom = (int) Math.min(part.top + part.height - 1.0, Math.ceil(Math.max(y0, y1) + radius));
            for (int y = top; y <= bottom; y++) {
                for (int x = left; x <= right; x++) {
                    double offX = x + 0.5 - x0;
                    double offY = y + 0.5 - y0;
                    double along = length == 0 ? 0 : Math.min(1, Math.max(0, (offX * across + offY * down) / length));
                    double distance = Math.hypot(offX - along * across, offY - along * down);
                    int at = (y - part.top) * part.width + x - part.left;
                    nearest[at] = Math.min(nearest[at], distance);
                }
            }
        }
    }
}
