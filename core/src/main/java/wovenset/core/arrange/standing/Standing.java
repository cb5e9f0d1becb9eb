package wovenset.core.arrange.standing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Crop;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.Region;

/**
 * Stands things cut out of photos side by side, as people stand for a picture: heads alike, feet on one line, each a little before its neighbours, what its photo
 * cuts off below cut off by the page's edge. Where not every photo shows a head their boxes are made equally large. The group is as large as {@value #WIDE} of the page's width and
 * {@value #HIGH} of its height let it be. Cost: linear in the things.
 */
public final class Standing {
    private static final double WIDE = 0.92;
    private static final double HIGH = 0.86;
    /** Of the narrower one, so far neighbours overlap. */
    private static final double OVERLAP = 0.2;
    /** Of the page's height, where feet stand. */
    private static final double GROUND = 0.93;
    /** Shares of a photo: what reaches its lower edge is cut off by it. */
    private static final double AT_THE_EDGE = 0.004;
    /** Shares of the photo around a thing, at most. */
    private static final double AIR = 0.01;

    private Standing() {}

    /**
     * One of them.
     *
     * @param seen what of its photo is cut out
     * @param head the height of its head, as a share of the photo's height; 0 if none is known
     */
    public record Figure(PixelSize photo, Region seen, double head) {
        public boolean isCutOff() {
            return seen.bottom() > 1 - AT_THE_EDGE;
        }

        private double unit(boolean byHeads) {
            return byHeads
                    ? head * photo.height()
                    : Math.sqrt(seen.width() * photo.width() * seen.height() * photo.height());
        }
    }

    /**
     * Where one stands.
     *
     * @param crop that shows just this thing in the box
     * @param depth the greater, the farther behind
     */
    public record Place(BoxMm box, Crop crop, double depth) {}

    /** Their places from left to right, in the order given. */
    public static List<Place> of(List<Figure> figures, double pageWidth, double pageHeight) {
        boolean byHeads = figures.stream().allMatch(figure -> figure.head > 0);
        // Per head, or per thing.
        double[] widths = new double[figures.size()];
        double[] heights = new double[figures.size()];
        for (int i = 0; i < widths.length; i++) {
            Figure figure = figures.get(i);
            widths[i] = figure.seen.width() * figure.photo.width() / figure.unit(byHeads);
            heights[i] = figure.seen.height() * figure.photo.height() / figure.unit(byHeads);
        }
        double[] lefts = new double[widths.length];
        for (int i = 1; i < widths.length; i++) {
            lefts[i] = lefts[i - 1] + widths[i - 1] - OVERLAP * Math.min(widths[i - 1], widths[i]);
        }
        int last = widths.length - 1;
        double across = IntStream.rangeClosed(0, last)
                .mapToDouble(i -> lefts[i] + widths[i])
                .max()
                .orElse(1);
        double high = IntStream.rangeClosed(0, last)
                .mapToDouble(i -> heights[i])
                .max()
                .orElse(1);
        double scale = Math.min(WIDE * pageWidth / across, HIGH * pageHeight / high);
        double begin = (pageWidth - across * scale) / 2;
        List<Place> places = new ArrayList<>();
        for (int i = 0; i <= last; i++) {
            Figure figure = figures.get(i);
            double foot = figure.isCutOff() ? pageHeight : GROUND * pageHeight;
            BoxMm own = new BoxMm(
                    begin + lefts[i] * scale, foot - heights[i] * scale, widths[i] * scale, heights[i] * scale);
            places.add(place(figure, own));
        }
        return places;
    }

    private static Place place(Figure figure, BoxMm own) {
        Region seen = figure.seen;
        double x = air(seen.width());
        double y = air(seen.height());
        Region aired = Region.within(seen.x() - x, seen.y() - y, seen.right() + x, seen.bottom() + y);
        double wide = own.width() / seen.width();
        double high = own.height() / seen.height();
        BoxMm box = new BoxMm(
                own.x() - (seen.x() - aired.x()) * wide,
                own.y() - (seen.y() - aired.y()) * high,
                aired.width() * wide,
                aired.height() * high);
        // How much larger the photo lies than it would just fill the box.
        double zoom = Math.min(Crop.MOST_ZOOM, Math.min(1 / aired.width(), 1 / aired.height()));
        Crop crop = new Crop(
                aired.x() + aired.width() / 2,
                aired.y() + aired.height() / 2,
                Math.max(1, zoom),
                0,
                false,
                Crop.Fit.FILL,
                Crop.Aim.HAND);
        return new Place(box, crop, own.height());
    }

    /** For its soft edge; and no crop is closer than crops can be. */
    private static double air(double side) {
        return Math.max(Math.min(AIR, side / 10), (1 / Crop.MOST_ZOOM - side) / 2);
    }

    /** From back to front: the tall behind the small. */
    public static List<Integer> backToFront(List<Place> places) {
        return IntStream.range(0, places.size())
                .boxed()
                .sorted(Comparator.comparingDouble((Integer i) -> places.get(i).depth())
                        .reversed())
                .toList();
    }
}
