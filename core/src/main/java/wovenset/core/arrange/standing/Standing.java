package wovenset.core.arrange.standing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Crop;
import wovenset.core.photo.PixelSize;
import wovenset.core.photo.Region;

/**
 * Stands things cut out of photos together, as people stand for a picture: heads alike, side by side, each a little before its neighbours, in one row or in several,
 * of which those behind stand higher and look out between those in front. Where not every photo shows a head their boxes are made equally large. What its photo
 * cuts off below is cut off by the page's edge, so it stands in front. The group is as large as {@value #WIDE} of the page's width and {@value #HIGH} of its height let it be. Cost: linear in
 * the things, but for putting them in order of height.
 */
public final class Standing {
    public static final int MOST_ROWS = 4;

    private static final double WIDE = 0.92;
    private static final double HIGH = 0.86;
    /** Of the narrower one, so far neighbours overlap. */
    private static final double OVERLAP = 0.2;
    /** Of the page's height, where feet stand in front. */
    private static final double GROUND = 0.93;
    /** In heads: how much higher each row stands than the one before it. */
    private static final double STEP_HEADS = 1.4;
    /** The same of the mean height of things. */
    private static final double STEP_THINGS = 0.55;
    /** So many times larger a group has to come out for another row. */
    private static final double WORTH_A_ROW = 1.15;
    /** Fewer stand in one row. */
    private static final int FEW = 5;
    /** Shares of a photo: what reaches its lower edge is cut off by it. */
    private static final double AT_THE_EDGE = 0.004;
    /** Shares of the photo around a thing, at most. */
    private static final double AIR = 0.01;

    private final List<Figure> figures;
    private final boolean byHeads;
    /** Per head, or per thing. */
    private final double[] widths;

    private final double[] heights;

    private Standing(List<Figure> figures) {
        this.figures = figures;
        byHeads = figures.stream().allMatch(figure -> figure.head > 0);
        widths = figures.stream()
                .mapToDouble(figure -> figure.seen.width() * figure.photo.width() / figure.unit(byHeads))
                .toArray();
        heights = figures.stream()
                .mapToDouble(figure -> figure.seen.height() * figure.photo.height() / figure.unit(byHeads))
                .toArray();
    }

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
     * @param row counted from 0 in front
     * @param height of the thing
     */
    public record Place(BoxMm box, Crop crop, int row, double height) {}

    /**
     * Their places, in the order given; in each row that is the order from left to right.
     *
     * @param rows at most {@value #MOST_ROWS}; nothing for as many as make the group clearly larger
     */
    public static List<Place> of(List<Figure> figures, double pageWidth, double pageHeight, OptionalInt rows) {
        Standing standing = new Standing(figures);
        if (rows.isPresent()) {
            return standing.stood(rows.getAsInt(), pageWidth, pageHeight).places;
        }
        Stood best = standing.stood(1, pageWidth, pageHeight);
        for (int count = 2; count < MOST_ROWS && figures.size() >= FEW; count++) {
            Stood more = standing.stood(count, pageWidth, pageHeight);
            best = more.scale > WORTH_A_ROW * best.scale ? more : best;
        }
        return best.places;
    }

    /** @param scale millimetres per head, or per thing */
    private record Stood(double scale, List<Place> places) {}

    private Stood stood(int wanted, double pageWidth, double pageHeight) {
        List<List<Integer>> rows = rows(wanted);
        double step = byHeads
                ? STEP_HEADS
                : STEP_THINGS * Arrays.stream(heights).average().orElse(0);
        double[] lefts = new double[widths.length];
        double across = 0;
        double high = 0;
        for (int row = 0; row < rows.size(); row++) {
            across = Math.max(across, sideBySide(rows.get(row), lefts) + 2 * Math.abs(aside(rows, row)));
            for (int i : rows.get(row)) {
                high = Math.max(high, row * step + heights[i]);
            }
        }
        double scale = Math.min(WIDE * pageWidth / across, HIGH * pageHeight / high);
        Place[] places = new Place[widths.length];
        for (int row = 0; row < rows.size(); row++) {
            double begin = (pageWidth - sideBySide(rows.get(row), lefts) * scale) / 2 + aside(rows, row) * scale;
            for (int i : rows.get(row)) {
                Figure figure = figures.get(i);
                double foot = figure.isCutOff() ? pageHeight : GROUND * pageHeight - row * step * scale;
                BoxMm own = new BoxMm(
                        begin + lefts[i] * scale, foot - heights[i] * scale, widths[i] * scale, heights[i] * scale);
                places[i] = place(figure, own, row);
            }
        }
        return new Stood(scale, List.of(places));
    }

    /** From front to back: those in front are the small and what is cut off below; where the number leaves a rest, there are more behind. */
    private List<List<Integer>> rows(int wanted) {
        int count = Math.max(1, Math.min(wanted, figures.size()));
        List<Integer> byHeight = IntStream.range(0, figures.size())
                .boxed()
                .sorted(Comparator.comparing((Integer i) -> !figures.get(i).isCutOff())
                        .thenComparing(i -> heights[i]))
                .toList();
        int cutOff = (int) figures.stream().filter(Figure::isCutOff).count();
        List<List<Integer>> rows = new ArrayList<>();
        int begin = 0;
        for (int row = 0; row < count && begin < byHeight.size(); row++) {
            int even = Math.floorDiv(byHeight.size() - begin, count - row);
            int end = begin + (row == 0 ? Math.max(even, cutOff) : even);
            rows.add(byHeight.subList(begin, end).stream().sorted().toList());
            begin = end;
        }
        return rows;
    }

    /** Sets where each of a row begins, and says how wide the row is. */
    private double sideBySide(List<Integer> row, double[] lefts) {
        double right = 0;
        for (int at = 0; at < row.size(); at++) {
            int i = row.get(at);
            int before = at == 0 ? i : row.get(at - 1);
            lefts[i] = at == 0 ? 0 : lefts[before] + widths[before] - OVERLAP * Math.min(widths[before], widths[i]);
            right = Math.max(right, lefts[i] + widths[i]);
        }
        return right;
    }

    /** Half a place to one side where a row has as many as the one before it, so that they look out between those. */
    private double aside(List<List<Integer>> rows, int row) {
        if (row == 0 || rows.get(row).size() != rows.get(row - 1).size()) {
            return 0;
        }
        double mean =
                rows.get(row).stream().mapToDouble(i -> widths[i]).average().orElse(0);
        double room = (1 - OVERLAP) * mean / 4;
        return row % 2 == 1 ? room : -room;
    }

    private static Place place(Figure figure, BoxMm own, int row) {
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
        return new Place(box, crop, row, own.height());
    }

    /** For its soft edge; and no crop is closer than crops can be. */
    private static double air(double side) {
        return Math.max(Math.min(AIR, side / 10), (1 / Crop.MOST_ZOOM - side) / 2);
    }

    /** From back to front: the tall of a row behind the small. */
    public static List<Integer> backToFront(List<Place> places) {
        return IntStream.range(0, places.size())
                .boxed()
                .sorted(Comparator.comparingInt((Integer i) -> -places.get(i).row())
                        .thenComparingDouble(i -> -places.get(i).height()))
                .toList();
    }
}
